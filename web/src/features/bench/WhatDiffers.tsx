import type { ConversionBody } from '@yellowmist/contract';
import { useEffect, useState } from 'react';
import { useFoodName } from '../../state/useFoodName';
import { ApartList } from '../../ui/ApartList';
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
  return <ApartList apart={apart(mine, theirs, { nameOf, say })} />;
}
