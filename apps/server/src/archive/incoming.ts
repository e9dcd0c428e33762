import { randomUUID } from 'node:crypto';
import { createWriteStream, existsSync, rmSync } from 'node:fs';
import { Transform, type TransformCallback } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { isUUID } from 'class-validator';
import type { NextFunction, Request, Response } from 'express';
import { sendProblem } from '../common/problemFilter.js';
import { storageProblem } from '../common/storageProblem.js';
import { incomingFile } from './archive.service.js';

/** Largest archive, bytes: some thirty thousand pots. */
const MOST_BYTES = 256 * 1024 * 1024;

/** A request whose body lies in a file. */
export type Incoming = Request & { incomingId?: string };

class TooLarge extends Error {}

/** Counts what goes through, and ends it where that is too much. */
class Bounded extends Transform {
  private bytes = 0;
  override _transform(piece: Buffer, _encoding: BufferEncoding, done: TransformCallback): void {
    this.bytes += piece.length;
    done(this.bytes > MOST_BYTES ? new TooLarge() : null, piece);
  }
}

/** The name whoever sends it gave it, where that is one and nobody else's. */
function idIn(request: Request, databaseFile: string): string {
  const { as } = request.query;
  const isFree = isUUID(as) && !existsSync(incomingFile(databaseFile, as as string));
  return isFree ? (as as string).toLowerCase() : randomUUID();
}

/** Writes the body of an archive into a file beside the data, piece by piece: it may be larger than the memory of a small machine. */
export function toFile(databaseFile: string) {
  return (request: Incoming, response: Response, next: NextFunction): void => {
    if (request.method !== 'POST' || request.path !== '/') {
      next();
      return;
    }
    const id = idIn(request, databaseFile);
    const file = incomingFile(databaseFile, id);
    pipeline(request, new Bounded(), createWriteStream(file, { mode: 0o600 })).then(
      () => {
        request.incomingId = id;
        next();
      },
      (error: unknown) => {
        rmSync(file, { force: true });
        if (error instanceof TooLarge)
          sendProblem(response, 413, 'tooLarge', 'This is too large to be an archive');
        else if (!request.destroyed) next(storageProblem(error) ?? error);
      },
    );
  };
}
