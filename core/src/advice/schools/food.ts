import { madeReady, type Afterwards, type SecondPlan } from '../../dish/index.js';
import { allowed, foodOf, type Preparation } from '../../foods/index.js';
import { wayOf, waysFor } from '../../prep/index.js';
import { choiceOf, layer } from '../../plan/index.js';
import { withPlan, type Changed, type Situation, type School, type SchoolOption } from './school.js';

/** A way of making the vegetable ready, as a side: only where it suits the food. */
const prepared = (id: Preparation): SchoolOption => ({
  id,
  label: wayOf(id).label,
  reason: wayOf(id).reason,
  holds: ({ dish }) => dish.preparation === id,
  apply: ({ pantry, dish, plan }) =>
    waysFor(foodOf(pantry, dish.foodId)).some((w) => w.id === id) ? { plan, dish: madeReady(pantry, dish, id) } : null,
});

export const VEGETABLE: School = {
  question: 'Which way does the vegetable go in?',
  retime: true,
  raisedBy: ({ pantry, dish }) => foodOf(pantry, dish.foodId).food.safety === 'vegetable',
  options: (['raw', 'blanched', 'frozen', 'pre-cooked'] as const).map(prepared),
};

const USUAL_SAUCES = ['tomato-sauce', 'sweet-chilli-sauce', 'barbecue-sauce', 'chilli-butter-sauce'] as const;
/** A light hand of sauce, g per m². */
const LIGHT_SAUCE_GM2 = 100;
/** Longer than this under the sauce, it was brushed on part-way. */
const BRUSHED_FROM_MIN = 3;

function saucedPlan(now: Situation, minutes: number): SecondPlan | null {
  const before = now.plan.second;
  const id = USUAL_SAUCES.find((s) => allowed(s, choiceOf(now)));
  const sauce = before?.sauce ?? (id ? layer([[id, 100]]) : null);
  if (!sauce) return null;
  const { tempC } = now.plan.settings;
  return { sauce, sauceGm2: before?.sauceGm2 || LIGHT_SAUCE_GM2, coolMin: 3, tempC, minutes };
}

const withSauce = (now: Situation, minutes: number): Changed | null => {
  const second = saucedPlan(now, minutes);
  return second && withPlan(now, { second });
};

export const SAUCED_WHEN: School = {
  question: 'Sauce when?',
  waits: true,
  options: [
    {
      id: 'side',
      label: 'On the side, or none',
      reason: 'The coat stays as it is until it is dipped.',
      holds: ({ plan }) => !plan.second?.sauce,
      apply: (now) => withPlan(now, { second: null }),
    },
    {
      id: 'tossed',
      label: 'Tossed at the end, with a light hand',
      reason: 'All of it is sauced; the coat must have rested, and softens from then on.',
      holds: ({ plan }) => Boolean(plan.second?.sauce) && plan.second!.minutes < BRUSHED_FROM_MIN,
      apply: (now) => withSauce(now, 1),
    },
    {
      id: 'brushed',
      label: 'Brushed on, then 5–10 minutes more',
      reason: 'The sauce dries to a glaze; its sugar browns early.',
      holds: ({ plan }) => Boolean(plan.second?.sauce) && plan.second!.minutes >= BRUSHED_FROM_MIN,
      apply: (now) => withSauce(now, 6),
    },
  ],
};

const ending = (id: Afterwards, label: string, reason: string, waits: SchoolOption['waits']): SchoolOption => ({
  id,
  label,
  reason,
  waits,
  holds: ({ plan }) => (plan.afterwards ?? 'rack') === id,
  apply: (now) => withPlan(now, { afterwards: id }),
});

export const AFTERWARDS: School = {
  question: 'When it is done?',
  waits: true,
  options: [
    ending('rack', '3–5 minutes on a rack', 'Steam leaves on all sides: it gets crisper, and the coat holds better.', {
      place: 'rack',
      where: 'There',
    }),
    ending('at-once', 'Eaten at once, hot', 'At its loudest; on a plate the underside softens first.', {
      place: 'plate',
      where: 'On a plate',
    }),
    ending('held', 'Held in the switched-off fryer', 'All batches come to the table together.', {
      place: 'hold',
      where: 'There',
    }),
  ],
};
