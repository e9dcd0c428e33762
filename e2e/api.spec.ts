import { describe, expect, it, jest } from '@jest/globals';
import { execFile } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { promisify } from 'node:util';
import createClient from 'openapi-fetch';
import type { paths } from './api.generated';
import { Kitchen, pour, sees } from './harness';

jest.setTimeout(60_000);
const run = promisify(execFile);
const kitchen = Kitchen.forTests({ demo: true });
const root = join(__dirname, '..');

describe('a client made from the API document', () => {
  it('is the one that was made: after a change of the API, npm run client', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'hammock-doc-'));
    const file = join(folder, 'doc.json');
    writeFileSync(file, JSON.stringify(await kitchen.api('GET', 'docs-json')));
    const script = `import { readFileSync } from 'node:fs'; import { clientOf } from './scripts/apiClient.mjs';
      process.stdout.write(await clientOf(JSON.parse(readFileSync(process.argv[1], 'utf8'))))`;
    const args = ['--input-type=module', '-e', script, file];
    const { stdout } = await run(process.execPath, args, { cwd: root, maxBuffer: 1e8 });
    rmSync(folder, { recursive: true });
    expect(readFileSync(join(__dirname, 'api.generated.ts'), 'utf8')).toBe(stdout);
  });

  it('asks, keeps and is refused in its own types, and the screen shows what it kept', async () => {
    const client = createClient<paths>({ baseUrl: kitchen.url });
    const { data: vessels } = await client.GET('/api/vessels');
    const [pot] = vessels!;
    const vessel = { diameterCm: pot!.diameterCm, volumeMl: pot!.volumeMl, lid: pot!.lid };
    const plan = { grainId: 'basmati', grain: { g: 200 }, vessel };
    const { data: reply } = await client.POST('/api/answer', { body: plan });
    expect(reply!.pour.ml).toBeGreaterThan(200);
    expect(reply!.account.terms.map((t) => t.kind)).toContain('absorbed');
    const { error, response } = await client.POST('/api/answer', {
      body: { ...plan, grain: { g: 4_000_000 } },
    });
    expect(response.status).toBe(400);
    expect(error!.errors![0]).toMatchObject({ field: 'grain.g' });

    const id = '7d0f7c8e-7a1e-4f8a-9a57-1f1a3b1c2d3e';
    const { data: household } = await client.GET('/api/household');
    expect(household!.roomC).toEqual(expect.any(Number));
    const kept = await client.PUT('/api/vessels/{id}', {
      params: { path: { id } },
      body: { label: 'Client’s pot', diameterCm: 20, volumeMl: 3000, lid: 'tight', wall: 'thin' },
    });
    expect(kept.data).toMatchObject({ label: 'Client’s pot', kind: 'pot' });
    const page = await kitchen.page('/');
    await pour(page);
    await page.goto(`${kitchen.url}/kitchen`);
    await sees(page, 'Client’s pot');
  });
});
