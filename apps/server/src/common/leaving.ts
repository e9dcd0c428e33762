import type { Response } from 'express';

/** Aborted when whoever asked is gone before the reply was. */
export function leaving(response: Response): AbortSignal {
  const gone = new AbortController();
  response.once('close', () => {
    if (!response.writableEnded) gone.abort();
  });
  return gone.signal;
}
