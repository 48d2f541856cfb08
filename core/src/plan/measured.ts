import { mass, mlAsSpoons, mlToVolume, text, grams as gramsOf, type Text } from '../units/index.js';

/** Up to so many tablespoons a cook counts spoons; above, a scale is quicker. Our choice. */
const MOST_TBSP = 4.2;
/** From so much on it is weighed and nobody thinks of spoons, g. Our choice. */
const WEIGHED_FROM_G = 60;

/** "2 tbsp (30 g)", "½ tsp (1.4 g)", "120 g", "2": an amount in the measure that a cook reaches for. */
export function measured({ grams, ml, count }: { grams: number; ml: number | null; count: number | null }): Text {
  if (count !== null) return text`${count}`;
  const weight = grams < 10 ? gramsOf(grams) : mass(Math.round(grams));
  if (ml === null || grams >= WEIGHED_FROM_G) return text`${weight}`;
  const tbsp = mlToVolume(ml, 'tbsp');
  if (tbsp > MOST_TBSP) return text`${weight}`;
  return text`${mlAsSpoons(ml)} (${weight})`;
}
