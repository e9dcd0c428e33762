import type { NextFunction, Request, RequestHandler, Response } from 'express';
import helmet from 'helmet';
import { nonceOf } from '../web.js';
import { isOverTls, type House } from './door.js';
import { targetOf } from './target.js';

/** What an API reply is sent with: it is data, which a browser reads and neither runs nor shows in a frame. */
const OF_DATA: Readonly<Record<string, string>> = {
  'Content-Security-Policy': "default-src 'none'; frame-ancestors 'none'",
  'Cross-Origin-Opener-Policy': 'same-origin',
  'Cross-Origin-Resource-Policy': 'same-origin',
  'Referrer-Policy': 'no-referrer',
  'X-Content-Type-Options': 'nosniff',
  'X-DNS-Prefetch-Control': 'off',
  'X-Frame-Options': 'SAMEORIGIN',
};
/** Behind a proxy with TLS: nobody asks without it for a year. */
const OF_TLS = [['Strict-Transport-Security', 'max-age=31536000']] as const;
const OF_DATA_ENTRIES = Object.entries(OF_DATA);

/** Headers that keep a page of this program to itself; made anew for every page, and the same for all data. */
export function securityHeaders(house?: House): RequestHandler {
  const ofTls = isOverTls(house) ? OF_TLS : [];
  const ofPages = helmet({
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        defaultSrc: ["'none'"],
        scriptSrc: ["'self'"],
        workerSrc: ["'self'"],
        connectSrc: ["'self'"],
        imgSrc: ["'self'", 'data:'],
        fontSrc: ["'self'"],
        manifestSrc: ["'self'"],
        // Lists and charts set styles of their own: elements by this page's number, attributes as they are.
        styleSrc: ["'self'"],
        styleSrcElem: ["'self'", (_request, response) => `'nonce-${nonceOf(response)}'`],
        styleSrcAttr: ["'unsafe-inline'"],
        baseUri: ["'none'"],
        formAction: ["'none'"],
        frameAncestors: ["'none'"],
        objectSrc: ["'none'"],
      },
    },
    // Said below, where there is TLS.
    strictTransportSecurity: false,
  });
  return (request: Request, response: Response, next: NextFunction): void => {
    for (const [name, value] of ofTls) response.setHeader(name, value);
    if (targetOf(request)?.isData !== true) {
      ofPages(request, response, next);
      return;
    }
    for (const [name, value] of OF_DATA_ENTRIES) response.setHeader(name, value);
    next();
  };
}
