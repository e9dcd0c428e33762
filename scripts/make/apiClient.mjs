import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import openapiTS, { astToString } from 'openapi-typescript';
import { endServer, freePort, root, startServer } from '../run/lib.mjs';

/**
 * The types of the API as a stranger's generator makes them from the document of the server as it is built. They are
 * made before every test and not kept: a document that says something else than the tests ask does not compile.
 */
const folder = mkdtempSync(join(tmpdir(), 'hammock-client-'));
const { child, url } = await startServer({ dataFolder: folder, port: await freePort(), quiet: true });
const document = await (await fetch(`${url}/api/docs-json`)).json();
writeFileSync(join(root, 'e2e/api.generated.ts'), astToString(await openapiTS(document)));
await endServer(child);
rmSync(folder, { recursive: true, force: true });
