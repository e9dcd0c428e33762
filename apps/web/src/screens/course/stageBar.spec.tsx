import { afterEach, describe, expect, it, jest } from '@jest/globals';
import { courseFor, completePlan, plannedMin, type PlanInput } from '@hammock/core';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { chartHeight, chartOption } from './chart.js';
import { StageBar } from './StageBar.js';

const INPUT: PlanInput = {
  grainId: 'longGrainWhite',
  grain: { g: 300 },
  vessel: { diameterCm: 22, volumeMl: 4000 },
};
const made = courseFor(INPUT);
const plan = completePlan(INPUT);
if (!made.ok || !plan.ok) throw new Error('the plan is one');
const course = made.value;
const { stages } = plan.value;

afterEach(cleanup);

describe('the bar of stages', () => {
  it('is stretched by its handle to the right, shortened to the left, and by the keys', () => {
    const stretched = jest.fn<(id: string, minutes: number) => void>();
    render(<StageBar cooked={course.stages} stages={stages} toMin={60} onStretch={stretched} />);
    const handle = screen.getByRole('slider', { name: /Simmer/u });
    Object.assign(handle, { setPointerCapture: () => undefined });
    const bar = handle.parentElement!;
    jest.spyOn(bar, 'getBoundingClientRect').mockReturnValue({ width: 600, left: 0 } as DOMRect);
    // jsdom's pointer events have no place on the screen.
    const pointer = (kind: string, clientX: number): boolean =>
      fireEvent(handle, new MouseEvent(kind, { clientX, bubbles: true }));
    const minutes = plannedMin(stages.find((s) => s.act === 'simmer')!);
    pointer('pointerdown', 100);
    pointer('pointermove', 150);
    const longer = stretched.mock.calls.at(-1)?.[1] ?? 0;
    expect(longer).toBeGreaterThan(minutes);
    pointer('pointermove', 60);
    expect(stretched.mock.calls.at(-1)?.[1]).toBeLessThan(minutes);
    pointer('pointerup', 0);
    const calls = stretched.mock.calls.length;
    pointer('pointermove', 300);
    expect(stretched.mock.calls).toHaveLength(calls);
    fireEvent.keyDown(handle, { key: 'ArrowRight' });
    expect(stretched.mock.calls.at(-1)?.[1]).toBe(minutes + 1);
  });
});

describe('the plots', () => {
  it.each([true, false])(
    'stand under one another without overlapping, within their height (narrow: %s)',
    (narrow) => {
      const option = chartOption({
        drawn: [{ name: 'as planned', series: course.series, dashed: false }],
        toMin: 60,
        band: { low: 67, high: 70 },
        colour: () => '#000',
        narrow,
      }) as unknown as { grid: { top: number; height: number; left: number; right: number }[] };
      expect(option.grid.length).toBeGreaterThan(2);
      option.grid.forEach(({ top, height }, i) => {
        const above = option.grid[i - 1];
        expect(top).toBeGreaterThanOrEqual(above ? above.top + above.height : 0);
        expect(top + height).toBeLessThanOrEqual(chartHeight(narrow));
      });
    },
  );
});
