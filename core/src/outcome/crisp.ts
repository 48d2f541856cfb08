import { STRUCTURE_OF_BARE_FOOD, type CookSeries, type StandingSeries } from '../heat/index.js';
import { filmMm, lowered, NEXT_TO_NOTHING, text } from '../units/index.js';
import { moreIsBetter, untold } from './compare.js';
import {
  CRISP,
  CRISP_LIFE_MIN,
  FOAMED_IN_OIL,
  FULL_SHARE,
  FULL_SHELL_MM,
  LASTING_SHELL,
  LIKENESS,
  ON_PLATE,
  SET_LEVEL,
  UNEVEN_SHELL,
  UNGLUED_SET,
  STILL_CRISP,
  WORSE_FACE,
  NOTICED,
  AIRLESS_FROM,
} from './constants/index.js';
import { reaches } from './likeness.js';
import type { OutcomeRule } from './types.js';
import { faces, facesOf, inWords, largeIsGood, verdict, type Judged } from './view.js';

/** Dry shell that the finish of this piece needs to crunch in full, mm. */
function fullShellMm(j: Judged): number {
  const finishMm = (j.ready.layers.at(-1)?.thicknessM ?? 0) * 1000;
  const dried = Math.min(FULL_SHELL_MM.most, Math.max(FULL_SHELL_MM.least, FULL_SHARE * finishMm));
  return j.air ? dried : dried * FOAMED_IN_OIL.shell;
}

/** Whether anything in the coat can gel: a wet layer, or a dust that has taken up the skin's water. */
const gels = (j: Judged): boolean => {
  const first = j.ready.layers[0];
  return j.ready.layers.some((l) => l.wet) || first?.grain === 'powder' || first?.grain === 'starch';
};

/** Share of the coat's skin that has set, 0–1, on both faces; of one that never gels, what it holds by itself. */
const setSkins = (j: Judged, series: CookSeries, at: number): [number, number] =>
  gels(j) ? facesOf(series, at, 'setSkin') : [UNGLUED_SET, UNGLUED_SET];

/** Crunch of the finish at its best, 0–1: what it is made of, and in oil the foam that it is blown up to. */
function bestOf(j: Judged): { plain: number; here: number } {
  const plain = j.ready.layers.at(-1)?.structure ?? STRUCTURE_OF_BARE_FOOD;
  return { plain, here: j.air ? plain : plain + (1 - plain) * FOAMED_IN_OIL.closes };
}

/**
 * Crispness at sample `at` of a series of this piece, 0–1: the crunch of its finish, by how much of the shell that it
 * needs is dry and set. It goes on rising with the dry shell, behind the finish too, until the shell is as thick as lasts.
 */
function crispnessAt(j: Judged, series: CookSeries, at: number): number {
  const [a, b] = crispFaces(j, series, at);
  return WORSE_FACE * Math.min(a, b) + (1 - WORSE_FACE) * Math.max(a, b);
}

/** The same of each face, up and down by how they started. */
export function crispFaces(j: Judged, series: CookSeries, at: number): [up: number, down: number] {
  const full = fullShellMm(j);
  const lastingMm = LASTING_SHELL.mm * (j.air ? 1 : FOAMED_IN_OIL.shell);
  const { plain, here } = bestOf(j);
  const crunch = facesOf(series, at, 'crunch');
  const shell = facesOf(series, at, 'shell');
  const set = setSkins(j, series, at);
  const face = (k: 0 | 1): number => {
    const dry = Math.min(1, crunch[k] / Math.max(NEXT_TO_NOTHING, plain * full));
    const lasting = Math.min(1, shell[k] / lastingMm);
    return here * set[k] * dry * (1 - LASTING_SHELL.share * (1 - lasting));
  };
  return [face(0), face(1)];
}

/** Crispness of a dried, set shell, 0–1, on both faces. */
export const crispness: OutcomeRule = {
  words: 'crispness',
  judge(j) {
    const value = crispnessAt(j, j.series, j.at);
    const word =
      value > CRISP.very ? 'very crisp' : value > CRISP.good ? 'crisp' : value > CRISP.fair ? 'lightly crisp' : 'soft';
    return verdict(value, 'share', largeIsGood(value, CRISP), word, () => {
      const shell = faces(j, 'shell');
      const [least, most] = [Math.min(...shell), Math.max(...shell)];
      const finish = lowered(j.ready.layers.at(-1)?.name ?? 'bare food');
      if (gels(j) && Math.max(...setSkins(j, j.series, j.at)) < SET_LEVEL) {
        return [
          text`The coat has not set: what is dry of ${finish} does not hold together.`,
          text`Cook hotter or longer, until the coat has set.`,
        ];
      }
      if (least < UNEVEN_SHELL * most) {
        return [
          text`One side has a dry shell of ${filmMm(least)} against ${filmMm(most)} on the other: ${whySoggy(j)}.`,
          text`Turn at half time, give every piece room, and rest on a rack.`,
        ];
      }
      const full = fullShellMm(j);
      return most < full
        ? [
            text`The dry shell is ${filmMm(most)} thick; ${finish} needs ${filmMm(full)} to crunch.`,
            text`Cook longer or hotter, space the pieces, or finish with coarser crumbs.`,
          ]
        : [
            text`The shell is dry, but a crust of ${finish} is a soft one.`,
            text`Mix in a part of starch, or finish with coarser crumbs or crushed cornflakes.`,
          ];
    });
  },
  compare: moreIsBetter({ more: 'Crisper', less: 'Less crisp', step: NOTICED.crispness }),
  weight: {
    likeness: (air, fried) => reaches(air.crispness?.value ?? 0, fried.crispness?.value ?? 0) ** LIKENESS.crispExponent,
  },
};

function whySoggy({ air }: Judged): string {
  if (air?.under === 'parchment') return 'parchment under it lets no steam away and no air in';
  if (air && air.coverage > AIRLESS_FROM) return 'the basket is so full that air hardly gets between the pieces';
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

/** A waiting piece every minute from the end of the cook: its crispness, 0–1, and °C of its centre. */
export function waitingByMinute(j: Judged, { series }: StandingSeries): { crispness: number[]; centreC: number[] } {
  const minutes = Math.floor(series.timeS[series.timeS.length - 1] / 60);
  const at = Array.from({ length: minutes + 1 }, (_, minute) => {
    const sample = series.timeS.findIndex((s) => s >= minute * 60);
    return sample < 0 ? series.timeS.length - 1 : sample;
  });
  return {
    crispness: at.map((k) => crispnessAt(j, series, k)),
    centreC: at.map((k) => series.columns.centreC[k]),
  };
}

/** How long it stays crisp on a rack; undefined when nobody let it wait, or when there was nothing crisp. */
export const crispLife: OutcomeRule = {
  words: 'crisp life',
  judge(j) {
    const plain = j.series.waiting.filter((w) => !w.sauced);
    const rack = plain.find((w) => w.place === 'rack');
    if (!rack || crispnessAt(j, j.series, j.at) < CRISP.fair) return undefined;
    const value = crispMinutes(j, rack);
    const followed = rack.series.timeS[rack.series.timeS.length - 1] / 60;
    const word =
      value > followed ? `crisp for more than ${inWords(followed)}` : `crisp for ${inWords(value)} on a rack`;
    const said = verdict(value, 'min', largeIsGood(value, CRISP_LIFE_MIN), word, () => [
      text`On a rack it stays crisp for ${inWords(value)}: its inside is wet, and steam creeps into a shell of ${filmMm(Math.max(...faces(j, 'shell')))}.`,
      text`Serve at once, or cook 2 minutes longer for a thicker shell.`,
    ]);
    const plate = plain.find((w) => w.place === 'plate');
    const onPlate = plate ? crispMinutes(j, plate) : Infinity;
    if (onPlate < Math.min(value, followed) * ON_PLATE) {
      said.reasons.push({
        weight: 0,
        text: text`On a plate the underside is soft after ${inWords(onPlate)}: its steam cannot get away.`,
        move: text`Rest it 3–5 minutes on a rack, and serve on paper or a rack.`,
      });
    }
    return said;
  },
  compare: untold,
  weight: {},
};
