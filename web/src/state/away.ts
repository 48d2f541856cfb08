import { useSyncExternalStore } from 'react';

/** Whether any server answers. What the browser kept is shown meanwhile, and nobody would know. */

/** What the browser's own store of answers marks them with (`offline/serviceWorker.ts`). */
const KEPT_HEADER = 'x-yellowmist-kept';

/** While none answers it is looked for so often, ms. */
const LOOKS_EVERY_MS = 5_000;

let away = false;
let looking = false;
const listeners = new Set<() => void>();

function set(is: boolean): void {
  if (away === is) return;
  away = is;
  listeners.forEach((tell) => tell());
}

/** Asks for the state of health, which is never kept. */
const answers = (): Promise<boolean> =>
  fetch('/api/health', { cache: 'no-store' }).then(
    () => true,
    () => false,
  );

/** One answer did not come, or came from the browser's own store: it is looked for the server until it is there. */
export async function lookForServer(everyMs = LOOKS_EVERY_MS): Promise<void> {
  if (looking) return;
  looking = true;
  while (!(await answers())) {
    set(true);
    await new Promise((resolve) => setTimeout(resolve, everyMs));
  }
  looking = false;
  set(false);
}

/** Whether an answer is one that the browser kept. */
export const isKeptAnswer = ({ headers }: Response): boolean => headers.has(KEPT_HEADER);

/** Whether no server answers, as far as is known. */
export const isServerAway = (): boolean => away;

function listen(tell: () => void): () => void {
  listeners.add(tell);
  return () => listeners.delete(tell);
}

/** Whether no server answers, for whatever says so. */
export const useServerAway = (): boolean => useSyncExternalStore(listen, isServerAway, () => false);
