import type { Answer } from '@hammock/core';
import { memo, useDeferredValue, useEffect } from 'react';
import { Link, useLocation, useNavigate } from 'react-router';
import { fetched } from '../../storage/fetched.js';
import { useKitchen } from '../../stores/kitchen/kitchen.js';
import { newDish } from '../../stores/plan/newDish.js';
import { oddsKey } from '../../stores/plan/odds.js';
import { usePlan, type PlanView } from '../../stores/plan/usePlan.js';
import { focusWhenThere } from '../../ui/hooks/focusWhenThere.js';
import { Fence } from '../../ui/shell/Fence.js';
import { late } from '../../ui/hooks/late.js';
import { useWide } from '../../ui/hooks/useWide.js';
import { WhenSeen } from '../../ui/controls/WhenSeen.js';
import { howProps } from './sentence/howProps.js';
import { stageLines } from './stageLines.js';
import { answered, below } from './goesIn/pieces.js';
import { NoPlan } from './NoPlan.js';
import { Sentence } from './sentence/Sentence.js';
import { SetAside } from './SetAside.js';
import { useMeasures } from '../../stores/kitchen/units.js';
import * as w from '../../words/screens/pour.js';

// The words of the plan stand first; the number comes a moment after them, and what stands below it after that.
/** Room for what is answered, kept free until it has come: nothing below moves under a thumb. */
const ROOM = 'min-h-[30rem] lg:min-h-[24rem]';
/** About as high as what comes: what has the keys further down is not pushed out of sight. */
const room = (size: string) => <div className={size} aria-busy />;
const Answered = late(() => answered().then((m) => m.Answered), room(ROOM), true);
const OddsInShort = late(() => answered().then((m) => m.OddsInShort));
const PotDrawn = late(() => answered().then((m) => m.PotDrawn), room('min-h-[19rem] sm:min-h-[31rem]'));
const FitToGrain = late(() => answered().then((m) => m.FitToGrain));
const OddsPanel = late(() => fetched(() => import('./odds/OddsPanel.js')).then((m) => m.OddsPanel));
const AccountPicture = late(
  () => below().then((m) => m.AccountPicture),
  room('min-h-[38rem] sm:min-h-[29rem]'),
);
const Along = late(() => below().then((m) => m.Along), room('min-h-[6rem]'));
const KeepAsDish = late(() => below().then((m) => m.KeepAsDish), room('min-h-[6rem]'));
const Salt = late(() => below().then((m) => m.Salt), room('min-h-[18rem] sm:min-h-[12rem]'));
const WhatGoesIn = late(() => below().then((m) => m.WhatGoesIn), room('min-h-[40rem] sm:min-h-[24rem]'));
const CautionList = late(() => below().then((m) => m.CautionList), room('min-h-[12rem]'));
const EatAt = late(() => below().then((m) => m.EatAt), null);
const HowItIsMade = late(() => below().then((m) => m.HowItIsMade), room('min-h-[28rem] sm:min-h-[18rem]'));
const OtherRules = late(() => below().then((m) => m.OtherRules), room('min-h-[25rem]'));
const StandsOn = late(() => below().then((m) => m.StandsOn), null);
const TheBase = late(() => below().then((m) => m.TheBase), room('min-h-[12rem] sm:min-h-[10rem]'));

/** The installed program's own short way: an empty pot, once. The kitchen has to be there for its first words. */
function useNewPotAsked(): void {
  const isThere = useKitchen((s) => s.state === 'loaded');
  const navigate = useNavigate();
  const { search } = useLocation();
  useEffect(() => {
    if (!isThere || search !== '?new=pot') return;
    newDish();
    void navigate('/', { replace: true });
  }, [isThere, search, navigate]);
}

/** What to pour: three choices, one number, and where every gram of it goes. */
export function PourScreen() {
  const plan = usePlan();
  // A key changes the number first; what stands below follows when there is time.
  useNewPotAsked();
  const calm = useDeferredValue(plan) ?? plan;
  useMending();
  if (!plan || !calm) return <NoPlan />;
  const { draft, answer, input } = plan;
  return (
    <div className="flex flex-col gap-5">
      <h1 className="sr-only">{w.pour2}</h1>
      {/* On a phone's side the words stand beside the number. */}
      <div className="flex flex-col gap-5 short:grid short:grid-cols-2 short:gap-6">
        <div className="grid gap-x-12 lg:grid-cols-[minmax(0,1.55fr)_minmax(0,1fr)]">
          <div>
            <Sentence plan={plan} />
            <SetAside />
            {answer && <FitToGrain draft={draft} grainG={answer.grainG * answer.pots} />}
          </div>
          {answer && (
            <Fence what={w.theOddsInShort} of={answer}>
              <OddsInShort answer={answer} input={input} />
            </Fence>
          )}
        </div>
        {plan.coming ? room(ROOM) : <Answered plan={plan} />}
      </div>
      <Below plan={calm} />
    </div>
  );
}

/** All that stands below the number. */
const Below = memo(function Below({ plan }: { readonly plan: PlanView }) {
  const { draft, answer, input } = plan;
  return (
    <>
      <StandsOn plan={plan} />
      <WhatAndHow plan={plan} />
      {answer && (
        <WhenSeen room="min-h-[140rem] lg:min-h-[60rem]">
          <Later plan={plan} answer={answer} />
        </WhenSeen>
      )}
      <KeepAsDish dishId={draft.dishId} label={draft.label} />
      {answer && plan.good && (
        <Along label={draft.label} input={plan.good} answer={answer} cupId={draft.cupId} />
      )}
      {answer && <CautionList answer={answer} input={input} />}
    </>
  );
});

/** Who was led here to change something wrong finds it under the keys. */
function useMending(): void {
  const state: unknown = useLocation().state;
  const mend = typeof state === 'object' && state !== null && 'mend' in state;
  useEffect(() => {
    if (mend) focusWhenThere('[aria-invalid=true], [data-wrong=true]');
  }, [mend]);
}

/** What is changed most: what goes in, how it is made, the base and the salt. */
function WhatAndHow({ plan }: { readonly plan: PlanView }) {
  const roomC = useKitchen((s) => s.household.roomC);
  const { draft, answer, input } = plan;
  const { spec } = draft;
  const measures = useMeasures(draft.cupId);
  return (
    <div className="grid gap-x-12 gap-y-8 lg:grid-cols-2">
      <Fence what={w.whatGoesIn} of={spec}>
        <WhatGoesIn
          ingredients={spec.ingredients}
          pourWith={spec.pourWith}
          pourMost={spec.pourMost}
          thenWith={spec.thenWith}
          laterShare={spec.laterShare}
          sauceLeftG={spec.sauceLeftG}
          places={stageLines(answer?.stages ?? [])}
          problems={(spec.ingredients ?? [])
            .map((_, i) => plan.problemAt(`ingredients[${i.toString()}]`) ?? '')
            .join('\n')}
        />
      </Fence>
      <div className="flex flex-col gap-8">
        <Fence what={w.howItIsMade} of={spec}>
          <HowItIsMade {...howProps(spec)} roomC={roomC} />
          {answer && (
            <EatAt stages={answer.stages} kind={input.vessel.kind ?? 'pot'} beside={spec.beside ?? []} />
          )}
        </Fence>
        {answer && answer.base.wentInG > 0 && (
          <Fence what={w.theBase} of={answer}>
            <TheBase
              base={answer.base}
              given={spec.base}
              stages={spec.stages}
              places={stageLines(answer.stages)}
              problem={plan.problemAt('base')}
            />
          </Fence>
        )}
        {answer && (
          <Fence what={w.theSalt} of={answer}>
            <Salt
              answer={answer}
              served={input.served ?? 'plain'}
              saltWith={input.saltWith ?? 'saltFine'}
              measures={measures}
            />
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
      </div>
    </div>
  );
}

/** What is read when there is time: how sure it is, where the water goes, what rules of thumb say. */
function Later({ plan, answer }: { readonly plan: PlanView; readonly answer: Answer }) {
  const { draft, input } = plan;
  const measures = useMeasures(draft.cupId);
  const vessel = useKitchen((s) => s.vessels.find((v) => v.id === draft.vesselId));
  const wide = useWide();
  return (
    <>
      {vessel && !wide && (
        <Fence what={w.theDrawingOfThePot} of={answer}>
          <PotDrawn plan={plan} levels={answer.levels} vessel={vessel} />
        </Fence>
      )}
      {!plan.stale && (
        <div className="min-h-[50rem] lg:min-h-[28rem]">
          <Fence what={w.theOdds} of={oddsKey(input)}>
            <OddsPanel answer={answer} input={input} />
          </Fence>
        </div>
      )}
      <div className="grid gap-x-12 gap-y-8 lg:grid-cols-[minmax(0,1.55fr)_minmax(0,1fr)]">
        <Fence what={w.theAccount} of={answer}>
          <AccountPicture answer={answer} measures={measures} />
        </Fence>
        <Fence what={w.whatRulesOfThumbWouldPour} of={answer}>
          <OtherRules answer={answer} measures={measures} wanted={input.texture ?? 2} />
        </Fence>
      </div>
    </>
  );
}

const AWAY = [
  ['/course', w.thePotMinuteByMinute],
  ['/what-if', w.whatIf],
  ['/compare', w.compareWithAnotherWay],
] as const;
