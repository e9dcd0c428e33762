import type { Course, CourseSeries } from '@hammock/core';

/** The pot at one minute, read from its course. */
export interface Moment {
  readonly tempC: number;
  readonly freeG: number;
  readonly w: readonly number[];
  readonly done: readonly number[];
  readonly baseC: number;
  readonly browning: number;
  readonly steamG: number;
  /** Steam leaving just then, g/min. */
  readonly steaming: number;
}

/** Index of the last row at or before a minute, and how far towards the next. */
function placeOf(minutes: readonly number[], at: number): { readonly i: number; readonly share: number } {
  let low = 0;
  let high = minutes.length - 1;
  while (low < high) {
    const mid = Math.ceil((low + high) / 2);
    if ((minutes[mid] ?? 0) <= at) low = mid;
    else high = mid - 1;
  }
  const from = minutes[low] ?? 0;
  const to = minutes[low + 1] ?? from;
  return { i: low, share: to > from ? Math.min(1, Math.max(0, (at - from) / (to - from))) : 0 };
}

/** The pot at a minute of its course, between rows in proportion. */
export function momentAt({ series }: Pick<Course, 'series'>, atMin: number): Moment {
  const { i, share } = placeOf(series.minutes, atMin);
  const read = (row: readonly number[]): number => {
    const a = row[i] ?? 0;
    return a + share * ((row[i + 1] ?? a) - a);
  };
  const span = (series.minutes[i + 1] ?? 0) - (series.minutes[i] ?? 0);
  const steamed = (series.steamG[i + 1] ?? 0) - (series.steamG[i] ?? 0);
  return {
    tempC: read(series.tempC),
    freeG: read(series.freeG),
    w: series.w.map(read),
    done: series.done.map(read),
    baseC: read(series.baseC),
    browning: read(series.browning),
    steamG: read(series.steamG),
    steaming: span > 0 ? Math.max(0, steamed / span) : 0,
  };
}

/** Moisture from water over dry matter, %. */
export const moistureOf = (w: number): number => (100 * w) / (1 + w);

export type BedName = 'lower' | 'middle' | 'upper';
export const BEDS: readonly BedName[] = ['lower', 'middle', 'upper'];

/** Thins the rows for the table and the chart: a phone cannot show four hundred. */
export function thinned(series: CourseSeries, everyMin: number): readonly number[] {
  const kept: number[] = [];
  let last = -Infinity;
  series.minutes.forEach((m, i) => {
    if (m - last < everyMin && i < series.minutes.length - 1) return;
    kept.push(i);
    last = m;
  });
  return kept;
}
