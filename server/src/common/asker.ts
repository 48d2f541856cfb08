import { AsyncLocalStorage } from 'node:async_hooks';
import type { NextFunction, Request, Response } from 'express';

const asking = new AsyncLocalStorage<string>();

/** Remembers through a whole request who asks. */
export function rememberAsker(request: Request, _: Response, next: NextFunction): void {
  asking.run(request.socket.remoteAddress ?? 'nobody', next);
}

/** The address from which is asked for what is done now; the house itself where nobody asked. */
export const asker = (): string => asking.getStore() ?? 'the house';
