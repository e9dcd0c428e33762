import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { readTelling } from '../telling/readTelling.js';
import { sentencesOf } from './sentences.js';

describe('a line of a telling', () => {
  it('is cut at its sentences, at what is said next, at a comma, between words, or anywhere', () => {
    const long = 'wash two cups of rice until it is clear '.repeat(4);
    expect(sentencesOf(`${long.trim()}. Then 4 c. water. Cook it.`.repeat(2)).join(' ')).toContain(
      'Then 4 c. water.',
    );
    const [first = ''] = sentencesOf(`${'x '.repeat(60)}and ${'y '.repeat(90)}`);
    expect(first.trim().endsWith('x')).toBe(true);
    expect(sentencesOf('z'.repeat(1000)).map((p) => p.length)).toEqual([220, 220, 220, 220, 120]);
  });

  it('loses none of its words', () => {
    const words = fc.array(
      fc.constantFrom('rice', 'and', 'then', '2', 'cups,', 'boil.', 'until', 'x'.repeat(300)),
    );
    fc.assert(
      fc.property(words, (list) => {
        const line = list.join(' ');
        const bare = (text: string): string => text.replaceAll(/\s/gu, '');
        expect(bare(sentencesOf(line).join(' '))).toBe(bare(line));
      }),
      { seed: 5, numRuns: 300 },
    );
  });

  it.each(['a(b)', '1.', '<b>', '1,', '((a ', 'https://', 'until ', '1/2 ', '1 cup rice, ', 'medium heat '])(
    'of sixty thousand characters of %p is read, and what is left out is said',
    (word) => {
      const read = readTelling(word.repeat(Math.ceil(60_000 / word.length)));
      expect(read.leftOut).toBeGreaterThan(0);
      // As much of it as of the longest recipe there is, and no more: what it costs is measured by the bench.
      expect(read.lines.length + read.acts.length).toBeLessThan(1500);
    },
  );
});
