/** The cook that is timed: a breaded slab of aubergine in a drawer fryer. */
import { cookInAir, KNOWN, layerOf, PLAIN_AIR, readyPiece } from '@yellowmist/core';

const dish = {
  foodId: 'aubergine',
  shape: { kind: 'slab', lengthMm: 100, widthMm: 70, thicknessMm: 12 },
  count: 8,
  startC: 12,
  skin: 'damp',
  preparation: 'raw',
};
const layers = [layerOf(['wheat-flour', 60]), layerOf(['egg', 50]), layerOf(['coarse-crumbs', 60])];
const ready = readyPiece(KNOWN, dish, layers);
const fryer = { kind: 'drawer', airFactor: 1, offsetC: 0 };
const lies = { coverage: 0.5, pieces: 8, level: 'only' };

/** Simulates it for `minutes`, in the steps of a search or as it is shown; `fine` multiplies cells and divides steps. */
export const benchCook = (minutes, fine = 1, longSteps = true) => {
  const settings = { ...PLAIN_AIR, tempC: 190, minutes, preheated: false, turnAtMin: 7, under: 'basket' };
  const plan = { layers, restMin: 5, oilGm2: 18, second: null, settings };
  return cookInAir(ready, dish, plan, fryer, lies, { fine, longSteps });
};
