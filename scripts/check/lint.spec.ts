import { describe, expect, it, jest } from '@jest/globals';
import { execFile } from 'node:child_process';
import { join } from 'node:path';
import { promisify } from 'node:util';

jest.setTimeout(60_000);

const run = promisify(execFile);

/** Rooms in the order their imports may point: each may know those before it and none after. */
const CORE = [
  'basics/measures',
  'basics/larder',
  'basics/heat',
  'basics/method',
  'basics/grain',
  'parse/line',
  'parse/recipe',
  'plan/input',
  'plan/derived',
  'compute/acts',
  'compute/account',
  'compute/pot',
  'compute/course',
  'compute/odds',
  'compute/stove',
  'learning',
  'compute/schedule',
  'records',
  'parse/exchange',
  'say/words',
];
const WEB = [
  'api',
  'storage',
  'sync',
  'instruments',
  'workers',
  'stores/session',
  'stores/kitchen',
  'stores/plan',
  'stores/cooks',
  'stores/notebook',
  'stores/transfer',
  'words',
  'ui/hooks',
  'ui/controls',
  'ui/drawings',
  'ui/shell',
  'screens',
];
const backwards = (base: string, rooms: readonly string[]): [string, string, string, string][] =>
  rooms.slice(1).map((later, i) => {
    const room = rooms[i] ?? '';
    const up = room
      .split('/')
      .map(() => '..')
      .join('/');
    return [
      `${room} on ${later}`,
      `${base}/${room}/x.ts`,
      `export { x } from '${up}/${later}/x.js';`,
      'no-restricted-imports',
    ];
  });

/** What must fail: in the place of which file, what text, by which rule. */
const WRONG = [
  ...backwards('packages/core/src', CORE),
  ...backwards('apps/web/src', WEB),
  [
    'a screen on another',
    'apps/web/src/screens/pour/x.tsx',
    "export { x } from '../stove/x.js';",
    'no-restricted-imports',
  ],
  [
    'a section of a screen on another screen',
    'apps/web/src/screens/pour/odds/x.tsx',
    "export { x } from '../../stove/x.js';",
    'no-restricted-imports',
  ],
  [
    'a room beside on the same shelf',
    'packages/core/src/compute/pot/x.ts',
    "export { x } from '../odds/x.js';",
    'no-restricted-imports',
  ],
  [
    'core with Node',
    'packages/core/src/basics/measures/units.ts',
    "export { readFileSync } from 'node:fs';",
    'no-restricted-imports',
  ],
  [
    'core with a framework',
    'packages/core/src/basics/heat/steam.ts',
    "export { useState } from 'react';",
    'no-restricted-imports',
  ],
  [
    'core with the DOM',
    'packages/core/src/basics/heat/steam.ts',
    'export const x = document.title;',
    'no-restricted-globals',
  ],
  [
    'core with a clock',
    'packages/core/src/basics/method/stage.ts',
    'export const x = new Date();',
    'no-restricted-globals',
  ],
  [
    'web with a clock of its own',
    'apps/web/src/stores/session/undo.ts',
    'export const x = Date.now();',
    'no-restricted-properties',
  ],
  [
    'a file of more than a page or five',
    'packages/core/src/basics/heat/steam.ts',
    'x;\n'.repeat(401),
    'max-lines',
  ],
  [
    'core with chance',
    'packages/core/src/compute/account/answer.ts',
    'export const x = Math.random();',
    'no-restricted-properties',
  ],
  [
    'web on server',
    'apps/web/src/App.tsx',
    "export { Clock } from '../../server/src/common/clock.js';",
    'no-restricted-imports',
  ],
  [
    'server on web',
    'apps/server/src/main.ts',
    "export { ask } from '../../web/src/api/http.js';",
    'no-restricted-imports',
  ],
  [
    'any',
    'packages/core/src/basics/heat/steam.ts',
    'export const x = (y: any): unknown => y;',
    'no-explicit-any',
  ],
  ['a default export', 'apps/web/src/App.tsx', 'const x = 1; export default x;', 'no-restricted-syntax'],
  [
    'everything exported',
    'packages/core/src/index.ts',
    "export * from './basics/result.js';",
    'no-restricted-syntax',
  ],
] as const;

/** Lints each text as if it were its file, with only the rules of the house: none of them needs types. */
const SCRIPT = `
  import { ESLint } from 'eslint';
  const wrong = JSON.parse(process.argv[1]);
  const rules = new Set(wrong.map(([, , , rule]) => rule));
  const eslint = new ESLint({
    overrideConfig: { languageOptions: { parserOptions: { project: null } } },
    ruleFilter: ({ ruleId }) => rules.has(ruleId.replace('@typescript-eslint/', '')),
  });
  const found = [];
  for (const [, file, text] of wrong) {
    const [report] = await eslint.lintText(text, { filePath: file });
    found.push(report.messages.map((m) => m.ruleId ?? m.message));
  }
  process.stdout.write(JSON.stringify(found));
`;

describe('lint', () => {
  it('fails on every broken rule of the house', async () => {
    const args = ['--input-type=module', '-e', SCRIPT, JSON.stringify(WRONG)];
    const { stdout } = await run(process.execPath, args, { cwd: join(__dirname, '../..') });
    const found = JSON.parse(stdout) as string[][];
    const told = WRONG.map(([what, , , rule], i) => [
      what,
      found[i]?.some((id) => id.endsWith(rule)) ?? false,
    ]);
    expect(told).toEqual(WRONG.map(([what]) => [what, true]));
  });
});
