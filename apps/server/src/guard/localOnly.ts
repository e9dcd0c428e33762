import type { NextFunction, Request, Response } from 'express';
import { sendProblem } from '../common/problemFilter.js';

const NAMES = ['127.0.0.1', 'localhost', '[::1]'];

/** What a browser says of a request that came from the page itself, or from the person at the keyboard. */
const OWN: ReadonlySet<string> = new Set(['same-origin', 'none']);

/**
 * Lets in what comes from this machine's own pages, and nothing else, before anything of a request is read. A page
 * anywhere on the web can make a browser here send requests to 127.0.0.1, and can have its own name resolve to it; it
 * cannot make the browser claim another Host, another Origin or another Sec-Fetch-Site than the true ones. Programs on
 * this machine send neither of the last two and pass by their Host.
 */
export function localOnly(request: Request, response: Response, next: NextFunction): void {
  const port = request.socket.localPort ?? 0;
  const hosts = NAMES.flatMap((name) =>
    port === 80 ? [name, `${name}:80`] : [`${name}:${port.toString()}`],
  );
  const { host = '', origin, 'sec-fetch-site': site } = request.headers;
  const isHere = hosts.includes(host.toLowerCase());
  const isOwnOrigin = origin === undefined || hosts.some((h) => origin === `http://${h}`);
  // Following a link to the program is not reading from it: the page that opens is its own.
  const isVisit =
    request.method === 'GET' &&
    request.headers['sec-fetch-mode'] === 'navigate' &&
    request.headers['sec-fetch-dest'] === 'document' &&
    !/^\/api(?:\/|$)/u.test(request.path);
  const isOwnSite = site === undefined || OWN.has(site) || isVisit;
  if (isHere && isOwnOrigin && isOwnSite) next();
  else sendProblem(response, 403, 'foreign', 'This is only for pages of this program on this machine');
}
