import { fieldsOf, type Checker } from './checker.js';

/** What can be made beside the pot: vessels that serve it, and a dish of its own. */
export const BESIDE_KINDS = ['garnish', 'steep', 'stock', 'hotWater', 'side'] as const;
type BesideKind = (typeof BESIDE_KINDS)[number];

/** Something made beside the pot, by name and minutes. It changes no number, it wants its time. */
export interface Beside {
  readonly id: string;
  readonly name: string;
  readonly kind: BesideKind;
  readonly minutes: number;
  /** Minutes of them, at its beginning, that want somebody there; none without. */
  readonly handsOnMin?: number;
  /** True where it needs a ring while it lasts. */
  readonly ring?: boolean;
  /** Id of the stage it must be over for; the table without. */
  readonly before?: string;
}

/** What is made beside the pot changes no number; each has a clock of its own, so no two may be called alike. */
export function besideOf(c: Checker, beside: unknown): void {
  if (!Array.isArray(beside)) return;
  const seen = new Set<unknown>();
  beside.forEach((one: unknown, i) => {
    const { id } = fieldsOf(one as Partial<Beside>);
    if (seen.has(id)) c.add(`beside[${i.toString()}].id`, 'order.duplicateId');
    seen.add(id);
  });
}
