import type { Server } from 'node:http';
import express, { type Express, type NextFunction, type Request, type Response } from 'express';
import { sendProblem } from './common/problemFilter.js';
import { storageProblem } from './common/storageProblem.js';
import type { Config } from './config.js';
import { copiesOf, copiesFolder, isWhole, type Copied } from './database/copyFile.js';
import { restoreCopy } from './database/restore.js';
import { StartProblem } from './database/startProblem.js';
import { isFromHere } from './guard/localOnly.js';
import { bodies } from './guard/bodies.js';
import { securityHeaders } from './guard/securityHeaders.js';
import { serveWeb } from './web.js';
import { join } from 'node:path';

/** What the page is told in place of every answer. It names no path: that is said on the terminal. */
interface CannotStart {
  readonly type: 'urn:hammock:problem:start';
  readonly title: string;
  readonly status: 503;
  readonly code: StartProblem['code'];
  /** The newest copy that is whole, where putting one back would mend it. */
  readonly copy?: Copied;
}

/** Nobody has more to say to a server that cannot start, bytes. */
const MOST_BYTES = 1024;

/** What a copy mends. */
const MENDED: ReadonlySet<StartProblem['code']> = new Set(['damaged', 'newer']);

/**
 * Says in the page why the program cannot start, to this machine alone, and waits there until somebody says what to do: try again, or
 * put back the newest whole copy. What was there is set aside.
 * @returns once it is worth trying again
 */
export async function sayInPage(problem: StartProblem, config: Config): Promise<void> {
  const app = express();
  app.set('case sensitive routing', true);
  app.set('strict routing', true);
  app.disable('x-powered-by');
  const found = MENDED.has(problem.code) ? newestWhole(config.databaseFile) : undefined;
  let server: Server | undefined;
  const isMended = new Promise<void>((mended) => {
    asking(app, problem, found, config.databaseFile, mended);
    if (config.webFolder !== undefined) serveWeb(app, config.webFolder);
    server = app.listen(config.port, '127.0.0.1');
  });
  const cannotListen = new Promise<never>((_done, failed) => {
    server?.once('error', failed);
  });
  try {
    await Promise.race([isMended, cannotListen]);
  } finally {
    server?.closeAllConnections();
    await new Promise((closed) => server?.close(closed));
  }
}

function newestWhole(databaseFile: string): Copied | undefined {
  const folder = copiesFolder(databaseFile);
  return copiesOf(databaseFile).find(({ name }) => isWhole(join(folder, name)));
}

function asking(
  app: Express,
  { code }: StartProblem,
  copy: Copied | undefined,
  databaseFile: string,
  mended: () => void,
): void {
  app.use((request: Request, response: Response, next: NextFunction) => {
    if (isFromHere(request)) next();
    else sendProblem(response, 403, 'notFromHere', 'Only this machine’s own pages are answered');
  });
  app.use(securityHeaders());
  // Nothing is read of what is sent here but that it is JSON: another site's form sends none.
  app.use(bodies(MOST_BYTES));
  app.post('/api/start/again', (_request: Request, response: Response) => {
    response.status(202).json({});
    response.once('finish', mended);
  });
  app.post('/api/start/restore', (_request: Request, response: Response) => {
    if (!copy) {
      sendProblem(response, 404, 'notFound', 'There is no copy that would mend this');
      return;
    }
    try {
      restoreCopy(databaseFile, Date.now(), copy.name);
      response.status(202).json({});
      response.once('finish', mended);
    } catch (error) {
      const found = storageProblem(error);
      sendProblem(
        response,
        found?.getStatus() ?? 503,
        found?.kind ?? 'storage',
        found?.heading ?? 'The copy could not be put back; nothing was changed',
      );
    }
  });
  const told: CannotStart = {
    type: 'urn:hammock:problem:start',
    title: 'Hammock cannot start',
    status: 503,
    code,
    ...(copy ? { copy } : {}),
  };
  app.use('/api', (_request: Request, response: Response) => {
    response.status(503).type('application/problem+json').send(JSON.stringify(told));
  });
  app.use((_error: unknown, _request: Request, response: Response, next: NextFunction) => {
    if (response.headersSent) next();
    else sendProblem(response, 400, 'malformed', 'The request is not JSON');
  });
}
