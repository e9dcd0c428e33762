import { describe, expect, it } from '@jest/globals';
import type { Request } from 'express';
import { Refusals } from './refusals.js';

const asked = (more: Record<string, unknown> = {}): Request =>
  ({
    method: 'GET',
    path: '/api/bags',
    url: '/api/bags?code=1234-5678',
    headers: { host: 'evil.test', cookie: 'hammock_device=secret' },
    socket: { remoteAddress: '192.168.1.7' },
    ...more,
  }) as unknown as Request;

describe('what is refused', () => {
  it('is written down with its reason and where it came from, and without what it brought', () => {
    const lines: string[] = [];
    new Refusals(
      () => 0,
      (line) => lines.push(line),
    ).note(403, 'foreign', asked());
    expect(lines).toEqual(['403 foreign: GET /api/bags as evil.test from 192.168.1.7']);
    expect(lines.join()).not.toMatch(/secret|1234/u);
  });

  it('fills no disk: one line a minute for each reason, with how many more there were', () => {
    const lines: string[] = [];
    let nowMs = 0;
    const refusals = new Refusals(
      () => nowMs,
      (line) => lines.push(line),
    );
    for (let n = 0; n < 500; n += 1) refusals.note(429, 'rate', asked());
    refusals.note(403, 'foreign', asked());
    expect(lines).toHaveLength(2);
    nowMs = 60_001;
    refusals.note(429, 'rate', asked());
    expect(lines[2]).toMatch(/, and 499 more before it$/u);
  });

  it('cannot write a line of its own, nor speak to a terminal', () => {
    const lines: string[] = [];
    const path = `/api/\n[ok] let in\u001b[2J${'x'.repeat(900)}`;
    new Refusals(
      () => 0,
      (line) => lines.push(line),
    ).note(403, 'foreign', asked({ path, headers: {} }));
    expect(lines[0]).toMatch(/^[\w./:?, -]{1,220}$/u);
  });

  it('for what was said in it is a reply and no more', () => {
    const lines: string[] = [];
    const refusals = new Refusals(
      () => 0,
      (line) => lines.push(line),
    );
    for (const status of [400, 404, 405, 409, 422]) refusals.note(status, 'validation', asked());
    expect(lines).toEqual([]);
  });
});
