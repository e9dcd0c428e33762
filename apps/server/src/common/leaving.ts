import type { Response } from 'express';

/** Aborted when the caller left before the reply was sent. */
export function leaving(response: Response): AbortSignal {
  const gone = new AbortController();
  response.once('close', () => {
    if (!response.writableEnded) gone.abort();
  });
  return gone.signal;
}
