/** One Jest for everything: each project says which files it owns and which world they run in. */
const swc = (tsx, decorators = false) => [
  '@swc/jest',
  {
    jsc: {
      parser: { syntax: 'typescript', tsx, decorators },
      transform: {
        react: { runtime: 'automatic' },
        ...(decorators
          ? { legacyDecorator: true, decoratorMetadata: true, useDefineForClassFields: false }
          : {}),
      },
      target: 'es2022',
    },
    module: { type: 'commonjs' },
  },
];
/** Our own sources as plain CommonJS; tests hoist their mocks, and packages are no TypeScript: both go through swc. */
const transforms = (tsx, decorators = false) => ({
  '\\.spec\\.tsx?$': swc(tsx, decorators),
  '^.+\\.tsx?$': '<rootDir>/scripts/check/transpile.cjs',
  '^.+\\.[mc]?jsx?$': swc(tsx, decorators),
});
/** Through the sandbox's own look-up these two cost arithmetic a third of the processor. */
const ARITHMETIC = ['Math', 'Number'];
const shared = {
  rootDir: import.meta.dirname,
  moduleNameMapper: { '^(\\.{1,2}/.*)\\.js$': '$1' },
  // Packages that only ship ES modules are read through the same compiler.
  transformIgnorePatterns: ['/node_modules/(?!(echarts|zrender|culori|@apidevtools|eventsource-parser)/)'],
};

export default {
  // A busy machine of two cores is not a reason for a test to fail.
  testTimeout: 40_000,
  projects: [
    {
      ...shared,
      displayName: 'core',
      testEnvironment: 'node',
      sandboxInjectedGlobals: ARITHMETIC,
      testMatch: ['<rootDir>/packages/core/src/**/*.spec.ts'],
      setupFiles: ['<rootDir>/scripts/check/propertySeed.mjs'],
      transform: transforms(false),
    },
    {
      ...shared,
      displayName: 'server',
      sandboxInjectedGlobals: ARITHMETIC,
      testEnvironment: 'node',
      testEnvironmentOptions: { customExportConditions: ['hammock-source', 'node', 'require', 'default'] },
      testMatch: ['<rootDir>/apps/server/src/**/*.spec.ts'],
      setupFiles: ['<rootDir>/scripts/check/propertySeed.mjs'],
      transform: transforms(false, true),
    },
    {
      ...shared,
      displayName: 'web',
      sandboxInjectedGlobals: ARITHMETIC,
      testEnvironment: 'jsdom',
      testEnvironmentOptions: { customExportConditions: ['hammock-source', 'browser', 'require', 'default'] },
      testMatch: ['<rootDir>/apps/web/src/**/*.spec.{ts,tsx}'],
      setupFiles: ['<rootDir>/apps/web/src/testing/setup.ts'],
      transform: transforms(true),
      moduleNameMapper: { ...shared.moduleNameMapper, '\\.css$': '<rootDir>/apps/web/src/testing/empty.ts' },
    },
    {
      ...shared,
      displayName: 'scripts',
      sandboxInjectedGlobals: ARITHMETIC,
      testEnvironment: 'node',
      testMatch: ['<rootDir>/scripts/**/*.spec.ts'],
      transform: transforms(false),
    },
    {
      ...shared,
      displayName: 'e2e',
      testEnvironment: 'node',
      globalSetup: '<rootDir>/e2e/support/prepare.mjs',
      globalTeardown: '<rootDir>/e2e/support/clearUp.mjs',
      testEnvironmentOptions: { customExportConditions: ['hammock-source', 'node', 'require', 'default'] },
      testMatch: ['<rootDir>/e2e/**/*.spec.ts'],
      transform: transforms(false),
    },
  ],
};
