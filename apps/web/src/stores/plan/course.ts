import type { Course, PlanInput } from '@hammock/core';
import { useEffect, useState } from 'react';
import { PoolEnded } from '../../workers/pool.js';
import { pots } from '../../workers/pots.js';

export interface CourseView {
  readonly course: Course | undefined;
  /** True while a newer one is being cooked. */
  readonly stale: boolean;
  readonly failed: boolean;
}

/** The pot over time of a plan, cooked in a worker; the last one stays until the next stands. */
export function useCourse(input: PlanInput | undefined, pourMl?: number): CourseView {
  const key = input ? JSON.stringify([input, pourMl]) : undefined;
  const [made, setMade] = useState<
    { readonly key: string; readonly course: Course | undefined } | undefined
  >();
  const [failed, setFailed] = useState<string | undefined>();
  useEffect(() => {
    if (key === undefined) return undefined;
    const [plan, ml] = JSON.parse(key) as [PlanInput, number | null | undefined];
    const cancelled = new AbortController();
    pots()
      .run(
        { kind: 'course', input: plan, pourMl: ml ?? undefined },
        { signal: cancelled.signal, first: true },
      )
      .then((course) => {
        setMade((before) => ({ key, course: course ?? before?.course }));
      })
      .catch((why: unknown) => {
        if (!(why instanceof PoolEnded && why.reason === 'cancelled')) setFailed(key);
      });
    return () => {
      cancelled.abort();
    };
  }, [key]);
  return { course: made?.course, stale: made?.key !== key, failed: failed === key && key !== undefined };
}
