import { useEffect, useRef, useState } from 'react';

/** A value that has not changed for so long is at rest, ms: nobody is dragging any more. */
const RESTS_MS = 250;

/**
 * A value for what is read beside the thing that a hand moves: one change is had at once; of changes that come one upon the
 * other only the first and, when the hand rests, the last.
 * @param first whether the first is had at once; without, for what is long to do, none before the hand rests
 */
export function useCalm<T>(value: T, first = true): T {
  const [calm, setCalm] = useState(value);
  const changedAt = useRef(-Infinity);
  useEffect(() => {
    const now = performance.now();
    const hurried = !first || now - changedAt.current < RESTS_MS;
    changedAt.current = now;
    const later = setTimeout(() => setCalm(value), hurried ? RESTS_MS : 0);
    return () => clearTimeout(later);
  }, [value, first]);
  return calm;
}
