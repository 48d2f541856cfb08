import { LIKENESS } from './constants/index.js';

/** 1 where a ≥ b, falling as a falls behind b. */
export const reaches = (a: number, b: number): number => Math.min(1, (a + LIKENESS.offset) / (b + LIKENESS.offset));

/** 1 where two brownings are alike, falling with their ratio. */
export function sameColour(a: number, b: number): number {
  const { perGap, unseenGap } = LIKENESS.colour;
  const gap = Math.abs(Math.log((a + LIKENESS.offset) / (b + LIKENESS.offset)));
  return Math.exp(-perGap * Math.max(0, gap - unseenGap));
}

/** Evenness of two sides of browning a and b, 1 when alike. */
export const evenness = (a: number, b: number): number =>
  1 - LIKENESS.uneven.most * (Math.abs(a - b) / (a + b + LIKENESS.uneven.offset));
