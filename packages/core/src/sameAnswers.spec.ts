import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { gunzipSync, gzipSync } from 'node:zlib';
import type { PlanInput } from './index.js';
import { digestOf, type Digest } from './testing/digest.js';
import { anyKitchensPlan, anyPlan } from './testing/plans.js';

/**
 * Random plans with their numbers as they were when this file was written. This says nothing about whether they
 * are right; it says that moving code about has not changed them. A change that is meant to change them writes the
 * file anew: SAME_ANSWERS=write npx jest --selectProjects core --testPathPatterns sameAnswers
 */
const FILE = join(import.meta.dirname, 'testing', 'sameAnswers.json.gz');
const PLANS = 300;
const SEED = 20_261_126;

interface Kept {
  readonly input: PlanInput;
  readonly digest: Digest;
}

/** Eleven digits: more than is compared. */
const short = (_key: string, value: unknown): unknown =>
  typeof value === 'number' ? Number(value.toPrecision(11)) : value;

const written = (): Kept[] =>
  [anyPlan, anyKitchensPlan]
    .flatMap((plans) => fc.sample(plans, { numRuns: PLANS / 2, seed: SEED }))
    .map((input) => ({ input, digest: JSON.parse(JSON.stringify(digestOf(input), short)) as Digest }));

const isWriting = process.env['SAME_ANSWERS'] === 'write';
if (isWriting) writeFileSync(FILE, gzipSync(JSON.stringify(written()), { level: 9 }));
const kept = JSON.parse(gunzipSync(readFileSync(FILE)).toString()) as Kept[];

/** Equal to a billionth of itself, and of one. */
const differs = (a: number, b: number): boolean =>
  Math.abs(a - b) > 1e-9 * Math.max(1, Math.abs(a), Math.abs(b));

function differences(was: Digest, is: Digest): string[] {
  const found: string[] = [];
  for (const key of new Set([...Object.keys(was), ...Object.keys(is)]) as Set<keyof Digest>) {
    const [before, after] = [was[key], is[key]];
    if (typeof before === 'string' || typeof after === 'string' || !before || !after) {
      if (before !== after) found.push(`${key}: ${String(before)} → ${String(after)}`);
      continue;
    }
    if (before.length !== after.length)
      found.push(`${key}: ${before.length} values → ${after.length} values`);
    before.forEach((value, i) => {
      const now = after[i];
      const same =
        typeof value === 'number' && typeof now === 'number' ? !differs(value, now) : value === now;
      if (!same) found.push(`${key}[${i}]: ${String(value)} → ${String(now)}`);
    });
  }
  return found;
}

describe('300 random plans, answered, cooked and drawn', () => {
  it('are all there, and hardly any is refused', () => {
    expect(kept).toHaveLength(PLANS);
    expect(kept.filter((k) => k.digest.answer !== undefined).length).toBeGreaterThan(PLANS * 0.5);
  });

  it('give what they gave', () => {
    const wrong = kept.flatMap(({ input, digest }, i) => {
      const now = JSON.parse(JSON.stringify(digestOf(input))) as Digest;
      return differences(digest, now)
        .slice(0, 3)
        .map((d) => `plan ${i}: ${d}`);
    });
    expect(wrong.slice(0, 10)).toEqual([]);
  });
});
