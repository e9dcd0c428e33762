import { describe, expect, it } from '@jest/globals';
import type { PlanInput, Stage } from '@hammock/core';
import { goesInAt } from './goesIn.js';

const stage = (id: string, act: Stage['act']): Stage => ({
  id,
  act,
  heat: 'low',
  lid: 'on',
  end: { kind: 'minutes', minutes: 5 },
});
const STAGES = [
  stage('warmFat', 'warmFat'),
  stage('base', 'base'),
  stage('boil', 'boil'),
  stage('simmer', 'simmer'),
];
const at = (ingredients: PlanInput['ingredients'], stages = STAGES, grainId = 'basmati') =>
  goesInAt({ grainId, grain: { g: 300 }, ingredients: ingredients ?? [] }, stages).map((i) => [
    i.ingredientId,
    i.at,
  ]);

describe('when each thing goes in', () => {
  it('is with the fat, with the base, with the liquid, or where it was told to join', () => {
    expect(
      at([
        { ingredientId: 'peas', amount: { g: 50 }, joins: 'simmer' },
        { ingredientId: 'onion', amount: { count: 1 } },
        { ingredientId: 'oil', amount: { g: 20 } },
        { ingredientId: 'cashew', amount: { g: 20 }, apart: true },
      ]),
    ).toEqual([
      ['oil', 0],
      ['onion', 1],
      ['basmati', 2],
      ['peas', 3],
    ]);
  });

  it('is with the liquid where nothing is fried, and the grain where it is toasted', () => {
    const plain = [stage('boil', 'boil'), stage('simmer', 'simmer')];
    expect(at([{ ingredientId: 'onion', amount: { count: 1 } }], plain)).toEqual([
      ['onion', 0],
      ['basmati', 0],
    ]);
    expect(at([], [stage('warmFat', 'warmFat'), stage('toast', 'toast'), stage('boil', 'boil')])).toEqual([
      ['basmati', 1],
    ]);
  });
});
