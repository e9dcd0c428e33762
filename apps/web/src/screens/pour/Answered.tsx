import { quarter, showCount, type Levels, type Measure, type Odds } from '@hammock/core';
import type { VesselRecord } from '@hammock/core/records';
import { lazy, Suspense } from 'react';
import { fetched } from '../../keeping/fetched.js';
import { useKitchen } from '../../stores/kitchen.js';
import { oddsKey, useOdds } from '../../stores/odds.js';
import { larderIdOf } from '../../stores/ownLarder.js';
import type { PlanView } from '../../stores/usePlan.js';
import { Fence } from '../../ui/Fence.js';
import { PotSection } from '../../ui/PotSection.js';
import { StartCooking } from './StartCooking.js';
import { TheNumber } from './TheNumber.js';
import { WarningList } from './WarningList.js';
import { whole } from '../../words/numbers.js';
import { useMeasures, useUnit, type PourUnit } from '../../stores/units.js';
import { showPour } from '../../words/amounts.js';
import { inAHundred, nearestTo } from '../../words/potWords.js';
import { useSayPour } from './useSayPour.js';

const OddsPanel = lazy(() => fetched(() => import('./OddsPanel.js')).then((m) => ({ default: m.OddsPanel })));
const WaysOut = lazy(() => fetched(() => import('./below.js')).then((m) => ({ default: m.WaysOut })));

/** The number, the pot it goes into, what there is to say about it, and how sure it is. */
export function Answered({ plan }: { readonly plan: PlanView }) {
  const vessels = useKitchen((s) => s.vessels);
  const { draft, answer, input } = plan;
  const measures = useMeasures(draft.cupId);
  const key = oddsKey(input);
  const odds = useOdds((s) => (s.of === key ? s.odds : undefined));
  const keepMl = odds?.best.keepByMl;
  useSayPour(...spokenPour(plan, measures, useUnit(), odds));
  if (!answer) return <p className="text-xl">The number appears as soon as the words above make a pot.</p>;
  const vessel = vessels.find((v) => v.id === draft.vesselId);
  return (
    <>
      <div className={plan.stale ? 'opacity-50' : ''} aria-busy={plan.stale}>
        <div className="grid gap-x-12 gap-y-6 lg:grid-cols-[minmax(0,1.55fr)_minmax(0,1fr)]">
          <div className="flex flex-col gap-5">
            <TheNumber answer={answer} measures={measures} wanted={input.texture ?? 2} keepMl={keepMl} />
            <StartCooking plan={plan} />
            {answer.waysOut && (
              <Fence what="The ways out" of={answer}>
                <Suspense>
                  <WaysOut answer={answer} />
                </Suspense>
              </Fence>
            )}
            <WarningList warnings={answer.warnings} />
          </div>
          {vessel && (
            <Fence what="The drawing of the pot" of={answer}>
              <Drawn plan={plan} levels={answer.levels} vessel={vessel} />
            </Fence>
          )}
        </div>
      </div>
      {!plan.stale && (
        // The room it will take is kept free, so that nothing below moves under a thumb when it comes.
        <div className="min-h-[50rem] lg:min-h-[28rem]">
          <Fence what="The odds" of={key}>
            <Suspense>
              <OddsPanel answer={answer} input={input} />
            </Suspense>
          </Fence>
        </div>
      )}
    </>
  );
}

/** The pour and its odds as they are said. */
function spokenPour(
  { answer, stale }: PlanView,
  measures: readonly Measure[],
  unit: PourUnit,
  odds: Odds | undefined,
): [string, string | undefined] {
  if (!answer || stale) return ['The plan cannot be read yet', undefined];
  if (answer.verdict !== 'pour') return ['Pour nothing', undefined];
  const { main, other } = showPour(answer.pour.ml, measures, unit);
  const share = odds && nearestTo(odds, answer.pour.waterG);
  return [
    `Pour ${main}${other === '' ? '' : `, ${other}`}`,
    share === undefined ? undefined : `${inAHundred(share)} in a hundred come out right`,
  ];
}

/** The pot in section, to scale, and where the liquid stands in it. */
function Drawn({
  plan,
  levels,
  vessel,
}: {
  readonly plan: PlanView;
  readonly levels: Levels;
  readonly vessel: VesselRecord;
}) {
  const { spec } = plan.draft;
  const film = filmOf(spec.ingredients?.map((i) => larderIdOf(i.ingredientId)) ?? []);
  return (
    <figure className="m-0 self-center">
      <PotSection
        levels={levels}
        diameterCm={vessel.diameterCm}
        film={film}
        label={`${vessel.label} in section: raw grain ${mm(levels.grainMm)}, liquid ${mm(levels.liquidMm)}, cooked grain ${mm(levels.cookedMm)} from the floor.`}
      />
      <figcaption className="text-center text-faint">
        {vessel.label}, {vessel.diameterCm} cm wide, drawn to scale.{' '}
        {levelWords(levels, spec.method === 'fryDry')}
      </figcaption>
    </figure>
  );
}

/** Where the liquid stands over the grain in this pot, in a finger's terms. */
function levelWords({ aboveGrainMm, joints, halfInches, cornersMl }: Levels, toCorners: boolean): string {
  if (toCorners || aboveGrainMm < -1)
    return `${aboveGrainMm < -1 ? 'The liquid stays among the grain. ' : ''}Only to the corners, level with the grain, would be ${(Math.round(cornersMl / 5) * 5).toString()} ml.`;
  const quarters = (n: number): string => showCount(quarter(Math.max(1, Math.round(n * 4))));
  return `The liquid stands ${whole(aboveGrainMm)} mm over it: ${quarters(joints)} of a finger’s first joint, ${quarters(halfInches)} × half an inch.`;
}

const mm = (n: number): string => `${whole(n)} mm`;

const filmOf = (ids: readonly string[]): 'tomato' | 'coconut' | undefined => {
  if (ids.some((id) => id.startsWith('coconutMilk') || id === 'coconutCream')) return 'coconut';
  return ids.some((id) => id.startsWith('tomato')) ? 'tomato' : undefined;
};
