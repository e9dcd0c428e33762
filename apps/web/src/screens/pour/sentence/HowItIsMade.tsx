import { HOT_C, METHODS, PLAN_DEFAULTS, type Texture } from '@hammock/core';
import type { DishSpec } from '@hammock/core/records';
import { memo } from 'react';
import { Link } from 'react-router';
import { chooseMethod } from '../../../stores/plan/chooseMethod.js';
import { useDraft } from '../../../stores/plan/draft.js';
import { Pick } from '../../../ui/controls/Pick.js';
import { optionsOf } from '../../../ui/controls/pickParts.js';
import type { HowProps } from './howProps.js';
import { minutes, withOwn } from './minutes.js';
import { Times } from '../Times.js';
import { textureNames } from '../../../words/plan/textureWords.js';
import { drainText, METHOD, TOAST, WASH } from '../../../words/words.js';
import * as w from '../../../words/screens/pourSentence.js';

const SOAKS = [0, 5, 10, 20, 30, 45, 60, 120, 240];
const TEMPERATURES = [
  { value: 'cold', label: 'cold', hint: w.fromTheTap },
  { value: 'hot', label: 'hot', hint: w.justOffTheBoil },
] as const;
const SIEVES = [5, 10, 20, 40];
const SHAKEN = { value: 'shaken', label: w.shakenDry };
const REUSED = [
  { value: 'reused', label: w.inItsSoakWater, hint: w.measuredBeforeTheSoak },
  { value: 'reusedAfter', label: w.inItsSoakWaterAgain, hint: w.measuredOnceTheGrainIsOut },
];
const SOAK_C = { cold: 8, cool: 22, warm: 45 } as const;
const SOAK_WATERS = [
  { value: 'cold', label: 'cold', hint: w.fromTheFridge8C },
  { value: 'cool', label: 'cool', hint: w.fromTheTap22C },
  { value: 'warm', label: 'warm', hint: w.handWarm45CDrinksFaster },
] as const;
const CRUST = [
  { value: 'no', label: w.noCrust },
  { value: 'yes', label: w.aCrust },
] as const;

const set = (change: Partial<DishSpec>): void => useDraft.getState().setSpec(change);

function PlainHow(spec: HowProps) {
  const wet = (spec.wash ?? 'unwashed') !== 'unwashed' || (spec.soakMin ?? 0) > 0;
  return (
    <section className="hung" aria-labelledby="how">
      <h2 id="how" className="m-0 text-[1.35rem] font-bold">
        {w.howItIsMade}
      </h2>
      <div className="mt-1 leading-[3.1rem]">
        {w.by}{' '}
        <Pick
          label={w.method}
          value={spec.method ?? 'coveredAbsorption'}
          options={METHODS.map((m) => ({ value: m, label: METHOD[m] }))}
          onChange={chooseMethod}
        />
        {w.grain}{' '}
        <Pick
          label={w.washing}
          value={spec.wash ?? 'unwashed'}
          options={optionsOf(WASH)}
          onChange={(wash) => set({ wash })}
        />
        {w.soaked}{' '}
        <Pick
          label={w.soak}
          value={(spec.soakMin ?? 0).toString()}
          options={minutes(withOwn(SOAKS, spec.soakMin ?? 0), w.notAtAll)}
          onChange={(v) => set({ soakMin: Number(v) })}
        />
        {(spec.soakMin ?? 0) > 0 && (
          <>
            {' '}
            {w.inWord}{' '}
            <Pick
              label={w.soakWater}
              value={(spec.soakWaterC ?? 22) > 32 ? 'warm' : (spec.soakWaterC ?? 22) < 15 ? 'cold' : 'cool'}
              options={SOAK_WATERS}
              onChange={(v) => set({ soakWaterC: SOAK_C[v] })}
            />{' '}
            {w.water}
          </>
        )}
        {wet && (
          <>
            , <Draining {...spec} />
          </>
        )}
        ,{' '}
        <Pick
          label={w.toasting}
          value={spec.toast ?? 'none'}
          options={optionsOf(TOAST)}
          onChange={(toast) => set({ toast })}
        />
        {w.liquidGoesIn}{' '}
        <Pick
          label={w.temperatureOfTheLiquid}
          value={(spec.liquidTempC ?? 0) > 60 ? 'hot' : 'cold'}
          options={TEMPERATURES}
          onChange={(v) => set({ liquidTempC: v === 'hot' ? HOT_C : Math.max(1, spec.roomC) })}
        />
        {spec.stages ? <>{w.thenStagesOfYourOwn(spec.stages.length)}</> : <Times {...spec} />}
        {w.wanted}{' '}
        <Pick
          label={w.textureWanted}
          value={(spec.texture ?? 2).toString()}
          options={optionsOf(textureNames() as Readonly<Record<string, string>>)}
          onChange={(v) => set({ texture: Number(v) as Texture })}
        />
        {w.withWord}{' '}
        <Pick
          label={w.crust}
          value={spec.crust ? 'yes' : 'no'}
          options={CRUST}
          onChange={(v) => set({ crust: v === 'yes' })}
        />
        .{' '}
        <Link
          to="/method"
          className="inline-flex min-h-12 items-center font-semibold underline decoration-husk decoration-2 underline-offset-4"
        >
          {w.changeTheStages}
        </Link>
      </div>
    </section>
  );
}

function Draining({ drain, sieveMin = PLAN_DEFAULTS.sieveMin, soakWater }: HowProps) {
  const inSieve = drain === 'sieve';
  const sieves = (inSieve ? withOwn(SIEVES, sieveMin) : SIEVES).map((min) => ({
    value: min.toString(),
    label: drainText('sieve', min),
  }));
  return (
    <Pick
      label={w.draining}
      value={
        soakWater === 'reused' || soakWater === 'reusedAfter'
          ? soakWater
          : inSieve
            ? sieveMin.toString()
            : 'shaken'
      }
      options={[SHAKEN, ...sieves, ...REUSED]}
      onChange={setDrain}
    />
  );
}

function setDrain(value: string): void {
  if (value === 'reused' || value === 'reusedAfter') set({ soakWater: value, drain: 'shaken' });
  else if (value === 'shaken') set({ soakWater: 'thrown', drain: 'shaken' });
  else set({ soakWater: 'thrown', drain: 'sieve', sieveMin: Number(value) });
}

/** Method, washing, soaking, toasting, boiling, covering: the choices cooks disagree on, each a word in a line. */
export const HowItIsMade = memo(PlainHow);
