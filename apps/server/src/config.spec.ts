import { join } from 'node:path';
import { describe, expect, it } from '@jest/globals';
import { configFromEnvironment } from './config.js';

describe('configFromEnvironment', () => {
  it('stays on this machine, in the folder and at the port it is given', () => {
    expect(configFromEnvironment({ HAMMOCK_DATA: '/data/deep', HAMMOCK_PORT: '4199' })).toMatchObject({
      databaseFile: join('/data/deep', 'hammock.sqlite'),
      host: '127.0.0.1',
      port: 4199,
      webFolder: undefined,
    });
  });

  it('listens in the house for --lan, and on this machine alone for a proxy: a request that goes round it is not answered', () => {
    const hostOf = (env: NodeJS.ProcessEnv) => configFromEnvironment(env).host;
    expect(hostOf({ HAMMOCK_LAN: '1' })).toBe('0.0.0.0');
    expect(hostOf({ HAMMOCK_ORIGIN: 'https://kitchen.example' })).toBe('127.0.0.1');
    const both = configFromEnvironment({ HAMMOCK_LAN: '1', HAMMOCK_ORIGIN: 'https://kitchen.example' });
    expect([both.host, both.house]).toEqual(['127.0.0.1', { hosts: [], origin: 'https://kitchen.example' }]);
  });

  it.each(['', '0', '65536', '-1', '80a', '4 170', '1e3', '٤١٧٠'])('says that %p is no port', (port) => {
    expect(() => configFromEnvironment({ HAMMOCK_PORT: port })).toThrow(/is not a port: set HAMMOCK_PORT/u);
  });
});
