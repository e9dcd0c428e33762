import type { LidCost, LidState } from '@hammock/core';
import { optionsOf, type Option } from '../../ui/controls/pickParts.js';
import { LID } from '../../words/words.js';
import * as w from '../../words/screens/method.js';

/** So much is worth saying without being asked, g of water: a good sip. */
const SAID_G = 25;
const OTHER: Readonly<Partial<Record<LidState, string>>> = { off: 'open', ajar: 'ajar', on: 'covered' };

const byWords = (g: number): string => {
  const ml = Math.round(g / 5) * 5;
  return ml === 0 ? w.theSamePour : `pour ${Math.abs(ml).toString()} ml ${ml > 0 ? 'more' : 'less'}`;
};
const costWords = ({ pourG }: LidCost): string => (pourG === undefined ? w.wouldNotBoil : byWords(pourG));

/** The ways to close a pot, each with what it changes about the pour. */
export const lidOptions = (lids: readonly LidCost[] | undefined): Option<LidState>[] =>
  optionsOf(LID).map((option) => {
    const cost = lids?.find((c) => c.lid === option.value);
    return cost === undefined || cost.pourG === 0 ? option : { ...option, hint: costWords(cost) };
  });

/** What closing it otherwise would cost, where that is a good sip. */
export function LidNote({ lids }: { readonly lids: readonly LidCost[] | undefined }) {
  const others = (lids ?? []).filter(({ pourG }) => Math.abs(pourG ?? 0) >= SAID_G);
  if (others.length === 0) return null;
  return (
    <span className="text-faint" data-testid="lid-cost">
      {others.map((c) => `${OTHER[c.lid] ?? LID[c.lid]}: ${costWords(c)}`).join(' · ')}
    </span>
  );
}
