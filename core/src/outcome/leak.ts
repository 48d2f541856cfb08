import { celsius, lowered, text } from '../units/index.js';
import { lessIsBetter } from './compare.js';
import { BANDS, LEAKS, LIKENESS, NOTICED, SHORTFALL } from './constants/index.js';
import type { OutcomeRule } from './types.js';
import { percent, smallIsGood, valueOf, verdict, type Judged } from './view.js';

/** Mean temperature of the filling when the coat had set around it, °C; null while it has not. */
function meanAtSetC({ series, at }: Judged): number | null {
  const { setSkinUp, setSkinDown, hottestMeanC } = series.columns;
  for (let i = 0; i <= at; i++) if (Math.min(setSkinUp[i], setSkinDown[i]) >= LEAKS.setFrom) return hottestMeanC[i];
  return null;
}

/**
 * How well the coat holds a filling in, 0–1: as thick as a shell that seals, and set while the filling was still cold. In
 * oil that takes seconds; in air a filling has to be frozen for it.
 */
function sealOf(j: Judged, fromC: number): number {
  const meanC = meanAtSetC(j);
  if (meanC === null) return 0;
  const shellMm = j.ready.layers.reduce((sum, l) => sum + l.thicknessM * 1000, 0);
  const cold = (fromC - meanC) / (fromC - LEAKS.coldC);
  return Math.min(1, shellMm / LEAKS.sealingMm) * Math.min(1, Math.max(0, cold));
}

/** Share of a filling that has run out of its coat, or burst it: by the hottest that it came to on average. */
export const leak: OutcomeRule = {
  words: 'what runs out',
  judge(j) {
    const { runs } = j.ready.food.food;
    if (!runs) return undefined;
    const meanC = valueOf(j, 'hottestMeanC');
    const heldToC = runs.fromC + LEAKS.heldK * sealOf(j, runs.fromC);
    const value = Math.min(1, Math.max(0, (meanC - heldToC) / LEAKS.overK));
    const band = smallIsGood(value, BANDS.leak);
    const melts = runs.how === 'melts';
    const word = {
      good: 'stays in',
      fair: melts ? 'a little leaks out' : 'cracks in places',
      poor: melts ? 'has run out' : 'bursts',
    }[band];
    const food = lowered(j.ready.food.name);
    return verdict(value, 'share', band, word, () => [
      melts
        ? text`The ${food} comes to ${celsius(meanC)} on average. This coat holds it up to about ${celsius(heldToC)}; beyond that ${percent(value)} or more runs through every crack.`
        : text`The ${food} comes to ${celsius(meanC)} on average and makes steam inside. This coat holds up to about ${celsius(heldToC)}; beyond that it tears.`,
      j.series.columns.centreC[0] < 0
        ? text`Take them out a minute sooner; a second coat of binder and crumbs holds longer.`
        : text`Freeze the coated pieces hard first, give them a second coat of binder and crumbs, and cook hotter and shorter.`,
    ]);
  },
  compare: lessIsBetter({ more: 'More runs out', less: 'Less runs out', step: NOTICED.leak }),
  weight: {
    likeness: (air, fried) => 1 - LIKENESS.leak * Math.max(0, (air.leak?.value ?? 0) - (fried.leak?.value ?? 0)),
    shortfall: ({ band, value }) => (band === 'good' ? 0 : value * SHORTFALL.leak),
  },
};
