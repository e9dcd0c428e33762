import 'reflect-metadata';
import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import { INGREDIENTS } from '@hammock/core';
import { parse } from 'csv-parse/sync';
import request from 'supertest';
import { ANSWER_EXAMPLE } from '../answer/answer.example.js';
import { temporaryServer, type TemporaryServer } from '../testing/temporaryServer.js';

let server: TemporaryServer;
beforeAll(async () => {
  server = await temporaryServer();
});
afterAll(() => server.close());

const table = async (path: string): Promise<Record<string, string>[]> => {
  const reply = await request(server.url)
    .get(path)
    .expect(200)
    .expect('content-type', /^text\/csv/u);
  return parse(reply.text, { columns: true, record_delimiter: '\r\n' });
};

describe('tables', () => {
  it('of the larder has every row with its water and its source, as another parser reads it', async () => {
    const rows = await table('/api/larder.csv');
    expect(rows).toHaveLength(INGREDIENTS.length);
    const onion = rows.find((r) => r['id'] === 'onion');
    // Indian Food Composition Tables 2017, G017: 85.76 g of 100, within what our table is held to.
    expect(Math.abs(Number(onion?.['water']) - 85.76)).toBeLessThan(0.05 * 85.76);
    expect(rows.every((r) => r['source'] !== '')).toBe(true);
  });

  it('of one pot is its account: what comes in is what goes out', async () => {
    const { odds: _odds, ...input } = ANSWER_EXAMPLE as Record<string, unknown>;
    const id = randomUUID();
    await request(server.url).put(`/api/cooks/${id}`).send({ label: 'Pilaf', input }).expect(200);
    const rows = await table(`/api/cooks/${id}/account.csv`);
    const sum = (side: string): number =>
      rows.filter((r) => r['side'] === side).reduce((all, r) => all + Number(r['water_g']), 0);
    expect(sum('comes from')).toBeGreaterThan(100);
    expect(Math.abs(sum('comes from') - sum('goes to'))).toBeLessThan(1);
    await request(server.url).get(`/api/cooks/${randomUUID()}/account.csv`).expect(404);
  });
});
