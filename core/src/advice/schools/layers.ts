import { grainOf, isWetLayer, type LayerSpec } from '../../coat/index.js';
import { allowed, type Portion } from '../../foods/index.js';
import { choiceOf, layer } from '../../plan/index.js';
import { withPlan, type School, type Situation } from './school.js';

const POWDERS = ['powder', 'starch'];
const isPowder = ({ pantry }: Situation, l: LayerSpec | undefined): boolean =>
  l !== undefined && !isWetLayer(pantry, l) && POWDERS.includes(grainOf(pantry, l) ?? '');

const same = (a: LayerSpec, b: LayerSpec): boolean => JSON.stringify(a.portions) === JSON.stringify(b.portions);

/** Layers of a coat at most, as documents have them. */
const MOST_LAYERS = 8;

/** Flour and wash stand twice under the finish. */
const isDouble = (now: Situation): boolean => {
  const [a, b, c, d] = now.plan.layers;
  return d !== undefined && isPowder(now, a) && isWetLayer(now.pantry, b) && same(a, c) && same(b, d);
};
const isSingle = (now: Situation): boolean =>
  isPowder(now, now.plan.layers[0]) &&
  now.plan.layers.length > 2 &&
  isWetLayer(now.pantry, now.plan.layers[1]) &&
  !isDouble(now);

export const DREDGE: School = {
  question: 'Dredge once or twice?',
  retime: true,
  options: [
    {
      id: 'once',
      label: 'Once: flour, wash, crumbs',
      reason: 'A thin coat that sets soon and stays light.',
      holds: isSingle,
      apply: (now) => (isDouble(now) ? withPlan(now, { layers: now.plan.layers.slice(2) }) : null),
    },
    {
      id: 'twice',
      label: 'Twice: flour, wash, flour, wash, crumbs',
      reason: 'A thicker, craggier coat with more crunch; it takes longer to set and more of every bowl.',
      holds: isDouble,
      apply: (now) =>
        isSingle(now) && now.plan.layers.length + 2 <= MOST_LAYERS
          ? withPlan(now, { layers: [...now.plan.layers.slice(0, 2), ...now.plan.layers] })
          : null,
    },
  ],
};

const flouredOutside = (now: Situation): boolean => {
  const { layers } = now.plan;
  return layers.length > 2 && isPowder(now, layers.at(-1)) && !isWetLayer(now.pantry, layers.at(-2)!);
};
const crumbsLast = (now: Situation): boolean => {
  const last = now.plan.layers.at(-1)!;
  return now.plan.layers.length > 1 && !isWetLayer(now.pantry, last) && !isPowder(now, last);
};
/** A last turn in the flour, g of a bowl. */
const LAST_TURN = 40;

export const FLOUR_OUTSIDE: School = {
  question: 'Flour outside the crumbs?',
  options: [
    {
      id: 'crumbs-last',
      label: 'Crumbs last',
      reason: 'Their edges meet the air; nothing lies on them that could stay floury.',
      holds: crumbsLast,
      apply: (now) => (flouredOutside(now) ? withPlan(now, { layers: now.plan.layers.slice(0, -1) }) : null),
    },
    {
      id: 'flour-last',
      label: 'A last turn in the flour',
      reason: 'Closes the gaps between crumbs and dries the hands; without oil it stays white.',
      holds: flouredOutside,
      apply: (now) => {
        const flour = ['wheat-flour', 'rice-flour'].find((id) => allowed(id, choiceOf(now)));
        if (!crumbsLast(now) || !flour || now.plan.layers.length >= MOST_LAYERS) return null;
        return withPlan(now, { layers: [...now.plan.layers, layer([[flour, LAST_TURN]])] });
      },
    },
  ],
};

/** What of a finish is cheese and may go on at the end. */
const CHEESE = 'hard-cheese';
const isCheese = (p: Portion): boolean => p.ingredientId === CHEESE;
const laterOf = ({ plan }: Situation): Portion[] => plan.making?.later ?? [];
const cheeseInside = ({ plan }: Situation): Portion[] => plan.layers.at(-1)!.portions.filter(isCheese);

const withFinish = (now: Situation, portions: Portion[], later: Portion[]) => {
  const { layers, making } = now.plan;
  const last = layers.at(-1)!;
  const rest = later.length > 0 ? { ...making, later } : { ...making, later: undefined };
  return withPlan(now, { layers: [...layers.slice(0, -1), { ...last, portions }], making: rest });
};

export const CHEESE_WHEN: School = {
  question: 'Cheese in the crumbs, or late?',
  options: [
    {
      id: 'in',
      label: 'In the crumbs',
      reason: 'It browns and binds with them; at high heat it burns first.',
      holds: (now) => cheeseInside(now).length > 0,
      apply: (now) => {
        const cheese = laterOf(now).filter(isCheese);
        if (cheese.length === 0) return null;
        const rest = laterOf(now).filter((p) => !isCheese(p));
        return withFinish(now, [...now.plan.layers.at(-1)!.portions, ...cheese], rest);
      },
    },
    {
      id: 'late',
      label: 'At the very end',
      reason: 'Scattered over the hot pieces, it melts in a minute and cannot burn.',
      holds: (now) => laterOf(now).some(isCheese),
      apply: (now) => {
        const cheese = cheeseInside(now);
        const rest = now.plan.layers.at(-1)!.portions.filter((p) => !isCheese(p));
        return cheese.length > 0 && rest.length > 0 ? withFinish(now, rest, [...laterOf(now), ...cheese]) : null;
      },
    },
  ],
};
