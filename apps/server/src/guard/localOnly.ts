import type { Request } from 'express';
import { targetOf } from './target.js';

const NAMES = ['127.0.0.1', 'localhost', '[::1]'];

/** What a browser says of a request that came from the page itself, or from the person at the keyboard. */
const OWN: ReadonlySet<string> = new Set(['same-origin', 'none']);

/** Headers that whatever stands between adds, from any proxy: a request that has one was passed on. */
const PASSED_ON =
  /^(?:forwarded|via|x-forwarded(?:-.*)?|x-original-.*|x-real-ip|x-client-ip|x-cluster-client-ip|true-client-ip|cf-connecting-ip|fastly-client-ip)$/u;

/** Whether a request was passed on by something that stands between. */
const isPassedOn = ({ headers }: Pick<Request, 'headers'>): boolean =>
  Object.keys(headers).some((name) => PASSED_ON.test(name));

/**
 * Whether a request comes from this machine's own pages. A page anywhere on the web can make a browser here send requests to
 * 127.0.0.1, and can have its own name resolve to it; it cannot make the browser claim another Host, another Origin or another
 * Sec-Fetch-Site than the true ones. Programs on this machine send neither of the last two and pass by their Host. Who asks from
 * another machine does not pass, whatever it says; nor does what was passed on by something on this machine.
 */
export function isFromHere(request: Request): boolean {
  const port = request.socket.localPort ?? 0;
  const hosts = NAMES.flatMap((name) =>
    port === 80 ? [name, `${name}:80`] : [`${name}:${port.toString()}`],
  );
  const { host = '', origin, 'sec-fetch-site': site } = request.headers;
  const isHere =
    hosts.includes(host.toLowerCase()) &&
    LOOPBACK.test(request.socket.remoteAddress ?? '') &&
    !isPassedOn(request);
  const isOwnOrigin = origin === undefined || hosts.some((h) => origin === `http://${h}`);
  return isHere && isOwnOrigin && (site === undefined || OWN.has(site) || isVisit(request));
}
const LOOPBACK = /^(?:::1|(?:::ffff:)?127\.\d{1,3}\.\d{1,3}\.\d{1,3})$/u;

/** Following a link to the program is not reading from it: the page that opens is its own. */
export const isVisit = (request: Request): boolean =>
  request.method === 'GET' &&
  request.headers['sec-fetch-mode'] === 'navigate' &&
  request.headers['sec-fetch-dest'] === 'document' &&
  targetOf(request)?.isData === false;
