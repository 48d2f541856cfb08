import type { CoatLayer } from '../coat/index.js';
import { functionOf, type Part } from '../foods/index.js';
import { BURNS_AT, COLOUR_WORDS, GOLDEN, colourAtSpeed, lyingUp } from '../heat/index.js';
import { celsius, kelvins, lowered, plain, text, type Text } from '../units/index.js';
import { byWord, lessIsBetter, untold } from './compare.js';
import {
  BANDS,
  BURNS_BADLY,
  FAST_BROWNING,
  LIKENESS,
  NO_DIVISION,
  OILED_FROM_GM2,
  RACKS_APART,
  SEEN_SHARE,
  SHORTFALL,
  SPECKS_BURN_AT,
  SUGARY,
  NOTICED,
} from './constants/index.js';
import { colourWord } from './colourPath.js';
import { evenness, sameColour } from './likeness.js';
import type { OutcomeRule, Verdicts } from './types.js';
import type { Verdict } from './verdict.js';
import { because, faces, facesOf, inWords, oilOn, percent, smallIsGood, verdict, type Judged } from './view.js';

const PALE = COLOUR_WORDS[0][0];

/** Top and underside as the cook sees them at the end. */
export function topAndUnder(j: Judged): [top: number, under: number] {
  const [up, down] = faces(j, 'colour');
  return lyingUp(j.turnAtMin, j.series.timeS[j.at] / 60) === 'up' ? [up, down] : [down, up];
}

/** Why one side is pale, and what mends it. */
function whyPale(j: Judged, under: boolean, value: number, other: number): [cause: Text, move: Text] {
  const finish = j.ready.layers.at(-1);
  if (finish?.grain === 'starch') {
    return [
      text`${finish.name} stays pale: starch has no protein or sugar to brown`,
      text`Judge it by its crackle, or mix in some flour or paprika.`,
    ];
  }
  if (under && other > 2 * value && j.turnAtMin === null) {
    return [
      text`less heat reaches it than the top, and it is never turned`,
      text`Turn at half time, or put a rack under it.`,
    ];
  }
  const hotter = text`cook ${kelvins(10)} hotter or 2 minutes longer.`;
  if (j.air && j.oilGm2 < OILED_FROM_GM2) {
    return [text`with ${oilOn(j)} a dry crust browns at two thirds of its speed`, text`Oil it, and ${hotter}`];
  }
  return [text`it was too cool or too short for this finish`, text`Cook ${kelvins(10)} hotter or 2 minutes longer.`];
}

function colourOf(j: Judged, side: 'top' | 'underside', value: number, other: number): Verdict {
  const word = colourWord(value);
  // As brown as the original is brown enough: what the pot leaves straw need not be golden.
  const from = Math.min(GOLDEN.from, j.pot?.colour ?? GOLDEN.from);
  const good = value >= from && value <= GOLDEN.to;
  const band = good ? 'good' : value > BURNS_AT || value < Math.min(PALE, from) ? 'poor' : 'fair';
  const said: Verdict = { ...verdict(value, 'B', band, word), bound: from };
  if (good) return said;
  if (value > GOLDEN.to) {
    const how = text`well past golden, at ${celsius(j.tempC)}`;
    const move = text`Cook ${kelvins(15)} cooler and longer, or stop earlier.`;
    const shared = { cause: `dark ${word}`, text: text`Top and underside are ${word}, ${how}.` };
    said.reasons.push({ ...because(band, text`The ${side} is ${word}, ${how}.`, move), shared });
    return said;
  }
  const [cause, move] = whyPale(j, side === 'underside', value, other);
  const how = value < PALE ? word : `${word}, not golden yet`;
  const shared = { cause: `pale ${plain(cause)}`, text: text`Top and underside are ${how}: ${cause}.` };
  said.reasons.push({ ...because(band, text`The ${side} is ${how}: ${cause}.`, move), shared });
  return said;
}

/** How far a side is from golden. */
const fromGolden = ({ value, bound = GOLDEN.from }: Verdict): number => {
  const { pale, perPale, dark, perDark } = SHORTFALL.colour;
  return Math.max(0, pale - (GOLDEN.from - bound) - value) * perPale + Math.max(0, value - dark) * perDark;
};

const sides = ({ colourTop: top, colourUnder: under }: Verdicts): [number, number] => [
  top?.value ?? 1,
  under?.value ?? 1,
];
const mean = ([a, b]: [number, number]): number => (a + b) / 2;

/** The colour that the cook of the original means: what comes out of the pot on its way to golden was meant to be golden. */
const meantBy = (fried: number): number =>
  fried > LIKENESS.colour.onItsWay ? Math.max(fried, LIKENESS.colour.meant) : fried;

/** Colour of the side that lies up at the end. What both sides' looks are worth stands here. */
export const colourTop: OutcomeRule = {
  words: 'colour on top',
  judge(j) {
    const [top, under] = topAndUnder(j);
    return colourOf(j, 'top', top, under);
  },
  compare: byWord((to, from) => `${to} on top instead of ${from}.`),
  weight: {
    likeness: (air, fried) => sameColour(mean(sides(air)), meantBy(mean(sides(fried)))) * evenness(...sides(air)),
    shortfall: fromGolden,
    ofBrowning: true,
  },
};

/** Colour of the side that lies down at the end. */
export const colourUnder: OutcomeRule = {
  words: 'colour below',
  judge(j) {
    const [top, under] = topAndUnder(j);
    return colourOf(j, 'underside', under, top);
  },
  compare: byWord((to, from) => `${to} below instead of ${from}.`),
  weight: { shortfall: fromGolden, ofBrowning: true },
};

const darker = ([a, b]: [number, number]): number => Math.max(a, b);

/** Browning on the upper rack against the lower, where a batch takes more than one. */
export const racks: OutcomeRule = {
  words: 'evenness of the racks',
  judge(j) {
    const lower = j.air?.lower;
    if (!lower) return undefined;
    const [above, below] = [darker(faces(j, 'colour')), darker(facesOf(lower, j.at, 'colour'))];
    const value = (Math.max(above, below) + NO_DIVISION) / (Math.min(above, below) + NO_DIVISION);
    const [words, other] = [colourWord(above), colourWord(below)];
    const word = words === other ? `${words} on both racks` : `${words} above, ${other} below`;
    return verdict(value, 'ratio', smallIsGood(value, RACKS_APART), word, () => [
      text`The upper rack is ${words} when the lower is ${other}: it sees the heater, and shades what lies below.`,
      j.air?.swapEveryMin
        ? text`Swap the racks more often, or a last time at the end.`
        : text`Swap the racks every few minutes.`,
    ]);
  },
  compare: lessIsBetter({ more: 'Racks farther apart', less: 'Racks more alike', step: NOTICED.racks }),
  weight: {},
};

/** Browning at the basket's hottest place against its coolest, by the bread test. */
export const spots: OutcomeRule = {
  words: 'evenness of the basket',
  judge(j) {
    const found = j.air?.spots;
    if (!found) return undefined;
    const { hottest, coolest, turned } = found;
    const mean = darker(faces(j, 'colour'));
    const [dark, pale] = [mean * hottest.factor, mean * coolest.factor];
    const value = (dark + NO_DIVISION) / (pale + NO_DIVISION);
    const [words, other] = [colourWord(dark), colourWord(pale)];
    const word =
      words === other ? `${words} all over the basket` : `${words} at its hottest place, ${other} at its coolest`;
    // Where a piece lies is the cook's to change: it spoils no plan.
    const band = value < RACKS_APART.good ? 'good' : 'fair';
    return verdict(value, 'ratio', band, word, () => [
      text`At the ${hottest.name} of the basket it is ${words} when it is ${other} at the ${coolest.name}, by the bread test.`,
      turned
        ? text`Change the pieces of these places as well, or leave the hottest one free.`
        : text`Turn the basket round at half time.`,
    ]);
  },
  compare: lessIsBetter({
    more: 'The basket’s places farther apart',
    less: 'The basket’s places more alike',
    step: NOTICED.places,
  }),
  weight: {},
};

/** Browning of the smaller pieces against the others, and when the smaller ones are as brown as those at the end. */
export const sizes: OutcomeRule = {
  words: 'evenness of the sizes',
  judge(j) {
    const small = j.air?.smaller;
    if (!small) return undefined;
    const [here, there] = [darker(faces(j, 'colour')), darker(facesOf(small, j.at, 'colour'))];
    const value = (there + NO_DIVISION) / (here + NO_DIVISION);
    const [words, other] = [colourWord(there), colourWord(here)];
    const word = words === other ? `small ones ${words}, too` : `small ones ${words}`;
    const inBand = (b: number): boolean => b >= GOLDEN.from && b <= GOLDEN.to;
    const band = inBand(here) && !inBand(there) ? 'fair' : 'good';
    return verdict(value, 'ratio', band, word, () => {
      const reached = small.timeS.findIndex((_, i) => darker(facesOf(small, i, 'colour')) >= here);
      return [
        text`The small ones are ${words} when the large ones are ${other}.`,
        reached > 0
          ? text`Take the small ones out after ${inWords(small.timeS[reached] / 60)}, or cook them as a batch of their own.`
          : text`Cook them as a batch of their own, or cut more evenly.`,
      ];
    });
  },
  compare: untold,
  weight: {},
};

/** Share of a powder finish that met neither water nor oil and stays white. */
export const dryPatches: OutcomeRule = {
  words: 'floury spots',
  judge(j) {
    const finish = j.ready.layers.at(-1);
    if (!finish || finish.wet || !['powder', 'starch', 'meal'].includes(finish.grain ?? '')) return undefined;
    const value = Math.max(...faces(j, 'floury'));
    const band = smallIsGood(value, BANDS.dryPatches);
    const word = { good: 'no dry spots', fair: 'some floury spots', poor: 'white and floury' }[band];
    return verdict(value, 'share', band, word, () => [
      text`${percent(value)} of the ${lowered(finish.name)} meets neither water nor oil (${oilOn(j)}) and stays white.`,
      text`Tap it off, let it rest 5–10 minutes, and oil it; touch up floury spots at half time.`,
    ]);
  },
  compare: lessIsBetter({ more: 'More floury spots', less: 'Fewer floury spots', step: NOTICED.dryPatches }),
  weight: { likeness: ({ dryPatches: d }) => 1 - LIKENESS.floury * (d?.value ?? 0) },
};

interface Speed {
  name: string;
  /** Browning against coarse crumbs = 1. */
  browning: number;
  spice: boolean;
}

function speedOf({ ingredient }: Part): Speed {
  const { name, dry, sugarG = 0, per100g } = ingredient;
  const solids = Math.max(1, 100 - per100g.waterG);
  if (sugarG / solids > SUGARY) return { name, browning: FAST_BROWNING.sugar, spice: false };
  const spice = functionOf(ingredient) === 'spice';
  return { name, browning: dry?.browning ?? (spice ? FAST_BROWNING.spice : 0), spice };
}

/** What the air meets: the sauce, or else the last layer of the coat. */
const outermost = (j: Judged): CoatLayer | undefined => j.ready.sauce ?? j.ready.layers.at(-1);

/** Browning of what browns `times` as fast as what is around it, on both faces. */
function speckColours(j: Judged, times: number): number[] {
  const char = faces(j, 'char');
  return faces(j, 'colour').map((colour, k) => colourAtSpeed(colour - char[k], char[k], times));
}

/** Browning of what browns fastest on the surface: cheese, coconut, sugar and ground spice burn before the crumb around them. */
export const burning: OutcomeRule = {
  words: 'scorching',
  judge(j) {
    const surface = outermost(j);
    if (!surface || (surface.wet && surface !== j.ready.sauce)) return undefined;
    const seen = surface.portions.filter((p) => p.grams >= SEEN_SHARE).map(speedOf);
    const fastest = seen.reduce((a, b) => (b.browning > a.browning ? b : a), { name: '', browning: 0, spice: false });
    const times = fastest.browning / surface.browning;
    const value = Math.max(...speckColours(j, Math.max(1, times)));
    if (value <= (times > 1 ? SPECKS_BURN_AT : BURNS_AT)) return verdict(value, 'B', 'good', 'nothing burns');
    // The whole surface: its colour tells why.
    if (times <= 1) return verdict(value, 'B', 'poor', `${lowered(surface.name)} burns`);
    const band = value > BURNS_BADLY * SPECKS_BURN_AT && !fastest.spice ? 'poor' : 'fair';
    const said = verdict(value, 'B', band, `${lowered(fastest.name)} burns`);
    said.reasons.push(
      because(
        fastest.spice ? 'fair' : 'good',
        text`${fastest.name} browns ${times.toFixed(1)} times as fast as what is around it and burns at ${celsius(j.tempC)}.`,
        fastest.spice
          ? text`Put the spice into a layer further in, or on when it comes out.`
          : text`Add it for the last minutes only, or cook ${kelvins(15)} cooler.`,
      ),
    );
    return said;
  },
  compare: lessIsBetter({ more: 'Scorches more', less: 'Scorches less', step: NOTICED.burning }),
  weight: { shortfall: ({ band }) => (band === 'good' ? 0 : SHORTFALL.burning) },
};
