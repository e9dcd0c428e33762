import { completePlan, courseOf, type Course } from '@hammock/core';
import { describe, expect, it } from '@jest/globals';
import { chartHeight, chartOption, gridOf, type Drawn } from './chart.js';

function cooked(pourG: number): Course {
  const made = completePlan({
    grainId: 'longGrainWhite',
    grain: { g: 300 },
    vessel: { diameterCm: 22, volumeMl: 4000 },
  });
  if (!made.ok) throw new Error('a plan');
  return courseOf(made.value, pourG);
}
const COURSE = cooked(560);
const drawn = (name: string, course: Course, dashed = false): Drawn => ({
  name,
  series: course.series,
  dashed,
});
const option = (list: readonly Drawn[], narrow = false) =>
  chartOption({
    drawn: list,
    toMin: 30,
    band: { low: 67, high: 70 },
    colour: (name) => `var(${name})`,
    narrow,
  });
const ends = (data: readonly number[][]): readonly number[] => [data[0]![0]!, data.at(-1)![0]!];

describe('the charts of a course', () => {
  it('draw moisture of three beds, doneness, heat and water over one axis of minutes', () => {
    const { series, grid, xAxis, yAxis } = option([drawn('as planned', COURSE)]);
    expect(series.map((s) => s.name)).toEqual([
      'moisture, lower',
      'moisture, middle',
      'moisture, upper',
      'cooked through',
      'pot',
      'bottom of the pot',
      'free liquid',
      'gone as steam',
    ]);
    expect([grid.length, xAxis.length, yAxis.length]).toEqual([4, 4, 4]);
    for (const axis of xAxis) expect([axis.min, axis.max]).toEqual([0, 30]);
    for (const s of series) {
      expect(ends(s.data)[0]).toBe(0);
      expect(ends(s.data)[1]).toBeCloseTo(COURSE.minutes, 6);
      expect(s.data.every(([m, v]) => Number.isFinite(m) && Number.isFinite(v))).toBe(true);
    }
  });

  it('tell the lines of a bed apart by more than their colour', () => {
    const beds = option([drawn('as planned', COURSE)]).series.slice(0, 3);
    expect(new Set(beds.map((s) => s.lineStyle.type)).size).toBe(3);
    expect(new Set(beds.map((s) => s.endLabel.formatter))).toEqual(new Set(['lower', 'middle', 'upper']));
  });

  it('show what was wanted once, behind the middle bed', () => {
    const marked = option([drawn('as planned', COURSE), drawn('what if', cooked(400), true)]).series.filter(
      (s) => 'markArea' in s,
    );
    expect(marked.map((s) => s.name)).toEqual(['moisture, middle, as planned']);
    expect(JSON.stringify(marked)).toContain('"yAxis":67');
  });

  it('lay two courses over each other as six lines each, whole and broken', () => {
    const { series } = option([drawn('as planned', COURSE), drawn('what if', cooked(400), true)]);
    expect(series).toHaveLength(12);
    expect(series.filter((s) => s.lineStyle.type === 'dashed')).toHaveLength(6);
    expect(series.filter((s) => s.endLabel.show).every((s) => s.lineStyle.type === 'solid')).toBe(true);
  });

  it('keep a burnt base inside the plot, and free liquid from going under', () => {
    const { series } = option([drawn('dry', cooked(0))]);
    const of = (name: string) => series.find((s) => s.name === name)!.data.map(([, v]) => v!);
    expect(Math.max(...of('bottom of the pot'))).toBeLessThanOrEqual(260);
    expect(Math.min(...of('free liquid'))).toBeGreaterThanOrEqual(0);
  });

  it('on a phone name the lines above the plots, and leave no room beside them', () => {
    const { yAxis, series } = option([drawn('as planned', COURSE)], true);
    expect(yAxis[0]!.name).toMatch(/lower .*middle .*upper/u);
    expect(series.some((s) => s.endLabel.show)).toBe(false);
    const pair = option([drawn('as planned', COURSE), drawn('what if', cooked(400), true)], true);
    expect(pair.yAxis[0]!.name).toBe('moisture of the middle bed, %');
    expect(gridOf(true).right).toBeLessThan(gridOf(false).right);
    expect(chartHeight(true)).toBeLessThan(chartHeight(false));
  });
});
