import { describe, expect, it } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { grainById } from '../../basics/larder/grainById.js';
import { ingredientById } from '../../basics/larder/larder.js';
import { parseAmount } from '../../basics/measures/parseAmount.js';
import { parseLines, type ParsedLine } from './parseLine.js';

const OPTIONS = { cupMl: 240 };

/** One thing a line means. */
interface Wanted {
  readonly mustAsk: boolean;
  readonly id: string;
  readonly amount: string;
}
interface Case {
  readonly line: string;
  readonly wanted: readonly Wanted[];
}

const casesIn = (file: string): Case[] =>
  readFileSync(join(__dirname, '../../testing/lines', `${file}.txt`), 'utf8')
    .split('\n')
    .filter((l) => l !== '' && !l.startsWith('#'))
    .map((l) => {
      const [line = '', meaning = ''] = l.split(' => ');
      const wanted = meaning.split(' & ').map((one) => {
        const [id = '', amount = ''] = one.replace('?', '').split('=');
        return { mustAsk: one.startsWith('?'), id, amount };
      });
      return { line, wanted };
    });

const rowOf = (id: string) => ingredientById(id) ?? grainById(id);

/** Grams of what was read. */
function gramsOf({ id = '', amount }: ParsedLine): number {
  const row = rowOf(id);
  if (!amount || !row) return Number.NaN;
  if ('g' in amount) return amount.g;
  if ('ml' in amount) return amount.ml * row.densityGPerMl;
  return amount.count * (('units' in row ? row.units[0]?.g : undefined) ?? Number.NaN);
}

/** Grams of what the corpus says: "2cup", "400g", "3x" of the usual piece, "1bunch". */
function wantedGrams(amount: string, id: string): number {
  const row = rowOf(id)!;
  const [, count = '', unit = ''] = /^([\d.]+)(.*)$/u.exec(amount) ?? [];
  const units = 'units' in row ? row.units : [];
  const piece =
    unit === 'x' ? units[0] : units.find((u) => u.name === unit || (unit === 'tin' && u.name === 'can'));
  if (piece) return Number(count) * piece.g;
  const read = parseAmount(`${count} ${unit}`, OPTIONS);
  if (!read.ok) throw new Error(`the corpus says ${amount} of ${id}`);
  return read.value.size * (read.value.kind === 'mass' ? 1 : row.densityGPerMl);
}

const MEANS = {
  right: 'right',
  asked: 'asked',
  offBeat: 'asked about something else',
  wrong: 'silently wrong',
};

/** How one thing was read. */
function verdict(read: ParsedLine, { mustAsk, id, amount }: Wanted): string {
  if (id === 'nothing')
    return read.status === 'words' || read.portions !== undefined ? MEANS.right : MEANS.wrong;
  if (id === 'pot') return read.potCm === undefined ? MEANS.wrong : MEANS.right;
  const isPour = id === 'pour';
  const offered = [read.id, ...read.choices];
  if (read.status !== 'understood') {
    if (id === '' || isPour || offered.includes(id))
      return mustAsk || amount === '-' ? MEANS.right : MEANS.asked;
    return MEANS.offBeat;
  }
  if (mustAsk || amount === '-') return MEANS.wrong;
  if (isPour ? read.pours !== true : read.id !== id || read.pours === true) return MEANS.wrong;
  if (amount === '~') return gramsOf(read) > 0 ? MEANS.right : MEANS.wrong;
  const grams = wantedGrams(amount, read.id ?? '');
  // US and metric spoons are a fiftieth apart.
  return Math.abs(gramsOf(read) - grams) <= 0.03 * grams ? MEANS.right : MEANS.wrong;
}

function verdictOf({ line, wanted }: Case): string {
  const { lines } = parseLines(line, OPTIONS);
  if (lines.length !== wanted.length)
    return lines.every((l) => l.status === 'understood') ? MEANS.wrong : MEANS.offBeat;
  const all = wanted.map((w, i) => verdict(lines[i]!, w));
  return [MEANS.wrong, MEANS.offBeat, MEANS.asked].find((v) => all.includes(v)) ?? MEANS.right;
}

/** Lines as cooks write them, of our own invention; right or asked about 97 in 100, and never silently wrong. */
describe.each(['seen', 'held'])('the %s half of the corpus', (file) => {
  const found = casesIn(file).map((c) => ({ line: c.line, is: verdictOf(c) }));
  const those = (is: string): string[] => found.filter((f) => f.is === is).map((f) => f.line);

  it('has two hundred lines', () => {
    expect(found.length).toBeGreaterThanOrEqual(200);
  });

  it('is never read silently wrong', () => {
    expect(those(MEANS.wrong)).toEqual([]);
  });

  it('is right or asked about in 97 lines of 100', () => {
    const off = those(MEANS.offBeat);
    expect({ off, few: off.length <= 0.03 * found.length }).toEqual({ off, few: true });
  });

  it('is mostly not asked about at all', () => {
    expect(those(MEANS.right).length).toBeGreaterThanOrEqual(0.9 * found.length);
  });
});
