import { useEffect, useRef, useState, type RefObject } from 'react';

/** Begun a little before it comes into sight, so that it is there when it does. */
const AHEAD = '200px';

/** Whether an element has come near the part of the page that is seen; once it has, it stays so. */
export function useSeen<E extends Element>(): [RefObject<E | null>, boolean] {
  const element = useRef<E>(null);
  const [seen, setSeen] = useState(false);
  useEffect(() => {
    if (seen || !element.current) return;
    const watch = new IntersectionObserver(
      ([entry]) => {
        if (entry.isIntersecting) setSeen(true);
      },
      { rootMargin: AHEAD },
    );
    watch.observe(element.current);
    return () => watch.disconnect();
  }, [seen]);
  return [element, seen];
}
