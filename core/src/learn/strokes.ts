import type { OilTool } from '../dish/index.js';
import { HAND_SPREADS, USUAL_STROKE_G, WEIGHED_OFF } from './constants.js';
import { believedLog } from './scalar.js';

/** A bottle that was weighed before and after some strokes, or seconds of a can: g that it lost. */
export interface StrokesWeighed {
  grams: number;
  strokes: number;
}

/** What a sprayer gives. */
export interface LearnedStroke {
  /** g a stroke, or a second, and one standard deviation. */
  is: number;
  off: number;
}

/**
 * g of oil a stroke by all weighings of a sprayer, with what one of its kind usually gives as prior; null for a brush, or
 * where it was never weighed. A bottle that was knocked over once does not spoil it.
 */
export function learnedStroke(kind: OilTool, weighings: readonly StrokesWeighed[]): LearnedStroke | null {
  if (kind === 'brush' || weighings.length === 0) return null;
  const usual = USUAL_STROKE_G[kind];
  const told = weighings.map(({ grams, strokes }) => ({
    log: Math.log(grams / strokes / usual),
    spread: Math.hypot(WEIGHED_OFF.strokes, WEIGHED_OFF.scaleG / grams),
    daysAgo: 0,
  }));
  const { log, off } = believedLog(HAND_SPREADS.stroke, told);
  const is = usual * Math.exp(log);
  return { is, off: is * off };
}
