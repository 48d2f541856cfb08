import { grammarNotes, type CoatLayer, type GrammarNote } from '../coat/index.js';
import type { AirPlan } from '../dish/index.js';
import type { Ingredient } from '../foods/index.js';
import { setTo, text } from '../units/index.js';
import { BURNING_FINISH, STARCH_OIL_GM2 } from './constants.js';

/** What in a finish burns before its crumbs are golden: cheese, coconut, nuts and sugar. */
const burns = ({ dry, sugarG = 0 }: Ingredient): boolean =>
  sugarG > BURNING_FINISH.sugarG || (dry?.browning ?? 0) >= BURNING_FINISH.browning;

/** Share of a layer's mass that burns early, 0–1. */
const burningShare = (layer: CoatLayer): number =>
  layer.portions.filter((p) => burns(p.ingredient)).reduce((sum, p) => sum + p.grams, 0);

/**
 * What of an air plan cannot come right, from the skin outward: the coat's own grammar, a starch shell without oil,
 * cheese, coconut, nuts or sugar in the finish at full heat. Each with its repair (see `repairPlan`).
 * @param stepC steps in which the fryer is set, °C
 */
export function planNotes(plan: AirPlan, layers: readonly CoatLayer[], stepC = 1): GrammarNote[] {
  const notes = grammarNotes(layers);
  const finish = layers.at(-1);
  if (!finish || finish.wet) return notes;
  const at = layers.length - 1;
  if (finish.grain === 'starch' && plan.oilGm2 < STARCH_OIL_GM2) {
    notes.push({
      at,
      rule: 'dry-starch',
      text: text`${finish.name} with ${plan.oilGm2 > 0 ? 'little' : 'no'} oil: a starch shell that meets no oil stays dusty.`,
      repair: text`Oil it on all sides until no white shows.`,
    });
  }
  if (burningShare(finish) >= BURNING_FINISH.share && plan.settings.tempC > BURNING_FINISH.aboveC) {
    notes.push({
      at,
      rule: 'burns-in-finish',
      text: text`${finish.name} at ${setTo(plan.settings.tempC, stepC)}: what is in it burns before the crumbs are golden.`,
      repair: text`Cook it at ${setTo(BURNING_FINISH.aboveC, stepC)} or less, or add it for the last minutes.`,
    });
  }
  return notes;
}
