import type { Outcome, Reason } from './types.js';
import { faces, footHotMin, inWords, minutesUntil, percent, valueOf, type Judged } from './view.js';

const SET_LEVEL = 0.9;

/** Minutes until the coat's foot has set on both faces; Infinity when it has not. */
export function setTime(j: Judged): Outcome {
  const minutes = minutesUntil(j.series, j.at, 'setFootUp', 'setFootDown', SET_LEVEL);
  const coated = j.ready.layers.length > 0;
  if (minutes === null) {
    const glue = j.ready.layers.some((l) => l.wet);
    const reason: Reason = {
      about: 'setTime',
      weight: 2,
      text: glue
        ? 'The foot of the coat never sets: it stays too cool or dries before it can gel.'
        : 'Nothing in this coat sets: there is no wet layer with egg or starch to gel.',
      move: glue ? 'Cook hotter or longer, or make the coat thinner.' : 'Put a binder under the dry layer.',
    };
    return {
      key: 'setTime',
      value: Number.POSITIVE_INFINITY,
      unit: 'min',
      band: coated ? 'poor' : 'good',
      word: coated ? 'not set' : 'no coat',
      reasons: coated ? [reason] : [],
    };
  }
  return {
    key: 'setTime',
    value: minutes,
    unit: 'min',
    band: 'good',
    word: `set after ${inWords(minutes)}`,
    reasons: [],
  };
}

/** Share of a wet last layer that runs off before its skin sets. */
export function runOff(j: Judged): Outcome | undefined {
  const last = j.ready.layers.at(-1);
  if (!last?.wet) return undefined;
  const value = 1 - valueOf(j, 'filmShare');
  const band = value < 0.15 ? 'good' : value < 0.4 ? 'fair' : 'poor';
  const word = value < 0.05 ? 'stays on' : value < 0.15 ? 'hardly runs' : value < 0.4 ? 'sags' : 'runs off';
  const outcome: Outcome = { key: 'runOff', value, unit: 'share', band, word, reasons: [] };
  if (j.medium === 'oil' || band === 'good') return outcome;
  const hot = footHotMin(j.series, j.at);
  const inAir = hot === null ? `for the whole ${inWords(judgedMin(j))}` : `for ${inWords(hot)}`;
  const inOil = j.friedFootMin === null ? '' : ` In the oil it was past that after ${inWords(j.friedFootMin)}.`;
  outcome.reasons.push({
    about: 'runOff',
    weight: value < 0.4 ? 1 : 2,
    text: `${last.name} is the last layer and wet. Its foot stays below 75 °C ${inAir} in moving air, and ${percent(value)} of it ${j.onParchment ? 'pools on the parchment and glues the pieces' : 'drips through the grid'} before its skin sets.${inOil}`,
    move: 'Make it much thicker, put crumbs over it, or finish with something dry.',
  });
  return outcome;
}

const judgedMin = (j: Judged): number => j.series.timeS[j.at] / 60;

const SKIN_HOLD = { smooth: 0.8, normal: 1, rough: 1.1 } as const;

/** Whether the coat stays on when the piece is lifted, 0–1: what holds it against what pulls. Weights: common practice, no source. */
export function adhesion(j: Judged): Outcome | undefined {
  const { layers, food, piece } = j.ready;
  if (layers.length === 0) return undefined;
  const grip = Math.min(...layers.map((l) => l.grip));
  const weakest = layers.reduce((a, b) => (b.grip < a.grip ? b : a));
  const glued = layers.some((l) => l.wet) ? Math.min(...faces(j, 'setFoot')) : 0.5;
  const dusted = !layers[0].wet;
  const smooth = food.food.skin === 'smooth';
  const key = dusted || !smooth ? 1 : 0.75;
  const rested = j.medium === 'oil' ? 1 : 0.85 + 0.15 * Math.min(1, j.restMin / 7);
  const waterGm2 = (piece.massG * food.per100g.waterG) / 100 / piece.areaM2;
  const steamGm2 = valueOf(j, 'foodWaterLost') * waterGm2;
  const pull = Math.min(0.35, steamGm2 / 8000);
  const setMin = minutesUntil(j.series, j.at, 'setFootUp', 'setFootDown', SET_LEVEL) ?? Infinity;
  const torn = j.medium === 'air' && j.turnAtMin !== null && j.turnAtMin < setMin ? 0.35 : 0;
  const hold = grip ** 0.7 * (0.3 + 0.7 * glued) * SKIN_HOLD[food.food.skin] * key * rested;
  const value = Math.min(1, Math.max(0, hold - pull - torn));
  const band = value > 0.65 ? 'good' : value > 0.45 ? 'fair' : 'poor';
  const word = value > 0.65 ? 'stays on' : value > 0.45 ? 'holds if handled gently' : 'peels';
  const reasons: Reason[] = [];
  const weight = band === 'poor' ? 2 : 1;
  const add = (text: string, move: string): void => void reasons.push({ about: 'adhesion', weight, text, move });
  if (band !== 'good') {
    if (grip < 0.7)
      add(
        `${weakest.name} grips only ${percent(grip)} of what it lies on: nothing wet holds it there.`,
        'Put a binder under it, or dust a damp skin.',
      );
    if (torn)
      add(
        `Turned after ${inWords(j.turnAtMin ?? 0)}, before the coat had set: the tongs take it along.`,
        'Turn later, with something thin and flat.',
      );
    if (key < 1)
      add(
        `The skin of ${food.name.toLowerCase()} is smooth and there is no dust on it to take up its water.`,
        'Dust it with flour or starch first.',
      );
    if (pull > 0.15)
      add(
        `${Math.round(steamGm2)} g of steam per m² pushes through the coat.`,
        'Dry, salt or pre-cook the food; cook shorter.',
      );
    if (reasons.length === 0)
      add('The glue of the coat is weak.', 'Let the coat rest 5–10 minutes before it is cooked.');
  }
  return { key: 'adhesion', value, unit: 'share', band, word, reasons };
}
