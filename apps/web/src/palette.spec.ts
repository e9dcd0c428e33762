import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from '@jest/globals';
import {
  differenceCiede2000,
  filterDeficiencyDeuter,
  filterDeficiencyProt,
  parse,
  wcagContrast,
} from 'culori';

const css = readFileSync(join(__dirname, 'palette.css'), 'utf8');

/** The tokens of the n-th block of palette.css. */
function tokens(block: number): Record<string, string> {
  const body = css.split('{')[block + 1] ?? '';
  return Object.fromEntries([...body.matchAll(/--(\w+):\s*(#[0-9a-f]{6})/gu)].map((m) => [m[1], m[2]]));
}

const MEANINGS = ['water', 'husk', 'tomato', 'coconut', 'steam', 'ember'] as const;

describe.each([
  ['light', tokens(0)],
  ['dark', tokens(1)],
])('the %s palette', (_name, palette) => {
  // WCAG 2.2: 4.5 to 1 for text (1.4.3), 3 to 1 for graphics (1.4.11); every hue may carry text here.
  it.each(['ink', 'faint', ...MEANINGS])('%s can be read on the ground and on what is raised', (token) => {
    for (const under of ['ground', 'raised']) {
      expect(wcagContrast(palette[token]!, palette[under]!)).toBeGreaterThanOrEqual(4.5);
    }
  });

  it.each([
    ['every eye', (colour: unknown) => colour],
    ['deuteranopia', filterDeficiencyDeuter(1)],
    ['protanopia', filterDeficiencyProt(1)],
  ])('keeps water apart from what it is set against, for %s', (_who, see) => {
    const difference = differenceCiede2000();
    for (const other of ['husk', 'tomato', 'coconut'] as const) {
      const pair = [palette['water'], palette[other]].map((c) => see(parse(c!)!) as string);
      expect(difference(pair[0]!, pair[1]!)).toBeGreaterThan(20);
    }
  });
});
