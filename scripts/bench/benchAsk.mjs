import { request } from 'node:http';

/** Phones ask by another address of this machine than its own pages do. */
export const PHONE = '127.0.0.2';
/**
 * One request; what came back. Never throws: a connection that was cut is a reply like any other.
 * @param {{ port: number }} at
 * @param {{ method?: string, path: string, body?: string | Buffer, headers?: Record<string, string>, host?: string, from?: string, waitMs?: number }} what
 */
export function ask(
  at,
  {
    method = 'GET',
    path,
    body,
    headers = {},
    host = `${PHONE}:${at.port}`,
    from = '127.0.0.3',
    waitMs = 30_000,
  },
) {
  return new Promise((done) => {
    const began = performance.now();
    const ended = (status, text = '') => done({ status, text, ms: performance.now() - began, cookie });
    let cookie;
    const sent = request(
      {
        ...{
          host: '127.0.0.1',
          port: at.port,
          method,
          path,
          setHost: false,
          localAddress: from,
          agent: false,
        },
        headers: {
          host,
          ...(body === undefined
            ? {}
            : { 'content-type': 'application/json', 'content-length': Buffer.byteLength(body) }),
          ...headers,
        },
      },
      (reply) => {
        cookie = reply.headers['set-cookie']?.[0]?.split(';')[0];
        let text = '';
        reply.setEncoding('latin1');
        reply.on('data', (piece) => {
          text += text.length < 200_000 ? piece : '';
          if (reply.headers['content-type']?.startsWith('text/event-stream')) sent.destroy();
        });
        reply.on('close', () => ended(reply.statusCode, text));
      },
    );
    sent.setTimeout(waitMs, () => sent.destroy());
    sent.on('error', () => ended(0));
    sent.end(body);
  });
}
/** The one at the keyboard asks. */
export const here = (at, what) => ask(at, { ...what, host: `127.0.0.1:${at.port}`, from: '127.0.0.1' });
