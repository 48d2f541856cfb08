import { useEffect, useState } from 'react';
import { useSeen } from './useSeen';
import * as texts from './texts';

/** So many lines of a long list are drawn at once, more than a screen shows, and as many again whenever one comes near their end. */
export const AT_FIRST = 24;
const AT_A_TIME = 60;

/** The lines of a long list that are drawn by now. */
export function useParts<T>(all: readonly T[]): { drawn: readonly T[]; rest: number; more: () => void } {
  const [parts, setParts] = useState(0);
  const drawn = all.slice(0, AT_FIRST + parts * AT_A_TIME);
  return { drawn, rest: all.length - drawn.length, more: () => setParts((n) => n + 1) };
}

/** Where the drawn lines end: the next ones come by themselves when it is seen, and by a press. */
export function More({ rest, onMore }: { rest: number; onMore: () => void }) {
  // Each end is another one to come upon.
  return rest > 0 ? <End key={rest} rest={rest} onMore={onMore} /> : null;
}

function End({ rest, onMore }: { rest: number; onMore: () => void }) {
  const [element, seen] = useSeen<HTMLDivElement>();
  useEffect(() => {
    if (seen) onMore();
    // Once for each end.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [seen]);
  return (
    <div ref={element} className="py-2">
      <button type="button" className="btn h-11" onClick={onMore}>
        {texts.showMoreToCome(rest)}
      </button>
    </div>
  );
}
