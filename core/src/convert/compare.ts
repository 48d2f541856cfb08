import { ALLERGENS, type Allergen } from '../foods/index.js';
import type { Outcome, OutcomeKey } from '../outcome/index.js';
import type { AirResult } from './types.js';

/** One thing in which two air cooks differ, as a sentence about the second. Temperatures in °C, masses in g. */
export interface Difference {
  about:
    | OutcomeKey
    | 'works'
    | 'minutes'
    | 'temperature'
    | 'oilKept'
    | 'bowls'
    | 'waste'
    | 'batches'
    | 'allergens'
    | 'stays';
  text: string;
  /** Whether the second is better in it; null where that is a matter of taste. */
  better: boolean | null;
  /** How much it matters, 0–1, to sort by. */
  weight: number;
}

const BAND_RANK = { poor: 0, fair: 1, good: 2 } as const;

/** Outcomes of which a change of value counts, larger being better, and how much of a change is worth a sentence. */
const GRADED: Partial<Record<OutcomeKey, { more: string; less: string; step: number }>> = {
  crispness: { more: 'Crisper', less: 'Less crisp', step: 0.08 },
  adhesion: { more: 'Sticks better', less: 'Sticks worse', step: 0.08 },
  juice: { more: 'Juicier', less: 'Drier inside', step: 0.04 },
  bite: { more: 'Eats richer', less: 'Eats drier', step: 0.05 },
};

/** Outcomes of which less is better. */
const FAULTS: Partial<Record<OutcomeKey, { more: string; less: string; step: number }>> = {
  runOff: { more: 'More runs off', less: 'Less runs off', step: 0.04 },
  dryPatches: { more: 'More floury spots', less: 'Fewer floury spots', step: 0.05 },
  chew: { more: 'Chewier', less: 'Less chewy', step: 0.2 },
  stick: { more: 'Sticks to the basket more', less: 'Sticks to the basket less', step: 0.1 },
  blowOff: { more: 'More crumbs blow about', less: 'Fewer crumbs blow about', step: 0.08 },
  burning: { more: 'Scorches more', less: 'Scorches less', step: 0.1 },
  spots: { more: 'The basket’s places farther apart', less: 'The basket’s places more alike', step: 0.2 },
  racks: { more: 'Racks farther apart', less: 'Racks more alike', step: 0.2 },
};

/** "Less crisp: crisp instead of very crisp." or, where the word is the same, "A little less crisp, still very crisp." */
const told = (what: string, from: Outcome, to: Outcome): string =>
  from.word === to.word
    ? `A little ${what.charAt(0).toLowerCase()}${what.slice(1)}, still ${to.word}.`
    : `${what}: ${to.word} instead of ${from.word}.`;

function graded(from: Outcome, to: Outcome): Difference | null {
  const good = GRADED[to.key];
  const rule = good ?? FAULTS[to.key];
  if (!rule) return null;
  const gap = to.value - from.value;
  const bandGap = BAND_RANK[to.band] - BAND_RANK[from.band];
  if (Math.abs(gap) < rule.step && bandGap === 0) return null;
  // A fault that neither has is none.
  if (!good && from.band === 'good' && to.band === 'good') return null;
  const up = gap > 0;
  return {
    about: to.key,
    text: told(up ? rule.more : rule.less, from, to),
    better: good ? up : !up,
    weight: Math.min(1, Math.abs(gap) / (4 * rule.step) + 0.3 * Math.abs(bandGap)),
  };
}

const banded = (from: Outcome, to: Outcome, text: string): Difference | null => {
  if (from.word === to.word) return null;
  const gap = BAND_RANK[to.band] - BAND_RANK[from.band];
  return { about: to.key, text, better: gap === 0 ? null : gap > 0, weight: 0.3 + 0.3 * Math.abs(gap) };
};

const inSeconds = (minutes: number): string => {
  if (!Number.isFinite(minutes)) return 'never';
  return minutes < 1.5 ? `after ${Math.round(minutes * 60)} s` : `after ${minutes.toFixed(1)} min`;
};

function setting(from: Outcome, to: Outcome): Difference | null {
  const both = Number.isFinite(from.value) && Number.isFinite(to.value);
  if (both ? Math.abs(to.value - from.value) < 0.3 : from.value === to.value) return null;
  return {
    about: 'setTime',
    text: `Sets ${inSeconds(to.value)} instead of ${inSeconds(from.value)}.`,
    better: to.value < from.value,
    weight: both ? Math.min(0.6, Math.abs(to.value - from.value) / 5) : 1,
  };
}

/** The outcomes' part of it. */
function outcomeDifferences(a: AirResult, b: AirResult): (Difference | null)[] {
  return (Object.keys(b.outcomes) as OutcomeKey[]).map((key) => {
    const [from, to] = [a.outcomes[key], b.outcomes[key]];
    if (!from || !to) return null;
    switch (key) {
      case 'setTime':
        return setting(from, to);
      case 'colourTop':
        return banded(from, to, `${capital(to.word)} on top instead of ${from.word}.`);
      case 'colourUnder':
        return banded(from, to, `${capital(to.word)} below instead of ${from.word}.`);
      case 'doneness':
        return banded(from, to, `Inside ${to.word} instead of ${from.word}.`);
      case 'centre':
        return from.band === to.band ? null : banded(from, to, `Centre ${to.word} instead of ${from.word}.`);
      default:
        return graded(from, to);
    }
  });
}

const capital = (s: string): string => s.charAt(0).toUpperCase() + s.slice(1);
const total = ({ plan }: AirResult): number => plan.settings.minutes + (plan.second?.minutes ?? 0);

const counted = (n: number, one: string, many = `${one}s`): string => `${n} ${n === 1 ? one : many}`;

const wasted = ({ bowls }: AirResult): number => bowls.reduce((sum, w) => sum + w.leftG + w.lostG, 0);

function handling(a: AirResult, b: AirResult): (Difference | null)[] {
  const [minutes, bowls, batches] = [
    total(b) - total(a),
    b.bowls.length - a.bowls.length,
    b.load.batches - a.load.batches,
  ];
  const oil = b.oilPerPieceG - a.oilPerPieceG;
  const waste = wasted(b) - wasted(a);
  const hotter = Math.round(b.plan.settings.tempC - a.plan.settings.tempC);
  return [
    a.works === b.works
      ? null
      : { about: 'works', text: b.works ? 'It works; the other does not.' : 'It fails.', better: b.works, weight: 1.2 },
    Math.abs(minutes) < 0.5
      ? null
      : {
          about: 'minutes',
          text: `${counted(Math.round(Math.abs(minutes)), 'minute')} ${minutes > 0 ? 'longer' : 'shorter'}.`,
          better: minutes < 0,
          weight: Math.min(0.6, Math.abs(minutes) / 15),
        },
    hotter === 0
      ? null
      : {
          about: 'temperature',
          text: `${b.plan.settings.tempC} °C instead of ${a.plan.settings.tempC} °C.`,
          better: null,
          weight: 0.1,
        },
    Math.abs(oil) < 0.03
      ? null
      : {
          about: 'oilKept',
          text: `About ${Math.abs(oil) < 1 ? Math.abs(oil).toFixed(2) : Math.abs(oil).toFixed(1)} g ${oil > 0 ? 'more' : 'less'} oil a piece.`,
          better: oil < 0,
          weight: Math.min(0.5, Math.abs(oil)),
        },
    bowls === 0
      ? null
      : {
          about: 'bowls',
          text: `${counted(Math.abs(bowls), 'bowl')} ${bowls > 0 ? 'more' : 'fewer'}.`,
          better: bowls < 0,
          weight: 0.25,
        },
    Math.abs(waste) < 2
      ? null
      : {
          about: 'waste',
          text: `About ${Math.round(Math.abs(waste))} g ${waste > 0 ? 'more' : 'less'} is left over or sticks to ${b.plan.station?.handling === 'fork' ? 'the fork' : 'hands'}.`,
          better: waste < 0,
          weight: 0.15,
        },
    batches === 0
      ? null
      : {
          about: 'batches',
          text: `${counted(Math.abs(batches), 'batch', 'batches')} ${batches > 0 ? 'more' : 'fewer'}.`,
          better: batches < 0,
          weight: 0.3,
        },
  ];
}

const named = (list: readonly Allergen[]): string => list.map((id) => ALLERGENS[id].name).join(', ');

function allergenDifferences(a: AirResult, b: AirResult): (Difference | null)[] {
  const gone = a.allergens.filter((x) => !b.allergens.includes(x));
  const come = b.allergens.filter((x) => !a.allergens.includes(x));
  return [
    gone.length
      ? { about: 'allergens', text: `No ${named(gone)} any more, by the ingredients.`, better: true, weight: 0.4 }
      : null,
    come.length ? { about: 'allergens', text: `Brings ${named(come)}.`, better: false, weight: 0.5 } : null,
  ];
}

const longest = 30;

/** How long both stay crisp on a rack, where both were followed. */
function staying(a: AirResult, b: AirResult): Difference | null {
  const on = (r: AirResult) => r.waiting.find((w) => w.place === 'rack' && !w.sauced);
  const [from, to] = [on(a), on(b)];
  if (!from || !to) return null;
  const gap = (to.crispMin ?? longest) - (from.crispMin ?? longest);
  if (Math.abs(gap) < 1.5) return null;
  return {
    about: 'stays',
    text: `Stays crisp ${Math.round(Math.abs(gap))} min ${gap > 0 ? 'longer' : 'shorter'} on a rack.`,
    better: gap > 0,
    weight: Math.min(0.5, Math.abs(gap) / 20),
  };
}

/**
 * In what the second of two air cooks of one dish differs from the first, most important first: outcomes, minutes, oil,
 * bowls, batches and allergens. Differences that nobody would notice are left out.
 */
export function differences(a: AirResult, b: AirResult): Difference[] {
  return [...handling(a, b), ...outcomeDifferences(a, b), ...allergenDifferences(a, b), staying(a, b)]
    .filter((d): d is Difference => d !== null)
    .sort((x, y) => y.weight - x.weight);
}
