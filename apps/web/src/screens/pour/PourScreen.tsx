import { lazy, Suspense, useMemo } from 'react';
import { Link } from 'react-router';
import { quarter, showCount, type Levels } from '@hammock/core';
import { useDraft } from '../../stores/draft.js';
import { measuresOf } from '../../stores/kitchenRows.js';
import { useKitchen } from '../../stores/kitchen.js';
import { oddsKey, useOdds } from '../../stores/odds.js';
import { larderIdOf } from '../../stores/ownLarder.js';
import { useOutbox } from '../../stores/outbox.js';
import { fetched } from '../../ui/fetched.js';
import { PotSection } from '../../ui/PotSection.js';
import { WarningList } from './WarningList.js';
import { FitToGrain } from './FitToGrain.js';
import { howProps } from './howProps.js';
import { TheNumber } from './TheNumber.js';
import { Sentence } from './Sentence.js';
import { StartCooking } from './StartCooking.js';
import { usePlan } from '../../stores/usePlan.js';

// What stands below the number comes a moment after it.
const below = () => fetched(() => import('./below.js'));
const AccountPicture = lazy(() => below().then((m) => ({ default: m.AccountPicture })));
const KeepAsDish = lazy(() => below().then((m) => ({ default: m.KeepAsDish })));
const Salt = lazy(() => below().then((m) => ({ default: m.Salt })));
const WhatGoesIn = lazy(() => below().then((m) => ({ default: m.WhatGoesIn })));
const CautionList = lazy(() => below().then((m) => ({ default: m.CautionList })));
const HowItIsMade = lazy(() => below().then((m) => ({ default: m.HowItIsMade })));
const OtherRules = lazy(() => below().then((m) => ({ default: m.OtherRules })));
const TheBase = lazy(() => below().then((m) => ({ default: m.TheBase })));
const OddsPanel = lazy(() => fetched(() => import('./OddsPanel.js')).then((m) => ({ default: m.OddsPanel })));
const WaysOut = lazy(() => below().then((m) => ({ default: m.WaysOut })));

/** What to pour: three choices, one number, and where every gram of it goes. */
export function PourScreen() {
  const plan = usePlan();
  const kitchen = useKitchen();
  const measures = useMemo(() => measuresOf(kitchen.cups), [kitchen.cups]);
  const keepMl = useOdds((s) =>
    plan && s.of !== undefined && s.of === oddsKey(plan.input) ? s.odds?.best.keepByMl : undefined,
  );
  if (!plan) return <NoPlan />;
  const { draft, answer, input } = plan;
  const { spec } = draft;
  const vessel = kitchen.vessels.find((v) => v.id === draft.vesselId);
  const film = filmOf(spec.ingredients?.map((i) => larderIdOf(i.ingredientId)) ?? []);
  return (
    <div className="flex flex-col gap-5">
      <h1 className="sr-only">Pour</h1>
      <div>
        <Sentence plan={plan} />
        {answer && <FitToGrain draft={draft} grainG={answer.grainG * answer.pots} />}
      </div>
      {answer ? (
        <div className={plan.stale ? 'opacity-50' : ''} aria-busy={plan.stale}>
          <div className="grid gap-x-12 gap-y-6 lg:grid-cols-[minmax(0,1.55fr)_minmax(0,1fr)]">
            <div className="flex flex-col gap-5">
              <TheNumber answer={answer} measures={measures} wanted={input.texture ?? 2} keepMl={keepMl} />
              <StartCooking plan={plan} />
              {answer.waysOut && (
                <Suspense>
                  <WaysOut answer={answer} />
                </Suspense>
              )}
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
                  {vessel.label}, {vessel.diameterCm} cm wide, drawn to scale.{' '}
                  {levelWords(answer.levels, spec.method === 'fryDry')}
                </figcaption>
              </figure>
            )}
          </div>
        </div>
      ) : (
        <p className="text-xl">The number appears as soon as the words above make a pot.</p>
      )}
      {answer && !plan.stale && (
        // The room it will take is kept free, so that nothing below moves under a thumb when it comes.
        <div className="min-h-[50rem] lg:min-h-[28rem]">
          <Suspense>
            <OddsPanel answer={answer} input={input} />
          </Suspense>
        </div>
      )}
      <Suspense fallback={<p aria-busy>…</p>}>
        <div className="grid gap-x-12 gap-y-8 lg:grid-cols-[minmax(0,1.55fr)_minmax(0,1fr)]">
          <div className="flex flex-col gap-8">
            {answer && <AccountPicture answer={answer} measures={measures} />}
            <HowItIsMade {...howProps(spec)} roomC={kitchen.household.roomC} />
            {answer && answer.base.wentInG > 0 && (
              <TheBase base={answer.base} given={spec.base} problem={plan.problemAt('base')} />
            )}
            <p className="m-0">
              {AWAY.map(([to, words]) => (
                <Link
                  key={to}
                  to={to}
                  className="mr-6 inline-flex min-h-12 items-center font-semibold underline decoration-husk decoration-2 underline-offset-4"
                >
                  {words}
                </Link>
              ))}
            </p>
            <KeepAsDish dishId={draft.dishId} label={draft.label} />
          </div>
          <div className="flex flex-col gap-8">
            <WhatGoesIn
              ingredients={spec.ingredients}
              pourWith={spec.pourWith}
              pourMost={spec.pourMost}
              thenWith={spec.thenWith}
              laterShare={spec.laterShare}
              sauceLeftG={spec.sauceLeftG}
              problems={(spec.ingredients ?? [])
                .map((_, i) => plan.problemAt(`ingredients[${i.toString()}]`) ?? '')
                .join('\n')}
            />
            {answer && (
              <Salt
                answer={answer}
                served={input.served ?? 'plain'}
                saltWith={input.saltWith ?? 'saltFine'}
                measures={measures}
              />
            )}
            {answer && <OtherRules answer={answer} measures={measures} wanted={input.texture ?? 2} />}
          </div>
        </div>
        {answer && <CautionList answer={answer} input={input} />}
      </Suspense>
    </div>
  );
}

const AWAY = [
  ['/course', 'The pot, minute by minute'],
  ['/what-if', 'What if …'],
  ['/compare', 'Set it beside another way'],
] as const;

/** Where the liquid stands over the grain in this pot, in a finger's terms. */
function levelWords({ aboveGrainMm, joints, halfInches, cornersMl }: Levels, toCorners: boolean): string {
  if (toCorners || aboveGrainMm < -1)
    return `${aboveGrainMm < -1 ? 'The liquid stays among the grain. ' : ''}Only to the corners, level with the grain, would be ${(Math.round(cornersMl / 5) * 5).toString()} ml.`;
  const quarters = (n: number): string => showCount(quarter(Math.max(1, Math.round(n * 4))));
  return `The liquid stands ${Math.round(aboveGrainMm).toString()} mm over it: ${quarters(joints)} of a finger’s first joint, ${quarters(halfInches)} × half an inch.`;
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
