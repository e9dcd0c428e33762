import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { rolldown } from 'rolldown';

/**
 * Puts the built server and the packages it needs into a few files: 1,800 modules that are looked up and read one by
 * one take longer than everything else a start does. From dist, because the compiler has written there what the
 * decorators have to know of the types. Names stay: they are the names in the API document.
 */
const dist = join(import.meta.dirname, 'dist');

/** Left where they are: native code, what starts threads from its own files, and what is not installed at all. */
const OUTSIDE =
  /^(better-sqlite3|piscina|swagger-ui-dist|class-transformer\/storage|@fastify\/.*|@nestjs\/(microservices|websockets|platform-socket\.io)(\/.*)?|@google-cloud\/spanner|@sap\/.*|hdb-pool|ioredis|mongodb|mssql|mysql2?|oracledb|pg|pg-native|pg-query-stream|react-native-sqlite-storage|redis|sql\.js|sqlite3|typeorm-aurora-data-api-driver)$/;
/** Half a megabyte of telephone numbers, for a check that nothing here uses. */
const LEFT_OUT = /^libphonenumber-js/;

rmSync(join(dist, 'bundle'), { recursive: true, force: true });
const bundle = await rolldown({
  input: { main: join(dist, 'main.js') },
  platform: 'node',
  external: (id) => OUTSIDE.test(id),
  logLevel: 'warn',
  plugins: [
    {
      name: 'leave-out',
      resolveId: (id) => (LEFT_OUT.test(id) ? '\0nothing' : null),
      load: (id) => (id === '\0nothing' ? 'export default undefined;' : null),
    },
  ],
  onLog: (level, log, show) => {
    // Packages that look for one another at run time say so; whether the program starts is for its tests to say.
    if (level === 'error') show(level, log);
  },
});
await bundle.write({
  dir: join(dist, 'bundle'),
  format: 'esm',
  entryFileNames: '[name].js',
  minify: { compress: false, mangle: false, codegen: { removeWhitespace: true } },
});
await bundle.close();
