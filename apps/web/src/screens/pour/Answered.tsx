import type { Measure, Odds } from '@hammock/core';
import { fetched } from '../../storage/fetched.js';
import { useKitchen } from '../../stores/kitchen/kitchen.js';
import { oddsKey, useOdds } from '../../stores/plan/odds.js';
import type { PlanView } from '../../stores/plan/usePlan.js';
import { Fence } from '../../ui/shell/Fence.js';
import { fieldText } from '../../words/storage/syncWords.js';
import { PlanProblem } from '../../ui/sections/PlanProblem.js';
import { late } from '../../ui/hooks/late.js';
import { useWide } from '../../ui/hooks/useWide.js';
import { PotDrawn } from './number/PotDrawn.js';
import { SlimLine } from './number/SlimLine.js';
import { StartCooking } from './StartCooking.js';
import { TheNumber } from './number/TheNumber.js';
import { WarningList } from './WarningList.js';
import { useMeasures, useUnit, type PourUnit } from '../../stores/kitchen/units.js';
import { showPour } from '../../words/measures/amounts.js';
import { AMYLOSE_WORDS, hasClass } from '../../words/plan/amyloseWords.js';
import { inAHundred, nearestTo } from '../../words/stove/potWords.js';
import { useSayPour } from './number/useSayPour.js';
import * as w from '../../words/screens/pour.js';

const OpenBoil = late(() => fetched(() => import('./below.js')).then((m) => m.OpenBoil));
const WaysOut = late(() => fetched(() => import('./below.js')).then((m) => m.WaysOut));

/** The number, the pot it goes into, and what there is to say about it. */
export function Answered({ plan }: { readonly plan: PlanView }) {
  const vessels = useKitchen((s) => s.vessels);
  const { draft, answer, input } = plan;
  const wide = useWide();
  const measures = useMeasures(draft.cupId);
  const key = oddsKey(input);
  const odds = useOdds((s) => (s.of === key ? s.odds : undefined));
  const keepMl = odds && answer ? nearestTo(odds, answer.pour.waterG)?.keepByMl : undefined;
  useSayPour(...spokenPour(plan, measures, useUnit(), odds));
  if (!answer) return <NoNumber plan={plan} />;
  const vessel = vessels.find((v) => v.id === draft.vesselId);
  return (
    <>
      <div className={plan.stale ? 'opacity-50' : ''} aria-busy={plan.stale}>
        <div className="grid gap-x-12 gap-y-6 lg:grid-cols-[minmax(0,1.55fr)_minmax(0,1fr)]">
          <div className="flex flex-col gap-5 short:gap-3 lg:gap-3">
            <TheNumber answer={answer} measures={measures} wanted={input.texture ?? 2} keepMl={keepMl} />
            <OpenBoil input={input} />
            <StartCooking plan={plan} />
            <div className="contents short:order-4 short:block">
              {answer.waysOut && (
                <Fence what={w.theWaysOut} of={answer}>
                  <WaysOut answer={answer} />
                </Fence>
              )}
              <WarningList warnings={answer.warnings} />
              {input.amylose !== undefined && hasClass(input.grainId) && (
                <p className="m-0 text-faint" data-testid="by-the-bag">
                  {w.countedAsTheBagSays(AMYLOSE_WORDS[input.amylose])}
                </p>
              )}
            </div>
          </div>
          {vessel && wide && (
            <Fence what={w.theDrawingOfThePot} of={answer}>
              <div>
                <PotDrawn plan={plan} levels={answer.levels} vessel={vessel} />
              </div>
            </Fence>
          )}
        </div>
      </div>
      <SlimLine answer={answer} cupId={draft.cupId} />
    </>
  );
}

/** Why there is no number, what would mend it, and the way to its place. */
function NoNumber({ plan }: { readonly plan: PlanView }) {
  if (plan.coming)
    return (
      <p aria-busy className="text-xl">
        {w.workingItOut}
      </p>
    );
  const shown = plan.problems.slice(0, MOST_REASONS);
  return (
    <div className="text-xl" data-testid="no-number">
      <p className="m-0">{w.noNumberYet}</p>
      <ul className="m-0 list-none p-0 text-ember">
        {shown.map((p) => (
          <li key={p.field}>
            {WHICH[p.field] ??
              `${fieldText(p.field.replace(/[.[].*$/u, ''))}: ${plan.problemAt(p.field) ?? ''}`}
          </li>
        ))}
      </ul>
      {plan.problems.some((p) => /^(?:stages|timing)/u.test(p.field)) && <PlanProblem plan={plan} at="/" />}
    </div>
  );
}
const MOST_REASONS = 4;
/** What a pot cannot be without. */
const WHICH: Readonly<Record<string, string>> = {
  grainId: w.whichGrainAndHowMuch,
  grain: w.howMuchGrain,
  vessel: w.whichPot,
};

/** The pour and its odds as they are said. */
function spokenPour(
  { answer, stale }: PlanView,
  measures: readonly Measure[],
  unit: PourUnit,
  odds: Odds | undefined,
): [string, string | undefined] {
  if (!answer || stale) return [w.thePlanCannotBeReadYet, undefined];
  if (answer.verdict !== 'pour') return [w.pourNothing, undefined];
  const { main, other } = showPour(answer.pour.ml, measures, unit);
  const share = odds && nearestTo(odds, answer.pour.waterG)?.chances.asWanted;
  return [
    w.pour(main, other === '' ? '' : `, ${other}`),
    share === undefined ? undefined : w.of100ComeOutRight(inAHundred(share)),
  ];
}
