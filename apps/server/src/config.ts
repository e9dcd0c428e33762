import { homedir } from 'node:os';
import { join } from 'node:path';
import type { House } from './guard/door.js';
import { StartProblem } from './database/startProblem.js';

/** How this server runs. */
export interface Config {
  readonly databaseFile: string;
  readonly host: string;
  readonly port: number;
  /** Folder of the built web, when it is to be served. */
  readonly webFolder: string | undefined;
  /** Devices of the house that may be let in; undefined where only this machine is answered. */
  readonly house: House | undefined;
  /** Largest body accepted, bytes. */
  readonly bodyLimit: number;
  /** Requests one address may make per window. */
  readonly rate: { readonly limit: number; readonly windowMs: number };
}

/** Enough for several screens open at once, far below what would hurt; a runaway loop is stopped. */
export const DEFAULT_RATE = { limit: 3000, windowMs: 10_000 } as const;

/**
 * Reads the environment: HAMMOCK_DATA (folder), HAMMOCK_PORT, HAMMOCK_WEB (folder of the built web), HAMMOCK_LAN (1 lets devices of
 * the house be let in), HAMMOCK_ORIGIN (the address of a proxy before it).
 * @throws StartProblem when the port or the address is none
 */
export function configFromEnvironment(env: NodeJS.ProcessEnv): Config {
  const folder = env['HAMMOCK_DATA'] ?? join(homedir(), '.hammock');
  const port = env['HAMMOCK_PORT'] ?? '4170';
  if (!/^\d{1,5}$/u.test(port) || Number(port) < 1 || Number(port) > 65_535)
    throw new StartProblem(`"${port}" is not a port: set HAMMOCK_PORT to a number from 1 to 65535.`);
  const house = houseFrom(env);
  return {
    databaseFile: join(folder, 'hammock.sqlite'),
    // Only where it was asked for: nothing but this machine is answered otherwise.
    host: house ? '0.0.0.0' : '127.0.0.1',
    house,
    port: Number(port),
    webFolder: env['HAMMOCK_WEB'],
    bodyLimit: 256 * 1024,
    rate: DEFAULT_RATE,
  };
}

/** Whether devices of the house may be let in, and at which addresses. */
function houseFrom(env: NodeJS.ProcessEnv): House | undefined {
  const origin = env['HAMMOCK_ORIGIN'];
  if (env['HAMMOCK_LAN'] !== '1' && origin === undefined) return undefined;
  const hosts = env['HAMMOCK_LAN_HOSTS']?.split(',');
  if (origin === undefined) return { hosts };
  if (!URL.canParse(origin) || new URL(origin).origin !== origin)
    throw new StartProblem(
      `"${origin}" is no address of a proxy: set HAMMOCK_ORIGIN to one like https://kitchen.example.`,
    );
  return { hosts: env['HAMMOCK_LAN'] === '1' ? hosts : [], origin };
}
