import { grainOf, isWetLayer, PLAIN_STATION, type Handling, type LayerSpec } from '../../coat/index.js';
import { allowed, functionOf, ingredient, totalGrams } from '../../foods/index.js';
import { FIRST_OIL_GM2 } from '../constants.js';
import { asksOf, firstFor, layer } from '../kit.js';
import { withPlan, type Scene, type School, type SchoolOption } from './school.js';

/** Oil mixed into crumbs: a tablespoon to a cup of them, g. */
const OIL_PER_CUP_G = 13.6;
/** Of a powder's weight, so much oil makes it a rub. */
const OIL_IN_RUB = 0.2;
/** More than this much fat of its own portion counts as mixed in. */
const isOil = (id: string): boolean => functionOf(ingredient(id)) === 'oil';

const withoutOil = (l: LayerSpec): LayerSpec => ({ ...l, portions: l.portions.filter((p) => !isOil(p.ingredientId)) });
const bare = (layers: readonly LayerSpec[]): LayerSpec[] =>
  layers.map(withoutOil).filter((l) => totalGrams(l.portions) > 0);

const hasOil = (l: LayerSpec | undefined): boolean => l?.portions.some((p) => isOil(p.ingredientId)) ?? false;

const withOilAt = (layers: readonly LayerSpec[], at: number, oilId: string, grams: number): LayerSpec[] =>
  layers.map((l, i) => (i === at ? { ...l, portions: [...l.portions, { ingredientId: oilId, grams }] } : l));

/** Oil for a finish of this weight by the cup. */
function oilByCup(finish: LayerSpec): number {
  const cups = finish.portions.reduce((sum, p) => sum + p.grams / (ingredient(p.ingredientId).cupG ?? 100), 0);
  return Math.round(cups * OIL_PER_CUP_G * 10) / 10;
}

export const OIL: School = {
  id: 'oil',
  question: 'Oil where?',
  options: [
    {
      id: 'spray',
      label: 'Sprayed on both sides',
      reason: 'Goes where the browning happens; pale spots can be touched up.',
      holds: ({ plan }) => plan.oilGm2 > 0 && !plan.layers.some(hasOil),
      apply: (scene) => withPlan(scene, { layers: bare(scene.plan.layers), oilGm2: FIRST_OIL_GM2 }),
    },
    {
      id: 'mixed',
      label: 'Mixed into the crumbs',
      reason: 'A tablespoon to a cup: every crumb has some, and no mist is needed.',
      holds: ({ plan }) => hasOil(plan.layers.at(-1)) && plan.layers.length > 0,
      apply: (scene) => {
        const layers = bare(scene.plan.layers);
        const oil = firstFor(scene.limits, 'oil');
        const finish = layers.at(-1);
        if (!oil || !finish || isWetLayer(finish)) return null;
        return withPlan(scene, { layers: withOilAt(layers, layers.length - 1, oil, oilByCup(finish)), oilGm2: 0 });
      },
    },
    {
      id: 'rub',
      label: 'Rubbed on under the coat',
      reason: 'With the spice, against the skin: the food tastes of it, the crust gets little.',
      holds: ({ plan }) => hasOil(plan.layers[0]) && plan.layers.length > 1,
      apply: (scene) => {
        const layers = bare(scene.plan.layers);
        const oil = firstFor(scene.limits, 'oil');
        const [first] = layers;
        if (!oil || layers.length < 2 || isWetLayer(first)) return null;
        return withPlan(scene, {
          layers: withOilAt(layers, 0, oil, Math.round(totalGrams(first.portions) * OIL_IN_RUB)),
          oilGm2: 0,
        });
      },
    },
    {
      id: 'none',
      label: 'None at all',
      reason: 'The least fat. A starch shell stays dusty so, and crumbs dry and pale.',
      holds: ({ plan }) => plan.oilGm2 === 0 && !plan.layers.some(hasOil),
      apply: (scene) => withPlan(scene, { layers: bare(scene.plan.layers), oilGm2: 0 }),
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
