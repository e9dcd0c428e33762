import 'reflect-metadata';
import { readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { randomUUID } from 'node:crypto';
import { afterEach, describe, expect, it, jest } from '@jest/globals';
import request from 'supertest';
import { ANSWER_EXAMPLE } from '../answer/answer.example.js';
import { Clock } from '../common/clock.js';
import { restoreCopy } from '../database/restore.js';
import { temporaryServer, type TemporaryServer } from '../testing/temporaryServer.js';
import { DailyCopies } from './copies.module.js';

let server: TemporaryServer;
afterEach(() => server.close());

const { odds: _odds, ...input } = ANSWER_EXAMPLE as Record<string, unknown>;
const cook = (label: string) =>
  request(server.url).put(`/api/cooks/${randomUUID()}`).send({ label, input }).expect(200);
const labels = async (): Promise<string[]> =>
  (await request(server.url).get('/api/cooks')).body.map((c: { label: string }) => c.label);
const copies = (): string[] => readdirSync(join(server.folder, 'copies')).sort();

describe('a copy every day', () => {
  it('is made once a day where there is something to copy, and fourteen are kept', async () => {
    server = await temporaryServer();
    const daily = server.app.get(DailyCopies);
    expect(await daily.copyIfDue()).toBe(false);
    await cook('Evening pilaf');
    let nowMs = Date.now();
    jest.spyOn(server.app.get(Clock), 'nowMs').mockImplementation(() => nowMs);
    expect([await daily.copyIfDue(), await daily.copyIfDue()]).toEqual([true, false]);
    for (let day = 1; day <= 16; day += 1) {
      nowMs += 25 * 3600 * 1000;
      expect(await daily.copyIfDue()).toBe(true);
    }
    expect(copies()).toHaveLength(14);
  });
});

describe('a copy put back', () => {
  it('is what it was when it was made; what was there is set aside, and a server that runs is not touched', async () => {
    server = await temporaryServer();
    await cook('First');
    await request(server.url).post('/api/copies').expect(201);
    await cook('Second');
    const file = join(server.folder, 'hammock.sqlite');
    expect(() => restoreCopy(file, Date.now())).toThrow(/already using/u);
    await server.app.close();
    writeFileSync(join(server.folder, 'copies', 'hammock-2999-01-01-kept.sqlite'), 'no database');
    const { from, aside } = restoreCopy(file, Date.now());
    expect(from).toContain('-kept');
    expect(from).not.toContain('2999');
    expect(aside).toContain('set-aside');
    server = await temporaryServer({ folder: server.folder });
    expect(await labels()).toEqual(['First']);
    await server.app.close();
    expect(() => restoreCopy(file, Date.now(), 'nothing.sqlite')).toThrow(/is no whole copy/u);
    // And forward again: nothing was lost.
    server = await temporaryServer({ folder: server.folder });
  });
});
