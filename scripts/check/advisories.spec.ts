import { describe, expect, it } from '@jest/globals';
import { readAudit, running } from './advisories.mjs';

describe('what is known against packages', () => {
  it('is read from what npm says; an answer that is none is told from one that names nothing', () => {
    const clean = { auditReportVersion: 2, vulnerabilities: {}, metadata: { dependencies: { total: 7 } } };
    expect(readAudit(JSON.stringify(clean))).toEqual({ asked: 7, known: [] });
    const one = { name: 'x', severity: 'high', range: '<2', fixAvailable: true };
    expect(
      readAudit(`npm warn\n${JSON.stringify({ ...clean, vulnerabilities: { x: one } })}`)?.known,
    ).toEqual([{ name: 'x', severity: 'high', range: '<2', isMended: true }]);
    for (const none of [
      '',
      'npm error',
      '{"statusCode":405,"message":"no"}',
      '{"error":{"code":"ENOTFOUND"}}',
    ])
      expect(readAudit(none)).toBeUndefined();
  });

  it('is asked of what runs, and not of tools or of our own folders', () => {
    const packages = {
      '': {},
      'node_modules/a': { version: '1' },
      'node_modules/b': { version: '1', dev: true },
      'node_modules/@hammock/core': { link: true },
      'apps/web': {},
    };
    expect(running({ packages })).toBe(1);
  });
});
