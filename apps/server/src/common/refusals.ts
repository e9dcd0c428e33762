import { Logger } from '@nestjs/common';
import type { Request } from 'express';

/** What is refused for who asks, or for how much, and not for what was said: the signs of somebody at the door. */
const NOTED: ReadonlySet<number> = new Set([401, 403, 413, 415, 429]);
/** At most one line for each reason in this time, ms: a flood of requests cannot fill the disk. */
const QUIET_MS = 60_000;

const logger = new Logger('refused');

/** What may stand in a log: no line's end, no sign that a terminal obeys, and not much of it. */
const plain = (text: string, most: number): string => text.replaceAll(/[^\w./:-]/gu, '?').slice(0, most);

/**
 * Writes down that a request was refused: why, what for and from where. Never what it brought: no cookie, no code, no query, no
 * body.
 */
export class Refusals {
  private readonly since = new Map<string, { atMs: number; more: number }>();

  constructor(
    private readonly nowMs: () => number = () => performance.now(),
    private readonly write: (line: string) => void = (line) => logger.warn(line),
  ) {}

  note(status: number, kind: string, request: Pick<Request, 'method' | 'path' | 'headers' | 'socket'>): void {
    if (!NOTED.has(status)) return;
    const now = this.nowMs();
    const last = this.since.get(kind);
    if (last && now - last.atMs < QUIET_MS) {
      last.more += 1;
      return;
    }
    this.since.set(kind, { atMs: now, more: 0 });
    const { method, path, headers, socket } = request;
    const more = last && last.more > 0 ? `, and ${last.more.toString()} more before it` : '';
    this.write(
      `${status.toString()} ${kind}: ${plain(method, 10)} ${plain(path, 80)} as ${plain(headers.host ?? '', 60)} from ${plain(socket.remoteAddress ?? '', 45)}${more}`,
    );
  }
}

/** This process's. */
export const refusals = new Refusals();
