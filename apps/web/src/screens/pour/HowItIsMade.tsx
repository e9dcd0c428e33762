import { coveredMinutes, grainById, type DishSpec, type Texture } from '@hammock/core';
import { memo } from 'react';
import { useDraft } from '../../stores/draft.js';
import { Pick, optionsOf } from '../../ui/Pick.js';
import { DRAIN, TEXTURE, TOAST, WASH } from '../../words/words.js';

const SOAKS = [0, 5, 10, 20, 30, 45, 60, 120, 240];
const OPEN_BOILS = [0, 2, 3, 4, 5, 7, 10];
const RESTS = [0, 5, 8, 10, 15];
const TEMPERATURES = [
  { value: 'cold', label: 'cold', hint: 'from the tap' },
  { value: 'hot', label: 'hot', hint: 'just off the boil' },
] as const;
const HOT_C = 95;

const minutes = (list: readonly number[], none: string) =>
  list.map((m) => ({ value: m.toString(), label: m === 0 ? none : `${m.toString()} min` }));
const withOwn = (list: readonly number[], own: number): number[] =>
  [...new Set([...list, own])].sort((a, b) => a - b);

type Fields = 'grainId' | 'wash' | 'soakMin' | 'drain' | 'toast' | 'liquidTempC' | 'timing' | 'texture';
export type HowProps = { readonly [K in Fields]: DishSpec[K] | undefined } & { readonly roomC: number };

function PlainHow(spec: HowProps) {
  const setSpec = useDraft((s) => s.setSpec);
  const timing = spec.timing ?? {};
  const grain = grainById(spec.grainId ?? '');
  const covered = timing.coveredMin ?? (grain ? coveredMinutes(grain, spec.soakMin ?? 0) : 15);
  const wet = (spec.wash ?? 'unwashed') !== 'unwashed' || (spec.soakMin ?? 0) > 0;
  const retime = (change: typeof timing) => setSpec({ timing: { ...timing, ...change } });
  return (
    <section className="hung" aria-labelledby="how">
      <h2 id="how" className="m-0 text-[1.35rem] font-bold">
        How it is made
      </h2>
      <div className="mt-1 leading-[3.1rem]">
        Grain{' '}
        <Pick
          label="Washing"
          value={spec.wash ?? 'unwashed'}
          options={optionsOf(WASH)}
          onChange={(wash) => setSpec({ wash })}
        />
        , soaked{' '}
        <Pick
          label="Soak"
          value={(spec.soakMin ?? 0).toString()}
          options={minutes(withOwn(SOAKS, spec.soakMin ?? 0), 'not at all')}
          onChange={(v) => setSpec({ soakMin: Number(v) })}
        />
        {wet && (
          <>
            ,{' '}
            <Pick
              label="Draining"
              value={spec.drain ?? 'shaken'}
              options={optionsOf(DRAIN)}
              onChange={(drain) => setSpec({ drain })}
            />
          </>
        )}
        ,{' '}
        <Pick
          label="Toasting"
          value={spec.toast ?? 'none'}
          options={optionsOf(TOAST)}
          onChange={(toast) => setSpec({ toast })}
        />
        . Liquid goes in{' '}
        <Pick
          label="Temperature of the liquid"
          value={(spec.liquidTempC ?? 0) > 60 ? 'hot' : 'cold'}
          options={TEMPERATURES}
          onChange={(v) => setSpec({ liquidTempC: v === 'hot' ? HOT_C : Math.max(1, spec.roomC) })}
        />
        ; boiled open{' '}
        <Pick
          label="Open boil"
          value={(timing.openBoilMin ?? 0).toString()}
          options={minutes(withOwn(OPEN_BOILS, timing.openBoilMin ?? 0), 'not at all')}
          onChange={(v) => retime({ openBoilMin: Number(v) })}
        />
        , covered{' '}
        <Pick
          label="Minutes covered"
          value={covered.toString()}
          options={minutes(withOwn([10, 12, 15, 18, 20, 25, 30, 40, 50], covered), '')}
          onChange={(v) => retime({ coveredMin: Number(v) })}
        />
        , rested{' '}
        <Pick
          label="Rest"
          value={(timing.restMin ?? 8).toString()}
          options={minutes(withOwn(RESTS, timing.restMin ?? 8), 'not at all')}
          onChange={(v) => retime({ restMin: Number(v) })}
        />
        . Wanted{' '}
        <Pick
          label="Texture wanted"
          value={(spec.texture ?? 2).toString()}
          options={optionsOf(TEXTURE as Readonly<Record<string, string>>)}
          onChange={(v) => setSpec({ texture: Number(v) as Texture })}
        />
        .
      </div>
    </section>
  );
}

/**
 * Washing, soaking, toasting, boiling, covering: the choices cooks disagree on, each a word in a line. Takes its
 * fields one by one, so that typing an amount elsewhere does not draw it again.
 */
export const HowItIsMade = memo(PlainHow);
