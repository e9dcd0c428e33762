import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { dataFile, root, say, stop } from './lib.mjs';

/** A copy of everything, read back before it is called one; the server may be running: npm run backup. */
const file = dataFile();
if (!existsSync(file)) stop(`There is no data in ${file}.`);
if (!existsSync(join(root, 'apps/server/dist/database/copyFile.js')))
  stop('Start Hammock once first: it is built then.');
const { copyDatabase } = await import('../../apps/server/dist/database/copyFile.js');
try {
  const { name, bytes } = copyDatabase(file, 'kept', Date.now());
  say(`copied, and read back whole: copies/${name} (${(bytes / 1024).toFixed(0)} KB)`);
} catch (error) {
  stop(`No copy was made: ${error instanceof Error ? error.message : String(error)}`);
}
