import { networkInterfaces } from 'node:os';
import { parse } from 'cookie';
import type { NextFunction, Request, Response } from 'express';
import { sendProblem } from '../common/problemFilter.js';
import type { Device } from '../devices/device.entity.js';
import type { Doorkeeper } from '../devices/doorkeeper.js';
import { isFromHere, isVisit } from './localOnly.js';

/** What a device proves itself with. */
export const COOKIE = 'hammock_device';

/** A request of a device of the house; none for this machine's own. */
export type Asked = Request & { device?: Device };

/** Where this server may be asked besides this machine: its own addresses in the house, or the name a proxy gives it. */
export interface House {
  /** Host names and addresses, without a port; this machine's addresses without. */
  readonly hosts?: readonly string[] | undefined;
  /** The address a proxy with TLS is asked at: "https://kitchen.example". */
  readonly origin?: string | undefined;
}

/** This machine's addresses in the house (RFC 1918, RFC 4193, link-local), and no others: never one that the whole world can ask. */
export function houseAddresses(): readonly string[] {
  return Object.values(networkInterfaces())
    .flatMap((list = []) => list)
    .filter(({ internal, family }) => !internal && family === 'IPv4')
    .map(({ address }) => address)
    .filter((a) => /^(?:10\.|192\.168\.|169\.254\.|172\.(?:1[6-9]|2\d|3[01])\.)/u.test(a));
}

/** What a guest may read: what is on the stove, and what it is made with. */
const GUEST_MAY =
  /^\/api\/(?:health|household|bags|vessels|hobs|cups|dishes|ingredients|methods|steam-tests|plans|cooks|changes|learnt|devices\/me)(?:\/|$)/u;
/** What only this machine or a cook of the house may ask, and what anybody may who has a code. */
const JOINING = '/api/devices/join';
const ME = '/api/devices/me';

/**
 * Lets in this machine's own pages as before, and with `--lan` devices of the house that were let in. A request names this server by
 * an address of the house or it is refused: a name somebody else points here is not ours.
 */
export function door(doorkeeper: Doorkeeper, house: House | undefined) {
  return (request: Asked, response: Response, next: NextFunction): void => {
    if (isFromHere(request)) {
      next();
      return;
    }
    if (!house || !isOfHouse(request, house)) {
      sendProblem(response, 403, 'foreign', 'This is only for pages of this program on this machine');
      return;
    }
    const isData = /^\/api(?:\/|$)/u.test(request.path);
    // The page itself holds nothing of the household: it is shown, and asks for the code.
    if (!isData || request.path === JOINING) {
      next();
      return;
    }
    const device = doorkeeper.known(parse(request.headers.cookie ?? '')[COOKIE]);
    if (!device) {
      if (request.path === ME) next();
      else sendProblem(response, 401, 'join', 'This device was not let in, or was let go');
      return;
    }
    if (device.role === 'guest' && !(request.method === 'GET' && GUEST_MAY.test(request.path))) {
      sendProblem(response, 403, 'guest', 'Guests read what is on the stove and change nothing');
      return;
    }
    request.device = device;
    doorkeeper.listens(device, response);
    next();
  };
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
export const cookieOptions = (request: Request, house: House | undefined) => ({
  httpOnly: true,
  sameSite: 'strict' as const,
  secure:
    house?.origin !== undefined &&
    new URL(house.origin).host === request.headers.host &&
    house.origin.startsWith('https:'),
  path: '/',
  maxAge: 400 * 24 * 3600 * 1000,
});
