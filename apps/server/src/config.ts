import { homedir } from 'node:os';
import { join } from 'node:path';
import { StartProblem } from './database/startProblem.js';

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

/**
 * Reads the environment: HAMMOCK_DATA (folder), HAMMOCK_PORT, HAMMOCK_WEB (folder of the built web).
 * @throws StartProblem when the port is none
 */
export function configFromEnvironment(env: NodeJS.ProcessEnv): Config {
  const folder = env['HAMMOCK_DATA'] ?? join(homedir(), '.hammock');
  const port = env['HAMMOCK_PORT'] ?? '4170';
  if (!/^\d{1,5}$/u.test(port) || Number(port) < 1 || Number(port) > 65_535)
    throw new StartProblem(`"${port}" is not a port: set HAMMOCK_PORT to a number from 1 to 65535.`);
  return {
    databaseFile: join(folder, 'hammock.sqlite'),
    host: '127.0.0.1',
    port: Number(port),
    webFolder: env['HAMMOCK_WEB'],
    bodyLimit: 256 * 1024,
    rate: DEFAULT_RATE,
  };
}
