import type { EChartsType } from 'echarts/core';
import { useEffect, useRef, useState, type RefObject } from 'react';

type Option = Parameters<EChartsType['setOption']>[0];

/**
 * A chart in a box of the page: drawn anew when its option, its width or the theme changes, and taken away with the box.
 * @param draw begins the chart in its box
 * @param optionOf what is drawn; the same function for as long as that is the same
 */
export function useChart(
  draw: (box: HTMLElement) => EChartsType,
  optionOf: () => Option,
): RefObject<HTMLDivElement | null> {
  const into = useRef<HTMLDivElement>(null);
  const chart = useRef<EChartsType | undefined>(undefined);
  const [width, setWidth] = useState(0);
  const [theme, setTheme] = useState(0);
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
      chart.current?.dispose();
      chart.current = undefined;
    };
  }, []);
  useEffect(() => {
    const box = into.current;
    if (!box || width === 0) return;
    chart.current ??= draw(box);
    chart.current.resize();
    chart.current.setOption(optionOf(), { notMerge: true });
    // Drawn now and not a frame later: a page that is being resized, or photographed, is never blank.
    chart.current.getZr().flush();
  }, [draw, optionOf, width, theme]);
  return into;
}

/** A colour of the palette as it is in the present theme. */
export const colour = (name: string): string =>
  getComputedStyle(document.documentElement).getPropertyValue(name).trim() || '#888';
