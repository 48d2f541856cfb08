import { safeMinimum } from '../safety/index.js';
import type { Outcome } from './types.js';
import { percent, valueOf, type Judged } from './view.js';

const round = Math.round;

/** Centre temperature against the published safe minimum, or against what tastes right. */
export function centre(j: Judged): Outcome {
  const value = valueOf(j, 'centreC');
  const { food } = j.ready;
  const minimum = safeMinimum(food.food.safety);
  const wanted = minimum?.tempC ?? food.food.eatAtC;
  const short = wanted - value;
  const unsafe = minimum !== null && short > 0;
  const band = short <= 0 ? 'good' : !unsafe && short < 8 ? 'fair' : 'poor';
  const word = unsafe ? 'not safe yet' : short > 8 ? 'cold inside' : short > 0 ? 'warm' : minimum ? 'safe' : 'hot';
  if (band === 'good') return { key: 'centre', value, unit: '°C', band, word, reasons: [] };
  const thickness = round(j.ready.piece.halfThicknessM * 2000);
  return {
    key: 'centre',
    value,
    unit: '°C',
    band,
    word,
    reasons: [
      {
        about: 'centre',
        weight: unsafe ? 2 : 1,
        text: unsafe
          ? `The centre is at ${round(value)} °C; ${round(wanted)} °C is the safe minimum. Heat has ${thickness} mm to cross.`
          : `The centre is only at ${round(value)} °C; it is at its best from ${round(wanted)} °C.`,
        move: `Cook longer, or cut it thinner than ${thickness} mm.`,
      },
    ],
  };
}

/** Firmness from which a vegetable counts as done with a bite, tender, and mush. Common practice, no source. */
export const DONE_FIRMNESS = 0.5;
const TENDER = 0.35;
const MUSH = 0.08;

/** Softness of a vegetable; undefined for what is not judged by it. */
export function doneness(j: Judged): Outcome | undefined {
  if (j.ready.food.food.safety !== 'vegetable') return undefined;
  const value = valueOf(j, 'firmness');
  const word =
    value > DONE_FIRMNESS ? 'firm' : value > TENDER ? 'tender with a bite' : value > MUSH ? 'tender' : 'very soft';
  const band = value > DONE_FIRMNESS ? (value > 0.7 ? 'poor' : 'fair') : value < MUSH ? 'fair' : 'good';
  const outcome: Outcome = { key: 'doneness', value, unit: 'share', band, word, reasons: [] };
  if (value > DONE_FIRMNESS) {
    outcome.reasons.push({
      about: 'doneness',
      weight: value > 0.7 ? 2 : 1,
      text: `The ${j.ready.food.name.toLowerCase()} keeps ${percent(value)} of its raw firmness: the centre came to ${round(valueOf(j, 'centreC'))} °C, and softening needs minutes above 80 °C.`,
      move: 'Cut thinner, blanch first, or cook longer and cooler.',
    });
  } else if (value < MUSH) {
    outcome.reasons.push({
      about: 'doneness',
      weight: 1,
      text: 'It has gone very soft.',
      move: 'Cook shorter, or cut thicker.',
    });
  }
  return outcome;
}

/** Share of its juice that meat or fish keeps. Squeezed out with heat above 60 °C, from memory, and steamed away. */
export function juice(j: Judged): Outcome | undefined {
  const { food } = j.ready;
  if (food.origin !== 'meat' && food.origin !== 'fish') return undefined;
  const squeezed = Math.min(0.3, Math.max(0, (valueOf(j, 'hottestMeanC') - 60) * 0.008));
  const value = Math.max(0, 1 - squeezed - valueOf(j, 'foodWaterLost'));
  const word = value > 0.75 ? 'juicy' : value > 0.62 ? 'still moist' : 'dry';
  const band = value > 0.68 ? 'good' : value > 0.58 ? 'fair' : 'poor';
  const reasons: Outcome['reasons'] =
    band === 'good'
      ? []
      : [
          {
            about: 'juice',
            weight: band === 'poor' ? 2 : 1,
            text: `It keeps ${percent(value)} of its juice: ${percent(valueOf(j, 'foodWaterLost'))} left as steam and the meat came to ${round(valueOf(j, 'hottestMeanC'))} °C on average.`,
            move: 'Take it out as soon as the centre is safe; a thicker cut or a hotter, shorter cook keeps more.',
          },
        ];
  return { key: 'juice', value, unit: 'share', band, word, reasons };
}
