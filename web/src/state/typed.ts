import { useCallback, useState } from 'react';
import { readHere, writeHere } from './here';

/**
 * What is typed into a form and not handed over yet, kept in this browser letter by letter: a page that is loaded anew,
 * or opened after its window has gone, shows it again. Every window has its own; one that is new takes what was typed last.
 */

const KEY = 'yellowmist.typed.';
const windowsOwn = (): Storage => sessionStorage;

/** What was typed under this name; null where nothing was, or it has been handed over. */
export const typedAs = <T>(name: string): T | null =>
  readHere<T | null>(KEY + name, null, windowsOwn) ?? readHere<T | null>(KEY + name, null);

/** Keeps what is typed; null forgets it. */
export function keepTyped(name: string, typed: unknown): void {
  writeHere(KEY + name, typed, windowsOwn);
  writeHere(KEY + name, typed);
}

/** Forgets all that was typed. */
export function forgetTyped(): void {
  for (const box of [sessionStorage, localStorage])
    Object.keys(box)
      .filter((key) => key.startsWith(KEY))
      .forEach((key) => box.removeItem(key));
}

/** What a form holds: what was typed before, else what usually stands there. The last function forgets it, once it is handed over. */
export function useTyped<T>(name: string, usual: T): readonly [T, (next: T) => void, () => void] {
  const [value, setValue] = useState<T>(() => typedAs<T>(name) ?? usual);
  const type = useCallback(
    (next: T): void => {
      setValue(next);
      keepTyped(name, next);
    },
    [name],
  );
  const forget = useCallback((): void => keepTyped(name, null), [name]);
  return [value, type, forget];
}
