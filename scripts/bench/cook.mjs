/** The cook that is timed: a breaded slab of aubergine in a drawer fryer. */
import { airMedium, buildCoat, foodOf, geometryOf, KNOWN, simulate } from '@yellowmist/core';

const part = (ingredientId, grams) => ({ ingredientId, grams });
const food = foodOf(KNOWN, 'aubergine');
const piece = geometryOf({ kind: 'slab', lengthMm: 100, widthMm: 70, thicknessMm: 12 }, food.densityKgM3 * 0.7);
const layers = buildCoat(
  KNOWN,
  [{ portions: [part('wheat-flour', 60)] }, { portions: [part('egg', 50)] }, { portions: [part('coarse-crumbs', 60)] }],
  'damp',
  piece.drainLengthM,
);

/** Simulates it for `minutes`; `fine` multiplies cells and divides steps. */
export const benchCook = (minutes, fine = 1) =>
  simulate(
    {
      piece,
      food,
      layers,
      startC: 12,
      startFirmness: 1,
      restMin: 5,
      oilGm2: 18,
      minutes,
      medium: airMedium({
        fryer: 'drawer',
        tempC: 190,
        preheated: false,
        turnAtMin: 7,
        under: 'basket',
        roundness: 0,
        waterTray: false,
        opensAtMin: [],
        level: 'only',
        swapEveryMin: null,
        coverage: 0.5,
        pieces: 8,
        airFactor: 1,
        offsetK: 0,
      }),
    },
    { fine },
  );
