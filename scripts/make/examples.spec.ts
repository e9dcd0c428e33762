import { beforeAll, describe, expect, it } from '@jest/globals';
import { execFile } from 'node:child_process';
import { join } from 'node:path';
import { promisify } from 'node:util';
import Fraction from 'fraction.js';
import * as core from '../../packages/core/src/index';
import * as records from '../../packages/core/src/records/index';
import * as words from '../../packages/core/src/say/words/index';

interface Public {
  readonly name: string;
  readonly file: string;
  readonly examples: readonly string[];
}

const run = promisify(execFile);
let functions: readonly Public[] = [];
let scope: Readonly<Record<string, unknown>> = {};

beforeAll(async () => {
  const script = `import { publicFunctions } from './scripts/make/publicFunctions.mjs';
    process.stdout.write(JSON.stringify(publicFunctions()))`;
  const args = ['--input-type=module', '-e', script];
  const { stdout } = await run(process.execPath, args, { cwd: join(__dirname, '../..'), maxBuffer: 1e8 });
  functions = JSON.parse(stdout) as Public[];
  const { exampleScope } = await import('./exampleScope.mjs');
  scope = exampleScope({ ...core, ...records, ...words }, Fraction);
});

const evaluated = (code: string): unknown =>
  (globalThis.eval(`(${Object.keys(scope).join(', ')}) => (${code})`) as (...given: unknown[]) => unknown)(
    ...Object.values(scope),
  );

/** The same, numbers to the five figures that an example writes. */
function rounded(value: unknown): unknown {
  if (typeof value === 'number') return Number(value.toPrecision(5));
  if (Array.isArray(value)) return value.map(rounded);
  if (typeof value === 'object' && value !== null)
    return Object.fromEntries(Object.entries(value).map(([key, v]) => [key, rounded(v)]));
  return value;
}

describe('the public functions of the core', () => {
  it('each have an example', () => {
    expect(functions.length).toBeGreaterThan(60);
    expect(functions.filter((f) => f.examples.length === 0).map((f) => `${f.file} ${f.name}`)).toEqual([]);
  });

  it('come to what their examples say', () => {
    const wrong = functions.flatMap(({ name, examples }) =>
      examples.flatMap((example) => {
        const at = example.lastIndexOf(' // ');
        if (at < 0) return [`${name}: says nothing of what comes out`];
        const [is, said] = [evaluated(example.slice(0, at)), evaluated(example.slice(at + 4))].map(rounded);
        return JSON.stringify(is) === JSON.stringify(said)
          ? []
          : [`${name}: ${JSON.stringify(is)} and not ${JSON.stringify(said)}`];
      }),
    );
    expect(wrong).toEqual([]);
  });
});
