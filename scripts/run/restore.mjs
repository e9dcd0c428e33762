import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { dataFile, root, say, stop } from './lib.mjs';

/** Puts a copy back; what was there is set aside: npm run restore [-- NAME], or the newest; npm run restore -- --list. */
const file = dataFile();
const [asked] = process.argv.slice(2);
if (!existsSync(join(root, 'apps/server/dist/database/restore.js')))
  stop('Start Hammock once first: it is built then.');
const { restoreCopy } = await import('../../apps/server/dist/database/restore.js');
const { copiesOf } = await import('../../apps/server/dist/database/copyFile.js');
if (asked === '--list') {
  for (const { name, bytes } of copiesOf(file)) say(`${name} (${(bytes / 1024).toFixed(0)} KB)`);
  process.exit(0);
}
try {
  const { from, aside } = restoreCopy(file, Date.now(), asked);
  say(`put back: ${from}`);
  if (aside) say(`what was there lies in ${aside}`);
} catch (error) {
  stop(error instanceof Error ? error.message : String(error));
}
