import { grainOf, isWetLayer, PLAIN_STATION, type Handling, type LayerSpec } from '../coat/index.js';
import type { Afterwards, AirPlan, AirSettings, Dish, Fryer, Preparation, SecondPlan } from '../dish/index.js';
import { allowed, foodOf, functionOf, ingredient, totalGrams } from '../foods/index.js';
import type { UnderFood } from '../heat/index.js';
import { FIRST_OIL_GM2, SWAP_EVERY_MIN } from './constants.js';
import { asksOf, firstFor, layer } from './kit.js';
import type { Limits } from './types.js';

/** The dish and plan that a school is applied to. */
export interface Scene {
  dish: Dish;
  plan: AirPlan;
  fryer: Fryer;
  limits: Limits;
}

/** The part of a scene that a school changes. */
export type Changed = Pick<Scene, 'dish' | 'plan'>;

/** One side of a question. */
export interface SchoolOption {
  id: string;
  label: string;
  /** Why those who do it so do it so. */
  reason: string;
  holds: (scene: Scene) => boolean;
  /** The scene done this way; null where it makes no sense for this dish. */
  apply: (scene: Scene) => Changed | null;
}

/** A question over which cooks disagree. Both sides: common practice, no source. */
export interface School {
  id: string;
  question: string;
  options: readonly SchoolOption[];
  /** The minutes are searched anew for each side. */
  retime?: true;
  /** What it costs shows in how long the coat stays crisp. */
  waits?: true;
}

const withPlan = (scene: Scene, change: Partial<AirPlan>): Changed => ({
  dish: scene.dish,
  plan: { ...scene.plan, ...change },
});
const withSettings = (scene: Scene, change: Partial<AirSettings>): Changed =>
  withPlan(scene, { settings: { ...scene.plan.settings, ...change } });

const PREHEAT: School = {
  id: 'preheat',
  question: 'Preheat?',
  retime: true,
  options: [
    {
      id: 'none',
      label: 'No',
      reason: 'It heats so fast that two or three minutes more make up for it.',
      holds: ({ plan }) => !plan.settings.preheated,
      apply: (scene) => withSettings(scene, { preheated: false }),
    },
    {
      id: 'hot',
      label: '5 minutes, or 10 at the highest setting',
      reason:
        'A hot basket sets the underside at once. The model sees the hot air; the metal’s own heat it leaves out.',
      holds: ({ plan }) => plan.settings.preheated,
      apply: (scene) => withSettings(scene, { preheated: true }),
    },
  ],
};

/** The middle of "175–190 °C and longer" and of "200–204 °C and watched", °C. */
const GENTLE_C = 180;
const HOT_C = 200;
const BETWEEN_C = 192;

const settable = (tempC: number, { fryer, limits }: Scene): number =>
  Math.min(fryer.maxTempC, limits.maxTempC, Math.max(fryer.minTempC, Math.round(tempC / fryer.stepC) * fryer.stepC));

const TEMPERATURE: School = {
  id: 'temperature',
  question: 'How hot?',
  retime: true,
  options: [
    {
      id: 'gentle',
      label: '175–190 °C, and longer',
      reason: 'The middle is done before the top is dark, and a minute late is no harm.',
      holds: ({ plan }) => plan.settings.tempC < BETWEEN_C,
      apply: (scene) => withSettings(scene, { tempC: settable(GENTLE_C, scene) }),
    },
    {
      id: 'hot',
      label: '200 °C, and watch it',
      reason: 'Sets the coat sooner and dries it crisper; crumbs begin to burn first at the top.',
      holds: ({ plan }) => plan.settings.tempC >= BETWEEN_C,
      apply: (scene) => {
        const tempC = settable(HOT_C, scene);
        return tempC >= BETWEEN_C ? withSettings(scene, { tempC }) : null;
      },
    },
  ],
};

const shaken = ({ turnAtMin, minutes, looks }: AirSettings): boolean =>
  turnAtMin !== null && looks > 0 && turnAtMin < 0.45 * minutes;

const TURNING: School = {
  id: 'turning',
  question: 'Turn?',
  options: [
    {
      id: 'half',
      label: 'At half time',
      reason: 'Both sides meet the fast air once; by then the coat has set.',
      holds: ({ plan }) => plan.settings.turnAtMin !== null && !shaken(plan.settings),
      apply: (scene) =>
        withSettings(scene, { turnAtMin: Math.max(2, Math.round(scene.plan.settings.minutes * 0.55)), looks: 0 }),
    },
    {
      id: 'shake',
      label: 'Shake now and then',
      reason: 'Quick for small pieces. An early shake tears what has not set.',
      holds: ({ plan }) => shaken(plan.settings),
      apply: (scene) =>
        withSettings(scene, { turnAtMin: Math.max(1, Math.round(scene.plan.settings.minutes / 3)), looks: 1 }),
    },
    {
      id: 'never',
      label: 'Not at all',
      reason: 'Nothing tears it; good air under the food does the underside.',
      holds: ({ plan, fryer }) =>
        plan.settings.turnAtMin === null && !(fryer.racks > 1 && plan.settings.swapEveryMin !== null),
      apply: (scene) => withSettings(scene, { turnAtMin: null, looks: 0, swapEveryMin: null }),
    },
    {
      id: 'swap',
      label: 'Swap racks every few minutes',
      reason: 'The upper rack browns first; swapping evens them out without touching a piece.',
      holds: ({ plan, fryer }) =>
        plan.settings.turnAtMin === null && fryer.racks > 1 && plan.settings.swapEveryMin !== null,
      apply: (scene) =>
        scene.fryer.racks > 1 ? withSettings(scene, { turnAtMin: null, swapEveryMin: SWAP_EVERY_MIN }) : null,
    },
  ],
};

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

const OIL: School = {
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

const FLOUR_FIRST: School = {
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

const laidOn = (id: UnderFood, label: string, reason: string): SchoolOption => ({
  id,
  label,
  reason,
  holds: ({ plan }) => plan.settings.under === id,
  apply: (scene) => withSettings(scene, { under: id }),
});

const UNDER: School = {
  id: 'under',
  question: 'What is under it?',
  options: [
    laidOn('basket', 'The oiled basket', 'Nothing between the food and the air from below.'),
    laidOn(
      'parchment',
      'Parchment',
      'A wet coat cannot run through; weighed down by the food. It shuts the air out below.',
    ),
    laidOn('rack', 'A raised rack', 'The most air below; the underside crisps without turning.'),
  ],
};

const handled = (id: Handling, label: string, reason: string): SchoolOption => ({
  id,
  label,
  reason,
  holds: ({ plan }) => (plan.station ?? PLAIN_STATION).handling === id,
  apply: (scene) => withPlan(scene, { station: { ...(scene.plan.station ?? PLAIN_STATION), handling: id } }),
});

const HANDS: School = {
  id: 'hands',
  question: 'How through the bowls?',
  options: [
    handled('hands', 'A dry hand and a wet hand', 'You feel what holds, and press the crumbs on.'),
    handled('fork', 'Fork or tongs', 'Clean hands and less waste; holes and rings are missed.'),
    handled('shaker', 'A box or bag, one piece at a time', 'Quick and even for flour and starch; together they clump.'),
  ],
};

/** °C of a frozen piece as it comes from the freezer. */
const FREEZER_C = -18;

const prepared = (id: Preparation, label: string, reason: string): SchoolOption => ({
  id,
  label,
  reason,
  holds: ({ dish }) => dish.preparation === id,
  apply: ({ dish, plan }) => {
    const startC = id === 'frozen' ? FREEZER_C : Math.max(dish.startC, 5);
    return { plan, dish: { ...dish, preparation: id, startC } };
  },
});

const VEGETABLE: School = {
  id: 'vegetable',
  question: 'Which way does the vegetable go in?',
  retime: true,
  options: [
    prepared('raw', 'Raw', 'The firmest bite and the least work; dense ones need the longest.'),
    prepared('blanched', 'Blanched', 'Cooked twice: tender before the coat is dark. Dry it well.'),
    prepared('frozen', 'Frozen', 'Freezing breaks the cells, so it softens fast; it goes in still frozen.'),
    prepared('pre-cooked', 'Roasted first', 'Its water is gone before the coat goes on. Half an hour more.'),
  ],
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

const SAUCE: School = {
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

const AFTERWARDS: School = {
  id: 'afterwards',
  question: 'When it is done?',
  waits: true,
  options: [
    ending('rack', '3–5 minutes on a rack', 'Steam leaves on all sides: it gets crisper, and the coat holds better.'),
    ending('at-once', 'Eaten at once, hot', 'At its loudest; on a plate the underside softens first.'),
    ending('held', 'Held in the switched-off fryer', 'All batches come to the table together.'),
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

const CRUMBS: School = {
  id: 'crumbs',
  question: 'Crumbs how coarse?',
  retime: true,
  options: [
    crumbed('coarse', 'Coarse', 'More edges, more crunch.'),
    crumbed('fine', 'Ground finer', 'An even coat without bare spots; browns a little sooner.'),
  ],
};

const ALL: readonly School[] = [
  PREHEAT,
  TEMPERATURE,
  TURNING,
  OIL,
  FLOUR_FIRST,
  UNDER,
  HANDS,
  VEGETABLE,
  SAUCE,
  AFTERWARDS,
  CRUMBS,
];

/** How many questions there are in all. */
export const SCHOOL_COUNT = ALL.length;

/** The questions over which cooks disagree that this dish and coat raise, in the order of the work. */
export function schoolsFor(scene: Scene): School[] {
  return ALL.filter((school) => {
    if (school === VEGETABLE && foodOf(scene.dish.foodId).food.safety !== 'vegetable') return false;
    return school.options.some((o) => o.holds(scene)) && school.options.some((o) => !o.holds(scene) && o.apply(scene));
  });
}
