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
  /** Addresses of a scale, a thermometer or a hob that speaks docs/instruments.md. */
  readonly instruments: readonly string[];
  /** Whether what keeps it from starting is said in the page too, until it is ended: for the person who started it by hand. */
  readonly saysInPage: boolean;
  /** When it fell and was started again by the keeper process, ms since the epoch. */
  readonly fellAtMs: number | undefined;
  /** Whether a code that lets a cook's device in is said on the terminal: for a household that lost every device. */
  readonly saysCode: boolean;
  /** Largest body accepted, bytes. */
  readonly bodyLimit: number;
  /** Requests one address may make per window. */
  readonly rate: { readonly limit: number; readonly windowMs: number };
}

/** Enough for several screens open at once, far below what would hurt; a runaway loop is stopped. */
export const DEFAULT_RATE = { limit: 3000, windowMs: 10_000 } as const;

/**
 * Reads the environment: HAMMOCK_DATA (folder), HAMMOCK_PORT, HAMMOCK_WEB (folder of the built web), HAMMOCK_LAN (1 lets devices of
 * the house be let in), HAMMOCK_ORIGIN (the address of a proxy before it), HAMMOCK_INSTRUMENTS (addresses of
 * instruments, with commas).
 * @throws StartProblem when the port or the address is none
 */
export function configFromEnvironment(env: NodeJS.ProcessEnv): Config {
  const folder = env['HAMMOCK_DATA'] ?? join(homedir(), '.hammock');
  const port = env['HAMMOCK_PORT'] ?? '4170';
  if (!/^\d{1,5}$/u.test(port) || Number(port) < 1 || Number(port) > 65_535)
    throw new StartProblem(
      'setting',
      `"${port}" is not a port: set HAMMOCK_PORT to a number from 1 to 65535.`,
    );
  const house = houseFrom(env);
  return {
    databaseFile: join(folder, 'hammock.sqlite'),
    // Only where it was asked for: nothing but this machine is answered otherwise.
    // A proxy asks on this machine: a request that goes round it is not answered.
    host: house && house.origin === undefined ? '0.0.0.0' : '127.0.0.1',
    house,
    instruments: instrumentsFrom(env['HAMMOCK_INSTRUMENTS']),
    port: Number(port),
    webFolder: env['HAMMOCK_WEB'],
    saysInPage: env['HAMMOCK_SAYS_IN_PAGE'] === '1',
    fellAtMs: /^\d{10,15}$/u.test(env['HAMMOCK_FELL_AT_MS'] ?? '')
      ? Number(env['HAMMOCK_FELL_AT_MS'])
      : undefined,
    saysCode: env['HAMMOCK_CODE'] === '1',
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
      'setting',
      `"${origin}" is no address of a proxy: set HAMMOCK_ORIGIN to one like https://kitchen.example.`,
    );
  return { hosts: [], origin };
}

/** Only what is on this machine or in the house: nobody may have this server ask addresses of the world. */
const IN_THE_HOUSE =
  /^(?:localhost|127\.\d+\.\d+\.\d+|10\.\d+\.\d+\.\d+|192\.168\.\d+\.\d+|172\.(?:1[6-9]|2\d|3[01])\.\d+\.\d+)$/u;
/** No kitchen has more. */
const MOST_INSTRUMENTS = 8;

function instrumentsFrom(said: string | undefined): readonly string[] {
  const list = (said ?? '')
    .split(',')
    .map((a) => a.trim())
    .filter((a) => a !== '');
  for (const address of list) {
    const url = URL.canParse(address) ? new URL(address) : undefined;
    if (url?.protocol !== 'http:' || url.origin !== address || !IN_THE_HOUSE.test(url.hostname))
      throw new StartProblem(
        'setting',
        `"${address}" is no address of an instrument in this house: set HAMMOCK_INSTRUMENTS to ones like http://192.168.1.20:4181.`,
      );
  }
  return list.slice(0, MOST_INSTRUMENTS);
}
