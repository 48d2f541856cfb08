import type { Response } from 'express';

/** Aborted when the client leaves before it has its answer, also where it left before this was asked. */
export function whileHere(response: Response): AbortSignal {
  const leaving = new AbortController();
  if (response.destroyed) leaving.abort();
  response.on('close', () => {
    if (!response.writableEnded) leaving.abort();
  });
  return leaving.signal;
}
