import { grainOf, isWetLayer, PLAIN_STATION, type Handling } from '../../coat/index.js';
import { PLAIN_OILING, type AirPlan, type Oiling } from '../../dish/index.js';
import { allowed } from '../../foods/index.js';
import { FIRST_OIL_GM2 } from '../constants.js';
import { crumbsOiled, hasOil, withoutOil } from '../crumbOil.js';
import { asksOf, firstFor, layer } from '../kit.js';
import { withPlan, type Scene, type School, type SchoolOption } from './school.js';

const oilingIn = ({ plan }: Scene): Oiling => plan.oiling ?? PLAIN_OILING;
const rubbed = (plan: AirPlan): number => plan.oiling?.rubGm2 ?? 0;
/** The oiling without a rub; none where there was none. */
const unrubbed = ({ plan }: Scene): Oiling | undefined => plan.oiling && { ...plan.oiling, rubGm2: 0, touchUpGm2: 0 };

export const OIL: School = {
  id: 'oil',
  question: 'Oil where?',
  options: [
    {
      id: 'spray',
      label: 'Sprayed on both sides',
      reason: 'Goes where the browning happens; pale spots can be touched up.',
      holds: ({ plan }) => plan.oilGm2 > 0 && !plan.layers.some(hasOil) && rubbed(plan) === 0,
      apply: (scene) =>
        withPlan(scene, { layers: withoutOil(scene.plan.layers), oilGm2: FIRST_OIL_GM2, oiling: unrubbed(scene) }),
    },
    {
      id: 'mixed',
      label: 'Mixed into the crumbs',
      reason: 'A tablespoon to a cup: every crumb has some, and no mist is needed.',
      holds: ({ plan }) => hasOil(plan.layers.at(-1)) && rubbed(plan) === 0,
      apply: (scene) => {
        const oil = firstFor(scene.limits, 'oil');
        const layers = oil && crumbsOiled(scene.plan.layers, oil);
        return layers ? withPlan(scene, { layers, oilGm2: 0, oiling: unrubbed(scene) }) : null;
      },
    },
    {
      id: 'rub',
      label: 'Rubbed on the food',
      reason: 'With the spice, under the coat: the food tastes of it, the crust gets little.',
      holds: ({ plan }) => rubbed(plan) > 0,
      apply: (scene) =>
        withPlan(scene, {
          layers: withoutOil(scene.plan.layers),
          oilGm2: 0,
          oiling: { ...oilingIn(scene), rubGm2: FIRST_OIL_GM2 },
        }),
    },
    {
      id: 'none',
      label: 'None at all',
      reason: 'The least fat. A starch shell stays dusty so, and crumbs dry and pale.',
      holds: ({ plan }) => plan.oilGm2 === 0 && !plan.layers.some(hasOil) && rubbed(plan) === 0,
      apply: (scene) => withPlan(scene, { layers: withoutOil(scene.plan.layers), oilGm2: 0, oiling: unrubbed(scene) }),
    },
  ],
};

const dusted = ({ plan }: Scene): boolean => {
  const [first] = plan.layers;
  return plan.layers.length > 1 && !isWetLayer(first) && ['powder', 'starch'].includes(grainOf(first) ?? '');
};

export const FLOUR_FIRST: School = {
  id: 'flour-first',
  question: 'Flour first?',
  options: [
    {
      id: 'always',
      label: 'Always',
      reason: 'It takes up the skin’s water, so that the binder grips.',
      holds: dusted,
      apply: (scene) => {
        const dust = firstFor(scene.limits, 'dust');
        if (!dust || !isWetLayer(scene.plan.layers[0])) return null;
        return withPlan(scene, { layers: [layer([[dust, 60]]), ...scene.plan.layers] });
      },
    },
    {
      id: 'left-out',
      label: 'Left out',
      reason: 'Leaner and a bowl fewer; prawns, and batter under crumbs, hold without.',
      holds: (scene) => !dusted(scene),
      apply: (scene) => withPlan(scene, { layers: scene.plan.layers.slice(1) }),
    },
  ],
};

const handled = (id: Handling, label: string, reason: string): SchoolOption => ({
  id,
  label,
  reason,
  holds: ({ plan }) => (plan.station ?? PLAIN_STATION).handling === id,
  apply: (scene) => withPlan(scene, { station: { ...(scene.plan.station ?? PLAIN_STATION), handling: id } }),
});

export const HANDS: School = {
  id: 'hands',
  question: 'How through the bowls?',
  options: [
    handled('hands', 'A dry hand and a wet hand', 'You feel what holds, and press the crumbs on.'),
    handled('fork', 'Fork or tongs', 'Clean hands and less waste; holes and rings are missed.'),
    handled('shaker', 'A box or bag, one piece at a time', 'Quick and even for flour and starch; together they clump.'),
  ],
};

/** The finish with coarse crumbs ground finer, or the other way round. */
const CRUMB_SIZES = { coarse: 'coarse-crumbs', fine: 'fine-crumbs' } as const;
type CrumbSize = keyof typeof CRUMB_SIZES;

const finishHas = ({ plan }: Scene, id: string): boolean =>
  plan.layers.at(-1)?.portions.some((p) => p.ingredientId === id) ?? false;

const crumbed = (size: CrumbSize, label: string, reason: string): SchoolOption => ({
  id: size,
  label,
  reason,
  holds: (scene) => finishHas(scene, CRUMB_SIZES[size]),
  apply: (scene) => {
    const from = CRUMB_SIZES[size === 'coarse' ? 'fine' : 'coarse'];
    const to = CRUMB_SIZES[size];
    if (!finishHas(scene, from) || !allowed(to, asksOf(scene.limits))) return null;
    const { layers } = scene.plan;
    const finish = layers.at(-1)!;
    const portions = finish.portions.map((p) => (p.ingredientId === from ? { ...p, ingredientId: to } : p));
    return withPlan(scene, { layers: [...layers.slice(0, -1), { ...finish, portions }] });
  },
});

export const CRUMBS: School = {
  id: 'crumbs',
  question: 'Crumbs how coarse?',
  retime: true,
  options: [
    crumbed('coarse', 'Coarse', 'More edges, more crunch.'),
    crumbed('fine', 'Ground finer', 'An even coat without bare spots; browns a little sooner.'),
  ],
};
