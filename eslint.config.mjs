import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import hooks from 'eslint-plugin-react-hooks';
import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import globals from 'globals';
import tseslint from 'typescript-eslint';

/** Rooms of core in the order imports may point: each may import those before it. */
const CORE = [
  'basics/calibration',
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
/** Rooms of the web likewise; a screen never knows another one. */
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
  'stores/meal',
  'stores/transfer',
  'stores/feed',
  'words',
  'ui/hooks',
  'ui/controls',
  'ui/drawings',
  'ui/sections',
  'ui/account',
  'ui/shell',
  'screens',
];
const SCREENS = readdirSync(join(import.meta.dirname, 'apps/web/src/screens'), { withFileTypes: true })
  .filter((entry) => entry.isDirectory())
  .map((entry) => entry.name);

/** Imports of these rooms from anywhere else, by their whole name or by their own beside them on the same shelf. */
const importOf = (rooms) =>
  `^(\\.\\./)+(${rooms.flatMap((room) => [room, ...(room.includes('/') ? [room.split('/')[1]] : [])]).join('|')})(/|\\.)`;

const noNode = {
  regex: '^(node:|fs$|path$|os$|http$|crypto$)',
  message: 'core runs anywhere: no Node in it.',
};
const noFramework = {
  regex: '^(react|@nestjs|typeorm|zustand|radix-ui|echarts|express|class-)',
  message: 'core has no framework in it.',
};
const restrict = (...patterns) => ({ '@typescript-eslint/no-restricted-imports': ['error', { patterns }] });

const arrows = CORE.slice(0, -1).map((room, i) => ({
  files: [`packages/core/src/${room}/**/*.ts`],
  ignores: ['**/*.spec.ts'],
  rules: restrict(noNode, noFramework, {
    regex: importOf([...CORE.slice(i + 1), 'index']),
    message: `arrows in core run ${CORE.join(' → ')}.`,
  }),
}));

const overHttp = {
  regex: '(^@hammock/server|apps/server|/server/src)',
  message: 'web reaches the server over HTTP.',
};
const webArrows = WEB.slice(0, -1).map((room, i) => ({
  files: [`apps/web/src/${room}/**/*.{ts,tsx}`],
  ignores: ['**/*.spec.{ts,tsx}'],
  rules: restrict(
    overHttp,
    { regex: importOf(WEB.slice(i + 1)), message: `arrows in web run ${WEB.join(' → ')}.` },
    // What is computed and carried can be tried without a page.
    ...(['api', 'storage', 'sync', 'workers'].includes(room)
      ? [{ regex: '^react($|-|/)', message: 'no interface below the stores.' }]
      : []),
  ),
}));
const screenArrows = SCREENS.map((screen) => ({
  files: [`apps/web/src/screens/${screen}/**/*.{ts,tsx}`],
  ignores: ['**/*.spec.{ts,tsx}'],
  rules: restrict(overHttp, {
    regex: `^(\\.\\./)+(screens/)?(${SCREENS.filter((other) => other !== screen).join('|')})/`,
    message: 'a screen does not reach into another screen.',
  }),
}));

/** Refused everywhere. */
const REFUSED = [
  { selector: 'ExportDefaultDeclaration', message: 'Named exports only.' },
  { selector: 'ExportAllDeclaration', message: 'Name what is exported.' },
  { selector: "JSXAttribute[name.name='dangerouslySetInnerHTML']", message: 'Text is shown as text.' },
  {
    selector: 'AssignmentExpression[left.property.name=/^(?:inner|outer)HTML$/]',
    message: 'Text is shown as text.',
  },
];

/** What a cook reads in JSX: more than a unit. */
const READ = String.raw`/(?!\b(?:ml|mm|cm|kg|kW|min)\b)\b[A-Za-z]{2,}/`;
const NO_WORDS = [
  `JSXText[value=${READ}]`,
  `JSXAttribute[name.name=/^(?:aria-label|aria-description|aria-valuetext|label|title|placeholder|hint|alt|ask|trigger|heading|caption)$/] > :matches(Literal, JSXExpressionContainer > Literal)[value=${READ}]`,
  `JSXAttribute[name.name=/^(?:aria-label|aria-valuetext|label|title|placeholder|hint|alt)$/] TemplateElement[value.raw=${READ}]`,
  `:matches(JSXElement, JSXFragment) > JSXExpressionContainer > :matches(Literal[value=${READ}], TemplateLiteral:has(TemplateElement[value.raw=${READ}]))`,
].map((selector) => ({ selector, message: 'Words a cook reads are in words/.' }));

export default tseslint.config(
  {
    ignores: [
      '**/dist/**',
      '**/node_modules/**',
      '.demo/**',
      '.tmp/**',
      '**/*.generated.ts',
      'scripts/**/*.d.ts',
    ],
  },
  js.configs.recommended,
  {
    files: ['**/*.{ts,tsx}'],
    extends: [tseslint.configs.strictTypeChecked, tseslint.configs.stylisticTypeChecked],
    languageOptions: {
      parserOptions: {
        project: [
          'packages/core/tsconfig.json',
          'apps/server/tsconfig.json',
          'apps/web/tsconfig.json',
          'e2e/tsconfig.json',
        ],
        tsconfigRootDir: import.meta.dirname,
      },
    },
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/consistent-type-imports': 'error',
      // `return problem(…)` reads better than a statement and a bare return.
      '@typescript-eslint/no-confusing-void-expression': 'off',
      '@typescript-eslint/dot-notation': 'off',
      // Slow, and there is nothing here for them: no enums, and the compiler strikes deprecated names through.
      '@typescript-eslint/no-deprecated': 'off',
      '@typescript-eslint/no-unsafe-enum-assignment': 'off',
      '@typescript-eslint/no-unsafe-enum-comparison': 'off',
      '@typescript-eslint/no-unused-vars': ['error', { ignoreRestSiblings: true }],
      '@typescript-eslint/switch-exhaustiveness-check': 'error',
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      'no-restricted-syntax': ['error', ...REFUSED],
    },
  },
  {
    files: ['packages/core/src/**/*.ts'],
    ignores: ['**/*.spec.ts'],
    rules: {
      ...restrict(noNode, noFramework),
      'no-restricted-globals': [
        'error',
        ...[
          'window',
          'document',
          'navigator',
          'localStorage',
          'fetch',
          'process',
          'Buffer',
          'setTimeout',
          'performance',
        ].map((name) => ({ name, message: 'core has no DOM and no Node in it.' })),
        { name: 'Date', message: 'Time is passed in to core.' },
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'Randomness is passed in to core.' },
      ],
    },
  },
  ...arrows,
  {
    files: ['apps/web/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': hooks },
    languageOptions: { globals: globals.browser },
    rules: {
      ...hooks.configs.recommended.rules,
      ...restrict(overHttp),
    },
  },
  ...webArrows,
  ...screenArrows,
  {
    files: ['apps/web/src/**/*.{ts,tsx}'],
    ignores: ['**/*.spec.{ts,tsx}', '**/deviceClock.ts', '**/ticker.worker.ts'],
    rules: {
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now', message: 'The clock is passed in: storage/deviceClock.' },
      ],
    },
  },
  {
    files: ['apps/server/**/*.ts'],
    rules: {
      ...restrict({
        regex: '(^@hammock/web|apps/web|/web/src)',
        message: 'server knows nothing of the web.',
      }),
      // Nest modules are classes that only carry decorators; DTO classes must stay value imports.
      '@typescript-eslint/no-extraneous-class': 'off',
      // DTOs and entities are data with decorators, without behaviour: a literal or a copy is as good as an instance.
      '@typescript-eslint/no-misused-spread': 'off',
      '@typescript-eslint/no-unsafe-class-instance-assignment': 'off',
      '@typescript-eslint/consistent-type-imports': 'off',
    },
  },
  {
    files: ['**/*.spec.{ts,tsx}', 'e2e/**/*.ts'],
    rules: {
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/no-unsafe-assignment': 'off',
      '@typescript-eslint/no-unsafe-member-access': 'off',
      '@typescript-eslint/no-unsafe-argument': 'off',
      '@typescript-eslint/no-unsafe-call': 'off',
      '@typescript-eslint/no-unsafe-return': 'off',
    },
  },
  { files: ['*.config.{mjs,ts}', 'apps/web/vite.config.ts'], rules: { 'no-restricted-syntax': 'off' } },
  {
    files: ['packages/**/*.ts', 'apps/**/*.{ts,tsx}'],
    rules: { 'no-eval': 'error', 'no-new-func': 'error' },
  },
  // A file is cut where the thought ends, not at a number: only what is surely two is refused.
  { files: ['**/*.{ts,tsx,mjs}'], ignores: ['**/*.spec.{ts,tsx}'], rules: { 'max-lines': ['error', 400] } },
  { files: ['**/*.mjs'], languageOptions: { globals: globals.node } },
  // These hand functions to the browser.
  { files: ['scripts/bench/*.mjs', 'scripts/make/shots.mjs'], languageOptions: { globals: globals.browser } },
  {
    files: ['apps/web/src/{screens,ui}/**/*.tsx', 'apps/web/src/App.tsx'],
    ignores: ['**/*.spec.tsx'],
    rules: { 'no-restricted-syntax': ['error', ...REFUSED, ...NO_WORDS] },
  },
  prettier,
);
