import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';

let known: string | undefined;

/**
 * Which computation this is: a hash of the core as it is installed, so that what another one worked out is worked out anew. It costs
 * some milliseconds, once.
 */
export function modelVersion(): string {
  if (known !== undefined) return known;
  const folder = dirname(createRequire(import.meta.url).resolve('@hammock/core'));
  const hash = createHash('sha256');
  for (const name of readdirSync(folder, { recursive: true }).map(String).sort())
    if (/(?<!\.spec|\.d)\.[jt]s$/u.test(name)) hash.update(name).update(readFileSync(join(folder, name)));
  known = hash.digest('hex').slice(0, 16);
  return known;
}
