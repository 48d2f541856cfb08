import { useEffect, useState } from 'react';

/** What works and has stood so long has been read, ms. */
export const READ_MS = 2500;

/** Whether what lies on the bench may still be bettered without asking: not once it was touched or read. */
export interface Reading {
  /** When it was first shown for the present question, ms; null while nothing is shown. */
  since: number | null;
  touched: boolean;
  /** What fails is no answer: it is not read, and is replaced until it is touched. */
  works: boolean;
}

export const UNREAD: Reading = { since: null, touched: false, works: false };

/** Something was laid on the bench at `now`, ms. */
export const shownAt = (reading: Reading, works: boolean, now: number): Reading => ({
  ...reading,
  works,
  since: reading.since ?? now,
});

/** Whether it was touched, or has stood for long enough to be read. */
export const isRead = ({ since, touched, works }: Reading, now: number): boolean =>
  since !== null && (touched || (works && now - since > READ_MS));

/** Follows how the bench is read. */
export interface Reader {
  /** Another question: nothing of its answer is shown yet, or what was opened with the dish is. */
  begin: (shown: boolean) => void;
  shown: (works: boolean) => void;
  touched: () => void;
  isRead: () => boolean;
}

export function makeReader(now: () => number = Date.now): Reader {
  let reading = UNREAD;
  return {
    begin: (shown) => {
      reading = shown ? shownAt(UNREAD, true, now()) : UNREAD;
    },
    shown: (works) => {
      reading = shownAt(reading, works, now());
    },
    touched: () => {
      if (reading.since !== null) reading = { ...reading, touched: true };
    },
    isRead: () => isRead(reading, now()),
  };
}

const TOUCHES = ['pointerdown', 'keydown', 'wheel'] as const;

/** A reader of the bench: a hand on it, a key or a wheel counts as touched, from when there is something to touch. */
export function useReading(): Reader {
  const [reader] = useState(makeReader);
  useEffect(() => {
    const touch = (): void => reader.touched();
    TOUCHES.forEach((name) => window.addEventListener(name, touch, { capture: true, passive: true }));
    return () => TOUCHES.forEach((name) => window.removeEventListener(name, touch, { capture: true }));
  }, [reader]);
  return reader;
}
