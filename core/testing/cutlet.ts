import { buildCoat, foodOf, geometryOf, KNOWN } from '../src/index.js';
import { updateHeatCapacity } from '../src/heat/conduct.js';
import { startCooking, type Cooking } from '../src/heat/cooking.js';
import { standingPlace } from '../src/heat/room.js';
import { spec } from './plain.js';

/** A set, breaded cutlet of 14 mm, all of it at `startC`, its crumbs at `crumbsC` with `moisture` kg of water per kg. */
export function breadedCutlet(startC: number, moisture: number, crumbsC = startC): Cooking {
  const food = foodOf(KNOWN, 'chicken-breast');
  const piece = geometryOf({ kind: 'slab', lengthMm: 90, widthMm: 60, thicknessMm: 14 }, food.densityKgM3);
  const layers = buildCoat(KNOWN, [spec(['egg', 50]), spec(['coarse-crumbs', 60])], 'damp', piece.drainLengthM);
  const medium = standingPlace('rack');
  const input = { piece, food, layers, startC, startFirmness: 1, restMin: 0, oilGm2: 0, medium, minutes: 0 };
  const cook = startCooking(input, 1);
  const { body } = cook;
  for (let i = body.from; i < body.to; i++) {
    if (body.layer[i] < 1) continue;
    body.tempC[i] = crumbsC;
    body.water[i] = moisture * body.solids[i];
  }
  updateHeatCapacity(body, cook.work);
  return cook;
}
