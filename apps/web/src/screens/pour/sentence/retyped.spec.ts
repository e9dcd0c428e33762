import { describe, expect, it } from '@jest/globals';
import { retyped } from './retyped.js';

describe('an amount said beside a thing', () => {
  it.each([
    // Said without a unit first, and then with one: the second stands in place of the first.
    ['1 Basmati, washed', '1 Basmati', '1 Basmati, washed', '1 tsp Basmati, washed'],
    ['2 tbsp unsalted butter\nsalt', 'salt', 'salt', '2 tbsp unsalted butter\n1 tsp salt'],
    [
      'a pinch of salt on the onion, oil, salt. Fry.',
      'salt',
      'salt',
      'a pinch of salt on the onion, oil, 1 tsp salt. Fry.',
    ],
    ['Then coconut oil, lemongrass', 'coconut oil', 'Then coconut oil', 'Then 1 tsp coconut oil, lemongrass'],
    ['Salt to taste', 'Salt to taste', 'Salt to taste', '1 tsp Salt'],
    ['some mint (chopped)', 'some mint (chopped)', 'some mint (chopped)', '1 tsp mint (chopped)'],
    ['half of it', 'pepper', 'pepper', 'half of it\n1 tsp pepper'],
  ])('%j is written before it and nowhere else', (text, words, said, then) => {
    expect(retyped(text, { text: words, said }, '1 tsp')).toBe(then);
  });
});
