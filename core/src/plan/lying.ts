import { footprintOf, loadOf, type Footprint, type Load, type Lot } from '../basket/index.js';
import {
  alsoOf,
  cookInAir,
  readyPiece,
  smallerOf,
  type BasketLaying,
  type Dish,
  type InBasket,
  type ReadyPiece,
} from '../dish/index.js';
import type { Pantry } from '../foods/index.js';
import type { Level } from '../heat/index.js';
import { minutesUntil } from '../outcome/index.js';
import { safeMinimum } from '../safety/index.js';
import type { Told } from './told.js';
import type { AirResult, Occasion } from './types.js';

/** What one coated piece covers from above. */
export const coveredBy = (ready: ReadyPiece): Footprint =>
  footprintOf(
    ready.shape,
    ready.piece.footprintM2 * 1e6,
    ready.layers.reduce((sum, l) => sum + l.thicknessM, 0) * 1000,
  );

/** How the dish lies in the fryer's basket with this coat. */
export const loadFor = ({ pantry, dish, fryer }: Occasion, ready: ReadyPiece, laying?: BasketLaying): Load =>
  loadOf(lotOf(pantry, ready, dish), fryer, laying);

/** The pieces of a dish as they are packed with this coat. */
export function lotOf(pantry: Pantry, ready: ReadyPiece, dish: Dish): Lot {
  const lot: Lot = { footprint: coveredBy(ready), count: dish.count };
  const also = alsoOf(dish);
  if (also) {
    const second = readyPiece(pantry, also, []);
    const footprint = coveredBy({ ...ready, shape: second.shape, piece: second.piece });
    return { footprint: lot.footprint, count: dish.count + also.count, smaller: { footprint, count: also.count } };
  }
  const small = smallerOf(dish);
  if (!small) return lot;
  const { shape, piece } = readyPiece(pantry, small, []);
  return { ...lot, smaller: { footprint: coveredBy({ ...ready, shape, piece }), count: small.count } };
}

/** How a piece lies in a full batch: on the upper rack, which browns first, when there are two. */
export const liesIn = ({ coverage, piecesPerBatch, racksUsed }: Load, level: Level = 'upper'): InBasket => ({
  coverage,
  pieces: piecesPerBatch,
  level: racksUsed > 1 ? level : 'only',
});

/** The same, and in a second cook all batches heaped together: the ground is covered, at most, whole. */
export const heapedIn = (load: Load): InBasket => ({
  ...liesIn(load),
  again: {
    coverage: Math.min(1, load.coverage * load.batches),
    pieces: load.perBatch.reduce((sum, n) => sum + n, 0),
  },
});

/** How a second food fares in the same cook: when its centre is done, and whether it is when all comes out. */
export function alsoDone(
  { pantry, dish }: Occasion,
  { plan, fryer, load }: Pick<Told, 'plan' | 'fryer' | 'load'>,
): AirResult['also'] {
  const also = alsoOf(dish);
  if (!also) return null;
  const ready = readyPiece(pantry, also, plan.layers, plan.second);
  const series = cookInAir(ready, also, plan, fryer, liesIn(load));
  const last = series.timeS.length - 1;
  const level = safeMinimum(ready.food.food.safety)?.tempC ?? ready.food.food.eatAtC;
  const doneMin = minutesUntil(series, last, 'centreC', 'centreC', level);
  return { name: ready.food.name, doneMin, centreC: series.columns.centreC[last], wantedC: level };
}
