import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import openapiTS, { astToString } from 'openapi-typescript';
import { format, resolveConfig } from 'prettier';
import { root } from './lib.mjs';

/** The types of the API as a stranger's generator makes them from the document: `npm run client URL`. */
export const FILE = join(root, 'e2e/api.generated.ts');

/** The file for a document. */
export async function clientOf(document) {
  const text = `/** Made from the API document by \`npm run client\`; not to be edited. */\n${astToString(await openapiTS(document))}`;
  return format(text, { ...(await resolveConfig(FILE)), parser: 'typescript' });
}

if (process.argv[1] === import.meta.filename) {
  const { freePort, startServer, endServer } = await import('./lib.mjs');
  const { mkdtempSync, rmSync } = await import('node:fs');
  const { tmpdir } = await import('node:os');
  const folder = mkdtempSync(join(tmpdir(), 'hammock-client-'));
  const { child, url } = await startServer({ dataFolder: folder, port: await freePort(4640), quiet: true });
  writeFileSync(FILE, await clientOf(await (await fetch(`${url}/api/docs-json`)).json()));
  await endServer(child);
  rmSync(folder, { recursive: true, force: true });
}
