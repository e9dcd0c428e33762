import { randomBytes } from 'node:crypto';
import type { ServerResponse } from 'node:http';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { NestExpressApplication } from '@nestjs/platform-express';
import compression from 'compression';
import express, { type Express, type NextFunction, type Request, type Response } from 'express';

import { targetOf } from './guard/target.js';

const YEAR_MS = 365 * 24 * 3600 * 1000;

/** Stands in the built page for its number: apps/web/vite.config.ts. */
const NONCE = '__HAMMOCK_NONCE__';

const nonces = new WeakMap<ServerResponse, string>();

/** The number by which a page's own style elements are told from anybody else's; another one for every reply. */
export function nonceOf(response: ServerResponse): string {
  const made = nonces.get(response) ?? randomBytes(16).toString('base64url');
  nonces.set(response, made);
  return made;
}

/**
 * Serves the built web: hashed assets for a year, everything else fresh; a missing asset is a 404 and never the
 * page; any other path that is not of the API is the page, so that a reload finds its screen.
 */
export function serveWeb(app: Pick<NestExpressApplication, 'use'> | Express, folder: string): void {
  const page = (_request: Request, response: Response): void => {
    const html = readFileSync(join(folder, 'index.html'), 'utf8');
    response.setHeader('Cache-Control', 'no-cache');
    response.type('html').send(html.replaceAll(NONCE, nonceOf(response)));
  };
  const web = express.Router();
  web.use(compression());
  web.use(
    '/assets',
    express.static(join(folder, 'assets'), { immutable: true, maxAge: YEAR_MS, index: false }),
  );
  web.use('/assets', (_request: Request, response: Response) => {
    response.status(404).type('text/plain').send('No such asset.');
  });
  // The page by its file's name too, as a browser asks for it that keeps the program: never without its number.
  web.get('/index.html', page);
  web.use(express.static(folder, { index: false, maxAge: 0 }));
  web.use((request: Request, response: Response, next: NextFunction) => {
    if (request.method !== 'GET' || request.accepts('html') === false) {
      next();
      return;
    }
    page(request, response);
  });
  app.use((request: Request, response: Response, next: NextFunction) => {
    // An API request must not wait for the disk to say that there is no file of its name, nor be compressed: over
    // the loopback that costs more than it saves.
    if (targetOf(request)?.isData !== false) next();
    else web(request, response, next);
  });
}
