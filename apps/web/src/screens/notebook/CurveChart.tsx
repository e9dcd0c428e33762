import { LineChart, ScatterChart } from 'echarts/charts';
import { AriaComponent, GridComponent, TooltipComponent } from 'echarts/components';
import { init, use as registerParts, type EChartsType } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { useCallback } from 'react';
import { colour, useChart } from '../../ui/hooks/useChart.js';
import type { Off } from './offs.js';
import * as w from '../../words/screens/notebook.js';

registerParts([LineChart, ScatterChart, GridComponent, TooltipComponent, AriaComponent, SVGRenderer]);

const HEIGHT_PX = 170;
/** Further off than this a pot stands at the edge, per cent. */
const MOST = 40;

const percent = (share: number): number => Math.max(-MOST, Math.min(MOST, Math.round(1000 * share) / 10));

/** A dot for every pot, and between two lines what was usual about then. */
function optionOf(offs: readonly Off[]) {
  const [ink, line, husk, faint] = [colour('--ink'), colour('--line'), colour('--husk'), colour('--faint')];
  const side = (sign: 1 | -1) => ({
    type: 'line' as const,
    name: sign > 0 ? w.usuallyOffBy : w.usuallyOffByTheOtherWay,
    data: offs.map(({ usual }, i) => [i + 1, sign * percent(usual)]),
    showSymbol: false,
    lineStyle: { color: husk, width: 2.5 },
    itemStyle: { color: husk },
    silent: true,
  });
  return {
    animation: false,
    aria: { enabled: true },
    textStyle: { fontFamily: 'inherit', color: ink },
    grid: { left: 60, right: 12, top: 12, bottom: 34 },
    tooltip: {
      trigger: 'item',
      backgroundColor: colour('--raised'),
      borderColor: ink,
      textStyle: { color: ink },
      formatter: ({ data }: { readonly data: readonly [number, number] }) => {
        const pot = offs[data[0] - 1]?.pot;
        return `${(pot?.label ?? '').replace(/[<&]/gu, '')}: ${data[1].toString()} %`;
      },
    },
    xAxis: {
      type: 'value' as const,
      min: 1,
      max: Math.max(2, offs.length),
      minInterval: 1,
      name: 'pot',
      nameLocation: 'middle' as const,
      nameGap: 20,
      axisLabel: { color: faint },
      splitLine: { show: false },
      axisLine: { onZero: true, lineStyle: { color: ink } },
    },
    yAxis: {
      type: 'value' as const,
      min: -MOST,
      max: MOST,
      interval: 20,
      axisLabel: {
        color: faint,
        formatter: (v: number) => (v === MOST ? w.tooMuch : v === -MOST ? w.tooLittle : `${v.toString()} %`),
      },
      splitLine: { lineStyle: { color: line } },
    },
    series: [
      side(1),
      side(-1),
      {
        type: 'scatter' as const,
        name: w.onePot,
        data: offs.map(({ share }, i) => [i + 1, percent(share)]),
        symbolSize: offs.length > 120 ? 5 : 8,
        itemStyle: { color: ink },
      },
    ],
  };
}

const drawIn = (box: HTMLElement): EChartsType => init(box, undefined, { renderer: 'svg' });

/** The curve as it is drawn: anew with the theme and the width. */
export function CurveChart({ offs }: { readonly offs: readonly Off[] }) {
  const optionOfThese = useCallback(() => optionOf(offs), [offs]);
  const into = useChart(drawIn, optionOfThese);
  return (
    <div
      ref={into}
      className="w-full overflow-hidden"
      style={{ height: HEIGHT_PX }}
      data-testid="curve-chart"
    />
  );
}
