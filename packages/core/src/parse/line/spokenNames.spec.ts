import { describe, expect, it } from '@jest/globals';
import { GRAINS } from '../../basics/larder/grains.js';
import { INGREDIENTS } from '../../basics/larder/ingredients.js';
import { findRow } from './findRow.js';
import { keyOf, wordsOf } from './words.js';

const spoken = [...INGREDIENTS, ...GRAINS].flatMap((row) =>
  [row.name, ...row.also].map((name) => [name, row.id] as const),
);

describe('the names of the larder', () => {
  // The second of two would die in silence, and its allergens with it.
  it('each mean one thing, however they are inflected and ordered', () => {
    const owners = new Map<string, Set<string>>();
    for (const [name, id] of spoken) {
      const key = keyOf(wordsOf(name));
      owners.set(key, (owners.get(key) ?? new Set<string>()).add(id));
    }
    expect(owners.size).toBeGreaterThan(500);
    expect([...owners].filter(([, ids]) => ids.size > 1)).toEqual([]);
  });

  it('each find their own row, or ask with it among the choices', () => {
    const lost = spoken.filter(([name, id]) => {
      const { row, choices } = findRow(name, []);
      return row?.id !== id && !choices.includes(id);
    });
    expect(lost).toEqual([]);
  });
});
