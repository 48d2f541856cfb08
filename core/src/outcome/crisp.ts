import type { CookSeries, StandingSeries } from '../heat/index.js';
import {
  CRISP,
  CRISP_LIFE_MIN,
  FOAMED_IN_OIL,
  FULL_SHARE,
  FULL_SHELL_MM,
  STILL_CRISP,
  WORSE_FACE,
} from './constants.js';
import type { Outcome } from './types.js';
import { facesOf, faces, inWords, largeIsGood, outcomeOf, type Judged } from './view.js';

const mm = (x: number): string => x.toFixed(1);

/** Dry shell that the finish of this piece needs to crunch in full, mm. */
function fullShellMm(j: Judged): number {
  const finishMm = (j.ready.layers.at(-1)?.thicknessM ?? 0) * 1000;
  return Math.min(FULL_SHELL_MM.most, Math.max(FULL_SHELL_MM.least, FULL_SHARE * finishMm));
}

/** Whether anything in the coat can gel: a wet layer, or a dust that has taken up the skin's water. */
const gels = (j: Judged): boolean => {
  const first = j.ready.layers[0];
  return j.ready.layers.some((l) => l.wet) || first?.grain === 'powder' || first?.grain === 'starch';
};

/** Crispness at sample `at` of a series of this piece, 0–1: the shell's structure, and how much of it is dry and set. */
function crispnessAt(j: Judged, series: CookSeries, at: number): number {
  const full = fullShellMm(j);
  const crunch = facesOf(series, at, 'crunch');
  const shell = facesOf(series, at, 'shell');
  const set = gels(j) ? facesOf(series, at, 'setSkin') : [0.5, 0.5];
  const face = (k: 0 | 1): number => {
    if (shell[k] <= 0) return 0;
    const plain = crunch[k] / shell[k];
    const structure = j.air ? plain : plain + (1 - plain) * FOAMED_IN_OIL;
    return structure * Math.min(1, shell[k] / full) * set[k];
  };
  const [a, b] = [face(0), face(1)];
  return WORSE_FACE * Math.min(a, b) + (1 - WORSE_FACE) * Math.max(a, b);
}

/** Crispness of a dried, set shell, 0–1, on both faces. */
export function crispness(j: Judged): Outcome {
  const value = crispnessAt(j, j.series, j.at);
  const word =
    value > CRISP.very ? 'very crisp' : value > CRISP.good ? 'crisp' : value > CRISP.fair ? 'lightly crisp' : 'soft';
  return outcomeOf('crispness', value, 'share', largeIsGood(value, CRISP), word, () => {
    const shell = faces(j, 'shell');
    const [least, most] = [Math.min(...shell), Math.max(...shell)];
    const finish = j.ready.layers.at(-1)?.name.toLowerCase() ?? 'bare food';
    if (least < 0.5 * most) {
      return [
        `One side has a dry shell of ${mm(least)} mm against ${mm(most)} mm on the other: ${whySoggy(j)}.`,
        'Turn at half time, give every piece room, and rest on a rack.',
      ];
    }
    const full = fullShellMm(j);
    return most < full
      ? [
          `The dry shell is ${mm(most)} mm thick; ${finish} needs ${mm(full)} mm to crunch.`,
          'Cook longer or hotter, space the pieces, or finish with coarser crumbs.',
        ]
      : [
          `The shell is dry, but ${finish} makes a soft crust.`,
          'Mix in a part of starch, or finish with coarser crumbs or crushed cornflakes.',
        ];
  });
}

function whySoggy({ air }: Judged): string {
  if (air?.under === 'parchment') return 'parchment under it lets no steam away and no air in';
  if (air && air.coverage > 0.75) return 'the basket is so full that air hardly gets between the pieces';
  return 'less air reaches it, and steam stays under it';
}

/** Minutes that a waiting piece stays crisp; Infinity when longer than it was followed. */
export function crispMinutes(j: Judged, { series }: StandingSeries): number {
  const bound = STILL_CRISP * crispnessAt(j, j.series, j.at);
  for (let i = 0; i < series.timeS.length; i++) {
    if (crispnessAt(j, series, i) < bound) return series.timeS[i] / 60;
  }
  return Infinity;
}

/** How long it stays crisp on a rack; undefined when nobody let it wait, or when there was nothing crisp. */
export function crispLife(j: Judged): Outcome | undefined {
  const plain = j.series.waiting.filter((w) => !w.sauced);
  const rack = plain.find((w) => w.place === 'rack');
  if (!rack || crispnessAt(j, j.series, j.at) < CRISP.fair) return undefined;
  const value = crispMinutes(j, rack);
  const followed = rack.series.timeS[rack.series.timeS.length - 1] / 60;
  const word = value > followed ? `crisp for more than ${inWords(followed)}` : `crisp for ${inWords(value)} on a rack`;
  const outcome = outcomeOf('crispLife', value, 'min', largeIsGood(value, CRISP_LIFE_MIN), word, () => [
    `On a rack it stays crisp for ${inWords(value)}: its inside is wet, and steam creeps into a shell of ${mm(Math.max(...faces(j, 'shell')))} mm.`,
    'Serve at once, or cook 2 minutes longer for a thicker shell.',
  ]);
  const plate = plain.find((w) => w.place === 'plate');
  const onPlate = plate ? crispMinutes(j, plate) : Infinity;
  if (onPlate < Math.min(value, followed) * 0.75) {
    outcome.reasons.push({
      about: 'crispLife',
      weight: 0,
      text: `On a plate the underside is soft after ${inWords(onPlate)}: its steam cannot get away.`,
      move: 'Rest it 3–5 minutes on a rack, and serve on paper or a rack.',
    });
  }
  return outcome;
}
