import express, { type NextFunction, type RequestHandler, type Response } from 'express';
import { sendProblem } from '../common/problemFilter.js';
import type { Asked } from './asks.js';
import { boundsProblem } from './jsonBounds.js';
import { targetOf } from './target.js';

/** A code and a name: a stranger sends nothing longer, bytes. */
const MOST_OF_NOBODY = 1024;
/** A body has arrived in this time or is not waited for, ms: 256 kB at the pace of a bad radio. */
const BODY_MS = 15_000;

/** What is larger than any body is read by its own route, piece by piece, once it is known who may send it. */
const IN_PIECES: ReadonlySet<string> = new Set(['/api/archive/incoming']);

/** Whether a request brings a body. */
const hasBody = ({ headers }: Asked): boolean =>
  headers['transfer-encoding'] !== undefined || Number(headers['content-length'] ?? 0) > 0;

/**
 * Reads JSON bodies: of a known sender up to the limit, of anybody else just what being let in takes. What is no JSON, too large, nested
 * or long beyond anything meant, or does not arrive, is refused before anything walks through it.
 */
export function bodies(limit: number): RequestHandler {
  const ofKnown = express.json({ limit });
  const ofNobody = express.json({ limit: MOST_OF_NOBODY, inflate: false });
  return (request: Asked, response: Response, next: NextFunction): void => {
    const target = targetOf(request);
    if (!hasBody(request) || target?.isData !== true || IN_PIECES.has(target.path)) {
      next();
      return;
    }
    // Read as none at all it would be told that its fields are missing.
    if (request.is('application/json') === false) {
      sendProblem(response, 415, 'request', 'Send JSON');
      return;
    }
    const late = setTimeout(() => request.socket.destroy(), BODY_MS);
    late.unref();
    const read = request.who === 'nobody' ? ofNobody : ofKnown;
    read(request, response, (error?: unknown) => {
      clearTimeout(late);
      next(error ?? boundsProblem(request.body));
    });
    response.once('close', () => clearTimeout(late));
  };
}
