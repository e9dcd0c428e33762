import { afterEach, describe, expect, it } from '@jest/globals';
import { cleanup, render } from '@testing-library/react';
import { Poured } from './PouredMark.js';

afterEach(cleanup);

function draw(advisedMl: number, pouredMl: number | null) {
  const { container } = render(<Poured advisedMl={advisedMl} pouredMl={pouredMl} />);
  const bar = container.querySelector('rect')!;
  const post = Number(container.querySelectorAll('line')[1]!.getAttribute('x1'));
  const x = Number(bar.getAttribute('x'));
  return {
    from: x - post,
    to: x + Number(bar.getAttribute('width')) - post,
    colour: bar.getAttribute('fill'),
    words: container.textContent,
  };
}

describe('what was poured against what was advised', () => {
  it('leans to the wet side for more, to the dry side for less, by as much', () => {
    const more = draw(500, 550);
    expect(more).toMatchObject({ from: 0, colour: 'var(--water)', words: '10 % more than advised' });
    const less = draw(500, 450);
    expect(less).toMatchObject({ colour: 'var(--husk)', words: '10 % less than advised' });
    expect(less.to).toBeCloseTo(0, 9);
    expect(-less.from).toBeCloseTo(more.to, 9);
    expect(draw(500, 525).to).toBeCloseTo(more.to / 2, 9);
  });

  it('stays in the picture however far off it was, and says how far', () => {
    const far = draw(500, 5000);
    expect(far.to).toBeLessThanOrEqual(40);
    expect(far.words).toBe('900 % more than advised');
    expect(draw(500, 0).from).toBeGreaterThanOrEqual(-42);
  });

  it('is as advised where nothing was said, a spoon is off, or nothing was to be poured', () => {
    for (const [advised, poured] of [
      [500, null],
      [500, 502],
      [0, 40],
    ] as const)
      expect(draw(advised, poured).words).toBe('as advised');
  });
});
