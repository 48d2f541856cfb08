import type { ConversionBody } from '@yellowmist/contract';
import { useEffect, useState } from 'react';
import { useFoodName } from '../../state/useFoodName';
import { useUnits } from '../../state/useUnits';
import { apart } from '../dish/apart';
import { theirsNow } from '../dish/autosave';
import { selectBody, useDish } from '../dish/dishSlice';

/** What lies here beside what was saved from elsewhere, thing by thing. */
export function WhatDiffers() {
  const mine = useDish(selectBody);
  const nameOf = useFoodName();
  const { say } = useUnits();
  const [theirs, setTheirs] = useState<ConversionBody | null>(null);
  useEffect(() => {
    let current = true;
    theirsNow().then(
      (body) => current && setTheirs(body),
      // It is asked for again when one of them is chosen.
      () => undefined,
    );
    return () => {
      current = false;
    };
  }, []);
  if (!mine || !theirs) return null;
  return (
    <dl className="basis-full text-sm" aria-label="What differs">
      {apart(mine, theirs, { nameOf, say }).map(({ what, mine: here, theirs: there }) => (
        <div key={what} className="grid gap-x-4 border-t border-base-300 py-1 sm:grid-cols-[12rem_1fr_1fr]">
          <dt>{what}</dt>
          <dd>
            <b>Mine:</b> {here}
          </dd>
          <dd>
            <b>The other:</b> {there}
          </dd>
        </div>
      ))}
    </dl>
  );
}
