import type { EChartsType } from 'echarts/core';
import { memo, useEffect, useRef, useState } from 'react';
import { chartHeight, chartOption, drawChart, type Drawn } from './chart.js';

export interface ChartsProps {
  readonly drawn: readonly Drawn[];
  readonly toMin: number;
  readonly band: { readonly low: number; readonly high: number };
}

/** A phone held upright: the breakpoint of the margins in `alongTime`. */
const NARROW = '(max-width: 639px)';

const colour = (name: string): string =>
  getComputedStyle(document.documentElement).getPropertyValue(name).trim() || '#888';

/** Moisture, cooking, heat and water against time. Drawn anew when the course changes, not while time is dragged. */
export const Charts = memo(function Charts({ drawn, toMin, band }: ChartsProps) {
  const into = useRef<HTMLDivElement>(null);
  const chart = useRef<EChartsType | undefined>(undefined);
  const [width, setWidth] = useState(0);
  const [theme, setTheme] = useState(0);
  const narrow = matchMedia(NARROW).matches;
  useEffect(() => {
    const box = into.current;
    if (!box) return undefined;
    const watch = new ResizeObserver(([entry]) => {
      setWidth(entry?.contentRect.width ?? 0);
    });
    watch.observe(box);
    // The chart's colours are read once: another theme is another drawing.
    const themes = new MutationObserver(() => {
      setTheme((n) => n + 1);
    });
    themes.observe(document.documentElement, { attributes: true, attributeFilter: ['data-theme'] });
    return () => {
      watch.disconnect();
      themes.disconnect();
    };
  }, []);
  useEffect(() => {
    const box = into.current;
    if (!box || width === 0) return;
    chart.current ??= drawChart(box);
    chart.current.resize();
    chart.current.setOption(chartOption({ drawn, toMin, band, colour, narrow }), { notMerge: true });
    // Drawn now and not a frame later: a page that is being resized, or photographed, is never blank.
    chart.current.getZr().flush();
  }, [drawn, toMin, band, width, narrow, theme]);
  useEffect(
    () => () => {
      chart.current?.dispose();
      chart.current = undefined;
    },
    [],
  );
  return (
    <div
      ref={into}
      className="w-full overflow-hidden"
      style={{ height: chartHeight(narrow) }}
      data-testid="charts"
    />
  );
});
