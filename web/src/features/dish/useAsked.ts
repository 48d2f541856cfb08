import { useEffect, useState } from 'react';

/** An answer that is computed elsewhere, for what `key` says; null until it is there. */
export interface Asked<T> {
  answer: T | null;
  error: string;
}

/** Asks anew whenever the key changes; an answer to an older key is dropped. An empty key asks nothing. */
export function useAsked<T>(key: string, ask: () => Promise<T>): Asked<T> {
  const [held, setHeld] = useState<{ key: string } & Asked<T>>({ key: '', answer: null, error: '' });
  useEffect(() => {
    if (!key) return;
    let current = true;
    ask().then(
      (answer) => current && setHeld({ key, answer, error: '' }),
      (failure: unknown) =>
        current && setHeld({ key, answer: null, error: failure instanceof Error ? failure.message : String(failure) }),
    );
    return () => {
      current = false;
    };
    // What is asked is all in the key.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);
  return held.key === key ? held : { answer: null, error: '' };
}
