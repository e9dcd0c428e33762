import { PLAN_DEFAULTS, RANGES, type Answer, type Measure, type Rule } from '@hammock/core';
import { memo, useState } from 'react';
import { useDraft } from '../../../stores/plan/draft.js';
import { useKitchen } from '../../../stores/kitchen/kitchen.js';
import { rowOf } from '../../../stores/kitchen/ownLarder.js';
import { cupOf } from '../../../stores/plan/planInput.js';
import { AmountField } from '../../../ui/controls/AmountField.js';
import { readMl } from '../../../words/measures/readMl.js';
import { showPour } from '../../../words/measures/amounts.js';
import { RULE } from '../../../words/words.js';
import { textureWords } from '../../../words/plan/textureWords.js';
import { useMetric } from '../../../stores/kitchen/units.js';
import * as w from '../../../words/screens/pourNumber.js';
import { Emphasis } from '../../../ui/controls/Emphasis.js';

const hold = (holdTo: Rule | undefined): void => {
  const { setSpec } = useDraft.getState();
  if (holdTo === undefined) setSpec({}, ['holdTo']);
  else setSpec({ holdTo });
};

/** What the cook usually pours in all: typed, read as it is typed, and taken back when it is emptied. */
function OwnRule({ ml, measures, metric }: OwnRuleProps) {
  const [wrong, setWrong] = useState(false);
  const say = (text: string): void => {
    const { draft, setSpec } = useDraft.getState();
    if (text.trim() === '') {
      setWrong(false);
      setSpec({}, draft?.spec.holdTo === 'usual' ? ['usualPour', 'holdTo'] : ['usualPour']);
      return;
    }
    const cupMl = cupOf(useKitchen.getState(), draft?.cupId)?.ml ?? PLAN_DEFAULTS.cupMl;
    const read = readMl(text, cupMl, rowOf(draft?.spec.pourWith ?? 'water')?.densityGPerMl ?? 1);
    const isPour = read !== undefined && read > 0 && read <= RANGES.ingredientG.most;
    setWrong(!isPour);
    if (isPour) setSpec({ usualPour: { ml: read } });
  };
  return (
    <p className="mt-1 mb-0 flex flex-wrap items-baseline gap-x-3">
      <span>{w.yourOwnRuleInAll}</span>
      <AmountField
        label={w.whatYouUsuallyPour}
        placeholder={w.n3Cups}
        shown={ml === undefined ? '' : showPour(ml, measures, metric).main}
        problem={wrong ? w.anAmountSuchAs3 : undefined}
        onChange={({ text = '' }) => say(text)}
        onLeave={() => setWrong(false)}
      />
    </p>
  );
}

interface OwnRuleProps {
  readonly ml: number | undefined;
  readonly measures: readonly Measure[];
  readonly metric: boolean;
}

/** What other rules would pour in this pot, and what would come of it. */
export const OtherRules = memo(function OtherRules({
  answer,
  measures,
  wanted,
}: {
  readonly answer: Answer;
  readonly measures: readonly Measure[];
  readonly wanted: number;
}) {
  const metric = useMetric();
  const held = answer.held?.rule;
  const usual = answer.rules.find((r) => r.rule === 'usual');
  return (
    <section className="hung" aria-labelledby="rules">
      <h2 id="rules" className="m-0 text-[1.35rem] font-bold">
        {w.whatOtherRulesWouldPour}
      </h2>
      {held !== undefined && (
        <p className="mt-1 mb-0">
          <Emphasis
            text={w.pouredByWorkedOutFor(
              RULE[held],
              showPour(answer.held?.accountMl ?? 0, measures, metric).main,
            )}
          />{' '}
          <button type="button" className="changeable" onClick={() => hold(undefined)}>
            {w.goBackToTheWorked}
          </button>
        </p>
      )}
      <table className="mt-1 w-full border-collapse">
        <thead className="sr-only">
          <tr>
            <th>{w.rule}</th>
            <th>{w.pours}</th>
            <th>{w.comesOut}</th>
            <th>{w.useIt}</th>
          </tr>
        </thead>
        <tbody>
          {answer.rules.map(({ rule, ml, texture }) => (
            <tr key={rule} className="border-b border-line">
              <th scope="row" className="py-0.5 pr-3 text-left leading-tight font-normal">
                {RULE[rule]}
              </th>
              <td className="pr-3 font-semibold whitespace-nowrap">
                {ml <= 0 ? w.nothing : `${(Math.round(ml / 5) * 5).toString()} ml`}
              </td>
              <td className={`py-0.5 ${Math.abs(texture - wanted) <= 0.5 ? 'font-bold' : ''}`}>
                {textureWords(texture)}
              </td>
              <td className="text-right">
                <button
                  type="button"
                  className="min-h-12 px-1 underline decoration-husk decoration-2 underline-offset-4 disabled:opacity-40"
                  disabled={held === rule}
                  aria-label={w.useIt2(RULE[rule])}
                  onClick={() => hold(rule)}
                >
                  {w.useIt}
                </button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <OwnRule ml={usual && usual.ml * answer.pots} measures={measures} metric={metric} />
      {answer.rules.some(({ texture }) => texture > wanted + 1) && (
        <p className="mt-1 mb-0 text-faint">{w.asIfTheGrainDrank}</p>
      )}
    </section>
  );
});
