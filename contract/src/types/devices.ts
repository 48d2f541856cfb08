/** What a device can measure. */
export type Measures = 'mass' | 'centre' | 'air';

/** A device beside the cook. Those that ship with Yellowmist are simulated, and say so. */
export interface DeviceAbout {
  id: string;
  kind: 'scale' | 'probe';
  name: string;
  measures: Measures[];
  /** It tells so often, s of the cook's clock, and follows what it measures with this lag, s. */
  everyS: number;
  lagS: Partial<Record<Measures, number>>;
  /** Share of its readings that is lost on the way. */
  lost: number;
  /** Charge, 0–1; null where it has no battery. */
  battery: number | null;
  connected: boolean;
  simulated: boolean;
  /** Where what it tells is of something real. */
  tells: string;
}

/** What a hand does to a simulated probe. */
export const PROBE_DEEDS = ['lose', 'find', 'weaken', 'charge', 'pull', 'push', 'break', 'mend'] as const;
export type ProbeDeed = (typeof PROBE_DEEDS)[number];

export interface ProbeHand {
  deed: ProbeDeed;
  /** What a broken one reads, °C. */
  readsC?: number;
}
