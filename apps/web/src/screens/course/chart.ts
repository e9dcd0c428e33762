import type { CourseSeries } from '@hammock/core';
import { LineChart } from 'echarts/charts';
import { AriaComponent, GridComponent, MarkAreaComponent, TooltipComponent } from 'echarts/components';
import { init, use as registerParts, type EChartsType } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { NARROW_PAIR_TITLES, NARROW_TITLES, TITLES } from './chartTitles.js';
import { liftsOf } from './endNames.js';
import { moistureOf, thinned } from './moment.js';
import { whole } from '../../words/measures/numbers.js';

registerParts([LineChart, GridComponent, TooltipComponent, MarkAreaComponent, AriaComponent, SVGRenderer]);

/** A course to draw, and how its lines are told apart besides their colour. */
export interface Drawn {
  readonly name: string;
  readonly series: CourseSeries;
  readonly dashed: boolean;
}

export interface ChartInput {
  readonly drawn: readonly Drawn[];
  readonly toMin: number;
  readonly band: { readonly low: number; readonly high: number };
  /** Reads a colour of the palette as it is in the present theme. */
  readonly colour: (name: string) => string;
  readonly narrow: boolean;
}

/** Room left of and right of the plots, px: what lies along time above them keeps to the same. */
export const gridOf = (narrow: boolean): { readonly left: number; readonly right: number } =>
  narrow ? { left: 40, right: 10 } : { left: 44, right: 118 };
const TOP = 34;
const GAP = 44;
const PLOT = { wide: 104, narrow: 92 } as const;
const EVERY_MIN = 0.4;

interface Line {
  readonly name: string;
  /** Written at the end of the line. */
  readonly short: string;
  readonly grid: number;
  readonly colour: string;
  readonly width: number;
  readonly type: 'solid' | 'dashed' | 'dotted';
  readonly of: (s: CourseSeries, i: number) => number;
}

const LINES: readonly Line[] = [
  {
    name: 'moisture, lower',
    short: 'lower',
    grid: 0,
    colour: '--husk',
    width: 2.5,
    type: 'dotted',
    of: (s, i) => moistureOf(s.w[0]?.[i] ?? 0),
  },
  {
    name: 'moisture, middle',
    short: 'middle',
    grid: 0,
    colour: '--husk',
    width: 2.5,
    type: 'solid',
    of: (s, i) => moistureOf(s.w[1]?.[i] ?? 0),
  },
  {
    name: 'moisture, upper',
    short: 'upper',
    grid: 0,
    colour: '--husk',
    width: 2.5,
    type: 'dashed',
    of: (s, i) => moistureOf(s.w[2]?.[i] ?? 0),
  },
  {
    name: 'cooked through',
    short: 'least done bed',
    grid: 1,
    colour: '--ink',
    width: 3,
    type: 'solid',
    of: (s, i) => 100 * Math.min(...s.done.map((d) => d[i] ?? 0)),
  },
  {
    name: 'pot',
    short: 'pot',
    grid: 2,
    colour: '--steam',
    width: 3,
    type: 'solid',
    of: (s, i) => s.tempC[i] ?? 0,
  },
  {
    name: 'bottom of the pot',
    short: 'bottom',
    grid: 2,
    colour: '--ember',
    width: 2.5,
    type: 'dashed',
    of: (s, i) => Math.min(260, s.baseC[i] ?? 0),
  },
  {
    name: 'free liquid',
    short: 'free liquid',
    grid: 3,
    colour: '--water',
    width: 3,
    type: 'solid',
    of: (s, i) => Math.max(0, s.freeG[i] ?? 0),
  },
  {
    name: 'gone as steam',
    short: 'gone as steam',
    grid: 3,
    colour: '--steam',
    width: 2.5,
    type: 'dashed',
    of: (s, i) => s.steamG[i] ?? 0,
  },
];
const SCALES = [
  { max: 80, interval: 20 },
  { max: 100, interval: 25 },
  { splitNumber: 3 },
  { splitNumber: 3 },
] as const;

/** Height of the whole chart, px. */
export const chartHeight = (narrow: boolean): number =>
  TOP + TITLES.length * ((narrow ? PLOT.narrow : PLOT.wide) + GAP);

/** How far each line's name is moved, px: by plot, since names of different plots never meet. */
function liftsIn(lines: readonly Line[], series: CourseSeries, plot: number): Map<Line, number> {
  const last = series.minutes.length - 1;
  return new Map(
    SCALES.flatMap((scale, grid) => {
      const here = lines.filter((l) => l.grid === grid);
      const highest = Math.max(
        1,
        ...here.flatMap((l) => [0, 0.25, 0.5, 0.75, 1].map((at) => l.of(series, Math.round(at * last)))),
      );
      const max = 'max' in scale ? scale.max : highest * 1.1;
      const lifts = liftsOf(here.map((l) => (l.of(series, last) / max) * plot));
      return here.map((line, i): [Line, number] => [line, lifts[i] ?? 0]);
    }),
  );
}

/** ECharts option for one course, or for two laid over each other. */
export function chartOption({ drawn, toMin, band, colour, narrow }: ChartInput) {
  const plot = narrow ? PLOT.narrow : PLOT.wide;
  const { left, right } = gridOf(narrow);
  const text = { color: colour('--ink'), fontFamily: 'Sofia Sans Variable, sans-serif', fontSize: 14 };
  const top = (i: number): number => TOP + i * (plot + GAP);
  const wanted = {
    silent: true,
    itemStyle: { color: colour('--ink'), opacity: 0.14 },
    data: [[{ yAxis: band.low }, { yAxis: band.high }]],
  };
  return {
    animation: false,
    textStyle: text,
    aria: {
      enabled: true,
      description:
        'The pot over time: moisture of the beds, how far it is cooked, heat, and water. The table below holds the same numbers.',
    },
    tooltip: {
      trigger: 'axis',
      confine: true,
      textStyle: { ...text, color: colour('--ink') },
      backgroundColor: colour('--raised'),
      borderColor: colour('--ink'),
      valueFormatter: (v: unknown) => (typeof v === 'number' ? whole(v) : ''),
    },
    grid: TITLES.map((_, i) => ({ left, right, top: top(i), height: plot })),
    xAxis: TITLES.map((_, i) => ({
      type: 'value',
      gridIndex: i,
      min: 0,
      max: toMin,
      axisLabel: {
        show: i === TITLES.length - 1,
        showMaxLabel: false,
        ...text,
        formatter: (v: number) => `${v.toString()} min`,
      },
      axisLine: { lineStyle: { color: colour('--ink') } },
      splitLine: { show: false },
    })),
    yAxis: TITLES.map((name, i) => ({
      type: 'value',
      gridIndex: i,
      name: narrow ? (drawn.length > 1 ? NARROW_PAIR_TITLES : NARROW_TITLES)[i] : name,
      nameLocation: 'end',
      nameGap: 8,
      nameTextStyle: { ...text, fontWeight: 700, align: 'left', padding: [0, 0, 0, 2 - left] },
      min: 0,
      ...SCALES[i],
      axisLabel: text,
      splitLine: { lineStyle: { color: colour('--line') } },
    })),
    series: drawn.flatMap(({ name, series, dashed }) => {
      const rows = thinned(series, EVERY_MIN);
      // Two courses on one chart: the beds of both would be six lines, so only the middle one is drawn.
      const lines = drawn.length > 1 ? LINES.filter((l) => !/lower|upper$/u.test(l.name)) : LINES;
      const lifts = liftsIn(lines, series, plot);
      return lines.map((line) => ({
        type: 'line',
        name: drawn.length > 1 ? `${line.name}, ${name}` : line.name,
        xAxisIndex: line.grid,
        yAxisIndex: line.grid,
        showSymbol: false,
        silent: true,
        data: rows.map((i) => [series.minutes[i] ?? 0, Math.round(10 * line.of(series, i)) / 10]),
        lineStyle: {
          color: colour(line.colour),
          width: line.width,
          type: drawn.length > 1 ? (dashed ? 'dashed' : 'solid') : line.type,
        },
        itemStyle: { color: colour(line.colour) },
        endLabel: {
          show: !narrow && !dashed,
          formatter: line.short,
          ...text,
          color: colour(line.colour),
          distance: 4,
          backgroundColor: colour('--ground'),
          padding: [0, 3],
          offset: [0, -(lifts.get(line) ?? 0)],
        },
        ...(line.name === 'moisture, middle' && !dashed ? { markArea: wanted } : {}),
      }));
    }),
  };
}

/** Draws into an element; the caller resizes and disposes of it. */
export const drawChart = (into: HTMLElement): EChartsType => init(into, undefined, { renderer: 'svg' });
