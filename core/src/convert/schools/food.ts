import { madeReady, type Afterwards, type SecondPlan } from '../../dish/index.js';
import { allowed, foodOf, type Preparation } from '../../foods/index.js';
import { wayOf, waysFor } from '../../prep/index.js';
import { asksOf, layer } from '../kit.js';
import { withPlan, type Changed, type Scene, type School, type SchoolOption } from './school.js';

/** A way of making the vegetable ready, as a side: only where it suits the food. */
const prepared = (id: Preparation): SchoolOption => ({
  id,
  label: wayOf(id).label,
  reason: wayOf(id).reason,
  holds: ({ dish }) => dish.preparation === id,
  apply: ({ dish, plan }) =>
    waysFor(foodOf(dish.foodId)).some((w) => w.id === id) ? { plan, dish: madeReady(dish, id) } : null,
});

export const VEGETABLE: School = {
  id: 'vegetable',
  question: 'Which way does the vegetable go in?',
  retime: true,
  options: (['raw', 'blanched', 'frozen', 'pre-cooked'] as const).map(prepared),
};

const SAUCES = ['tomato-sauce', 'sweet-chilli-sauce', 'barbecue-sauce', 'chilli-butter-sauce'] as const;
/** A light hand of sauce, g per m². */
const LIGHT_SAUCE_GM2 = 100;
/** Longer than this under the sauce, it was brushed on part-way. */
const BRUSHED_FROM_MIN = 3;

function saucedPlan(scene: Scene, minutes: number): SecondPlan | null {
  const now = scene.plan.second;
  const id = SAUCES.find((s) => allowed(s, asksOf(scene.limits)));
  const sauce = now?.sauce ?? (id ? layer([[id, 100]]) : null);
  if (!sauce) return null;
  const { tempC } = scene.plan.settings;
  return { sauce, sauceGm2: now?.sauceGm2 || LIGHT_SAUCE_GM2, coolMin: 3, tempC, minutes };
}

const withSauce = (scene: Scene, minutes: number): Changed | null => {
  const second = saucedPlan(scene, minutes);
  return second && withPlan(scene, { second });
};

export const SAUCE: School = {
  id: 'sauce',
  question: 'Sauce when?',
  waits: true,
  options: [
    {
      id: 'side',
      label: 'On the side, or none',
      reason: 'The coat stays as it is until it is dipped.',
      holds: ({ plan }) => !plan.second?.sauce,
      apply: (scene) => withPlan(scene, { second: null }),
    },
    {
      id: 'tossed',
      label: 'Tossed at the end, with a light hand',
      reason: 'All of it is sauced; the coat must have rested, and softens from then on.',
      holds: ({ plan }) => Boolean(plan.second?.sauce) && plan.second!.minutes < BRUSHED_FROM_MIN,
      apply: (scene) => withSauce(scene, 1),
    },
    {
      id: 'brushed',
      label: 'Brushed on, then 5–10 minutes more',
      reason: 'The sauce dries to a glaze; its sugar browns early.',
      holds: ({ plan }) => Boolean(plan.second?.sauce) && plan.second!.minutes >= BRUSHED_FROM_MIN,
      apply: (scene) => withSauce(scene, 6),
    },
  ],
};

const ending = (id: Afterwards, label: string, reason: string): SchoolOption => ({
  id,
  label,
  reason,
  holds: ({ plan }) => (plan.afterwards ?? 'rack') === id,
  apply: (scene) => withPlan(scene, { afterwards: id }),
});

export const AFTERWARDS: School = {
  id: 'afterwards',
  question: 'When it is done?',
  waits: true,
  options: [
    ending('rack', '3–5 minutes on a rack', 'Steam leaves on all sides: it gets crisper, and the coat holds better.'),
    ending('at-once', 'Eaten at once, hot', 'At its loudest; on a plate the underside softens first.'),
    ending('held', 'Held in the switched-off fryer', 'All batches come to the table together.'),
  ],
};
