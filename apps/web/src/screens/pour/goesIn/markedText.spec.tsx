import { afterEach, describe, expect, it, jest } from '@jest/globals';
import { readTelling } from '@hammock/core';
import { cleanup, render, screen } from '@testing-library/react';
import { MarkedText, unheardOf } from './MarkedText.js';

afterEach(cleanup);

const told = (text: string) => {
  const { acts, lines } = readTelling(text, { cupMl: 240 });
  return acts.map((act) => ({ act, lines, unheard: unheardOf(act, lines) }));
};

describe('the words of a telling', () => {
  it.each([
    ['Pot\nFry an onion golden in 2 tbsp oil on medium for 8 minutes.', []],
    ['Pot\nStir the zhoug through.', ['zhoug']],
    ['Pot\nGive thanks to the neighbours.', ['thanks', 'neighbours']],
    ['Pot\n2 cups basmati, rinsed\nCover, lowest heat 12 minutes with the lid on.', []],
  ])('%s', (text, left) => {
    expect(told(text).flatMap(({ unheard }) => unheard)).toEqual(left);
  });

  it('stand there all of them, in their order, and one that nothing was made of is pressed', () => {
    const [row] = told('Pot\nStir the zhoug through.');
    const onWord = jest.fn();
    if (!row) throw new Error('no act');
    const { container } = render(<MarkedText act={row.act} lines={row.lines} onWord={onWord} />);
    expect(container.textContent).toBe(row.act.text);
    screen.getByText('zhoug').click();
    expect(onWord).toHaveBeenCalledWith('zhoug');
    // Where the line still asks something there is nothing else to press in its words.
    cleanup();
    render(<MarkedText act={row.act} lines={row.lines} onWord={undefined} />);
    expect(screen.queryAllByRole('button')).toEqual([]);
  });
});
