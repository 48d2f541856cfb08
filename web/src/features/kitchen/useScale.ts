import { useEffect, useState } from 'react';
import type { ScaleMessage } from '@yellowmist/contract';
import { weighed, type ScaleReading, type Weighed } from '@yellowmist/core';
import { lookAfter, useSignedOut } from '../../state/asking';

export type ScaleState = Weighed | { state: 'away' };

export interface Scale {
  /** What it comes to; 'away' while it is switched off or out of reach. */
  now: ScaleState;
  /** What it shows this moment, g; null while it is away. */
  grams: number | null;
}

/** Readings that are looked at. */
const KEPT = 15;
const ADDRESS = '/api/devices/scale';

/** Listens to the kitchen scale while `on`. */
export function useScale(on: boolean): Scale {
  const [readings, setReadings] = useState<ScaleReading[] | null>([]);
  const signedOut = useSignedOut();
  useEffect(() => {
    if (!on || signedOut) return;
    const source = new EventSource(ADDRESS);
    source.onmessage = ({ data }: MessageEvent<string>) => {
      const { reading } = JSON.parse(data) as ScaleMessage;
      setReadings((before) => (reading ? [...(before ?? []), reading].slice(-KEPT) : null));
    };
    // The browser goes on trying by itself.
    source.onerror = () => {
      setReadings(null);
      lookAfter(source);
    };
    return () => source.close();
  }, [on, signedOut]);
  return { now: readings ? weighed(readings) : { state: 'away' }, grams: readings?.at(-1)?.grams ?? null };
}
