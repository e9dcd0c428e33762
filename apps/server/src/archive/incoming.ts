import { randomUUID } from 'node:crypto';
import { createWriteStream, existsSync, rmSync } from 'node:fs';
import { once } from 'node:events';
import { isUUID } from 'class-validator';
import type { Request } from 'express';
import { ProblemException } from '../common/problems.js';
import { storageProblem } from '../common/storageProblem.js';
import { incomingFile } from './archive.service.js';

/** Largest archive, bytes: some thirty thousand pots. */
const MOST_BYTES = 256 * 1024 * 1024;
/** A sender that is silent for this time is gone, ms. */
const SILENT_MS = 20_000;
/** After a refusal the rest is read and dropped for this time, ms, so that the reply is heard; then the connection is cut. */
const DRAIN_MS = 15_000;

/** The name its sender gave it, where that is one and nobody else's. */
function idIn(request: Request, databaseFile: string): string {
  const as = typeof request.query['as'] === 'string' ? request.query['as'].toLowerCase() : '';
  return isUUID(as) && !existsSync(incomingFile(databaseFile, as)) ? as : randomUUID();
}

/**
 * Writes the body of an archive into a file beside the data, piece by piece: it may be larger than the memory of a small machine.
 * Whatever becomes of it, its sender is answered.
 * @returns the id of the file
 * @throws ProblemException 413 for what is too large, 415 for another type, 507 for a full disk, 400 for what broke off; no file is left
 */
export async function receive(request: Request, databaseFile: string): Promise<string> {
  if (request.is('application/json') === false) throw new ProblemException(415, 'request', 'Send JSON');
  const id = idIn(request, databaseFile);
  const file = incomingFile(databaseFile, id);
  request.setTimeout(SILENT_MS, () => request.destroy());
  try {
    if (Number(request.headers['content-length'] ?? 0) > MOST_BYTES) throw tooLarge();
    await written(request, file);
    return id;
  } catch (error) {
    rmSync(file, { force: true });
    await drained(request);
    throw storageProblem(error) ?? (isGone(error) ? brokeOff() : error);
  }
}

const tooLarge = (): ProblemException =>
  new ProblemException(413, 'tooLarge', 'This is too large to be an archive');

const brokeOff = (): ProblemException =>
  new ProblemException(400, 'malformed', 'The archive broke off on its way');
/** Whoever sent it went away, or was silent for too long. */
const isGone = (error: unknown): boolean =>
  /^(?:ECONNRESET|ERR_STREAM_PREMATURE_CLOSE|ABORT_ERR)$/u.test((error as { code?: string }).code ?? '');

async function written(request: Request, file: string): Promise<void> {
  const to = createWriteStream(file, { mode: 0o600, flags: 'wx' });
  const failed = new Promise<never>((_done, fail) => to.once('error', fail));
  failed.catch(() => undefined);
  try {
    let bytes = 0;
    // The request is not ended with the loop: its reply goes out on the same connection.
    for await (const piece of request.iterator({ destroyOnReturn: false })) {
      bytes += (piece as Buffer).length;
      if (bytes > MOST_BYTES) throw tooLarge();
      if (!to.write(piece)) await Promise.race([once(to, 'drain'), failed]);
    }
    if (!request.complete) throw brokeOff();
    to.end();
    await Promise.race([once(to, 'finish'), failed]);
  } finally {
    to.destroy();
  }
}

/** Reads on what nobody wants until its end, or for a while: a sender in the middle of sending does not hear yet. */
async function drained(request: Request): Promise<void> {
  if (request.complete || request.destroyed) return;
  request.resume();
  const end = new AbortController();
  const late = setTimeout(() => end.abort(), DRAIN_MS);
  await Promise.race([
    once(request, 'end', { signal: end.signal }),
    once(request, 'close', { signal: end.signal }),
  ]).catch(() => undefined);
  clearTimeout(late);
  end.abort();
}
