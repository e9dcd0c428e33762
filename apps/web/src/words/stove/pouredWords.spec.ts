import { describe, expect, it } from '@jest/globals';
import type { PouredOtherwise, PourMend } from '@hammock/core';
import { pouredWords } from './pouredWords.js';

const words = (byMl: number, texture: number, mend: PourMend) => {
  const wet = mend.kind === 'boilOpen' && texture < 2.5;
  const other: PouredOtherwise = { byMl, texture, mended: 2, wet, mend, looks: [] };
  return pouredWords(other, (ml) => `${Math.round(ml).toString()} ml`);
};

describe('what was poured otherwise', () => {
  it.each<[number, number, PourMend, string, string | undefined]>([
    [
      -200,
      0.8,
      { kind: 'pourMore', ml: 200 },
      '200 ml less than advised: left alone it comes out',
      'Pour 200 ml more',
    ],
    [150, 3.4, { kind: 'boilOpen', minutes: 6 }, '150 ml more than advised', 'Boil it open 6 min longer'],
    [285, 2.1, { kind: 'boilOpen', minutes: 9 }, 'left alone some of it stays liquid', 'Boil it open 9 min'],
    [80, 2.9, { kind: 'steamOff', minutes: 4 }, '80 ml more', 'without its lid for 4 min'],
    [900, 6, { kind: 'tooWet' }, '900 ml more', 'Ladle some of the liquid out'],
    [-40, 1.8, { kind: 'none' }, 'still comes out', undefined],
  ])('%i ml beside says what comes of it and what to do', (byMl, texture, mend, says, act) => {
    const said = words(byMl, texture, mend);
    expect(said.says).toContain(says);
    if (act === undefined) expect(said.act).toBeUndefined();
    else expect(said.act).toContain(act);
  });
});
