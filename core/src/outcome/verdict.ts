import type { Text } from '../units/index.js';

/** How an outcome reads to a cook. */
export type Band = 'good' | 'fair' | 'poor';

/** A sentence with a cause, its size, and a move that would change it. */
export interface Because {
  /** 0 worth knowing, 1 worth mending, 2 spoils the dish or is unsafe. */
  weight: 0 | 1 | 2;
  text: Text;
  move: Text;
  /** Of outcomes that give the same cause one reason is told, with the text for all of them. */
  shared?: { cause: string; text: Text };
}

/** What one outcome comes to. */
export interface Verdict {
  value: number;
  unit: '°C' | 'min' | 'share' | 'B' | 'g' | 'ratio';
  band: Band;
  /** What this cook is held to, where it is not the same for all: the firmness that the pot left. */
  bound?: number;
  /** The value in a cook's word: "golden", "tender". */
  word: string;
  reasons: Because[];
}
