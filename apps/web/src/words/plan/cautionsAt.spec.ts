import { describe, expect, it } from '@jest/globals';
import type { CautionCode, Stage } from '@hammock/core';
import { CAUTION } from './cautions.js';
import { cautionsAt } from './cautionsAt.js';

const stage = (act: Stage['act'], more: Partial<Stage> = {}): Stage => ({
  id: act,
  act,
  heat: 'medium',
  lid: 'off',
  end: { kind: 'minutes', minutes: 1 },
  ...more,
});
const STAGES = [
  stage('marinate', { heat: 'off' }),
  stage('warmFat'),
  stage('toast'),
  stage('pressureUp', { lid: 'pressure' }),
  stage('pressure', { lid: 'pressure' }),
  stage('release', { lid: 'pressure', heat: 'off' }),
  stage('steam', { lid: 'cloth', heat: 'low', fromAbove: true }),
  stage('rest', { lid: 'cloth', heat: 'off' }),
  stage('fork'),
];
const ALL = (Object.keys(CAUTION) as CautionCode[]).map((code) => ({ code }));
const at = (act: Stage['act'] | 'opened'): CautionCode[] =>
  cautionsAt(ALL, STAGES, act === 'opened' ? STAGES.length : STAGES.findIndex((s) => s.act === act)).map(
    (c) => c.code,
  );

describe('a caution', () => {
  it('is said at the act it belongs to and at no other', () => {
    expect(at('marinate')).toEqual(expect.arrayContaining(['rawMeat', 'hotChilli']));
    expect(at('toast')).toEqual(expect.arrayContaining(['hotFat', 'wetGrainInFat', 'nonStickHot']));
    expect(at('pressure')).toEqual(['pressure']);
    expect(at('pressureUp')).toContain('lowSodiumSalt');
    expect(at('release')).toEqual(expect.arrayContaining(['pressure', 'steamBurn']));
    expect(at('steam')).toEqual(expect.arrayContaining(['coverAtFlame', 'coals']));
    expect(at('rest')).toEqual([]);
  });

  it('of every kind is said somewhere', () => {
    const said = new Set([...STAGES.map((s) => s.act), 'opened' as const].flatMap(at));
    expect(ALL.map((c) => c.code).filter((code) => !said.has(code))).toEqual([]);
  });

  it('of the table comes when the pot is opened', () => {
    expect(at('opened')).toEqual(expect.arrayContaining(['allergens', 'leftovers', 'rawMeat']));
    expect(at('opened')).not.toContain('hotFat');
  });
});
