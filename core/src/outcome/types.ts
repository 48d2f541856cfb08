/** How an outcome reads to a cook. */
export type Band = 'good' | 'fair' | 'poor';

export const OUTCOMES = [
  'centre',
  'doneness',
  'setTime',
  'runOff',
  'stick',
  'adhesion',
  'crispness',
  'crispLife',
  'colourTop',
  'colourUnder',
  'racks',
  'spots',
  'sizes',
  'dryPatches',
  'bite',
  'blowOff',
  'burning',
  'chew',
  'juice',
  'oil',
] as const;

export type OutcomeKey = (typeof OUTCOMES)[number];

/** A sentence with a cause, its size, and a move that would change it. Temperatures are in °C, lengths in mm. */
export interface Reason {
  about: OutcomeKey;
  /** 0 worth knowing, 1 worth mending, 2 spoils the dish or is unsafe. */
  weight: 0 | 1 | 2;
  text: string;
  move: string;
}

export interface Outcome {
  key: OutcomeKey;
  value: number;
  unit: '°C' | 'min' | 'share' | 'B' | 'g' | 'ratio';
  band: Band;
  /** The value in a cook's word: "golden", "tender". */
  word: string;
  reasons: Reason[];
}

export type Outcomes = Partial<Record<OutcomeKey, Outcome>>;
