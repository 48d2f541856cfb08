import type { AirSettings } from '../../dish/index.js';
import type { UnderFood } from '../../heat/index.js';
import { SWAP_EVERY_MIN, TURN_AT_SHARE } from '../../plan/index.js';
import { setTo, text } from '../../units/index.js';
import { withSettings, type Situation, type School, type SchoolOption } from './school.js';

export const PREHEAT: School = {
  question: 'Preheat?',
  retime: true,
  options: [
    {
      id: 'none',
      label: 'No',
      reason: 'It heats so fast that two or three minutes more make up for it.',
      holds: ({ plan }) => !plan.settings.preheated,
      apply: (now) => withSettings(now, { preheated: false }),
    },
    {
      id: 'hot',
      label: '5 minutes, or 10 at the highest setting',
      reason:
        'A hot basket sets the underside at once. The model sees the hot air; the metal’s own heat it leaves out.',
      holds: ({ plan }) => plan.settings.preheated,
      apply: (now) => withSettings(now, { preheated: true }),
    },
  ],
};

/** Where the gentle school sets the fryer, and what it is given here, °C. Common practice, no source. */
const GENTLE = { from: 175, to: 190, usual: 180 } as const;
/** What the other school sets, °C: 200 to 204, watched. Common practice, no source. */
const HOT_C = 200;
/** From here on a setting is of the hot school, °C. Our choice between the two. */
const BETWEEN_C = 192;

const settable = (tempC: number, { fryer, limits }: Situation): number =>
  Math.min(fryer.maxTempC, limits.maxTempC, Math.max(fryer.minTempC, Math.round(tempC / fryer.stepC) * fryer.stepC));

export const TEMPERATURE: School = {
  question: 'How hot?',
  retime: true,
  options: [
    {
      id: 'gentle',
      label: ({ fryer: { stepC } }) => text`${setTo(GENTLE.from, stepC)} to ${setTo(GENTLE.to, stepC)}, and longer`,
      reason: 'The middle is done before the top is dark, and a minute late is no harm.',
      holds: ({ plan }) => plan.settings.tempC < BETWEEN_C,
      apply: (now) => withSettings(now, { tempC: settable(GENTLE.usual, now) }),
    },
    {
      id: 'hot',
      label: ({ fryer: { stepC } }) => text`${setTo(HOT_C, stepC)}, and watch it`,
      reason: 'Sets the coat sooner and dries it crisper; crumbs begin to burn first at the top.',
      holds: ({ plan }) => plan.settings.tempC >= BETWEEN_C,
      apply: (now) => {
        const tempC = settable(HOT_C, now);
        return tempC >= BETWEEN_C ? withSettings(now, { tempC }) : null;
      },
    },
  ],
};

/** Turned and looked at before this share of the cook is shaking. Our judgement. */
const SHAKEN_BY = 0.45;

const shaken = ({ turnAtMin, minutes, looks }: AirSettings): boolean =>
  turnAtMin !== null && looks > 0 && turnAtMin < SHAKEN_BY * minutes;

export const TURNING: School = {
  question: 'Turn?',
  options: [
    {
      id: 'half',
      label: 'At half time',
      reason: 'Both sides meet the fast air once; by then the coat has set.',
      holds: ({ plan }) => plan.settings.turnAtMin !== null && !shaken(plan.settings),
      apply: (now) =>
        withSettings(now, { turnAtMin: Math.max(2, Math.round(now.plan.settings.minutes * TURN_AT_SHARE)), looks: 0 }),
    },
    {
      id: 'shake',
      label: 'Shake now and then',
      reason: 'Quick for small pieces. An early shake tears what has not set.',
      holds: ({ plan }) => shaken(plan.settings),
      apply: (now) =>
        withSettings(now, { turnAtMin: Math.max(1, Math.round(now.plan.settings.minutes / 3)), looks: 1 }),
    },
    {
      id: 'never',
      label: 'Not at all',
      reason: 'Nothing tears it; good air under the food does the underside.',
      holds: ({ plan, fryer }) =>
        plan.settings.turnAtMin === null && !(fryer.racks > 1 && plan.settings.swapEveryMin !== null),
      apply: (now) => withSettings(now, { turnAtMin: null, looks: 0, swapEveryMin: null }),
    },
    {
      id: 'swap',
      label: 'Swap racks every few minutes',
      reason: 'The upper rack browns first; swapping evens them out without touching a piece.',
      holds: ({ plan, fryer }) =>
        plan.settings.turnAtMin === null && fryer.racks > 1 && plan.settings.swapEveryMin !== null,
      apply: (now) =>
        now.fryer.racks > 1 ? withSettings(now, { turnAtMin: null, swapEveryMin: SWAP_EVERY_MIN }) : null,
    },
  ],
};

const laidOn = (id: UnderFood, label: string, reason: string): SchoolOption => ({
  id,
  label,
  reason,
  holds: ({ plan }) => plan.settings.under === id,
  apply: (now) => withSettings(now, { under: id }),
});

export const UNDER_FOOD: School = {
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
