import { SERVED_G, UNSURE } from './constants.js';

/** Lowest and highest that an estimate may mean. */
export interface Between {
  low: number;
  high: number;
}

const between = (value: number, [below, above]: readonly [number, number]): Between => ({
  low: value * below,
  high: value * above,
});

/** Cooking oil of a portion in air and from the pot, g. Estimates, never dietary or medical advice. */
export interface PortionOil {
  pieces: number;
  airG: Between;
  potG: Between;
}

/** @param pieceG weight of one bare piece; oil kept by one piece in air and from the pot, g */
export function portionOil(pieceG: number, airPerPieceG: number, potPerPieceG: number): PortionOil {
  const pieces = SERVED_G / pieceG;
  return {
    pieces: Math.max(1, Math.round(pieces)),
    airG: between(airPerPieceG * pieces, UNSURE.air),
    potG: between(potPerPieceG * pieces, UNSURE.pot),
  };
}
