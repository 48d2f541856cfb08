import { PLAIN_OILING } from '../../dish/index.js';
import { setTo, text } from '../../units/index.js';
import type { Put } from '../put.js';
import { byHand, settable, withPlan, withSettings, withUnknowns } from './putting.js';
import type { Cause, Mend } from './types.js';

/** The plan so much hotter or cooler, as far as the fryer goes; null where it goes no further. */
export function retempered(meant: Put, byK: number): Mend | null {
  const { plan, fryer } = meant.lying;
  const tempC = settable(meant, plan.settings.tempC + byK);
  if (tempC === plan.settings.tempC) return null;
  return {
    text: text`Set ${fryer.name} to ${setTo(tempC, fryer.stepC)} instead of ${setTo(plan.settings.tempC, fryer.stepC)}.`,
    plan: { ...plan, settings: { ...plan.settings, tempC } },
    removes: [],
  };
}

/** The plan with so many minutes more or less; null where that is nothing. */
export function retimedBy(meant: Put, byMin: number): Mend | null {
  const { plan } = meant.lying;
  const { minutes, turnAtMin } = plan.settings;
  const next = Math.max(2, Math.round(minutes + byMin));
  if (next === minutes) return null;
  return {
    text: text`Cook it ${next} minutes instead of ${minutes}.`,
    plan: {
      ...plan,
      settings: {
        ...plan.settings,
        minutes: next,
        turnAtMin: turnAtMin === null ? null : Math.max(1, Math.round((turnAtMin * next) / minutes)),
      },
    },
    removes: [],
  };
}

/** So many K are worth a share of the minutes. Common practice, no source: 10 °C for 2 minutes of 16. */
const K_PER_WHOLE_TIME = 80;

/** Hotter as far as the fryer goes, and for the rest longer. */
function hotterOrLonger(meant: Put, byK: number): Mend | null {
  const hotter = retempered(meant, byK);
  const { plan } = hotter ?? meant.lying;
  const leftK = byK - (plan.settings.tempC - meant.lying.plan.settings.tempC);
  if (leftK < meant.lying.fryer.stepC) return hotter;
  const longer = retimedBy(
    { ...meant, lying: { ...meant.lying, plan } },
    (plan.settings.minutes * leftK) / K_PER_WHOLE_TIME,
  );
  if (!longer || !hotter) return longer ?? hotter;
  return { ...longer, text: text`${hotter.text} ${longer.text}` };
}

const openedMore = (meant: Put, times: number): Put => {
  const { happened } = meant;
  const more = Array.from({ length: Math.round(times) }, (_, k) => (happened.minutes * (k + 1)) / (times + 1));
  return { ...meant, happened: { ...happened, opensAtMin: [...happened.opensAtMin, ...more] } };
};

/** A cook of another length; the moment at which it was turned stays. */
const longer = (meant: Put, times: number): Put | null => {
  if (meant.lying.plan.second) return null;
  const { happened } = meant;
  return { ...meant, happened: { ...happened, minutes: happened.minutes * times } };
};

/** No share of less is reckoned, g. */
const RECKONED_OIL_G = 0.2;

/** What can go wrong with the heat. */
export const HEAT_CAUSES: readonly Cause[] = [
  {
    key: 'too-hot',
    words: 'It was hotter in the fryer than its setting',
    prior: 1.2,
    sizes: [8, 15, 22],
    put: (meant, k) => withUnknowns(meant, { offsetK: k }),
    mend: (meant, k) => retempered(meant, -k),
    shows: 'airOffC',
    sizeOf: (value, meant) => value - meant,
  },
  {
    key: 'too-cool',
    words: 'It was cooler in the fryer than its setting',
    prior: 1.2,
    sizes: [8, 15, 22],
    put: (meant, k) => withUnknowns(meant, { offsetK: -k }),
    mend: hotterOrLonger,
    shows: 'airOffC',
    sizeOf: (value, meant) => meant - value,
  },
  {
    key: 'too-long',
    words: 'It stayed in for longer than planned',
    prior: 0.8,
    sizes: [1.2, 1.4, 1.6],
    put: longer,
    mend: byHand(['too-long'], text`Set a timer when the basket goes in, and take it out when it rings.`),
    shows: 'minutes',
    sizeOf: (value, meant) => value / meant,
  },
  {
    key: 'too-short',
    words: 'It came out sooner than planned',
    prior: 0.8,
    sizes: [0.55, 0.675, 0.8],
    put: longer,
    mend: byHand(['too-short'], text`Set a timer when the basket goes in, and give it all its minutes.`),
    shows: 'minutes',
    sizeOf: (value, meant) => value / meant,
  },
  {
    key: 'not-preheated',
    words: 'The fryer was not preheated',
    prior: 0.8,
    sizes: [1],
    put: (meant) => (meant.lying.plan.settings.preheated ? withSettings(meant, { preheated: false }) : null),
    mend: byHand(['not-preheated'], text`Let the empty fryer run at its setting first, until it is hot.`),
    shows: 'preheated',
  },
  {
    key: 'opened-often',
    words: 'It was opened too often',
    prior: 0.8,
    sizes: [4, 6.5, 9],
    put: openedMore,
    mend: byHand(['opened-often'], text`Look once at half time and once at the end, and leave it shut between.`),
    shows: 'openings',
    sizeOf: (value, meant) => value - meant,
  },
  {
    key: 'little-oil',
    words: 'Too little oil was on it',
    prior: 1.3,
    sizes: [0, 0.2, 0.4],
    put: (meant, share) =>
      meant.lying.plan.oilGm2 >= 5 ? withPlan(meant, { oilGm2: meant.lying.plan.oilGm2 * share }) : null,
    mend: byHand(
      ['little-oil'],
      text`Weigh out the oil of a batch, and spray until all of it is on, both sides and the edges.`,
    ),
    shows: 'oilG',
    sizeOf: (value, meant) => value / Math.max(RECKONED_OIL_G, meant),
  },
  {
    key: 'uneven-oil',
    words: 'The oil was on one side only',
    prior: 0.8,
    sizes: [1],
    put: (meant) => {
      const { plan } = meant.lying;
      const touched = (plan.oiling ?? PLAIN_OILING).touchUpGm2 > 0;
      return plan.oilGm2 >= 5 && !touched ? { ...meant, oiledAbove: true } : null;
    },
    mend: byHand(['uneven-oil'], text`Spray one side on the tray, turn the pieces there, and spray the other.`),
    shows: 'bothSides',
  },
];

export const ASIS: Cause = {
  key: 'as-it-went',
  words: 'Nothing went wrong: this is how the plan comes out',
  prior: 1,
  sizes: [1],
  put: (meant) => meant,
  mend: () => null,
  shows: null,
};
