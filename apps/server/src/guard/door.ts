import { networkInterfaces } from 'node:os';
import { parse } from 'cookie';
import type { NextFunction, Request, Response } from 'express';
import { sendProblem } from '../common/problemFilter.js';
import type { Pairing } from '../devices/pairing.js';
import type { Asked } from './asks.js';
import { isFromHere, isVisit } from './localOnly.js';
import { targetOf, type Target } from './target.js';

/** The cookie a device proves itself with; over TLS by a name that a browser takes from this very host alone, and over TLS alone. */
const COOKIE = 'hammock_device';
export const cookieName = (house: House | undefined): string =>
  isOverTls(house) ? `__Host-${COOKIE}` : COOKIE;

/** Whether devices ask over TLS: a proxy before this server has it. */
export const isOverTls = (house: House | undefined): boolean => house?.origin?.startsWith('https:') === true;

/** Where this server may be asked besides this machine: its own addresses in the house, or the name a proxy gives it. */
export interface House {
  /** Host names and addresses, without a port; this machine's addresses without. */
  readonly hosts?: readonly string[] | undefined;
  /** The address a proxy with TLS is asked at: "https://kitchen.example". Then nobody is taken for the one at the keyboard. */
  readonly origin?: string | undefined;
}

/** This machine's addresses in the house (RFC 1918, link-local), and no others: never one that the whole world can ask. */
export function houseAddresses(): readonly string[] {
  return Object.values(networkInterfaces())
    .flatMap((list = []) => list)
    .filter(({ internal, family }) => !internal && family === 'IPv4')
    .map(({ address }) => address)
    .filter((a) => /^(?:10\.|192\.168\.|169\.254\.|172\.(?:1[6-9]|2\d|3[01])\.)/u.test(a));
}

/** What may be asked by somebody who is not known yet: to be let in, and whether one is. */
const JOIN = '/api/devices/join';
const ME = '/api/devices/me';

/** Whether nobody in particular may ask this: the built pages and their files, and the two ways to be known. */
const isOpen = ({ method }: Request, { path, isData }: Target): boolean =>
  isData
    ? (path === JOIN && method === 'POST') || (path === ME && method === 'GET')
    : method === 'GET' || method === 'HEAD';

/**
 * Says of each request who asks, and lets nobody in who is not known: this machine's own pages, a device of the house that was let
 * in, and otherwise only what holds nothing of the household. What a route may be used for stands on the route itself (`Allow`).
 */
export function door(pairing: Pairing, house: House | undefined) {
  return (request: Asked, response: Response, next: NextFunction): void => {
    const target = targetOf(request);
    if (!target) {
      sendProblem(response, 400, 'malformed', 'The address cannot be read');
      return;
    }
    request.from = addressOf(request, house);
    if (house?.origin === undefined && isFromHere(request)) {
      request.who = 'here';
      next();
      return;
    }
    if (!house || !isOfHouse(request, house)) {
      sendProblem(response, 403, 'foreign', 'This is only for pages of this program on this machine');
      return;
    }
    const device = pairing.known(parse(request.headers.cookie ?? '')[cookieName(house)]);
    request.who = device?.role ?? 'nobody';
    if (device) {
      request.device = device;
      pairing.listens(device, response);
    } else if (!isOpen(request, target)) {
      sendProblem(response, 401, 'join', 'This device was not let in, or was let go');
      return;
    }
    next();
  };
}

/** The address somebody asks from: what a proxy that was named says it saw last, for behind it all have one address. */
function addressOf({ headers, socket }: Request, house: House | undefined): string {
  const direct = socket.remoteAddress ?? '';
  if (house?.origin === undefined) return direct;
  const passed = headers['x-forwarded-for'];
  const last = (Array.isArray(passed) ? passed.join(',') : (passed ?? '')).split(',').at(-1)?.trim() ?? '';
  return /^[\da-f.:]{2,45}$/iu.test(last) ? last : direct;
}

/** Whether a request names an address of the house and comes of a page of ours. */
function isOfHouse(request: Request, { hosts = houseAddresses(), origin: behind }: House): boolean {
  const { host = '', origin, 'sec-fetch-site': site } = request.headers;
  const port = (request.socket.localPort ?? 0).toString();
  const own = [
    ...hosts.map((h) => `http://${h}${port === '80' ? '' : `:${port}`}`),
    ...(behind === undefined ? [] : [behind]),
  ];
  const asked = own.find((o) => new URL(o).host === host.toLowerCase());
  if (asked === undefined || (origin !== undefined && origin !== asked)) return false;
  return site === undefined || site === 'same-origin' || site === 'none' || isVisit(request);
}

/** How a cookie is set: never read by a script, never sent from another site, and only over TLS where there is TLS. */
export const cookieOptions = (house: House | undefined) => ({
  httpOnly: true,
  sameSite: 'strict' as const,
  secure: isOverTls(house),
  path: '/',
  maxAge: 400 * 24 * 3600 * 1000,
});
