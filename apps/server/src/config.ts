import { mkdirSync } from 'node:fs';
import { homedir } from 'node:os';
import { join } from 'node:path';

/** How this server runs. */
export interface Config {
  readonly databaseFile: string;
  readonly host: string;
  readonly port: number;
  /** Folder of the built web, when it is to be served. */
  readonly webFolder: string | undefined;
  /** Largest body accepted, bytes. */
  readonly bodyLimit: number;
  /** Requests one address may make per window. */
  readonly rate: { readonly limit: number; readonly windowMs: number };
}

/** Enough for several screens open at once, far below what would hurt; a runaway loop is stopped. */
export const DEFAULT_RATE = { limit: 3000, windowMs: 10_000 } as const;

/** Reads the environment: HAMMOCK_DATA (folder), HAMMOCK_PORT, HAMMOCK_WEB (folder of the built web). */
export function configFromEnvironment(env: NodeJS.ProcessEnv): Config {
  const folder = env['HAMMOCK_DATA'] ?? join(homedir(), '.hammock');
  mkdirSync(folder, { recursive: true });
  return {
    databaseFile: join(folder, 'hammock.sqlite'),
    host: '127.0.0.1',
    port: Number(env['HAMMOCK_PORT'] ?? 4170),
    webFolder: env['HAMMOCK_WEB'],
    bodyLimit: 256 * 1024,
    rate: DEFAULT_RATE,
  };
}
