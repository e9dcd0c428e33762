import { parseAmount, TEXTURES } from '@hammock/core';
import type { HouseholdRecord, OutcomeRecord } from '@hammock/core/records';
import { LONGEST_NAME } from '../kitchen/people.js';

/** A day without an hour is its evening. */
const EVENING = 'T18:00';

/**
 * A day, with an hour or without, as ms since the epoch: 2026-01-31, 2026-01-31 18:30, what the notebook's own table has, or
 * 31.1.2026. A day with slashes is one of two.
 */
export function momentOf(said: string): number | undefined {
  const [, day, month, year] = /^(\d{1,2})\.\s?(\d{1,2})\.\s?(\d{4})$/u.exec(said) ?? [];
  const text =
    day !== undefined && month !== undefined && year !== undefined
      ? `${year}-${month.padStart(2, '0')}-${day.padStart(2, '0')}`
      : said.replace(/^(\d{4}-\d{2}-\d{2})\s+(?=\d)/u, '$1T');
  if (!/^\d{4}-\d{2}-\d{2}(?:T[\d:.]+(?:Z|[+-][\d:]+)?)?$/u.test(text)) return undefined;
  const ms = Date.parse(text.includes('T') ? text : text + EVENING);
  // 30 February is a day that some browsers move to March.
  const isThatDay = Number(text.slice(8, 10)) === new Date(text.slice(0, 10)).getUTCDate();
  return Number.isFinite(ms) && ms > 0 && isThatDay ? ms : undefined;
}

export const BASES = ['clean', 'golden', 'dark', 'burnt'] as const;
export const MOST_NOTE = 280;
const MOST_PEOPLE = 12;

/** Names, with commas between them. */
export const namesIn = (said: string): readonly string[] => {
  const names = said.split(',').map((name) => name.trim().slice(0, LONGEST_NAME));
  return [...new Set(names)].filter((name) => name !== '').slice(0, MOST_PEOPLE);
};
/** More than this is no pot of a household, ml. */
const MOST_ML = 100_000;

/** An amount as ml; undefined where it cannot be read. */
export function mlIn(said: string, cupMl?: number): number | undefined {
  const parsed = parseAmount(said, { ...(cupMl === undefined ? {} : { cupMl }), bareUnit: 'ml' });
  // What goes into a pot is close to water: its grams are its ml.
  return parsed.ok && parsed.value.size <= MOST_ML ? parsed.value.size : undefined;
}

/** A step of the scale, by its number, this household's word for it, or a usual one. */
export function textureIn(
  said: string,
  ownNames: HouseholdRecord['textureNames'],
): OutcomeRecord['texture'] | undefined {
  const words = said.toLowerCase();
  if (words === '') return undefined;
  return (
    TEXTURES.find((t) => words === t.toString() || words === ownNames?.[t - 1]?.trim().toLowerCase()) ??
    TEXTURES.find((t) => USUAL[t].test(words))
  );
}
const USUAL: Readonly<Record<OutcomeRecord['texture'], RegExp>> = {
  1: /^(?:hard|raw)$/u,
  2: /^(?:a (?:little|bit) )?firm$/u,
  3: /^(?:as wanted|right|good|fine|perfect)$/u,
  4: /^(?:a (?:little|bit) )?soft$/u,
  5: /^mushy?$/u,
};
