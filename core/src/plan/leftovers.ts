import type { Bowl } from '../coat/index.js';
import { foodOf, ingredient, isFlesh } from '../foods/index.js';
import { joined, lowered, mass, text, type Text } from '../units/index.js';
import { round, type Told } from './told.js';

/** Less than this of a dry bowl is not worth a sieve, g. Our choice. */
const WORTH_SIEVING_G = 15;
/** The rest of a dredge is stretched with so many times its weight of crushed cereal. Common practice, no source. */
const STRETCHED = 1;

/** A dry bowl whose rest is sieved: its weight, the cereal that stretches it, and how many pieces it then coats. */
function sieved({ name, leftG, onFoodG, lostG }: Bowl, pieces: number): Text {
  const onePieceG = (onFoodG + lostG) / pieces;
  const reach = Math.floor(((1 + STRETCHED) * leftG) / onePieceG);
  return text` Sieve the ${mass(round(leftG))} of ${lowered(name)} that are left: with ${mass(round(STRETCHED * leftG))} of crushed cereal they coat ${reach} more of such pieces within some days.`;
}

/** What is thrown away and what keeps, once all is cooked. */
export function leftoverStep({ pantry, ready, dish, plan, bowls }: Told): Text[] {
  if (dish.readyCoated) return [];
  const raw = [ready.food, ...(dish.also ? [foodOf(pantry, dish.also.foodId)] : [])].find(isFlesh);
  if (raw) {
    return [text`What is left in the bowls met raw ${raw.origin}: throw it away, and wash bowls, board and hands.`];
  }
  const batter = ready.layers.some((l) => l.batter);
  const eggs = plan.layers.some((l) => l.portions.some((p) => ingredient(pantry, p.ingredientId).origin === 'egg'));
  if (eggs) {
    const kept = batter ? 'A batter with egg keeps a day, covered and cold. ' : '';
    return [text`${kept}Throw away the crumbs and flour that met raw egg.`];
  }
  const dry = bowls.filter(({ layerAt, leftG }) => {
    const layer = ready.layers[layerAt];
    return !layer.wet && !layer.sheet && leftG >= WORTH_SIEVING_G;
  });
  const kept = batter
    ? 'What is left of the batter keeps some days, covered and cold; it thickens, thin it a little.'
    : 'Nothing raw met the bowls.';
  return [joined(kept, ...dry.map((bowl) => sieved(bowl, dish.count)))];
}
