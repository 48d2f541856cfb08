import { safeMinimum } from '../safety/index.js';
import { celsius, lowered, millimetres, text } from '../units/index.js';
import { byWord, moreIsBetter } from './compare.js';
import { FIRMNESS, JUICE, SHORTFALL, SQUEEZE, WARM_K, NOTICED } from './constants/index.js';
import { reaches } from './likeness.js';
import type { OutcomeRule } from './types.js';
import { because, largeIsGood, percent, valueOf, verdict } from './view.js';

/** Centre temperature against the published safe minimum, or against what tastes right. */
export const centre: OutcomeRule = {
  words: 'centre',
  judge(j) {
    const value = valueOf(j, 'centreC');
    const { food } = j.ready;
    const minimum = safeMinimum(food.food.safety);
    const wanted = minimum?.tempC ?? food.food.eatAtC;
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

/** Softness of a vegetable; undefined for what is not judged by it. */
export const doneness: OutcomeRule = {
  words: 'softness',
  judge(j) {
    if (j.ready.food.food.safety !== 'vegetable') return undefined;
    const value = valueOf(j, 'firmness');
    const { done, tender, mush, raw } = FIRMNESS;
    const word = value > done ? 'firm' : value > tender ? 'tender with a bite' : value > mush ? 'tender' : 'very soft';
    const band = value > done ? (value > raw ? 'poor' : 'fair') : value < mush ? 'fair' : 'good';
    const said = verdict(value, 'share', band, word);
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
    shortfall: ({ value }) =>
      (Math.max(0, value - FIRMNESS.done) + Math.max(0, SHORTFALL.firmness.soft - value)) * SHORTFALL.firmness.each,
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
    const value = Math.max(0, 1 - squeezed - valueOf(j, 'foodWaterLost'));
    const word =
      value > JUICE.juicy ? 'juicy' : value > JUICE.good ? 'moist' : value > JUICE.fair ? 'rather dry' : 'dry';
    return verdict(value, 'share', largeIsGood(value, JUICE), word, () => [
      text`It keeps ${percent(value)} of its juice: ${percent(valueOf(j, 'foodWaterLost'))} left as steam and the meat came to ${celsius(hottestC)} on average.`,
      text`Take it out as soon as the centre is safe; a thicker cut or a hotter, shorter cook keeps more.`,
    ]);
  },
  compare: moreIsBetter({ more: 'Juicier', less: 'Drier inside', step: NOTICED.juice }),
  weight: {
    likeness: (air, fried) => reaches(air.juice?.value ?? 1, fried.juice?.value ?? 1),
    shortfall: ({ band, value }) => (band === 'good' ? 0 : (JUICE.good - value) * SHORTFALL.juice),
  },
};
