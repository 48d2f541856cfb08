import { BROWNS_EARLY_SUGAR_G, type SideBowlAmounts } from '../beside/index.js';
import type { BowlPart } from '../coat/index.js';
import { isBrushedInside } from '../dish/index.js';
import { countedName, massMean, partsOf } from '../foods/index.js';
import { counted, joined, lowered, mass, spoken, text, type Text } from '../units/index.js';
import { measured } from './measured.js';
import { minutes, round, type Told } from './told.js';

/** "eggs", "cloves of garlic", "soy sauce". */
const nameOf = ({ ingredientId, name, count }: BowlPart): string =>
  (count === null ? undefined : countedName({ id: ingredientId }, count)) ?? spoken(name);

/** "2 tbsp soy sauce, 1 tbsp honey": what goes into a bowl, in the measures of a kitchen. */
export const partsTold = (parts: readonly BowlPart[]): Text =>
  joined(
    ...parts.flatMap((part, k): Text[] => [...(k === 0 ? [] : [text`, `]), text`${measured(part)} ${nameOf(part)}`]),
  );

/** Minutes that a marinade is left on where nobody says otherwise. Common practice, no source. */
const MARINATED_MIN = 30;

/** The marinade, before anything else. */
export function marinadeSteps(beside: readonly SideBowlAmounts[], { dish }: Told): Text[] {
  return beside
    .filter((b) => b.use === 'marinade')
    .map((b) => {
      const time = minutes(dish.prepMin ?? MARINATED_MIN);
      return text`Stir the ${lowered(b.name)}: ${partsTold(b.parts)}. Turn the pieces in it and leave them ${time} in the refrigerator; then let them drip. What is left of it met what is raw: throw it away.`;
    });
}

const keepsTold = (days: number): string =>
  days >= 30 ? 'It keeps for weeks.' : `What is left keeps ${counted(days, 'day')}, covered and cold.`;

/** What can be made ahead, or while the fryer runs: dips, sauces, spice salt. */
export function sauceSteps(beside: readonly SideBowlAmounts[], when: 'ahead' | 'while-it-cooks'): Text[] {
  return beside
    .filter((b) => b.keeping.made === when)
    .map((b) => {
      const what = text`make the ${lowered(b.name)}: ${partsTold(b.parts)}.`;
      if (b.thickening) {
        return text`${when === 'while-it-cooks' ? 'While the fryer runs, ' : 'Ahead, '}${what} Stir the starch smooth with a little cold liquid, bring all to a bubble and stir about ${minutes(b.thickening.minutes)}, until it is clear: it ${THICKENS[b.thickening.word]}. ${keepsTold(b.keeping.days)}`;
      }
      if (b.use === 'spice-salt')
        return text`Mix the ${lowered(b.name)}: ${partsTold(b.parts)}. ${keepsTold(b.keeping.days)}`;
      const how = when === 'ahead' ? 'Stir, taste and chill the' : 'While the fryer runs, warm the';
      return text`${how} ${lowered(b.name)}: ${partsTold(b.parts)}. ${keepsTold(b.keeping.days)}`;
    });
}

const THICKENS: Record<NonNullable<SideBowlAmounts['thickening']>['word'], string> = {
  thin: 'stays thin',
  'coats a spoon': 'coats a spoon',
  'thick and glossy': 'is thick and glossy',
  'sets like jelly': 'sets like jelly, so use it hot or take less starch',
};

/** What comes first when the pieces are done. */
const ORDER: readonly SideBowlAmounts['use'][] = ['marinade', 'tossed', 'brushed', 'spice-salt', 'topping', 'dip'];

/** What is done with it when the pieces are cooked: tossed, brushed, scattered, set beside. */
export function finishingSteps(beside: readonly SideBowlAmounts[], { pantry, load, dish, plan }: Told): Text[] {
  const each = load.batches > 1 ? ' each batch' : ' the pieces';
  return beside
    .filter((b) => !isBrushedInside(dish, plan, b.name))
    .sort((a, b) => ORDER.indexOf(a.use) - ORDER.indexOf(b.use))
    .flatMap((b) => {
      const name = lowered(b.name);
      const perBatch = mass(round(b.perBatchG));
      switch (b.use) {
        case 'tossed':
          return [
            text`Toss${each}, off the heat and with a light hand, in ${perBatch} of the ${name}; poured hot and stirred, the coat slides off.`,
          ];
        case 'brushed': {
          const portions = dish.beside?.find((d) => d.name === b.name)?.portions ?? [];
          const sweet = massMean(partsOf(pantry, portions), (i) => i.sugarG ?? 0) > BROWNS_EARLY_SUGAR_G;
          const on = plan.second
            ? ''
            : ` Back for 5 minutes at the same heat${sweet ? ' or 10 less: it is sweet and browns early' : ''}.`;
          return [text`Brush${each} thinly with ${perBatch} of the ${name}.${on}`];
        }
        case 'spice-salt':
          return [text`Scatter ${measuredAll(b)} of the ${name} over${each} while hot, and toss once.`];
        case 'topping':
          return [text`Scatter the ${name} over${each}: ${perBatch}${load.batches > 1 ? ' a batch' : ''}.`];
        case 'dip':
          return [text`Serve with the ${name} beside: ${mass(round(b.takesG))} in all.`];
        default:
          return [];
      }
    });
}

/** A bowl's amount for one batch in spoons, where it is a small one. */
const measuredAll = (b: SideBowlAmounts): Text => {
  const ml = b.parts.reduce((sum, p) => sum + (p.ml ?? p.grams), 0);
  return measured({ grams: b.perBatchG, ml: ml / Math.max(1, b.batches), count: null });
};
