import { describe, expect, it } from '@jest/globals';
import { ingredientById, statesOf, type Stage } from '@hammock/core';
import { allPlacesIn, earlyOptions, placed, placeOf, placeOptions, placesIn } from './places.js';

const stage = (id: string, act: Stage['act']): Stage => ({
  id,
  act,
  heat: 'medium',
  lid: 'off',
  end: { kind: 'minutes', minutes: 1 },
});
const STAGES = [
  stage('warmFat', 'warmFat'),
  stage('base', 'base'),
  stage('base2', 'base'),
  stage('boil', 'boil'),
  stage('simmer', 'simmer'),
];
const PLACES = allPlacesIn(STAGES);
const onion = ingredientById('onion')!;
const states = statesOf(onion);
const item = { ingredientId: 'onion', amount: { count: 1 }, state: 'golden' } as const;

describe('where a thing goes in', () => {
  it('before the liquid is a word of its own, beside how far it is cooked', () => {
    expect(placeOf({ ...item, joins: 'base2' }, states, PLACES)).toBe('golden');
    expect(earlyOptions(PLACES).map((o) => o.value)).toEqual(['warmFat', 'base', 'base2']);
    // Two fryings are told apart.
    expect(new Set(earlyOptions(PLACES).map((o) => o.label)).size).toBe(3);
    expect(placed('brown', true)).toEqual([{ state: 'brown' }, ['apart']]);
  });

  it('once the liquid is in is said instead of how far it is cooked', () => {
    expect(placeOf({ ...item, joins: 'simmer' }, states, PLACES)).toBe('at:simmer');
    expect(placed('golden', false)).toEqual([{ state: 'golden' }, ['joins', 'apart']]);
    expect(placesIn(STAGES).map(([id]) => id)).toEqual(['simmer']);
  });

  it.each(['warmFat', 'base', 'base2', 'simmer', undefined])(
    'is always among what can be chosen: %s',
    (joins) => {
      const value = placeOf(joins === undefined ? item : { ...item, joins }, states, PLACES);
      expect(placeOptions(onion, states, PLACES).map((o) => o.value)).toContain(value);
    },
  );
});
