import { rowOf, spokenName } from '../../../stores/kitchen/ownLarder.js';
import { SALTS, type Answer, type Measure, type Served } from '@hammock/core';
import { useDraft } from '../../../stores/plan/draft.js';
import { showSalt } from '../../../words/measures/saltAmounts.js';
import { Pick } from '../../../ui/controls/Pick.js';
import { optionsOf } from '../../../ui/controls/pickParts.js';
import { SERVED } from '../../../words/words.js';
import { tenths } from '../../../words/measures/numbers.js';
import * as w from '../../../words/screens/pourGoesIn.js';

const SERVED_OPTIONS = optionsOf(SERVED);
const SALT_OPTIONS = [...SALTS, 'stockPowder'].map((id) => ({
  value: id,
  label: spokenName(id),
}));
const setSalt = (saltWith: string): void => useDraft.getState().setSpec({ saltWith });
const setServed = (served: Served): void => useDraft.getState().setSpec({ served });

/** What salt to add, what is in already, and how the liquid should taste. */
export function Salt({
  answer,
  served,
  saltWith,
  measures,
}: {
  readonly answer: Answer;
  readonly served: Served;
  readonly saltWith: string;
  readonly measures: readonly Measure[];
}) {
  const { salt } = answer;
  const add = showSalt(salt.addWith.g, measures, saltWith);
  return (
    <section className="hung" aria-labelledby="salt">
      <h2 id="salt" className="m-0 text-[1.35rem] font-bold">
        {w.salt}
      </h2>
      <p className="mt-2 mb-0 flex flex-wrap items-baseline gap-x-3">
        <span className="figures text-[2.75rem]">{add?.main ?? w.none}</span>
        <span className="text-[1.1rem]">
          {add
            ? w.toAdd(
                spokenName(saltWith),
                add.other === ''
                  ? ''
                  : ` (${add.other}${add.roughly === undefined ? '' : w.aLevelSpoonIs(add.roughly)})`,
              )
            : w.toAdd2}
        </span>
      </p>
      <p className="mt-2 mb-0">
        {salt.sources.length === 0 ? (
          w.noneInYet
        ) : (
          <>
            {w.inAlready(
              salt.sources
                .slice(0, 3)
                .map((s) =>
                  w.gFrom(tenths(s.g), (rowOf(s.ingredientId)?.name ?? s.ingredientId).toLowerCase()),
                )
                .join(', '),
            )}
          </>
        )}{' '}
        {w.beforeTheLidGoesOn(tenths(salt.liquidPercent))}
      </p>
      <p className="mt-2 mb-0">
        {w.tastesFlatAnotherGAnd(tenths(salt.stepG), Math.round(salt.thinMl / 5) * 5)}{' '}
        <Pick label={w.saltToAdd} value={saltWith} options={SALT_OPTIONS} onChange={setSalt} />.
      </p>
      <p className="mt-2 mb-0">
        {w.served}{' '}
        <Pick label={w.howItIsServed} value={served} options={SERVED_OPTIONS} onChange={setServed} />
        {w.ofThePotGA(
          tenths(salt.cookedPercent),
          tenths(salt.perPortionG),
          Math.round(salt.shareOfDay * 100),
        )}
      </p>
    </section>
  );
}
