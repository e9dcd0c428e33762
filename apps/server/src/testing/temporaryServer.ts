import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { NestExpressApplication } from '@nestjs/platform-express';
import type { DataSource } from 'typeorm';
import { DEFAULT_RATE, type Config } from '../config.js';
import { createApp } from '../createApp.js';
import { Database } from '../database/database.js';

/** The whole server on a real SQLite file of its own, for tests over HTTP. */
export interface TemporaryServer {
  readonly app: NestExpressApplication;
  readonly url: string;
  /** The connection that writes. */
  readonly dataSource: DataSource;
  readonly database: Database;
  readonly folder: string;
  readonly close: () => Promise<void>;
}

/** Starts a server in a new temporary folder, or in `over.folder` to come back to an earlier one. */
export async function temporaryServer(
  over: Partial<Config> & { folder?: string } = {},
): Promise<TemporaryServer> {
  const folder = over.folder ?? mkdtempSync(join(tmpdir(), 'hammock-'));
  const config: Config = {
    databaseFile: join(folder, 'hammock.sqlite'),
    host: '127.0.0.1',
    house: undefined,
    instruments: [],
    saysInPage: false,
    saysCode: false,
    fellAtMs: undefined,
    port: 0,
    webFolder: undefined,
    bodyLimit: 256 * 1024,
    rate: DEFAULT_RATE,
    ...over,
  };
  const app = await createApp(config);
  await app.listen(0, '127.0.0.1');
  return {
    app,
    url: await app.getUrl(),
    dataSource: app.get(Database).writer,
    database: app.get(Database),
    folder,
    close: async () => {
      await app.close();
      if (over.folder === undefined) rmSync(folder, { recursive: true, force: true });
    },
  };
}
