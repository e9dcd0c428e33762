import type { NextFunction, Request, Response } from 'express';
import { sendProblem } from '../common/problemFilter.js';

/** Refuses a body that is not JSON: read as none at all it would be told that its fields are missing. */
export function onlyJson(request: Request, response: Response, next: NextFunction): void {
  // `is` is null where there is no body, false where it is of another type.
  if (request.is('application/json') === false && Number(request.headers['content-length'] ?? 1) > 0)
    sendProblem(response, 415, 'request', 'Send JSON');
  else next();
}
