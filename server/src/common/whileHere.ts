import type { Response } from 'express';

/** Aborted when the client leaves before it has its answer. */
export function whileHere(response: Response): AbortSignal {
  const leaving = new AbortController();
  response.on('close', () => {
    if (!response.writableEnded) leaving.abort();
  });
  return leaving.signal;
}
