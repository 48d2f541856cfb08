import { FAT_HEAT } from './body.js';
import { RENDERING } from './constants/index.js';
import { exposureOf, type Cooking } from './cooking.js';
import { oilCell } from './oiling.js';

/** Speed, 1/s, at which the fat of a skin runs at `skinC`, °C. */
function renderingRate(skinC: number): number {
  const { fromC, fullC, halfLifeS } = RENDERING;
  const warm = Math.min(1, Math.max(0, (skinC - fromC) / (fullC - fromC)));
  return (warm * Math.LN2) / halfLifeS;
}

/**
 * Fat runs out of a hot skin for `seconds`: it comes through the coat to its outermost grains and browns them, as far as
 * a film clings there; the rest drips, or mixes with the oil of the pot.
 */
export function render(cook: Cooking, seconds: number): void {
  const { body, work, flows } = cook;
  for (const { face } of cook.sides) {
    if (face.skinFatKg <= 0) continue;
    const skinC = body.tempC[face.up ? body.foodTo - 1 : body.foodFrom];
    const kg = face.skinFatKg * (1 - Math.exp(-seconds * renderingRate(skinC)));
    if (kg <= 0) continue;
    face.skinFatKg -= kg;
    const { outer } = face;
    const room = Math.max(0, (RENDERING.filmGm2 / 1000) * body.faceM2 - body.fat[outer]);
    const clings = exposureOf(cook, face).oil ? 0 : Math.min(kg, room);
    face.drippedKg += kg - clings;
    if (clings === 0) continue;
    const heat = oilCell(body, outer, (clings * 1000) / body.faceM2) * FAT_HEAT;
    body.tempC[outer] = (work.heat[outer] * body.tempC[outer] + heat * skinC) / (work.heat[outer] + heat);
    work.heat[outer] += heat;
    flows.inJ += heat * skinC;
  }
}
