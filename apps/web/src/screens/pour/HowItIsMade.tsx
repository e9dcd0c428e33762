import {
  coveredMinutes,
  grainById,
  METHODS,
  METHOD_VESSEL,
  pressureMinutes,
  type DishSpec,
  type Method,
  type Texture,
} from '@hammock/core';
import { memo } from 'react';
import { Link } from 'react-router';
import { useDraft } from '../../stores/draft.js';
import { useKitchen } from '../../stores/kitchen.js';
import { Pick, optionsOf } from '../../ui/Pick.js';
import type { HowProps } from './howProps.js';
import { METHOD, TEXTURE, TOAST, WASH } from '../../words/words.js';

const SOAKS = [0, 5, 10, 20, 30, 45, 60, 120, 240];
const OPEN_BOILS = [0, 2, 3, 4, 5, 7, 10];
const RESTS = [0, 5, 8, 10, 15];
const TEMPERATURES = [
  { value: 'cold', label: 'cold', hint: 'from the tap' },
  { value: 'hot', label: 'hot', hint: 'just off the boil' },
] as const;
const HOT_C = 95;
const DRAINS = [
  { value: 'shaken', label: 'shaken dry' },
  { value: '5', label: '5 min in a sieve' },
  { value: '20', label: '20 min in a sieve' },
  { value: 'reused', label: 'in its soak water', hint: 'measure the pour first, soak in it' },
] as const;
const SOAK_C = { cold: 8, cool: 22, warm: 45 } as const;
const SOAK_WATERS = [
  { value: 'cold', label: 'cold', hint: 'from the fridge, 8 °C' },
  { value: 'cool', label: 'cool', hint: 'from the tap, 22 °C' },
  { value: 'warm', label: 'warm', hint: 'hand-warm, 45 °C; drinks faster' },
] as const;
const CRUST = [
  { value: 'no', label: 'no crust' },
  { value: 'yes', label: 'a crust' },
] as const;

const minutes = (list: readonly number[], none: string) =>
  list.map((m) => ({ value: m.toString(), label: m === 0 ? none : `${m.toString()} min` }));
const withOwn = (list: readonly number[], own: number): number[] =>
  [...new Set([...list, own])].sort((a, b) => a - b);

const set = (change: Partial<DishSpec>): void => useDraft.getState().setSpec(change);

/** Another method has other stages, and may want another vessel. */
export function chooseMethod(method: Method): void {
  const { draft, setSpec, choose } = useDraft.getState();
  if (!draft) return;
  setSpec({ method }, ['stages', 'timing']);
  const { vessels } = useKitchen.getState();
  const kind = METHOD_VESSEL[method];
  if (vessels.find((v) => v.id === draft.vesselId)?.kind === kind) return;
  const fitting = vessels.find((v) => v.kind === kind);
  if (fitting) choose({ vesselId: fitting.id });
}

function PlainHow(spec: HowProps) {
  const wet = (spec.wash ?? 'unwashed') !== 'unwashed' || (spec.soakMin ?? 0) > 0;
  return (
    <section className="hung" aria-labelledby="how">
      <h2 id="how" className="m-0 text-[1.35rem] font-bold">
        How it is made
      </h2>
      <div className="mt-1 leading-[3.1rem]">
        By{' '}
        <Pick
          label="Method"
          value={spec.method ?? 'coveredAbsorption'}
          options={METHODS.map((m) => ({ value: m, label: METHOD[m] }))}
          onChange={chooseMethod}
        />
        . Grain{' '}
        <Pick
          label="Washing"
          value={spec.wash ?? 'unwashed'}
          options={optionsOf(WASH)}
          onChange={(wash) => set({ wash })}
        />
        , soaked{' '}
        <Pick
          label="Soak"
          value={(spec.soakMin ?? 0).toString()}
          options={minutes(withOwn(SOAKS, spec.soakMin ?? 0), 'not at all')}
          onChange={(v) => set({ soakMin: Number(v) })}
        />
        {(spec.soakMin ?? 0) > 0 && (
          <>
            {' '}
            in{' '}
            <Pick
              label="Soak water"
              value={(spec.soakWaterC ?? 22) > 32 ? 'warm' : (spec.soakWaterC ?? 22) < 15 ? 'cold' : 'cool'}
              options={SOAK_WATERS}
              onChange={(v) => set({ soakWaterC: SOAK_C[v] })}
            />{' '}
            water
          </>
        )}
        {wet && (
          <>
            , <Pick label="Draining" value={drainOf(spec)} options={DRAINS} onChange={setDrain} />
          </>
        )}
        ,{' '}
        <Pick
          label="Toasting"
          value={spec.toast ?? 'none'}
          options={optionsOf(TOAST)}
          onChange={(toast) => set({ toast })}
        />
        . Liquid goes in{' '}
        <Pick
          label="Temperature of the liquid"
          value={(spec.liquidTempC ?? 0) > 60 ? 'hot' : 'cold'}
          options={TEMPERATURES}
          onChange={(v) => set({ liquidTempC: v === 'hot' ? HOT_C : Math.max(1, spec.roomC) })}
        />
        {spec.stages ? <>; then {spec.stages.length} stages of your own</> : <Times {...spec} />}. Wanted{' '}
        <Pick
          label="Texture wanted"
          value={(spec.texture ?? 2).toString()}
          options={optionsOf(TEXTURE as Readonly<Record<string, string>>)}
          onChange={(v) => set({ texture: Number(v) as Texture })}
        />
        , with{' '}
        <Pick
          label="Crust"
          value={spec.crust ? 'yes' : 'no'}
          options={CRUST}
          onChange={(v) => set({ crust: v === 'yes' })}
        />
        .{' '}
        <Link
          to="/method"
          className="inline-flex min-h-12 items-center font-semibold underline decoration-husk decoration-2 underline-offset-4"
        >
          Change the stages
        </Link>
      </div>
    </section>
  );
}

function drainOf({ drain, sieveMin, soakWater }: HowProps): (typeof DRAINS)[number]['value'] {
  if (soakWater === 'reused') return 'reused';
  if (drain !== 'sieve') return 'shaken';
  return (sieveMin ?? 20) <= 10 ? '5' : '20';
}

function setDrain(value: string): void {
  if (value === 'reused') set({ soakWater: 'reused', drain: 'shaken' });
  else if (value === 'shaken') set({ soakWater: 'thrown', drain: 'shaken' });
  else set({ soakWater: 'thrown', drain: 'sieve', sieveMin: Number(value) });
}

/** The times that shape this method, each with the method's own as its default. */
function Times(spec: HowProps) {
  const method = spec.method ?? 'coveredAbsorption';
  const timing = spec.timing ?? {};
  const grain = grainById(spec.grainId ?? '');
  const usual = grain ? coveredMinutes(grain, spec.soakMin ?? 0) : 15;
  const retime = (change: typeof timing) => set({ timing: { ...timing, ...change } });
  const time = (
    label: string,
    list: readonly number[],
    value: number,
    none: string,
    key: keyof typeof timing,
  ) => (
    <Pick
      label={label}
      value={value.toString()}
      options={minutes(withOwn(list, value), none)}
      onChange={(v) => retime({ [key]: Number(v) })}
    />
  );
  const covered = (own: number) => (
    <>
      , covered{' '}
      {time(
        'Minutes covered',
        [10, 12, 15, 18, 20, 25, 30, 40, 50],
        timing.coveredMin ?? own,
        '',
        'coveredMin',
      )}
    </>
  );
  const rested = (own: number) => (
    <>, rested {time('Rest', RESTS, timing.restMin ?? own, 'not at all', 'restMin')}</>
  );
  switch (method) {
    case 'coveredAbsorption':
    case 'liquidFirst':
      return (
        <>
          ; boiled open {time('Open boil', OPEN_BOILS, timing.openBoilMin ?? 0, 'not at all', 'openBoilMin')}
          {covered(usual)}
          {rested(method === 'liquidFirst' ? 10 : 8)}
        </>
      );
    case 'boilDown':
      return (
        <>
          ; boiled open until holes show{covered(spec.crust ? 27 : 12)}
          {rested(5)}
        </>
      );
    case 'absorbButter':
      return (
        <>
          ; boiled open until absorbed{covered(spec.crust ? 25 : 10)}
          {rested(5)}
        </>
      );
    case 'stewSteam':
    case 'fryDry':
      return (
        <>
          {covered(usual)}
          {rested(10)}
        </>
      );
    case 'pressureCooker': {
      const whistles = timing.whistles ?? 0;
      return (
        <>
          ; for{' '}
          <Pick
            label="Whistles"
            value={whistles.toString()}
            options={[0, 1, 2, 3, 4, 5, 6].map((n) => ({
              value: n.toString(),
              label:
                n === 0 ? 'minutes, not whistles' : `${n.toString()} ${n === 1 ? 'whistle' : 'whistles'}`,
            }))}
            onChange={(v) => retime({ whistles: Number(v) })}
          />
          , then low{' '}
          {time(
            'Minutes at pressure',
            [0, 3, 5, 8, 12, 20],
            timing.pressureMin ?? (whistles > 0 || !grain ? 0 : pressureMinutes(grain, spec.soakMin ?? 0)),
            'not at all',
            'pressureMin',
          )}
        </>
      );
    }
    case 'multiCooker':
      return (
        <>
          ;{' '}
          <Pick
            label="Mode"
            value={timing.slow ?? 'pressure'}
            options={[
              { value: 'pressure', label: 'under pressure' },
              { value: 'high', label: 'slow, high' },
              { value: 'low', label: 'slow, low' },
            ]}
            onChange={(v) => set({ timing: v === 'pressure' ? {} : { slow: v } })}
          />
          {timing.slow === undefined && grain && (
            <>
              {' '}
              {time(
                'Minutes at pressure',
                [3, 4, 6, 8, 12, 20, 25],
                timing.pressureMin ?? pressureMinutes(grain, spec.soakMin ?? 0),
                '',
                'pressureMin',
              )}
            </>
          )}
        </>
      );
    case 'riceCooker':
      return (
        <>
          ; left on after it flips{' '}
          {time(
            'Kept on',
            [0, 5, 10, 15, 20],
            timing.keptOnMin ?? (spec.crust ? 15 : 0),
            'not at all',
            'keptOnMin',
          )}
          {rested(10)}
        </>
      );
  }
}

/** Method, washing, soaking, toasting, boiling, covering: the choices cooks disagree on, each a word in a line. */
export const HowItIsMade = memo(PlainHow);
