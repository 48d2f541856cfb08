import { isLace, kindOf, puffs, type CoatKind } from '../coat/index.js';
import { foodOf } from '../foods/index.js';
import type { Asked, FriedResult } from '../plan/index.js';
import { celsius, spoken, text, type Text } from '../units/index.js';
import { TOO_FAR } from './constants.js';
import type { Alternative, KeepPot, KeepPotReason } from './types.js';

/** What a cook calls a coat of each kind. */
const KIND_NAMES: Record<CoatKind, string> = {
  bare: 'without a coat',
  'thin-batter': 'in a thin batter',
  'thick-batter': 'in a thick batter',
  flour: 'in a flour crust',
  starch: 'in a starch shell',
  meal: 'in a meal crust',
  fine: 'in fine crumbs',
  coarse: 'in coarse crumbs',
  flake: 'in flakes',
  nuts: 'in nuts or seeds',
  sheet: 'in a sheet',
};

function whyOf({ pantry, dish }: Asked, fried: FriedResult, best: Alternative): KeepPotReason | null {
  const { food } = foodOf(pantry, dish.foodId);
  if (food.fruit && puffs(fried.layers)) return 'puffs';
  if (isLace(fried.layers)) return 'lace';
  if (food.runs && !best.works) return 'runs';
  return !best.works && best.likeness < TOO_FAR ? 'nothing-near' : null;
}

function reasonFor(why: KeepPotReason, asked: Asked): Text {
  const { name, food: traits } = foodOf(asked.pantry, asked.dish.foodId);
  switch (why) {
    case 'lace':
      return text`This batter is lace: hot oil blows it up and stiffens it within seconds, and catches what runs off. In air it runs down before it sets; made so thick that it stays, it is another coat.`;
    case 'puffs':
      return text`A fritter puffs because oil heats it from all sides at once, while its batter is still soft. In air the outside dries first and holds it down.`;
    case 'runs':
      return text`Before the coat is set and golden, the ${spoken(name)} comes to more than ${celsius(traits.runs?.fromC ?? 0)} on average and runs out, even with all that was tried.`;
    case 'nothing-near':
      return text`Nothing that was tried comes out of this fryer both done and like what you fry.`;
  }
}

/**
 * Whether a dish is better left in the pot, and why; null for whatever converts.
 * @param best the best that the search has found
 */
export function keepPotFor(asked: Asked, fried: FriedResult, best: Alternative | undefined): KeepPot | null {
  const why = best && whyOf(asked, fried, best);
  if (!best || !why) return null;
  const kind = KIND_NAMES[kindOf(best.layers)];
  const food = foodOf(asked.pantry, asked.dish.foodId).name;
  return {
    why,
    reason: reasonFor(why, asked),
    nearest: best.works
      ? text`The nearest in air: ${spoken(food)} ${kind}. Good in its own way, and another dish.`
      : text`The nearest in air: ${spoken(food)} ${kind}. It does not come out right: look at what fails before you try.`,
  };
}
