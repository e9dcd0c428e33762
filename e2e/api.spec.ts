import { describe, expect, it, jest } from '@jest/globals';
import createClient from 'openapi-fetch';
import type { paths } from './api.generated';
import { Kitchen, pour, sees } from './support/harness';

jest.setTimeout(60_000);
const kitchen = Kitchen.forTests({ demo: true });

describe('a client made from the API document', () => {
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
