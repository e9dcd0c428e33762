import { beforeAll, describe, expect, it } from '@jest/globals';
import { execFile } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { promisify } from 'node:util';
import * as core from '../../packages/core/src/index';

const root = join(__dirname, '../..');
const run = promisify(execFile);

interface Constant {
  readonly file: string;
  readonly name: string;
  readonly value: string;
  readonly said: string;
}

/** Numbers of the document that are no constants of ours: years, numbers of standards, and what is worked out. */
const NOT_OURS: Readonly<Record<string, string>> = {
  '97.5': 'water in stock, from the larder',
  '79.5': 'kJ/mol, 79,500 J/mol in the ledger',
  '36.8': 'kJ/mol, 36,800 J/mol in the ledger',
  '1976': 'year of Suzuki et al.',
  '2533': 'number of the ISO standard',
  '97': 'IAPWS-IF97',
  '86': 'IAPWS SR1-86',
  '1992': 'its year',
  '58.44': 'molar mass of NaCl, with the next in SALT_PER_SODIUM',
  '22.99': 'molar mass of Na',
  '1.85': 'm²/kg, worked out from the kernel',
  '59': 'g/m², worked out from the kernel',
};

const numbersIn = (text: string): number[] =>
  (text.match(/\d+(?:\.\d+)?(?:e-?\d+)?/gu) ?? []).map((n) => Math.abs(Number(n)));

let constants: readonly Constant[] = [];
let expected = '';

beforeAll(async () => {
  const script = `import { constants, document } from './scripts/make/ledger.mjs';
    process.stdout.write(JSON.stringify({ constants: constants(), expected: await document() }))`;
  const args = ['--input-type=module', '-e', script];
  const { stdout } = await run(process.execPath, args, { cwd: root, maxBuffer: 1e8 });
  ({ constants, expected } = JSON.parse(stdout) as { constants: Constant[]; expected: string });
});

const written = readFileSync(join(root, 'docs/model.md'), 'utf8');

describe('the ledger of docs/model.md', () => {
  it('has every constant of the core with its value, and none that is not there: npm run ledger', () => {
    expect(constants.length).toBeGreaterThan(150);
    expect(written).toBe(expected);
  });

  it('has the larder as the code has it, on a page of its own: npm run ledger', async () => {
    const { larderPage } = await import('./larderTable.mjs');
    // As words: how wide the columns are drawn is the formatter's.
    const words = (text: string): string[] => text.split(/[\s|]+|-{3,}/u).filter(Boolean);
    const page = readFileSync(join(root, 'docs/larder.md'), 'utf8');
    expect(words(page)).toEqual(words(larderPage(core)));
  });

  it('says of every constant what it is', () => {
    expect(constants.filter((c) => c.said.length < 12).map((c) => `${c.file} ${c.name}`)).toEqual([]);
  });

  it('has every figure that the text above it names', () => {
    const tables = ['basics/larder/grains.ts', 'basics/larder/composition.ts', 'plan/input/ranges.ts'].map(
      (file) => readFileSync(join(root, 'packages/core/src', file), 'utf8'),
    );
    const known = [...constants.map((c) => c.value), ...tables].flatMap(numbersIn);
    const isKnown = (n: number): boolean =>
      [n, n / 100, n / 1000, n / 60].some((v) => known.some((k) => Math.abs(k - v) <= 1e-9 * Math.max(1, v)));
    const prose = written.slice(0, written.indexOf('<!-- ledger')).replaceAll(/`[^`]*`/gu, '');
    const strange = (prose.match(/\d+(?:\.\d+)?/gu) ?? []).filter(
      (n) => !isKnown(Number(n)) && !(n in NOT_OURS),
    );
    expect([...new Set(strange)]).toEqual([]);
  });
});
