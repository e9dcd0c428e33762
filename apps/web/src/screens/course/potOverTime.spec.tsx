import { afterEach, describe, expect, it } from '@jest/globals';
import type { LidState } from '@hammock/core';
import { act, cleanup, render, renderHook } from '@testing-library/react';
import { momentAt, thinned, type Moment } from './moment.js';
import { PotOverTime, type PotOverTimeProps } from './PotOverTime.js';
import { useClock } from './useClock.js';

afterEach(cleanup);

const MOMENT: Moment = {
  tempC: 98,
  freeG: 300,
  w: [0.5, 0.6, 0.4],
  done: [0.2, 0.2, 0.1],
  baseC: 105,
  browning: 0,
  steamG: 40,
  steaming: 5,
};

function draw(moment: Partial<Moment> = {}, over: Partial<PotOverTimeProps> = {}) {
  const { container } = render(
    <PotOverTime
      moment={{ ...MOMENT, ...moment }}
      dryG={300}
      potMl={4000}
      diameterCm={22}
      heat="low"
      lid="on"
      mostMl={1500}
      label="pot"
      {...over}
    />,
  );
  const svg = container.querySelector('svg')!;
  const all = (css: string): Element[] => [...svg.querySelectorAll(css)];
  const num = (e: Element | undefined, name: string): number => Number(e?.getAttribute(name));
  const beds = all('rect[fill="var(--husk)"]').map((r) => ({ y: num(r, 'y'), height: num(r, 'height') }));
  const [water] = all('rect[fill="var(--water)"]');
  return {
    beds,
    level: num(water, 'height'),
    floor: num(water, 'y') + num(water, 'height'),
    flames: all('path[stroke="var(--ember)"][stroke-width="6"]').length,
    isOff: all('path[stroke="var(--line)"]').length === 1,
    wisps: all('g[stroke="var(--steam)"] path').map((p) => p.getAttribute('d')!),
    lid: all('g:not([clip-path]) > path[stroke="var(--ink)"][stroke-linecap="round"]').length > 0,
    cloth: all('path[stroke-dasharray="3 4"]').length === 1,
    tilted: all('g[transform^="translate"]').length === 1,
    crust: all('path[stroke="var(--husk)"], path[stroke="var(--ember)"][stroke-width="3"]').length,
    words: all('text').map((t) => t.textContent),
  };
}

describe('the pot at a minute', () => {
  it('stacks its beds from the floor up, each as high as what it has drunk', () => {
    const { beds, floor } = draw();
    const [bottom, middle, top] = beds as [(typeof beds)[0], (typeof beds)[0], (typeof beds)[0]];
    expect(bottom.y + bottom.height).toBeCloseTo(floor, 6);
    expect(middle.y + middle.height).toBeCloseTo(bottom.y, 6);
    expect(top.y + top.height).toBeCloseTo(middle.y, 6);
    // A gram of dry grain takes 1/1.5 ml, and its water one ml a gram.
    expect(middle.height / bottom.height).toBeCloseTo((1 / 1.5 + 0.6) / (1 / 1.5 + 0.5), 6);
    expect(top.height / bottom.height).toBeCloseTo((1 / 1.5 + 0.4) / (1 / 1.5 + 0.5), 6);
  });

  it('fills the gaps with what is free first, and only the rest stands over the grain', () => {
    const bedOf = (d: ReturnType<typeof draw>): number => d.beds.reduce((sum, b) => sum + b.height, 0);
    const dry = draw({ freeG: 0 });
    expect(dry.level).toBe(0);
    cleanup();
    const little = draw({ freeG: 50 });
    expect(little.level).toBeGreaterThan(0);
    expect(little.level).toBeLessThan(bedOf(little));
    cleanup();
    const some = draw({ freeG: 100 });
    expect(some.level / little.level).toBeCloseTo(2, 6);
    cleanup();
    const [much, more] = [draw({ freeG: 700 }), draw({ freeG: 800 })];
    expect(much.level).toBeGreaterThan(bedOf(much));
    // A hundred grams more over the grain are a hundred ml more of the 1500 ml that the picture holds.
    expect((more.level - much.level) / (226 / 1500)).toBeCloseTo(100, 4);
  });

  it('has a flame for every step of the ring, and a line when it is off', () => {
    const steps = ['off', 'veryLow', 'low', 'medium', 'mediumHigh', 'high'] as const;
    for (const [count, heat] of steps.entries()) {
      const { flames, isOff } = draw({}, { heat });
      expect(flames).toBe(count);
      expect(isOff).toBe(count === 0);
      cleanup();
    }
  });

  it('shows how it is closed', () => {
    const how = (lid: LidState) => {
      const { lid: on, cloth, tilted } = draw({}, { lid });
      cleanup();
      return { on, cloth, tilted };
    };
    expect(how('off')).toEqual({ on: false, cloth: false, tilted: false });
    expect(how('on')).toEqual({ on: true, cloth: false, tilted: false });
    expect(how('cloth')).toEqual({ on: true, cloth: true, tilted: false });
    expect(how('ajar')).toEqual({ on: true, cloth: false, tilted: true });
  });

  it('steams the more the more leaves: out of an open pot, beside a closed lid, not at all when nothing does', () => {
    expect(draw({ steaming: 0.1 }).wisps).toEqual([]);
    cleanup();
    const counts = [1, 6, 12, 100].map((steaming) => {
      const { wisps } = draw({ steaming }, { lid: 'off' });
      cleanup();
      return wisps.length;
    });
    expect([...counts].sort((a, b) => a - b)).toEqual(counts);
    expect(counts[0]).toBeGreaterThan(0);
    expect(counts[1]).toBeGreaterThan(counts[0]!);
    expect(counts.at(-1)).toBeLessThanOrEqual(7);
    const xs = (lid: LidState): number[] => {
      const at = draw({ steaming: 8 }, { lid }).wisps.map((d) => Number(/^M([\d.-]+)/u.exec(d)![1]));
      cleanup();
      return at;
    };
    for (const x of xs('off')) expect(x > 60 && x < 360).toBe(true);
    for (const x of xs('on')) expect(x < 60 || x > 360).toBe(true);
  });

  it('has no crust, a golden one, then a dark one with teeth, and says its word', () => {
    expect(draw({ browning: 0.05 }).crust).toBe(0);
    cleanup();
    const golden = draw({ browning: 1 });
    expect(golden.crust).toBe(1);
    cleanup();
    const dark = draw({ browning: 4 });
    expect(dark.crust).toBe(1);
    expect(dark.words.at(-1)).toMatch(/^bottom /u);
    expect(dark.words.at(-1)).not.toBe(golden.words.at(-1));
    expect(dark.words.slice(0, 3)).toEqual(['lower 33 %', 'middle 38 %', 'upper 29 %']);
  });
});

const SERIES = {
  minutes: [0, 2, 4],
  tempC: [20, 60, 100],
  freeG: [500, 500, 300],
  w: [
    [0.1, 0.2, 0.6],
    [0.1, 0.2, 0.6],
    [0.1, 0.2, 0.6],
  ],
  done: [
    [0, 0, 1],
    [0, 0, 1],
    [0, 0, 1],
  ],
  baseC: [20, 60, 104],
  browning: [0, 0, 1],
  steamG: [0, 1, 11],
} as unknown as Parameters<typeof momentAt>[0]['series'];

describe('a minute of the course', () => {
  it('is read between rows in proportion, and stays at the ends beyond them', () => {
    expect(momentAt({ series: SERIES }, 1)).toMatchObject({ tempC: 40, freeG: 500, steaming: 0.5 });
    expect(momentAt({ series: SERIES }, 3)).toMatchObject({
      tempC: 80,
      freeG: 400,
      browning: 0.5,
      steaming: 5,
    });
    expect(momentAt({ series: SERIES }, 2)).toMatchObject({ tempC: 60, steamG: 1 });
    expect(momentAt({ series: SERIES }, -5).tempC).toBe(20);
    expect(momentAt({ series: SERIES }, 99)).toMatchObject({ tempC: 100, steaming: 0 });
  });

  it('is thinned for a table to rows that far apart, the last one always', () => {
    const series = { ...SERIES, minutes: [0, 0.5, 1, 1.5, 2, 2.2] } as typeof SERIES;
    expect(thinned(series, 1)).toEqual([0, 2, 4, 5]);
    expect(thinned(series, 0.1)).toEqual([0, 1, 2, 3, 4, 5]);
  });
});

describe('the clock of the course', () => {
  /** Frames by hand, at times of ours. */
  let frame: ((now: number) => void) | undefined;
  const next = (now: number): void => {
    const due = frame;
    frame = undefined;
    act(() => due?.(now));
  };
  const plays = (calm: boolean) => {
    Object.assign(globalThis, {
      matchMedia: () => ({ matches: calm }),
      requestAnimationFrame: (f: (now: number) => void) => {
        frame = f;
        return 1;
      },
      cancelAnimationFrame: () => (frame = undefined),
    });
    return renderHook(() => useClock(40, 10)).result;
  };

  it('plays the whole pot in twenty seconds from where it stands, and stops at its end', () => {
    const clock = plays(false);
    expect(clock.current.atMin).toBe(10);
    act(() => clock.current.toggle());
    expect(clock.current.playing).toBe(true);
    next(1000);
    next(2000);
    expect(clock.current.atMin).toBeCloseTo(12, 6);
    next(2500);
    expect(clock.current.atMin).toBeCloseTo(13, 6);
    next(99_000);
    expect(clock.current).toMatchObject({ atMin: 40, playing: false });
    expect(frame).toBeUndefined();
    // At its end it begins again.
    act(() => clock.current.toggle());
    next(100_000);
    next(101_000);
    expect(clock.current.atMin).toBeCloseTo(2, 6);
  });

  it('stops when it is paused or put elsewhere, and goes by whole minutes for a reader who wants no motion', () => {
    const clock = plays(true);
    act(() => clock.current.toggle());
    next(0);
    next(1900);
    expect(clock.current.atMin).toBe(13);
    act(() => clock.current.put(25));
    expect(clock.current).toMatchObject({ atMin: 25, playing: false });
    expect(frame).toBeUndefined();
    act(() => clock.current.put(99));
    expect(clock.current.atMin).toBe(40);
    act(() => clock.current.put(5));
    act(() => clock.current.toggle());
    act(() => clock.current.toggle());
    expect(clock.current.playing).toBe(false);
  });
});
