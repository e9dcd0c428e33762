import { useMemo } from 'react';
import { useDraft } from '../../stores/draft.js';
import { measuresOf, useKitchen } from '../../stores/kitchen.js';
import { useOutbox } from '../../stores/outbox.js';
import { PotSection } from '../../ui/PotSection.js';
import { AccountPicture } from './AccountPicture.js';
import { CautionList, WarningList } from './Notes.js';
import { HowItIsMade } from './HowItIsMade.js';
import { KeepAsDish } from './KeepAsDish.js';
import { TheNumber } from './TheNumber.js';
import { Salt } from './Salt.js';
import { Sentence } from './Sentence.js';
import { StartCooking } from './StartCooking.js';
import { usePlan } from './usePlan.js';
import { WhatGoesIn } from './WhatGoesIn.js';

/** What to pour: three choices, one number, and where every gram of it goes. */
export function PourScreen() {
  const plan = usePlan();
  const kitchen = useKitchen();
  const measures = useMemo(() => measuresOf(kitchen.cups), [kitchen.cups]);
  if (!plan) return <NoPlan />;
  const { draft, answer, input } = plan;
  const { spec } = draft;
  const vessel = kitchen.vessels.find((v) => v.id === draft.vesselId);
  const film = filmOf(spec.ingredients?.map((i) => i.ingredientId) ?? []);
  return (
    <div className="flex flex-col gap-5">
      <h1 className="sr-only">Pour</h1>
      <Sentence plan={plan} />
      {answer ? (
        <div className={plan.stale ? 'opacity-50' : ''} aria-busy={plan.stale}>
          <div className="grid gap-x-12 gap-y-6 lg:grid-cols-[minmax(0,1.55fr)_minmax(0,1fr)]">
            <div className="flex flex-col gap-5">
              <TheNumber answer={answer} measures={measures} wanted={input.texture ?? 2} />
              <StartCooking plan={plan} />
              <WarningList warnings={answer.warnings} />
            </div>
            {vessel && (
              <figure className="m-0 self-center">
                <PotSection
                  levels={answer.levels}
                  diameterCm={vessel.diameterCm}
                  film={film}
                  label={`${vessel.label} in section: raw grain ${mm(answer.levels.grainMm)}, liquid ${mm(answer.levels.liquidMm)}, cooked grain ${mm(answer.levels.cookedMm)} from the floor.`}
                />
                <figcaption className="text-center text-faint">
                  {vessel.label}, {vessel.diameterCm} cm wide, drawn to scale
                </figcaption>
              </figure>
            )}
          </div>
        </div>
      ) : (
        <p className="text-xl">The number appears as soon as the words above make a pot.</p>
      )}
      <div className="grid gap-x-12 gap-y-8 lg:grid-cols-[minmax(0,1.55fr)_minmax(0,1fr)]">
        <div className="flex flex-col gap-8">
          {answer && <AccountPicture answer={answer} measures={measures} />}
          <HowItIsMade
            grainId={spec.grainId}
            wash={spec.wash}
            soakMin={spec.soakMin}
            drain={spec.drain}
            toast={spec.toast}
            liquidTempC={spec.liquidTempC}
            timing={spec.timing}
            texture={spec.texture}
            roomC={kitchen.household.roomC}
          />
          <KeepAsDish dishId={draft.dishId} label={draft.label} />
        </div>
        <div className="flex flex-col gap-8">
          <WhatGoesIn
            ingredients={spec.ingredients}
            pourWith={spec.pourWith}
            problems={(spec.ingredients ?? [])
              .map((_, i) => plan.problemAt(`ingredients[${i.toString()}]`) ?? '')
              .join('\n')}
          />
          {answer && <Salt answer={answer} served={input.served ?? 'plain'} measures={measures} />}
        </div>
      </div>
      {answer && <CautionList answer={answer} input={input} />}
    </div>
  );
}

const mm = (n: number): string => `${Math.round(n).toString()} mm`;

const filmOf = (ids: readonly string[]): 'tomato' | 'coconut' | undefined => {
  if (ids.some((id) => id.startsWith('coconutMilk') || id === 'coconutCream')) return 'coconut';
  return ids.some((id) => id.startsWith('tomato')) ? 'tomato' : undefined;
};

/** Before anything is known: loading, an empty kitchen, or nobody there. */
function NoPlan() {
  const reachable = useOutbox((s) => s.reachable);
  const state = useKitchen((s) => s.state);
  const dishes = useKitchen((s) => s.dishes);
  const chooseDish = useDraft((s) => s.chooseDish);
  const [dish] = dishes;
  if (state === 'empty' && !reachable) {
    return (
      <section>
        <h1 className="text-3xl font-bold">Nothing to hang yet.</h1>
        <p>
          This device has not met the server before, and it is not answering. As soon as it does, your kitchen
          is here.
        </p>
      </section>
    );
  }
  if (state === 'empty' || dish) {
    return (
      <section aria-busy>
        <h1 className="text-3xl font-bold">Looking into the kitchen …</h1>
        {dish && (
          <button type="button" className="changeable" onClick={() => chooseDish(dish)}>
            Start with {dish.label}
          </button>
        )}
      </section>
    );
  }
  return (
    <section>
      <h1 className="text-3xl font-bold">No dish yet.</h1>
      <p>Every dish has been taken away. Put one back in the Kitchen.</p>
    </section>
  );
}
