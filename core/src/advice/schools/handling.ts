import { PLAIN_AIR, madeReady, unmade } from '../../dish/index.js';
import { foodOf, type Preparation } from '../../foods/index.js';
import { waysFor } from '../../prep/index.js';
import { cutUp, soldAs, type CutId } from '../../cut/index.js';
import { withSettings, type School, type SchoolOption, type Situation } from './school.js';

const frozenCoated = ({ plan }: Situation): boolean => plan.making?.frozen === true;

export const FREEZING: School = {
  question: 'Frozen bare or coated?',
  retime: true,
  raisedBy: (now) => now.dish.preparation === 'frozen' || frozenCoated(now),
  options: [
    {
      id: 'bare',
      label: 'Bare, then coated and cooked frozen',
      reason: 'The frost glues the flour, and the coat is fresh; it is coated in a hurry.',
      holds: (now) => now.dish.preparation === 'frozen' && !frozenCoated(now),
      apply: (now) => ({
        dish: madeReady(now.pantry, now.dish, 'frozen'),
        plan: unmade(now.plan, 'frozen'),
      }),
    },
    {
      id: 'coated',
      label: 'Coated and oiled, then frozen',
      reason: 'Ready for weeks, and the coat sets before the inside melts.',
      holds: frozenCoated,
      apply: (now) => ({
        dish: now.dish.preparation === 'frozen' ? madeReady(now.pantry, now.dish, 'raw') : now.dish,
        plan: { ...now.plan, making: { ...now.plan.making, frozen: true } },
      }),
    },
  ],
};

const densely = (id: Preparation, label: string, reason: string): SchoolOption => ({
  id,
  label,
  reason,
  holds: ({ dish, plan }) => dish.preparation === id && !plan.settings.waterTray,
  apply: (now) =>
    waysFor(foodOf(now.pantry, now.dish.foodId)).some((w) => w.id === id)
      ? {
          dish: madeReady(now.pantry, now.dish, id),
          plan: { ...now.plan, settings: { ...now.plan.settings, waterTray: PLAIN_AIR.waterTray } },
        }
      : null,
});

export const DENSE: School = {
  question: 'A dense slab: marinated or steamed first?',
  retime: true,
  raisedBy: ({ pantry, dish }) => {
    const { ways, porosity } = foodOf(pantry, dish.foodId).food;
    return ways.includes('blanched') && ways.includes('marinated') && porosity < 0.2;
  },
  options: [
    densely('marinated', 'Marinated 15–20 minutes', 'It tastes to the middle; it softens only in the fryer.'),
    densely('blanched', 'Steamed or blanched first', 'It is half soft when it is coated, and needs less time.'),
    {
      id: 'tray',
      label: 'A tray of boiling water beside it',
      reason: 'Steam softens it while it cooks; the coat sets later.',
      holds: ({ plan }) => plan.settings.waterTray,
      apply: (now) => withSettings(now, { waterTray: true }),
    },
  ],
};

/** How many looks are often. */
const OFTEN = 3;

export const LID: School = {
  question: 'Lid shut, or looked at often?',
  options: [
    {
      id: 'shut',
      label: 'Shut until half time',
      reason: 'The heat stays in: every look costs half a minute of it.',
      holds: ({ plan }) => plan.settings.looks === 0,
      apply: (now) => withSettings(now, { looks: 0 }),
    },
    {
      id: 'often',
      label: 'Looked at and tossed often',
      reason: 'Nothing burns unseen, and small pieces brown evenly.',
      holds: ({ plan }) => plan.settings.looks >= OFTEN,
      apply: (now) => withSettings(now, { looks: OFTEN }),
    },
  ],
};

export const PREHEAT_HOW: School = {
  question: 'Preheat how hot?',
  raisedBy: ({ plan }) => plan.settings.preheated,
  retime: true,
  options: [
    {
      id: 'cooking',
      label: 'To the cooking temperature',
      reason: 'Nothing has to be turned down, and nothing browns in the first minute.',
      holds: ({ plan }) => (plan.settings.preheatC ?? plan.settings.tempC) <= plan.settings.tempC,
      apply: (now) => withSettings(now, { preheatC: undefined }),
    },
    {
      id: 'hottest',
      label: 'As hot as it goes for 10 minutes, then down',
      reason: 'The basket takes up heat that the cold food then takes from it.',
      holds: ({ plan }) => (plan.settings.preheatC ?? 0) > plan.settings.tempC,
      apply: (now) => {
        const most = Math.min(now.fryer.maxTempC, now.limits.maxTempC);
        return most > now.plan.settings.tempC ? withSettings(now, { preheatC: most, preheated: true }) : null;
      },
    },
  ],
};

/** Small and large of a cut. */
const SIZES: Partial<Record<CutId, { small: number; large: number }>> = {
  florets: { small: 25, large: 40 },
  'bite-size': { small: 28, large: 45 },
  cubes: { small: 18, large: 30 },
  strips: { small: 12, large: 22 },
};

const sizesOf = ({ dish }: Situation) => (dish.bought ? SIZES[dish.bought.cut] : undefined);
const sizeNow = ({ dish }: Situation): number | null =>
  dish.bought
    ? (dish.bought.sizeMm ?? soldAs({ id: dish.foodId }).cuts.find((c) => c.id === dish.bought!.cut)!.sizeMm)
    : null;

const cutTo = (id: 'small' | 'large', label: string, reason: string): SchoolOption => ({
  id,
  label,
  reason,
  holds: (now) => {
    const sizes = sizesOf(now);
    const size = sizeNow(now);
    if (!sizes || size === null) return false;
    return size < (sizes.small + sizes.large) / 2 === (id === 'small');
  },
  apply: (now) => {
    const sizes = sizesOf(now);
    const { bought, foodId } = now.dish;
    if (!sizes || !bought) return null;
    const sizeMm = sizes[id];
    const { shape, count } = cutUp(foodOf(now.pantry, foodId), bought, bought.cut, sizeMm);
    return { plan: now.plan, dish: { ...now.dish, shape, count, bought: { ...bought, sizeMm } } };
  },
});

export const SIZE: School = {
  question: 'Bite-size or large?',
  retime: true,
  options: [
    cutTo('small', 'Bite-size', 'Done before the coat burns, and more crust to each bite; more coat and more batches.'),
    cutTo('large', 'Large', 'Juicier, and fewer to coat; it shrinks, and the middle wants more time than the coat.'),
  ],
};

const saucedAs = (use: 'brushed' | 'tossed', label: string, reason: string): SchoolOption => ({
  id: use,
  label,
  reason,
  holds: ({ dish }) => (dish.beside ?? []).some((b) => b.use === use),
  apply: (now) => {
    const from = use === 'brushed' ? 'tossed' : 'brushed';
    const beside = now.dish.beside ?? [];
    if (!beside.some((b) => b.use === from)) return null;
    return {
      plan: now.plan,
      dish: { ...now.dish, beside: beside.map((b) => (b.use === from ? { ...b, use } : b)) },
    };
  },
});

export const SAUCE_HOW_MUCH: School = {
  question: 'Brush or drench?',
  options: [
    saucedAs('brushed', 'Brushed with a light hand', 'The coat stays crisp; a third of the sauce does.'),
    saucedAs('tossed', 'Tossed until all is drenched', 'Every side is sauced; it is eaten at once, for it softens.'),
  ],
};

/** Cooked on for the crust, it has so much longer. Common practice, no source: up to the upper 80s °C in the middle. */
const LONGER = 1.2;

const inMinutes = (now: Situation, forCrust: boolean): ReturnType<SchoolOption['apply']> => {
  const { settings } = now.plan;
  const minutes = Math.round(forCrust ? settings.minutes * LONGER : settings.minutes / LONGER);
  if (minutes > now.limits.maxMinutes) return null;
  const turnAtMin = settings.turnAtMin === null ? null : Math.min(settings.turnAtMin, minutes);
  return { dish: now.dish, plan: { ...now.plan, forCrust, settings: { ...settings, minutes, turnAtMin } } };
};

export const DONE_WHEN: School = {
  question: 'When is it done?',
  raisedBy: ({ pantry, dish }) => foodOf(pantry, dish.foodId).food.safety === 'poultry',
  options: [
    {
      id: 'safe',
      label: 'When the centre is safe and the coat golden',
      reason: 'Juiciest; a thermometer says when.',
      holds: ({ plan }) => !plan.forCrust,
      apply: (now) => inMinutes(now, false),
    },
    {
      id: 'crust',
      label: 'On to the upper 80s °C, for the crust',
      reason: 'In its coat it stays juicy, and what is near a bone lets go; the crust dries through.',
      holds: ({ plan }) => plan.forCrust === true,
      apply: (now) => inMinutes(now, true),
    },
  ],
};
