import {
  ArgumentsHost,
  Catch,
  ExceptionFilter,
  HttpException,
  Logger,
  NotFoundException,
} from '@nestjs/common';
import type { Request, Response } from 'express';
import { methodsHere } from '../guard/methodsHere.js';
import { RevisionConflict } from './revisionConflict.js';
import { refusals } from './refusals.js';
import { type FieldProblem, type Problem, ProblemException } from './problems.js';
import { storageProblem } from './storageProblem.js';

/** False for an address whose escapes stand for no text: "%E0%A4%A". */
const isReadable = (path: string): boolean => {
  try {
    decodeURIComponent(path);
    return true;
  } catch {
    return false;
  }
};

/** Errors that body-parser and the router raise themselves. */
interface Raised {
  readonly type?: unknown;
  readonly status?: unknown;
}

const TITLES: Readonly<Record<number, string>> = {
  404: 'Nothing is here',
  413: 'The request is too large',
  415: 'Send JSON',
  429: 'Too many requests: wait a moment',
};

const NOT_JSON: FieldProblem = { field: 'body', code: 'malformed', message: 'This is not JSON.' };

/** Turns every failure into an RFC 9457 problem. What is not expected becomes a bare 500: no stack, no SQL. */
@Catch()
export class ProblemFilter implements ExceptionFilter {
  private readonly logger = new Logger('problem');

  catch(error: unknown, host: ArgumentsHost): void {
    const response = host.switchToHttp().getResponse<Response>();
    if (response.headersSent) return;
    const request = host.switchToHttp().getRequest<Request>();
    if (!isReadable(request.path)) {
      send(response, problem(400, 'malformed', 'The address cannot be read'));
      return;
    }
    const allowed = error instanceof NotFoundException ? methodsHere(request) : [];
    if (allowed.length > 0) {
      response.setHeader('Allow', allowed.join(', '));
      send(response, problem(405, 'request', `Only ${allowed.join(' and ')} here`));
      return;
    }
    send(response, this.problemOf(error));
  }

  private problemOf(error: unknown): Problem {
    if (error instanceof RevisionConflict)
      return { ...problem(409, error.kind, error.heading), current: error.current, sent: error.sent };
    if (error instanceof ProblemException)
      return problem(error.getStatus(), error.kind, error.heading, error.errors);
    const raised = error as Raised | undefined;
    if (raised?.type === 'entity.too.large') return problem(413, 'tooLarge', TITLES[413] ?? '');
    const status = error instanceof HttpException ? error.getStatus() : Number(raised?.status);
    // Everything refused on purpose is a ProblemException, so a bare 400 is the parser's.
    if (status === 400) return problem(400, 'malformed', 'The request is not JSON', [NOT_JSON]);
    if (status >= 400 && status < 500)
      return problem(status, 'request', TITLES[status] ?? 'The request is refused');
    const storage = storageProblem(error);
    if (storage) return problem(storage.getStatus(), storage.kind, storage.heading);
    this.logger.error(error instanceof Error ? (error.stack ?? error.message) : String(error));
    return problem(500, 'unexpected', 'Something went wrong here; nothing was changed');
  }
}

const send = (response: Response, what: Problem): void => {
  // Nobody waits for the rest of a body that is not read.
  if (!response.req.complete) response.setHeader('connection', 'close');
  refusals.note(what.status, what.type.split(':').at(-1) ?? '', response.req);
  response.status(what.status).type('application/problem+json').send(JSON.stringify(what));
};

/** Replies with a problem from outside of Nest. */
export const sendProblem = (response: Response, status: number, kind: string, title: string): void => {
  send(response, problem(status, kind, title));
};

/** Nobody reads more than these. */
const MOST_ERRORS = 50;

function problem(status: number, kind: string, title: string, all: readonly FieldProblem[] = []): Problem {
  const errors = all.slice(0, MOST_ERRORS);
  const detail = errors.length === 0 ? `${title}.` : errors.map((e) => `${e.field}: ${e.message}`).join(' ');
  return {
    type: `urn:hammock:problem:${kind}`,
    title,
    status,
    detail,
    ...(errors.length === 0 ? {} : { errors: [...errors] }),
  };
}
