import { quarter, showCount, type Levels } from '@hammock/core';
import type { VesselRecord } from '@hammock/core/records';
import { larderIdOf } from '../../../stores/kitchen/ownLarder.js';
import type { PlanView } from '../../../stores/plan/usePlan.js';
import { PotSection } from '../../../ui/drawings/PotSection.js';
import { whole } from '../../../words/measures/numbers.js';
import * as w from '../../../words/screens/pourNumber.js';

/** The pot in section, to scale, and where the liquid stands in it. */
export function PotDrawn({
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
    <figure className="m-0">
      <PotSection
        levels={levels}
        diameterCm={vessel.diameterCm}
        film={film}
        label={w.inSectionRawGrainLiquid(
          vessel.label,
          mm(levels.grainMm),
          mm(levels.liquidMm),
          mm(levels.cookedMm),
        )}
      />
      <figcaption className="text-center text-faint">
        {w.cmWideDrawnToScale(vessel.label, vessel.diameterCm, levelWords(levels, spec.method === 'fryDry'))}
      </figcaption>
    </figure>
  );
}

/** Where the liquid stands over the grain in this pot, in a finger's terms. */
function levelWords({ aboveGrainMm, joints, halfInches, cornersMl }: Levels, toCorners: boolean): string {
  if (toCorners || aboveGrainMm < -1)
    return w.onlyToTheCornersLevel(
      aboveGrainMm < -1 ? w.theLiquidStaysAmongTheGrain : '',
      Math.round(cornersMl / 5) * 5,
    );
  const quarters = (n: number): string => showCount(quarter(Math.max(1, Math.round(n * 4))));
  return w.theLiquidStandsMmOver(whole(aboveGrainMm), quarters(joints), quarters(halfInches));
}

const mm = (n: number): string => `${whole(n)} mm`;

const filmOf = (ids: readonly string[]): 'tomato' | 'coconut' | undefined => {
  if (ids.some((id) => id.startsWith('coconutMilk') || id === 'coconutCream')) return 'coconut';
  return ids.some((id) => id.startsWith('tomato')) ? 'tomato' : undefined;
};
