import { partsOf, totalGrams, type Pantry } from '../foods/index.js';
import { lowered } from '../units/index.js';
import { STARCH_SETTLES_SHARE } from './constants/index.js';
import type { LayerSpec } from './types.js';

/** Flours that go on swelling this much more lump when they meet liquid at once. */
const LUMPS_FROM = 0.2;

/**
 * How to mix a batter so that it turns out as computed: only what matters for these ingredients. Common practice, no
 * source. Empty for a layer without flour or starch.
 */
export function batterNotes(pantry: Pantry, { portions, beaten }: LayerSpec): string[] {
  const parts = partsOf(pantry, portions);
  const items = parts.filter((p) => p.grams > 0).map((p) => p.ingredient);
  const powders = items.filter((i) => i.dry);
  if (powders.length === 0) return [];
  const notes: string[] = [];
  const gluten = powders.some((i) => (i.dry!.gluten ?? 0) > 0);
  const lumpy = powders.find((i) => (i.dry!.thickens ?? 0) >= LUMPS_FROM);
  if (gluten) {
    notes.push(
      beaten
        ? 'It was beaten: its gluten is worked up, and the coat turns chewy. Fold the next one.'
        : 'Cold liquid, and fold: a few small lumps are better than gluten worked up.',
    );
  }
  if (lumpy) {
    notes.push(
      `Sift the ${lowered(lumpy.name)} and add the liquid a little at a time: it lumps, and it thickens for ten minutes as it stands.`,
    );
  }
  if (items.some((i) => i.wet?.bubbles)) {
    notes.push('Bubbles are gone in a quarter of an hour: stir it in last.');
  }
  if (items.some((i) => i.group === 'leavening')) notes.push('Leavening works once: use the bowl at once.');
  const starchG = totalGrams(parts.filter((p) => p.ingredient.group === 'starch'));
  const powderG = totalGrams(parts.filter((p) => p.ingredient.dry));
  if (starchG / powderG > STARCH_SETTLES_SHARE) notes.push('Starch settles: stir before every dip.');
  return notes;
}
