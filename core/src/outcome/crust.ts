import type { CoatLayer } from '../coat/index.js';
import { ingredient, type Portion } from '../foods/index.js';
import { BURNS_AT, FAST_BROWNING, GOLDEN, RACKS_APART, SEEN_SHARE } from './constants.js';
import type { Outcome } from './types.js';
import { because, faces, facesOf, inWords, outcomeOf, percent, smallIsGood, type Judged } from './view.js';

/** Upper bounds of browning B of the words of colour. */
const COLOUR_WORDS: readonly (readonly [number, string])[] = [
  [0.25, 'pale'],
  [GOLDEN.from, 'straw'],
  [1.35, 'golden'],
  [GOLDEN.to, 'deep golden'],
  [BURNS_AT, 'dark'],
  [Infinity, 'burnt'],
];
const PALE = COLOUR_WORDS[0][0];

/** "golden", "straw" … for a browning B ≥ 0. */
export const colourWord = (b: number): string => COLOUR_WORDS.find(([limit]) => b < limit)![1];

/** Top and underside as the cook sees them at the end: turning has put the face that started up below. */
export function topAndUnder(j: Judged): [number, number] {
  const [up, down] = faces(j, 'colour');
  const turned = j.turnAtMin !== null && j.series.timeS[j.at] >= j.turnAtMin * 60;
  return turned ? [down, up] : [up, down];
}

function whyPale(j: Judged, key: 'colourTop' | 'colourUnder', value: number, other: number): [string, string] {
  const finish = j.ready.layers.at(-1);
  if (finish?.grain === 'starch') {
    return [
      `${finish.name} stays pale: starch has no protein or sugar to brown`,
      'Judge it by its crackle, or mix in some flour or paprika.',
    ];
  }
  if (key === 'colourUnder' && other > 2 * value && j.turnAtMin === null)
    return ['less heat reaches it than the top, and it is never turned', 'Turn at half time, or put a rack under it.'];
  if (j.air && j.oilGm2 < 10) {
    return [
      `with ${Math.round(j.oilGm2)} g of oil per m² a dry crust browns at two thirds of its speed`,
      'Oil it, and cook 10 °C hotter or 2 minutes longer.',
    ];
  }
  return ['it was too cool or too short for this finish', 'Cook 10 °C hotter or 2 minutes longer.'];
}

function colour(j: Judged, key: 'colourTop' | 'colourUnder', value: number, other: number): Outcome {
  const word = colourWord(value);
  const good = value >= GOLDEN.from && value <= GOLDEN.to;
  const band = good ? 'good' : value > BURNS_AT || value < PALE ? 'poor' : 'fair';
  const side = key === 'colourTop' ? 'top' : 'underside';
  return outcomeOf(key, value, 'B', band, word, () => {
    if (value > GOLDEN.to) {
      return [
        `The ${side} is ${word}, ${value.toFixed(1)} times golden, at ${Math.round(j.tempC)} °C.`,
        'Cook 15 °C cooler and longer, or stop earlier.',
      ];
    }
    const [cause, move] = whyPale(j, key, value, other);
    return [`The ${side} is ${word} (${value.toFixed(2)} of golden): ${cause}.`, move];
  });
}

export function colours(j: Judged): [Outcome, Outcome] {
  const [top, under] = topAndUnder(j);
  return [colour(j, 'colourTop', top, under), colour(j, 'colourUnder', under, top)];
}

const darker = ([a, b]: [number, number]): number => Math.max(a, b);

/** Browning on the upper rack against the lower, where a batch takes more than one. */
export function racks(j: Judged): Outcome | undefined {
  const lower = j.air?.lower;
  if (!lower) return undefined;
  const [above, below] = [darker(faces(j, 'colour')), darker(facesOf(lower, j.at, 'colour'))];
  const value = (Math.max(above, below) + 0.1) / (Math.min(above, below) + 0.1);
  const [words, other] = [colourWord(above), colourWord(below)];
  const word = words === other ? `${words} on both racks` : `${words} above, ${other} below`;
  return outcomeOf('racks', value, 'ratio', smallIsGood(value, RACKS_APART), word, () => [
    `The upper rack is ${words} when the lower is ${other}: it sees the heater, and shades what lies below.`,
    j.air?.swapEveryMin ? 'Swap the racks more often, or a last time at the end.' : 'Swap the racks every few minutes.',
  ]);
}

/** Browning at the basket's hottest place against its coolest, by the bread test. */
export function spots(j: Judged): Outcome | undefined {
  const found = j.air?.spots;
  if (!found) return undefined;
  const { hottest, coolest, turned } = found;
  const mean = darker(faces(j, 'colour'));
  const [dark, pale] = [mean * hottest.factor, mean * coolest.factor];
  const value = (dark + 0.1) / (pale + 0.1);
  const [words, other] = [colourWord(dark), colourWord(pale)];
  const word =
    words === other ? `${words} all over the basket` : `${words} at its hottest place, ${other} at its coolest`;
  // Where a piece lies is the cook's to change: it spoils no plan.
  const band = value < RACKS_APART.good ? 'good' : 'fair';
  return outcomeOf('spots', value, 'ratio', band, word, () => [
    `At the ${hottest.name} of the basket it is ${words} when it is ${other} at the ${coolest.name}, by the bread test.`,
    turned
      ? 'Change the pieces of these places as well, or leave the hottest one free.'
      : 'Turn the basket round at half time.',
  ]);
}

/** Browning of the smaller pieces against the others, and when the smaller ones are as brown as those at the end. */
export function sizes(j: Judged): Outcome | undefined {
  const small = j.air?.smaller;
  if (!small) return undefined;
  const [here, there] = [darker(faces(j, 'colour')), darker(facesOf(small, j.at, 'colour'))];
  const value = (there + 0.1) / (here + 0.1);
  const [words, other] = [colourWord(there), colourWord(here)];
  const word = words === other ? `small ones ${words}, too` : `small ones ${words}`;
  const inBand = (b: number): boolean => b >= GOLDEN.from && b <= GOLDEN.to;
  const band = inBand(here) && !inBand(there) ? 'fair' : 'good';
  return outcomeOf('sizes', value, 'ratio', band, word, () => {
    const reached = small.timeS.findIndex((_, i) => darker(facesOf(small, i, 'colour')) >= here);
    return [
      `The small ones are ${words} when the large ones are ${other}.`,
      reached > 0
        ? `Take the small ones out after ${inWords(small.timeS[reached] / 60)}, or cook them as a batch of their own.`
        : 'Cook them as a batch of their own, or cut more evenly.',
    ];
  });
}

/** Share of a powder finish that met neither water nor oil and stays white. */
export function dryPatches(j: Judged): Outcome | undefined {
  const finish = j.ready.layers.at(-1);
  if (!finish || finish.wet || !['powder', 'starch', 'meal'].includes(finish.grain ?? '')) return undefined;
  const value = Math.max(...faces(j, 'floury'));
  const band = smallIsGood(value, { good: 0.15, fair: 0.4 });
  const word = { good: 'no dry spots', fair: 'some floury spots', poor: 'white and floury' }[band];
  return outcomeOf('dryPatches', value, 'share', band, word, () => [
    `${percent(value)} of the ${finish.name.toLowerCase()} meets neither water nor oil (${Math.round(j.oilGm2)} g of oil per m²) and stays white.`,
    'Tap it off, let it rest 5–10 minutes, and oil it; touch up floury spots at half time.',
  ]);
}

interface Speed {
  name: string;
  /** Browning against coarse crumbs = 1. */
  browning: number;
  spice: boolean;
}

function speedOf({ ingredientId }: Portion): Speed {
  const { name, dry, group, sugarG = 0, per100g } = ingredient(ingredientId);
  const solids = Math.max(1, 100 - per100g.waterG);
  if (sugarG / solids > 0.3) return { name, browning: FAST_BROWNING.sugar, spice: false };
  const spice = group === 'seasoning' && ingredientId !== 'salt';
  return { name, browning: dry?.browning ?? (spice ? FAST_BROWNING.spice : 0), spice };
}

/** What the air meets: the sauce, or else the last layer of the coat. */
const outermost = (j: Judged): CoatLayer | undefined => j.ready.sauce ?? j.ready.layers.at(-1);

/** Browning of what browns fastest on the surface: cheese, coconut, sugar and ground spice burn before the crumb around them. */
export function burning(j: Judged): Outcome | undefined {
  const surface = outermost(j);
  if (!surface || (surface.wet && surface !== j.ready.sauce)) return undefined;
  const seen = surface.portions.filter((p) => p.grams >= SEEN_SHARE).map(speedOf);
  const fastest = seen.reduce((a, b) => (b.browning > a.browning ? b : a), { name: '', browning: 0, spice: false });
  const times = fastest.browning / surface.browning;
  const value = Math.max(...faces(j, 'colour')) * Math.max(1, times);
  if (value <= BURNS_AT || times <= 1) return outcomeOf('burning', value, 'B', 'good', 'nothing burns');
  const band = value > 1.5 * BURNS_AT && !fastest.spice ? 'poor' : 'fair';
  const outcome = outcomeOf('burning', value, 'B', band, `${fastest.name.toLowerCase()} burns`);
  outcome.reasons.push(
    because(
      'burning',
      fastest.spice ? 'fair' : 'good',
      `${fastest.name} browns ${times.toFixed(1)} times as fast as what is around it and burns at ${Math.round(j.tempC)} °C.`,
      fastest.spice
        ? 'Put the spice into a layer further in, or on when it comes out.'
        : 'Add it for the last minutes only, or cook 15 °C cooler.',
    ),
  );
  return outcome;
}
