import { answer, scalePlan, type Answer, type PlanInput } from '@hammock/core';
import {
  COUNTS,
  outcomeSaid,
  type Choices,
  type DishRecord,
  type HouseholdRecord,
  type OutcomeRecord,
} from '@hammock/core/records';
import { draftOf, specOf } from '../plan/draftOf.js';
import type { KitchenLists } from '../kitchen/kitchenKept.js';
import { cupOf } from '../plan/planInput.js';
import { planInputOf } from '../plan/learntPlan.js';
import { cellsOf, tableOf, type Heads, type Table } from './tables.js';
import { BASES, mlIn, momentOf, MOST_NOTE, namesIn, textureIn } from './pageCells.js';

/** What a column of a table of pots may be. */
export const PAGE_MEANINGS = [
  'id',
  'started',
  'dish',
  'bag',
  'pot',
  'burner',
  'grain',
  'poured',
  'texture',
  'base',
  'note',
  'by',
  'ate',
  'counts',
  'givenUp',
] as const;
export type PageMeaning = (typeof PAGE_MEANINGS)[number];

const HEADS: Heads<PageMeaning> = [
  [/^(?:id|page)$/u, 'id'],
  [/start|^date|^when|^day/u, 'started'],
  [/dish|^what$|recipe/u, 'dish'],
  [/bag|sack/u, 'bag'],
  [/^pot$|vessel|pan/u, 'pot'],
  [/burner|ring|hob/u, 'burner'],
  [/grain|rice/u, 'grain'],
  [/poured|liquid|water/u, 'poured'],
  [/texture|verdict|came out/u, 'texture'],
  [/^base|bottom/u, 'base'],
  [/note|remark/u, 'note'],
  [/judged|^by$|^who/u, 'by'],
  [/^ate$|eaten/u, 'ate'],
  [/learn|counts/u, 'counts'],
  [/given|abandon/u, 'givenUp'],
];

/** More pages than this are put in by an archive. */
const MOST_ROWS = 500;

/** A table of pots, its columns guessed by their heads. */
export const pageTableIn = (text: string): Table<PageMeaning> | undefined => tableOf(text, HEADS, MOST_ROWS);

/** Whether a table tells of pots, and not of ingredients: each says what came of a dish. */
export const isPageTable = ({ means }: Table<PageMeaning>): boolean =>
  means.includes('dish') && (['started', 'poured', 'texture'] as const).some((m) => means.includes(m));

/** When the oldest row of a table was begun, ms since the epoch; undefined where no row has a day. */
export function oldestOf({ rows, means }: Pick<Table<PageMeaning>, 'rows' | 'means'>): number | undefined {
  const moments = rows.flatMap((row) => momentOf(cellsOf(row, means)('started')) ?? []);
  return moments.length === 0 ? undefined : Math.min(...moments);
}

/** A pot of a table, as it would be written down. */
export interface Page extends Choices {
  /** Its own, where the table says it. */
  readonly id: string | undefined;
  readonly label: string;
  readonly input: PlanInput;
  readonly answer: Answer;
  readonly startedAtMs: number;
  readonly pouredMl: number | null;
  readonly abandoned: boolean;
  readonly outcome: Required<Omit<OutcomeRecord, 'atMs'>> | null;
}

/** Why a row is no page of the notebook. */
export type PageProblem =
  | 'noDate'
  | 'future'
  | 'noDish'
  | 'unknownBag'
  | 'unknownPot'
  | 'unknownBurner'
  | 'noAmount'
  | 'noTexture'
  | 'noBase'
  | 'noAnswer'
  | 'already';

export interface PageRow {
  readonly page?: Page;
  /** At which column it cannot be one, and why. */
  readonly wrong?: { readonly at: PageMeaning; readonly why: PageProblem };
}

/** What a row is read against. */
export interface Against {
  readonly kitchen: KitchenLists & { readonly household: HouseholdRecord };
  /** What the notebook has already. */
  readonly has: readonly { readonly id: string; readonly label: string; readonly startedAtMs: number }[];
  readonly nowMs: number;
}

/** The rows of a table as pages of the notebook, by what its columns are. */
export function pageRowsIn(
  { rows, means }: Pick<Table<PageMeaning>, 'rows' | 'means'>,
  against: Against,
): readonly PageRow[] {
  const seen = new Set(against.has.flatMap((p) => [p.id, sameAs(p.label, p.startedAtMs)]));
  // Most pots of a notebook are made like one before: each way of making one is worked out once.
  const made = new Map<string, ReturnType<typeof madeOf>>();
  const make: Make = (...how) => {
    const key = JSON.stringify([how[0].id, ...Object.values(how[1]).map((thing) => thing?.id), how[2]]);
    const known = made.get(key) ?? madeOf(...how);
    made.set(key, known);
    return known;
  };
  return rows.map((row) => {
    const read = pageOf(cellsOf(row, means), against, make);
    if ('why' in read) return { wrong: read };
    const names = [sameAs(read.label, read.startedAtMs), ...(read.id === undefined ? [] : [read.id])];
    if (names.some((name) => seen.has(name))) return { wrong: { at: 'started', why: 'already' } };
    for (const name of names) seen.add(name);
    return { page: read };
  });
}

/** One dish is not begun twice in a minute. */
const sameAs = (label: string, startedAtMs: number): string =>
  `${label.trim().toLowerCase()} ${Math.floor(startedAtMs / 60_000).toString()}`;

type Cell = (meaning: PageMeaning) => string;
const wrong = (at: PageMeaning, why: PageProblem) => ({ at, why }) as const;

type Make = typeof madeOf;

function pageOf(cell: Cell, { kitchen, nowMs }: Against, make: Make): Page | NonNullable<PageRow['wrong']> {
  const startedAtMs = momentOf(cell('started'));
  if (startedAtMs === undefined) return wrong('started', 'noDate');
  if (startedAtMs > nowMs) return wrong('started', 'future');
  const dish = named(kitchen.dishes, cell('dish'));
  if (!dish) return wrong('dish', 'noDish');
  const bag = named(kitchen.bags, cell('bag'));
  if (!bag && cell('bag') !== '') return wrong('bag', 'unknownBag');
  const pot = named(kitchen.vessels, cell('pot'));
  if (!pot && cell('pot') !== '') return wrong('pot', 'unknownPot');
  const burner = named(kitchen.hobs, cell('burner'));
  if (!burner && cell('burner') !== '') return wrong('burner', 'unknownBurner');
  const made = make(dish, { bag, pot, burner }, cell('grain'), kitchen);
  if (made === 'noAmount') return wrong('grain', 'noAmount');
  if (!made) return wrong('dish', 'noAnswer');
  const isOld = startedAtMs < nowMs - STALE_MS;
  const said = saidOf(cell, made, isOld, kitchen.household.textureNames);
  if ('why' in said) return said;
  const id = UUID.test(cell('id')) ? cell('id').toLowerCase() : undefined;
  return { id, label: dish.label, startedAtMs, ...made, ...said };
}

const UUID = /^[\da-f]{8}-[\da-f]{4}-[1-8][\da-f]{3}-[89ab][\da-f]{3}-[\da-f]{12}$/iu;
/** A pot that was begun longer ago is on no stove. */
const STALE_MS = 24 * 3600 * 1000;
const named = <T extends { readonly label: string }>(things: readonly T[], said: string): T | undefined => {
  const words = said.toLowerCase();
  return words === '' ? undefined : things.find((t) => t.label.trim().toLowerCase() === words);
};

type Made = Pick<Page, 'input' | 'answer' | keyof Choices>;

/** The dish as it is written now, made with these, for so much grain. */
function madeOf(
  dish: DishRecord,
  {
    bag,
    pot,
    burner,
  }: Readonly<
    Record<'bag' | 'pot' | 'burner', { readonly id: string; readonly grainId?: string } | undefined>
  >,
  grain: string,
  kitchen: Against['kitchen'],
): Made | 'noAmount' | undefined {
  const usual = draftOf(dish, null);
  const draft = {
    ...usual,
    spec: { ...usual.spec, grainId: bag?.grainId ?? usual.spec.grainId },
    bagId: bag?.id ?? usual.bagId,
    vesselId: pot?.id ?? usual.vesselId,
    hobId: burner?.id ?? usual.hobId,
  };
  const { dishId, bagId, vesselId, hobId } = draft;
  const choices = { dishId, bagId, vesselId, hobId, cupId: cupOf(kitchen, null)?.id ?? null };
  const input = planInputOf(draft, kitchen);
  const asWritten = answer(input);
  if (!asWritten.ok) return undefined;
  if (grain === '') return { ...choices, input, answer: asWritten.value };
  const g = answer({ ...input, grain: { text: /^[\d.,]+$/u.test(grain) ? `${grain} g` : grain } });
  if (!g.ok) return 'noAmount';
  const spec = specOf(scalePlan(draft.spec as PlanInput, g.value.grainG / asWritten.value.grainG));
  const scaled = planInputOf({ ...draft, spec }, kitchen);
  const found = answer(scaled);
  return found.ok ? { ...choices, input: scaled, answer: found.value } : 'noAmount';
}

/** What was poured and what came of it. */
function saidOf(
  cell: Cell,
  { input }: Made,
  isOld: boolean,
  textureNames: HouseholdRecord['textureNames'],
): Pick<Page, 'pouredMl' | 'abandoned' | 'outcome'> | NonNullable<PageRow['wrong']> {
  const pouredMl = mlIn(cell('poured'), input.cupMl);
  if (cell('poured') !== '' && pouredMl === undefined) return wrong('poured', 'noAmount');
  const abandoned = /^(?:yes|y|true|1|x)$/iu.test(cell('givenUp'));
  const texture = textureIn(cell('texture'), textureNames);
  if (texture === undefined) {
    // A pot of today that nobody judged would be on the stove.
    if (cell('texture') !== '' || (!abandoned && !isOld)) return wrong('texture', 'noTexture');
    return { pouredMl: pouredMl ?? null, abandoned, outcome: null };
  }
  // What came of a pot teaches nothing without what was poured.
  if (pouredMl === undefined) return wrong('poured', 'noAmount');
  const base = cell('base') === '' ? 'clean' : BASES.find((b) => b === cell('base').toLowerCase());
  if (!base) return wrong('base', 'noBase');
  const counts = COUNTS.find((c) => c === cell('counts').toLowerCase()) ?? 'once';
  const [by = null] = namesIn(cell('by'));
  const ate = namesIn(cell('ate'));
  const note = cell('note').slice(0, MOST_NOTE);
  const outcome = outcomeSaid({ texture, base, note, counts, by, ate: ate.length === 0 ? null : ate });
  return { pouredMl, abandoned, outcome };
}
