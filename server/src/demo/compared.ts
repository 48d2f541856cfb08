import type { ComparedWay, Tasted } from '@yellowmist/core';

/** A comparison of the net loft's past: what was compared, and how each taster ranked the ways, the best first. Made up. */
export interface ComparedOfDemo {
  dish: string;
  ways: ComparedWay[];
  asks: Tasted;
  /** By taster; none where they were alike. */
  answers: Record<string, number[]>;
  note: string;
}

const dustOf = (to: string): ComparedWay => ({ what: 'swap', layer: 0, from: 'wheat-flour', to });

export const COMPARED: readonly ComparedOfDemo[] = [
  {
    dish: 'Leek-and-ham croquettes',
    ways: [
      { what: 'oil', how: 'sprayed' },
      { what: 'oil', how: 'in-crumbs' },
    ],
    asks: 'crisper',
    answers: { Ines: [1, 0], Tobi: [1, 0], Wen: [1, 0], Ash: [0, 1], Bryn: [1, 0], Merle: [1, 0], Sol: [] },
    note: 'Nobody guessed which was which. Once more next week.',
  },
  {
    dish: 'Halloumi fingers',
    ways: ['wheat-flour', 'corn-starch', 'rice-flour', 'chickpea-flour'].map(dustOf),
    asks: 'again',
    answers: { Ines: [2, 1, 0, 3], Tobi: [2, 0, 1, 3], Wen: [2, 1, 0, 3], Ash: [1, 2, 0, 3], Bryn: [2, 1, 3, 0] },
    note: 'Two of each, cut in three: a bite for everybody.',
  },
];
