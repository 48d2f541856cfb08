import { grainOf, isWetLayer, PLAIN_STATION, type Handling } from '../../coat/index.js';
import { PLAIN_OILING, type AirPlan, type Oiling } from '../../dish/index.js';
import { allowed } from '../../foods/index.js';
import { choiceOf, firstFor, layer } from '../../plan/index.js';
import { FIRST_OIL_GM2 } from '../../search/index.js';
import { crumbsOiled, hasOil, withoutOil } from '../crumbOil.js';
import { withPlan, type Situation, type School, type SchoolOption } from './school.js';

const oilingIn = ({ plan }: Situation): Oiling => plan.oiling ?? PLAIN_OILING;
const oiledLayers = ({ pantry, plan }: Situation): boolean => plan.layers.some((l) => hasOil(pantry, l));
const rubbed = (plan: AirPlan): number => plan.oiling?.rubGm2 ?? 0;
/** The oiling without a rub; none where there was none. */
const unrubbed = ({ plan }: Situation): Oiling | undefined =>
  plan.oiling && { ...plan.oiling, rubGm2: 0, touchUpGm2: 0 };

export const OIL: School = {
  question: 'Oil where?',
  options: [
    {
      id: 'spray',
      label: 'Sprayed on both sides',
      reason: 'Goes where the browning happens; pale spots can be touched up.',
      holds: (now) => now.plan.oilGm2 > 0 && !oiledLayers(now) && rubbed(now.plan) === 0,
      apply: (now) =>
        withPlan(now, {
          layers: withoutOil(now.pantry, now.plan.layers),
          oilGm2: FIRST_OIL_GM2,
          oiling: unrubbed(now),
        }),
    },
    {
      id: 'mixed',
      label: 'Mixed into the crumbs',
      reason: 'A tablespoon to a cup: every crumb has some, and no mist is needed.',
      holds: ({ pantry, plan }) => hasOil(pantry, plan.layers.at(-1)) && rubbed(plan) === 0,
      apply: (now) => {
        const oil = firstFor(choiceOf(now), 'oil');
        const layers = oil && crumbsOiled(now.pantry, now.plan.layers, oil);
        return layers ? withPlan(now, { layers, oilGm2: 0, oiling: unrubbed(now) }) : null;
      },
    },
    {
      id: 'rub',
      label: 'Rubbed on the food',
      reason: 'With the spice, under the coat: the food tastes of it, the crust gets little.',
      holds: ({ plan }) => rubbed(plan) > 0,
      apply: (now) =>
        withPlan(now, {
          layers: withoutOil(now.pantry, now.plan.layers),
          oilGm2: 0,
          oiling: { ...oilingIn(now), rubGm2: FIRST_OIL_GM2 },
        }),
    },
    {
      id: 'none',
      label: 'None at all',
      reason: 'The least fat. A starch shell stays dusty so, and crumbs dry and pale.',
      holds: (now) => now.plan.oilGm2 === 0 && !oiledLayers(now) && rubbed(now.plan) === 0,
      apply: (now) =>
        withPlan(now, { layers: withoutOil(now.pantry, now.plan.layers), oilGm2: 0, oiling: unrubbed(now) }),
    },
  ],
};

const dusted = ({ pantry, plan }: Situation): boolean => {
  const [first] = plan.layers;
  return (
    plan.layers.length > 1 && !isWetLayer(pantry, first) && ['powder', 'starch'].includes(grainOf(pantry, first) ?? '')
  );
};

export const FLOUR_FIRST: School = {
  question: 'Flour first?',
  options: [
    {
      id: 'always',
      label: 'Always',
      reason: 'It takes up the skin’s water, so that the binder grips.',
      holds: dusted,
      apply: (now) => {
        const dust = firstFor(choiceOf(now), 'dust');
        if (!dust || !isWetLayer(now.pantry, now.plan.layers[0])) return null;
        return withPlan(now, { layers: [layer([[dust, 60]]), ...now.plan.layers] });
      },
    },
    {
      id: 'left-out',
      label: 'Left out',
      reason: 'Leaner and a bowl fewer; prawns, and batter under crumbs, hold without.',
      holds: (now) => !dusted(now),
      apply: (now) => withPlan(now, { layers: now.plan.layers.slice(1) }),
    },
  ],
};

const handled = (id: Handling, label: string, reason: string): SchoolOption => ({
  id,
  label,
  reason,
  holds: ({ plan }) => (plan.station ?? PLAIN_STATION).handling === id,
  apply: (now) => withPlan(now, { station: { ...(now.plan.station ?? PLAIN_STATION), handling: id } }),
});

export const HANDS: School = {
  question: 'How through the bowls?',
  options: [
    handled('hands', 'A dry hand and a wet hand', 'You feel what holds, and press the crumbs on.'),
    handled('fork', 'Fork or tongs', 'Clean hands and less waste; holes and rings are missed.'),
    handled(
      'tossed',
      'All tossed together in the bowl',
      'Quick for small pieces, and nothing is left in the bowl; wet coats glue them together.',
    ),
    handled('shaker', 'A box or bag, one piece at a time', 'Quick and even for flour and starch; together they clump.'),
  ],
};

/** The finish with coarse crumbs ground finer, or the other way round. */
const CRUMB_SIZES = { coarse: 'coarse-crumbs', fine: 'fine-crumbs' } as const;
type CrumbSize = keyof typeof CRUMB_SIZES;

const finishHas = ({ plan }: Situation, id: string): boolean =>
  plan.layers.at(-1)?.portions.some((p) => p.ingredientId === id) ?? false;

const crumbed = (size: CrumbSize, label: string, reason: string): SchoolOption => ({
  id: size,
  label,
  reason,
  holds: (now) => finishHas(now, CRUMB_SIZES[size]),
  apply: (now) => {
    const from = CRUMB_SIZES[size === 'coarse' ? 'fine' : 'coarse'];
    const to = CRUMB_SIZES[size];
    if (!finishHas(now, from) || !allowed(to, choiceOf(now))) return null;
    const { layers } = now.plan;
    const finish = layers.at(-1)!;
    const portions = finish.portions.map((p) => (p.ingredientId === from ? { ...p, ingredientId: to } : p));
    return withPlan(now, { layers: [...layers.slice(0, -1), { ...finish, portions }] });
  },
});

export const OIL_IN_CRUMBS: School = {
  question: 'Crumbs how coarse?',
  retime: true,
  options: [
    crumbed('coarse', 'Coarse', 'More edges, more crunch.'),
    crumbed('fine', 'Ground finer', 'An even coat without bare spots; browns a little sooner.'),
  ],
};
