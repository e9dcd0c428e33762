import { mkdtempSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, it } from '@jest/globals';
import { configFromEnvironment } from './config.js';

describe('configFromEnvironment', () => {
  it('makes the data folder and stays on this machine', () => {
    const folder = mkdtempSync(join(tmpdir(), 'hammock-config-'));
    const data = join(folder, 'deep', 'er');
    const config = configFromEnvironment({ HAMMOCK_DATA: data, HAMMOCK_PORT: '4199' });
    expect(config).toMatchObject({
      databaseFile: join(data, 'hammock.sqlite'),
      host: '127.0.0.1',
      port: 4199,
      webFolder: undefined,
    });
    expect(statSync(data).isDirectory()).toBe(true);
    rmSync(folder, { recursive: true });
  });
});
