import { safeMinimum } from '../safety/index.js';
import { celsius, lowered, millimetres, text } from '../units/index.js';
import { byWord, moreIsBetter } from './compare.js';
import {
  CARRIES_ON_K,
  DARK_MEAT,
  FIRM_AS_FRIED,
  FIRMNESS,
  JUICE,
  SHORTFALL,
  SQUEEZE,
  WARM_K,
  NOTICED,
  ON_BONE,
} from './constants/index.js';
import { reaches } from './likeness.js';
import type { OutcomeRule } from './types.js';
import type { Because, Verdict } from './verdict.js';
import { because, largeIsGood, percent, valueOf, verdict, type Judged } from './view.js';

/** Centre temperature against the published safe minimum, or against what tastes right. */
export const centre: OutcomeRule = {
  words: 'centre',
  judge(j) {
    const value = valueOf(j, 'centreC');
    const { food } = j.ready;
    const minimum = safeMinimum(food.food.safety);
    const wanted = minimum?.tempC ?? Math.min(food.food.eatAtC, j.pot?.centreC ?? Infinity);
    const short = wanted - value;
    const unsafe = minimum !== null && short > 0;
    const band = short <= 0 ? 'good' : !unsafe && short < WARM_K ? 'fair' : 'poor';
    const word = unsafe
      ? 'not safe yet'
      : short > WARM_K
        ? 'cold inside'
        : short > 0
          ? 'warm'
          : minimum
            ? 'safe'
            : 'hot';
    const said = verdict(value, '°C', band, word);
    const carried = carryOver(j, value);
    if (carried) said.reasons.push(carried);
    if (band === 'good') return said;
    const thickness = millimetres(j.ready.piece.halfThicknessM * 2000);
    said.reasons.push({
      weight: unsafe ? 2 : 1,
      text: unsafe
        ? text`The centre is at ${celsius(value)}; ${celsius(wanted)} is the safe minimum. Heat has ${thickness} to cross.`
        : text`The centre is only at ${celsius(value)}; it is at its best from ${celsius(wanted)}.`,
      move: text`Cook longer, or cut it thinner than ${thickness}.`,
    });
    return said;
  },
  compare: byWord((to, from) => `centre ${to} instead of ${from}.`, true),
  weight: { shortfall: ({ band }) => (band === 'good' ? 0 : SHORTFALL.centre[band]) },
};

/** How far the centre goes on rising on its rack, when it was let wait there and rises enough to be told. */
function carryOver(j: Judged, centreC: number): Because | null {
  const rack = j.series.waiting.find((w) => w.place === 'rack' && !w.sauced);
  // What is judged by its softness has no centre to wait for.
  if (!rack || !safeMinimum(j.ready.food.food.safety)) return null;
  const peakC = rack.series.columns.centreC.reduce((a, b) => Math.max(a, b));
  if (peakC - centreC < CARRIES_ON_K) return null;
  const poultry = j.ready.food.food.safety === 'poultry';
  return {
    weight: 0,
    text: text`While it rests on a rack the centre goes on to ${celsius(peakC)}.`,
    move: poultry
      ? text`Never count on that: the thermometer decides before it rests.`
      : text`Check with a thermometer before it rests all the same.`,
  };
}

/** Firmness at which it is as done as the pot leaves it: with a bite at least, and no softer than the original. */
const doneFrom = (j: Judged): number =>
  Math.max(FIRMNESS.done, Math.min(FIRM_AS_FRIED, j.pot?.firmness ?? valueOf(j, 'firmness')));

/** Softness of a vegetable; undefined for what is not judged by it. */
export const doneness: OutcomeRule = {
  words: 'softness',
  judge(j) {
    if (j.ready.food.food.safety !== 'vegetable') return undefined;
    const value = valueOf(j, 'firmness');
    const { tender, mush, raw } = FIRMNESS;
    const done = doneFrom(j);
    const word = value > done ? 'firm' : value > tender ? 'tender with a bite' : value > mush ? 'tender' : 'very soft';
    const band = value > done ? (value > Math.max(raw, done) ? 'poor' : 'fair') : value < mush ? 'fair' : 'good';
    const said: Verdict = { ...verdict(value, 'share', band, word), bound: done };
    if (value > done) {
      said.reasons.push(
        because(
          band,
          text`The ${lowered(j.ready.food.name)} keeps ${percent(value)} of its raw firmness: the centre came to ${celsius(valueOf(j, 'centreC'))}, and softening needs minutes above ${celsius(80)}.`,
          text`Cut thinner, blanch first, or cook longer and cooler.`,
        ),
      );
    } else if (value < mush) {
      said.reasons.push(because(band, text`It has gone very soft.`, text`Cook shorter, or cut thicker.`));
    }
    return said;
  },
  compare: byWord((to, from) => `inside ${to} instead of ${from}.`),
  weight: {
    shortfall: ({ value, bound = FIRMNESS.done }) =>
      (Math.max(0, value - bound) + Math.max(0, SHORTFALL.firmness.soft - value)) * SHORTFALL.firmness.each,
  },
};

/** Share of its juice that meat or fish keeps: squeezed out with heat, and steamed away. */
export const juice: OutcomeRule = {
  words: 'juice',
  judge(j) {
    const { food } = j.ready;
    if (food.origin !== 'meat' && food.origin !== 'fish') return undefined;
    const hottestC = valueOf(j, 'hottestMeanC');
    const squeezed = Math.min(SQUEEZE.most, Math.max(0, (hottestC - SQUEEZE.fromC) * SQUEEZE.perK));
    // Skin holds the steam back; what is tough around a bone and in dark meat melts and stays moist.
    const held = food.food.boneShare ? ON_BONE : food.food.eatAtC >= DARK_MEAT.eatAtC ? DARK_MEAT.loses : 1;
    // Dry meat may take water from a wet coat: that is not its juice.
    const steamed = Math.max(0, valueOf(j, 'foodWaterLost'));
    const value = Math.max(0, 1 - held * (squeezed + steamed));
    const word =
      value > JUICE.juicy ? 'juicy' : value > JUICE.good ? 'moist' : value > JUICE.fair ? 'rather dry' : 'dry';
    return verdict(value, 'share', largeIsGood(value, JUICE), word, () => [
      text`It keeps ${percent(value)} of its juice: ${percent(steamed)} left as steam and the meat came to ${celsius(hottestC)} on average.`,
      text`Take it out as soon as the centre is safe; a thicker cut or a hotter, shorter cook keeps more.`,
    ]);
  },
  compare: moreIsBetter({ more: 'Juicier', less: 'Drier inside', step: NOTICED.juice }),
  weight: {
    likeness: (air, fried) => reaches(air.juice?.value ?? 1, fried.juice?.value ?? 1),
    shortfall: ({ band, value }) => (band === 'good' ? 0 : (JUICE.good - value) * SHORTFALL.juice),
  },
};
