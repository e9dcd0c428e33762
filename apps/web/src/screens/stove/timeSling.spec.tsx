import { afterEach, describe, expect, it } from '@jest/globals';
import { runFromTaps, type Stage, type Tap } from '@hammock/core';
import { cleanup, render } from '@testing-library/react';
import { TimeSling } from './TimeSling.js';

afterEach(cleanup);

const stage = (id: string, minutes: number): Stage => ({
  id,
  act: 'simmer',
  heat: 'low',
  lid: 'on',
  end: { kind: 'minutes', minutes },
});
const STAGES = [stage('a', 5), stage('b', 10), stage('c', 5)];
const MIN = 60_000;
const tap = (
  seq: number,
  kind: 'start' | 'done' | 'extend',
  stageId: string,
  atMin: number,
  minutes?: number,
) =>
  ({
    id: seq.toString(),
    seq,
    kind,
    stageId,
    atMs: atMin * MIN,
    after: null,
    ...(minutes ? { minutes } : {}),
  }) as unknown as Tap;

/** Where the load hangs, how far the ground line is drawn, and where the stages begin: shares of the gap. */
function draw(events: Tap[], nowMin: number) {
  const { container } = render(<TimeSling run={runFromTaps(STAGES, events)} nowMs={nowMin * MIN} />);
  const num = (e: Element, name: string): number => Number(e.getAttribute(name));
  const lines = [...container.querySelectorAll('line')];
  const ground = lines.find((l) => l.getAttribute('stroke') === 'var(--line)')!;
  const [from, to] = [num(ground, 'x1'), num(ground, 'x2')];
  const share = (x: number): number => (x - from) / (to - from);
  const done = lines.find(
    (l) => l.getAttribute('stroke-width') === '5' && num(l, 'y1') === num(ground, 'y1'),
  )!;
  const x = Number(
    /translate\(([\d.]+)/u.exec(container.querySelector('[transform]')!.getAttribute('transform')!)![1],
  );
  return {
    load: share(x),
    done: share(num(done, 'x2')),
    starts: lines.filter((l) => l.getAttribute('stroke') === 'var(--steam)').map((l) => share(num(l, 'x1'))),
  };
}

describe('the time of the pot as a sling', () => {
  it('has a mark where each stage begins, in proportion to their lengths', () => {
    const { starts } = draw([], 0);
    for (const [i, share] of [0, 0.25, 0.75].entries()) expect(starts[i]).toBeCloseTo(share, 6);
  });

  it('carries the load along: done stages, and as much of this one as has gone, never past its end', () => {
    expect(draw([], 9).done).toBeCloseTo(0, 6);
    cleanup();
    const running = [tap(1, 'start', 'a', 0), tap(2, 'done', 'a', 6), tap(3, 'start', 'b', 6)];
    const half = draw(running, 11);
    expect(half.done).toBeCloseTo((5 + 5) / 20, 6);
    expect(half.load).toBeCloseTo(0.5, 1);
    cleanup();
    expect(draw(running, 60).done).toBeCloseTo((5 + 10) / 20, 6);
  });

  it('grows by the minutes a stage was extended', () => {
    const longer = draw([tap(1, 'start', 'a', 0), tap(2, 'extend', 'a', 1, 5)], 5);
    expect(longer.starts[1]).toBeCloseTo(10 / 25, 6);
    expect(longer.done).toBeCloseTo(5 / 25, 6);
  });
});
