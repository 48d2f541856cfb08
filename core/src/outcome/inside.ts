import { safeMinimum } from '../safety/index.js';
import { FIRMNESS, JUICE, SQUEEZE } from './constants.js';
import type { Outcome } from './types.js';
import { because, largeIsGood, outcomeOf, percent, valueOf, type Judged } from './view.js';

const round = Math.round;

/** Degrees short of its best at which a food that needs no minimum is warm, and not cold. */
const WARM_K = 8;

/** Centre temperature against the published safe minimum, or against what tastes right. */
export function centre(j: Judged): Outcome {
  const value = valueOf(j, 'centreC');
  const { food } = j.ready;
  const minimum = safeMinimum(food.food.safety);
  const wanted = minimum?.tempC ?? food.food.eatAtC;
  const short = wanted - value;
  const unsafe = minimum !== null && short > 0;
  const band = short <= 0 ? 'good' : !unsafe && short < WARM_K ? 'fair' : 'poor';
  const word = unsafe ? 'not safe yet' : short > WARM_K ? 'cold inside' : short > 0 ? 'warm' : minimum ? 'safe' : 'hot';
  const outcome = outcomeOf('centre', value, '°C', band, word);
  if (band === 'good') return outcome;
  const thickness = round(j.ready.piece.halfThicknessM * 2000);
  outcome.reasons.push({
    about: 'centre',
    weight: unsafe ? 2 : 1,
    text: unsafe
      ? `The centre is at ${round(value)} °C; ${round(wanted)} °C is the safe minimum. Heat has ${thickness} mm to cross.`
      : `The centre is only at ${round(value)} °C; it is at its best from ${round(wanted)} °C.`,
    move: `Cook longer, or cut it thinner than ${thickness} mm.`,
  });
  return outcome;
}

/** Softness of a vegetable; undefined for what is not judged by it. */
export function doneness(j: Judged): Outcome | undefined {
  if (j.ready.food.food.safety !== 'vegetable') return undefined;
  const value = valueOf(j, 'firmness');
  const { done, tender, mush, raw } = FIRMNESS;
  const word = value > done ? 'firm' : value > tender ? 'tender with a bite' : value > mush ? 'tender' : 'very soft';
  const band = value > done ? (value > raw ? 'poor' : 'fair') : value < mush ? 'fair' : 'good';
  const outcome = outcomeOf('doneness', value, 'share', band, word);
  if (value > done) {
    outcome.reasons.push(
      because(
        'doneness',
        band,
        `The ${j.ready.food.name.toLowerCase()} keeps ${percent(value)} of its raw firmness: the centre came to ${round(valueOf(j, 'centreC'))} °C, and softening needs minutes above 80 °C.`,
        'Cut thinner, blanch first, or cook longer and cooler.',
      ),
    );
  } else if (value < mush) {
    outcome.reasons.push(because('doneness', band, 'It has gone very soft.', 'Cook shorter, or cut thicker.'));
  }
  return outcome;
}

/** Share of its juice that meat or fish keeps: squeezed out with heat, and steamed away. */
export function juice(j: Judged): Outcome | undefined {
  const { food } = j.ready;
  if (food.origin !== 'meat' && food.origin !== 'fish') return undefined;
  const hottestC = valueOf(j, 'hottestMeanC');
  const squeezed = Math.min(SQUEEZE.most, Math.max(0, (hottestC - SQUEEZE.fromC) * SQUEEZE.perK));
  const value = Math.max(0, 1 - squeezed - valueOf(j, 'foodWaterLost'));
  const word =
    value > JUICE.juicy ? 'juicy' : value > JUICE.good ? 'still moist' : value > JUICE.fair ? 'rather dry' : 'dry';
  return outcomeOf('juice', value, 'share', largeIsGood(value, JUICE), word, () => [
    `It keeps ${percent(value)} of its juice: ${percent(valueOf(j, 'foodWaterLost'))} left as steam and the meat came to ${round(hottestC)} °C on average.`,
    'Take it out as soon as the centre is safe; a thicker cut or a hotter, shorter cook keeps more.',
  ]);
}
