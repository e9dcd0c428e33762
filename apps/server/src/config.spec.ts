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

  it.each(['', '0', '65536', '-1', '80a', '4 170', '1e3', '٤١٧٠'])('says that %p is no port', (port) => {
    expect(() => configFromEnvironment({ HAMMOCK_PORT: port })).toThrow(/is not a port: set HAMMOCK_PORT/u);
  });
});
