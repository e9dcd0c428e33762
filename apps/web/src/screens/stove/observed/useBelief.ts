import { isWet, type PotBelief, type PotNow, type RunState } from '@hammock/core';
import type { CookRecord } from '@hammock/core/records';
import { useEffect, useRef, useState } from 'react';
import { eventsOf } from '../../../stores/cooks/cookRecord.js';
import { pots } from '../../../workers/pots.js';
import { allMl, isOther } from '../pouring/allPoured.js';

/** What is thought moves on by itself so often, ms. */
const EVERY_MS = 30_000;

/** True once the stage is over in which the liquid goes in: until then its own lines say what to do about it. */
const isPast = ({ stages, current }: RunState): boolean =>
  current > stages.findIndex((s) => isWet(s.stage.act));

/**
 * What is thought of the pot that is on, once something was said of it or something else was poured; the last that was
 * worked out, while the next is.
 */
export function useBelief(
  cook: CookRecord,
  run: RunState,
  nowMs: number,
  keepByMl: number,
): PotBelief | undefined {
  const isTold = run.said.length > 0 || (isOther(cook) && isPast(run));
  const at = Math.max(run.said.at(-1)?.atMs ?? 0, Math.floor(nowMs / EVERY_MS) * EVERY_MS);
  const pot: PotNow | undefined = isTold
    ? {
        input: cook.input,
        stages: cook.answer.stages,
        taps: eventsOf(cook),
        nowMs: at,
        keepByMl: Math.round(keepByMl),
        ...(isOther(cook) ? { pouredMl: allMl(cook) } : {}),
      }
    : undefined;
  const key = pot && JSON.stringify(pot);
  useMadeReady(cook, !isTold && isPast(run));
  const [found, setFound] = useState<PotBelief>();
  // What was thought before everything was taken back is not what is thought now.
  if (!isTold && found) setFound(undefined);
  useEffect(() => {
    if (key === undefined) return undefined;
    const cancelled = new AbortController();
    const asked = JSON.parse(key) as PotNow;
    // A device without workers has no advice, and goes on.
    Promise.resolve()
      .then(() =>
        pots().run(
          { kind: 'belief', input: asked.input, pot: asked },
          { signal: cancelled.signal, first: true },
        ),
      )
      .then(setFound)
      .catch(() => undefined);
    return () => cancelled.abort();
  }, [key]);
  return isTold ? found : undefined;
}

/** The first of anything takes a device long: it is thought of once before anything is said, so that the first tap need not wait. */
function useMadeReady({ id, input, answer: { stages } }: CookRecord, isSoon: boolean): void {
  const ready = useRef<string>(undefined);
  useEffect(() => {
    if (!isSoon || ready.current === id) return;
    ready.current = id;
    const pot: PotNow = { input, stages, taps: [], nowMs: 0, keepByMl: 0 };
    Promise.resolve()
      .then(() => pots().run({ kind: 'belief', input, pot }, { signal: new AbortController().signal }))
      .catch(() => undefined);
  }, [id, input, stages, isSoon]);
}
