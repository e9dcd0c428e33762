import { rowOf, spokenName } from '../../../stores/kitchen/ownLarder.js';
import { SALTS, type Answer, type Measure, type Served } from '@hammock/core';
import { useDraft } from '../../../stores/plan/draft.js';
import { showSalt } from '../../../words/measures/saltAmounts.js';
import { Pick } from '../../../ui/controls/Pick.js';
import { optionsOf } from '../../../ui/controls/pickParts.js';
import { SERVED } from '../../../words/words.js';
import { tenths } from '../../../words/measures/numbers.js';

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
        Salt
      </h2>
      <p className="mt-2 mb-0 flex flex-wrap items-baseline gap-x-3">
        <span className="figures text-[2.75rem]">{add?.main ?? 'none'}</span>
        <span className="text-[1.1rem]">
          {add
            ? `${spokenName(saltWith)} to add${add.other === '' ? '' : ` (${add.other}${add.roughly === undefined ? '' : `; a level spoon is ${add.roughly}`})`}`
            : 'to add'}
        </span>
      </p>
      <p className="mt-2 mb-0">
        {salt.sources.length === 0 ? (
          'None in yet.'
        ) : (
          <>
            In already:{' '}
            {salt.sources
              .slice(0, 3)
              .map(
                (s) =>
                  `${tenths(s.g)} g from ${(rowOf(s.ingredientId)?.name ?? s.ingredientId).toLowerCase()}`,
              )
              .join(', ')}
            .
          </>
        )}{' '}
        Before the lid goes on the liquid should taste slightly too salty: {tenths(salt.liquidPercent)} %.
      </p>
      <p className="mt-2 mb-0">
        Tastes flat? Another {tenths(salt.stepG)} g and taste again. Too salty?{' '}
        {Math.round(salt.thinMl / 5) * 5} ml of plain water in place of as much stock thins it one step. Salt
        with <Pick label="Salt to add" value={saltWith} options={SALT_OPTIONS} onChange={setSalt} />.
      </p>
      <p className="mt-2 mb-0">
        Served <Pick label="How it is served" value={served} options={SERVED_OPTIONS} onChange={setServed} />:{' '}
        {tenths(salt.cookedPercent)} % of the pot, {tenths(salt.perPortionG)} g a head. That is{' '}
        {Math.round(salt.shareOfDay * 100)} % of a day’s 5 g, the most for adults (World Health Organization).
      </p>
    </section>
  );
}
