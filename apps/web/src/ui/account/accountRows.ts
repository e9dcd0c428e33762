import { rowOf } from '../../stores/kitchen/ownLarder.js';
import { grainById, type Answer, type Term } from '@hammock/core';
import { TERM } from '../../words/words.js';

/** A row of the account picture: one or more terms of one kind, and where its bar starts and ends. */
export interface AccountRow {
  readonly id: string;
  readonly label: string;
  readonly kind: Term['kind'];
  readonly side: Term['side'];
  readonly g: number;
  /** Running total before and after, g: water comes in to the right and goes out to the left. */
  readonly from: number;
  readonly to: number;
  readonly colour: 'water' | 'husk' | 'tomato' | 'coconut' | 'steam';
  readonly terms: readonly Term[];
}

/** Kinds that are shown as one row however many terms they have. */
const TOGETHER = new Set<Term['kind']>(['steamLost', 'absorbed', 'clinging', 'pour']);

/** The terms as rows of a running total that starts and ends at nothing. */
export function accountRows(answer: Answer): readonly AccountRow[] {
  const groups = new Map<string, Term[]>();
  for (const term of answer.account.terms) {
    const key = TOGETHER.has(term.kind) ? term.kind : `${term.kind}/${term.of ?? term.id}`;
    groups.set(key, [...(groups.get(key) ?? []), term]);
  }
  const rows = [...groups.entries()].map(([id, terms]) => ({
    id,
    terms,
    first: terms[0],
    g: terms.reduce((s, t) => s + t.g, 0),
  }));
  const inOrder = [
    ...rows.filter((r) => r.first?.side === 'comesFrom').sort((a, b) => b.g - a.g),
    ...rows.filter((r) => r.first?.side === 'goesTo').sort((a, b) => b.g - a.g),
  ];
  let level = 0;
  return inOrder.flatMap(({ id, terms, first, g }) => {
    if (!first) return [];
    const from = level;
    level += first.side === 'comesFrom' ? g : -g;
    return [
      {
        id,
        label: labelOf(first),
        kind: first.kind,
        side: first.side,
        g,
        from,
        to: level,
        colour: colourOf(first),
        terms,
      },
    ];
  });
}

function labelOf(term: Term): string {
  if (term.kind === 'absorbed') return `${grainById(term.of ?? '')?.name ?? 'The grain'} drinks`;
  if (term.kind === 'pour') return `You pour ${nameOf(term).toLowerCase()}`;
  if (term.kind === 'broughtIn') return `${nameOf(term)} brings`;
  if (term.kind === 'drunkByOthers') return `${nameOf(term)} drinks`;
  if (term.inputs['act'] === 'lid') return 'Drips on the lid';
  if (term.inputs['act'] === 'cloth') return 'Soaked up by the cloth';
  if (term.kind === 'heldByOthers')
    return term.of === undefined ? 'Left as sauce' : `Stays thick in the ${nameOf(term).toLowerCase()}`;
  return TERM[term.kind];
}

const nameOf = (term: Term): string => (rowOf(term.of ?? '')?.name ?? '').replace(/,.*/u, '');

function colourOf(term: Term): AccountRow['colour'] {
  if (term.kind === 'steamLost') return 'steam';
  if (term.kind === 'absorbed') return 'husk';
  const film = rowOf(term.of ?? '')?.film;
  return film ?? 'water';
}
