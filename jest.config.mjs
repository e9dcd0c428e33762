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
      // The core is arithmetic: through the sandbox's own look-up these two cost a third of the processor.
      sandboxInjectedGlobals: ['Math', 'Number'],
      testMatch: ['<rootDir>/packages/core/src/**/*.spec.ts'],
      setupFiles: ['<rootDir>/scripts/check/propertySeed.mjs'],
      transform: { '^.+\\.[mc]?[jt]sx?$': swc(false) },
    },
    {
      ...shared,
      displayName: 'server',
      testEnvironment: 'node',
      testEnvironmentOptions: { customExportConditions: ['source', 'node', 'require', 'default'] },
      testMatch: ['<rootDir>/apps/server/src/**/*.spec.ts'],
      setupFiles: ['<rootDir>/scripts/check/propertySeed.mjs'],
      transform: { '^.+\\.[mc]?[jt]sx?$': swc(false, true) },
    },
    {
      ...shared,
      displayName: 'web',
      testEnvironment: 'jsdom',
      testEnvironmentOptions: { customExportConditions: ['source', 'browser', 'require', 'default'] },
      testMatch: ['<rootDir>/apps/web/src/**/*.spec.{ts,tsx}'],
      setupFiles: ['<rootDir>/apps/web/src/testing/setup.ts'],
      transform: { '^.+\\.[mc]?[jt]sx?$': swc(true) },
      moduleNameMapper: { ...shared.moduleNameMapper, '\\.css$': '<rootDir>/apps/web/src/testing/empty.ts' },
    },
    {
      ...shared,
      displayName: 'scripts',
      testEnvironment: 'node',
      testMatch: ['<rootDir>/scripts/**/*.spec.ts'],
      transform: { '^.+\\.[mc]?[jt]sx?$': swc(false) },
    },
    {
      ...shared,
      displayName: 'e2e',
      testEnvironment: 'node',
      testEnvironmentOptions: { customExportConditions: ['source', 'node', 'require', 'default'] },
      testMatch: ['<rootDir>/e2e/**/*.spec.ts'],
      transform: { '^.+\\.[mc]?[jt]sx?$': swc(false) },
    },
  ],
};
