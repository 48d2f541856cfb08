import { useSyncExternalStore } from 'react';
import { PAGE_COOKIE, PAGE_HEADER, SECURE_PREFIX } from '@yellowmist/contract';
import { isKeptAnswer, lookForServer } from './away';

/**
 * How every page asks the server. From the home network a page shows that it is one of this house; where nobody is
 * signed in any more, it is as if the server were away: nothing is lost, all of it is tried again, and the passphrase is
 * asked for.
 */

const SIGNED_OUT = 401;

let signedOut = false;
const listeners = new Set<() => void>();

/** Whether this browser is not let in. */
export const isSignedOut = (): boolean => signedOut;

const whenSignedInOrOut = (tell: () => void): (() => void) => {
  listeners.add(tell);
  return () => listeners.delete(tell);
};

/** Takes note that this browser is let in, or is not. */
export function setSignedOut(is: boolean): void {
  if (signedOut === is) return;
  signedOut = is;
  listeners.forEach((tell) => tell());
}

/** Whether this browser is not let in, for whatever must begin anew once it is. */
export const useSignedOut = (): boolean => useSyncExternalStore(whenSignedInOrOut, isSignedOut, () => false);

/** A stream that is not tried again by the browser was refused: it is looked whether this browser is still let in. */
export function lookAfter(source: EventSource): void {
  if (source.readyState === EventSource.CLOSED) void ask('/api/health').catch(() => undefined);
}

/** What a page of this house sends beside its cookie; nothing at the machine itself, where there is none. */
export function pageTokenIn(cookies: string): string | null {
  for (const pair of cookies.split('; ')) {
    const [name, value] = pair.split('=');
    if ((name === PAGE_COOKIE || name === SECURE_PREFIX + PAGE_COOKIE) && value) return decodeURIComponent(value);
  }
  return null;
}

/** What every request of a page of this house says of itself. */
export function pageHeaders(): Record<string, string> {
  const token = pageTokenIn(globalThis.document?.cookie ?? '');
  return token ? { [PAGE_HEADER]: token } : {};
}

/** Takes note, by the status of an answer, whether this browser is let in. @returns whether it is */
export function noteLetIn(status: number): boolean {
  setSignedOut(status === SIGNED_OUT);
  return status !== SIGNED_OUT;
}

/**
 * Asks the server.
 * @throws TypeError as where no server answers, when nobody is signed in with this browser
 */
export async function ask(what: RequestInfo | URL, how?: RequestInit): Promise<Response> {
  const request = what instanceof Request ? what : new Request(what, how);
  for (const [name, value] of Object.entries(pageHeaders())) request.headers.set(name, value);
  const answer = await fetch(request).catch((error: unknown) => {
    if (!request.signal.aborted) void lookForServer();
    throw error;
  });
  if (isKeptAnswer(answer)) void lookForServer();
  if (!noteLetIn(answer.status)) throw new TypeError('Nobody is signed in with this browser.');
  return answer;
}
