import { join } from 'node:path';
import type { NestExpressApplication } from '@nestjs/platform-express';
import compression from 'compression';
import express, { type NextFunction, type Request, type Response } from 'express';

const YEAR_MS = 365 * 24 * 3600 * 1000;

/**
 * Serves the built web: hashed assets for a year, everything else fresh; a missing asset is a 404 and never the
 * page; any other path that is not of the API is the page, so that a reload finds its screen.
 */
export function serveWeb(app: NestExpressApplication, folder: string): void {
  // Pages and scripts are worth the processor's time; a JSON answer over the loopback is not.
  app.use(
    compression({
      filter: (request, response) =>
        !request.path.startsWith('/api') && compression.filter(request, response),
    }),
  );
  app.use(
    '/assets',
    express.static(join(folder, 'assets'), { immutable: true, maxAge: YEAR_MS, index: false }),
  );
  app.use('/assets', (_request: Request, response: Response) => {
    response.status(404).type('text/plain').send('No such asset.');
  });
  app.use(express.static(folder, { index: false, maxAge: 0 }));
  app.use((request: Request, response: Response, next: NextFunction) => {
    const forThePage =
      request.method === 'GET' && !request.path.startsWith('/api') && request.accepts('html') !== false;
    if (!forThePage) {
      next();
      return;
    }
    response.setHeader('Cache-Control', 'no-cache');
    response.sendFile(join(folder, 'index.html'));
  });
}
