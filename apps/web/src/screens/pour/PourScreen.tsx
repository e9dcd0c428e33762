import { lazy, Suspense, useEffect } from 'react';
import { Link, useLocation } from 'react-router';
import { fetched } from '../../keeping/fetched.js';
import { useKitchen } from '../../stores/kitchen.js';
import { usePlan, type PlanView } from '../../stores/usePlan.js';
import { Fence } from '../../ui/Fence.js';
import { howProps } from './howProps.js';
import { NoPlan } from './NoPlan.js';
import { Sentence } from './Sentence.js';
import { SetAside } from './SetAside.js';
import { useMeasures } from '../../stores/units.js';

// The words of the plan stand first; the number comes a moment after them, and what stands below it after that.
const answered = () => fetched(() => import('./theNumberPiece.js'));
const Answered = lazy(() => answered().then((m) => ({ default: m.Answered })));
const FitToGrain = lazy(() => answered().then((m) => ({ default: m.FitToGrain })));
const below = () => fetched(() => import('./below.js'));
const AccountPicture = lazy(() => below().then((m) => ({ default: m.AccountPicture })));
const KeepAsDish = lazy(() => below().then((m) => ({ default: m.KeepAsDish })));
const Salt = lazy(() => below().then((m) => ({ default: m.Salt })));
const WhatGoesIn = lazy(() => below().then((m) => ({ default: m.WhatGoesIn })));
const CautionList = lazy(() => below().then((m) => ({ default: m.CautionList })));
const HowItIsMade = lazy(() => below().then((m) => ({ default: m.HowItIsMade })));
const OtherRules = lazy(() => below().then((m) => ({ default: m.OtherRules })));
const TheBase = lazy(() => below().then((m) => ({ default: m.TheBase })));

/** What to pour: three choices, one number, and where every gram of it goes. */
export function PourScreen() {
  const plan = usePlan();
  useMending();
  if (!plan) return <NoPlan />;
  const { draft, answer } = plan;
  return (
    <div className="flex flex-col gap-5">
      <h1 className="sr-only">Pour</h1>
      <div>
        <Sentence plan={plan} />
        <SetAside />
        {answer && (
          <Suspense>
            <FitToGrain draft={draft} grainG={answer.grainG * answer.pots} />
          </Suspense>
        )}
      </div>
      <Suspense fallback={<div className="min-h-[74rem] lg:min-h-[50rem]" aria-busy />}>
        {plan.coming ? (
          <div className="min-h-[74rem] lg:min-h-[50rem]" aria-busy />
        ) : (
          <Answered plan={plan} />
        )}
      </Suspense>
      <Suspense fallback={<p aria-busy>…</p>}>
        <Below plan={plan} />
      </Suspense>
    </div>
  );
}

/** Who was led here to change something wrong finds it under the keys. */
function useMending(): void {
  const state: unknown = useLocation().state;
  const mend = typeof state === 'object' && state !== null && 'mend' in state;
  useEffect(() => {
    if (mend) document.querySelector<HTMLElement>('[aria-invalid=true], [data-wrong=true]')?.focus();
  }, [mend]);
}

/** The account, the method, what goes in, salt and rules: each holds by itself. */
function Below({ plan }: { readonly plan: PlanView }) {
  const roomC = useKitchen((s) => s.household.roomC);
  const { draft, answer, input } = plan;
  const { spec } = draft;
  const measures = useMeasures(draft.cupId);
  return (
    <>
      <div className="grid gap-x-12 gap-y-8 lg:grid-cols-[minmax(0,1.55fr)_minmax(0,1fr)]">
        <div className="flex flex-col gap-8">
          {answer && (
            <Fence what="The account" of={answer}>
              <AccountPicture answer={answer} measures={measures} />
            </Fence>
          )}
          <Fence what="How it is made" of={spec}>
            <HowItIsMade {...howProps(spec)} roomC={roomC} />
          </Fence>
          {answer && answer.base.wentInG > 0 && (
            <Fence what="The base" of={answer}>
              <TheBase base={answer.base} given={spec.base} problem={plan.problemAt('base')} />
            </Fence>
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
          <Fence what="What goes in" of={spec}>
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
          </Fence>
          {answer && (
            <Fence what="The salt" of={answer}>
              <Salt
                answer={answer}
                served={input.served ?? 'plain'}
                saltWith={input.saltWith ?? 'saltFine'}
                measures={measures}
              />
            </Fence>
          )}
          {answer && (
            <Fence what="What rules of thumb would pour" of={answer}>
              <OtherRules answer={answer} measures={measures} wanted={input.texture ?? 2} />
            </Fence>
          )}
        </div>
      </div>
      {answer && <CautionList answer={answer} input={input} />}
    </>
  );
}

const AWAY = [
  ['/course', 'The pot, minute by minute'],
  ['/what-if', 'What if …'],
  ['/compare', 'Set it beside another way'],
] as const;
