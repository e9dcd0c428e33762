import { describe, expect, it } from '@jest/globals';
import type { PotBelief, Tap } from '@hammock/core';
import { OBSERVATIONS, type ObservationKind } from '@hammock/core/records';
import {
  rescueText,
  bottomText,
  chanceText,
  nextText,
  observationText,
  OBSERVATION_WORDS,
  OBSERVATION_NAME,
} from './observationWords.js';

const ml = (n: number): string => `${n.toString()} ml`;
const tap = (kind: ObservationKind, more: Partial<Tap> = {}): Tap => ({
  id: 'x',
  kind,
  stageId: 'simmer',
  atMs: 0,
  ...more,
});
const chances = (asWanted: number) => ({
  asWanted,
  firm: 0,
  soft: 0,
  hard: 0,
  tooSoft: 0,
  wetTop: 0,
  caught: 0,
});
const belief = (act: PotBelief['act'], more: Partial<PotBelief> = {}): PotBelief => ({
  act,
  leftAlone: chances(0.42),
  then: chances(0.71),
  leftMin: { least: 3, most: 3 },
  expect: 'holes',
  ring: { mean: 1, spread: 0.1 },
  grainWants: { mean: 1, spread: 0.1 },
  unlikely: false,
  bottom: { caughtNow: 0, catchesInMin: undefined },
  isSeen: true,
  isDone: false,
  effective: 40,
  ...more,
});

describe('what was said', () => {
  it('has a name, and every word of it one of the kitchen', () => {
    for (const [kind, { words = [] }] of Object.entries(OBSERVATIONS) as [
      ObservationKind,
      { words?: string[] },
    ][]) {
      expect(OBSERVATION_NAME[kind]).toMatch(/^[A-Z]/u);
      for (const said of words) expect(OBSERVATION_WORDS[kind]?.[said]).toBeTruthy();
    }
  });

  it('is told with its word or its amount in its unit', () => {
    expect(observationText(tap('looked', { said: 'wet' }), ml)).toBe('Looked: just over it');
    expect(observationText(tap('splash', { amount: 45 }), ml)).toBe('Put in 45 ml');
    expect(observationText(tap('weighs', { amount: 2100 }), ml)).toBe('Weighs 2100 g');
    expect(observationText(tap('reads', { amount: 98 }), ml)).toBe('Reads 98 °C');
    expect(observationText(tap('heat', { said: 'low', amount: 8 }), ml)).toBe('Ring: low heat, 8 min');
    expect(observationText(tap('lidUp', { said: 'low', amount: 4 }), ml)).toBe('Lid up: low heat, 4 min');
    expect(observationText(tap('stirred'), ml)).toBe('Stirred');
    expect(observationText(tap('note', { said: 'smells of home' }), ml)).toBe('smells of home');
  });
});

describe('what is advised', () => {
  it('is one act with its amount, its setting and its minutes', () => {
    expect(rescueText({ kind: 'splash', ml: 45, minutes: 5, moreThanKept: false }, ml)).toBe(
      '45 ml hot round the edge, lid on, 5 min.',
    );
    expect(rescueText({ kind: 'splash', ml: 450, minutes: 5, moreThanKept: true }, ml)).toContain(
      'heat it first',
    );
    expect(rescueText({ kind: 'open', minutes: 4, lively: true }, ml)).toBe(
      'Lid off, medium-high, 4 min. Do not stir.',
    );
    expect(rescueText({ kind: 'open', minutes: 4, lively: false }, ml)).toContain('low, 4 min');
    expect(rescueText({ kind: 'backOn', minutes: 8 }, ml)).toBe('Back on low, lid on, 8 min.');
    expect(rescueText({ kind: 'longer', minutes: 2 }, ml)).toContain('2 min more');
    expect(rescueText({ kind: 'offNow' }, ml)).toContain('Off the heat');
    expect(rescueText({ kind: 'serveTop' }, ml)).toContain('Do not scrape');
    expect(rescueText({ kind: 'longer', minutes: 4, heat: 'veryLow' }, ml)).toBe(
      'Give it 4 min more, ring on lowest heat.',
    );
    expect(rescueText({ kind: 'cookAgain' }, ml)).toContain('Press cook again');
    expect(rescueText({ kind: 'ring', heat: 'veryLow' }, ml)).toBe('Turn the ring to lowest heat.');
    expect(rescueText({ kind: 'lid', lid: 'ajar' }, ml)).toBe('Leave the lid ajar from now on.');
    expect(rescueText({ kind: 'none' }, ml)).toBeUndefined();
  });

  it('tells a forecast as a forecast, and what has happened as such', () => {
    const soon = { bottom: { caughtNow: 0, catchesInMin: 6 } };
    expect(bottomText(belief({ kind: 'ring', heat: 'veryLow' }, soon))).toBe(
      'As it is, the bottom may catch in about 6 min.',
    );
    const now = { bottom: { caughtNow: 0.6, catchesInMin: 0 } };
    expect(bottomText(belief({ kind: 'none' }, now))).toContain('may be catching now');
    expect(bottomText(belief({ kind: 'serveTop' }, now))).toBe('');
    expect(bottomText(belief({ kind: 'none' }))).toBe('');
  });

  it('says what it changes, and what comes by itself where nothing is done', () => {
    const act = { kind: 'offNow' } as const;
    expect(chanceText(belief(act))).toBe(
      'Left alone 42 in 100 such pots would end as you want them; with this 71.',
    );
    expect(chanceText(belief({ kind: 'none' }))).toBe(
      'Left alone 42 in 100 such pots would end as you want them.',
    );
    expect(nextText(belief({ kind: 'none' }))).toBe(
      'At the end of this stage, in 3 min: holes in the surface.',
    );
    expect(nextText(belief({ kind: 'none' }, { leftMin: { least: 2, most: 5 } }))).toContain('in 2 to 5 min');
    expect(nextText(belief({ kind: 'none' }, { leftMin: { least: 0, most: 0.2 } }))).toBe('');
    expect(nextText(belief(act))).toBe('');
  });
});
