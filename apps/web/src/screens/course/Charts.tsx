import { memo, useCallback } from 'react';
import { colour, useChart } from '../../ui/hooks/useChart.js';
import { chartHeight, chartOption, drawChart, type Drawn } from './chart.js';

export interface ChartsProps {
  readonly drawn: readonly Drawn[];
  readonly toMin: number;
  readonly band: { readonly low: number; readonly high: number };
}

/** A phone held upright: the breakpoint of the margins in `alongTime`. */
const NARROW = '(max-width: 639px)';

/** Moisture, cooking, heat and water against time. Drawn anew when the course changes, not while time is dragged. */
export const Charts = memo(function Charts({ drawn, toMin, band }: ChartsProps) {
  const narrow = matchMedia(NARROW).matches;
  const optionOf = useCallback(
    () => chartOption({ drawn, toMin, band, colour, narrow }),
    [drawn, toMin, band, narrow],
  );
  const into = useChart(drawChart, optionOf);
  return (
    <div
      ref={into}
      className="w-full overflow-hidden"
      style={{ height: chartHeight(narrow) }}
      data-testid="charts"
    />
  );
});
