import { ingredient } from '../foods/index.js';
import type { Outcome, Reason } from './types.js';
import { faces, percent, type Judged } from './view.js';

/** Bounds of browning B between the words of colour; 1 is golden, 0.55–2 the golden band. */
const COLOUR_WORDS: readonly (readonly [number, string])[] = [
  [0.25, 'pale'],
  [0.55, 'straw'],
  [1.35, 'golden'],
  [2, 'deep golden'],
  [3.2, 'dark'],
  [Infinity, 'burnt'],
];

/** "golden", "straw" … for a browning B ≥ 0. */
export const colourWord = (b: number): string => COLOUR_WORDS.find(([limit]) => b < limit)![1];

/** Top and underside as the cook sees them at the end: turning has put the face that started up below. */
export function topAndUnder(j: Judged): [number, number] {
  const [up, down] = faces(j, 'colour');
  const turned = j.turnAtMin !== null && j.series.timeS[j.at] >= j.turnAtMin * 60;
  return turned ? [down, up] : [up, down];
}

function colour(j: Judged, key: 'colourTop' | 'colourUnder', value: number, other: number): Outcome {
  const word = colourWord(value);
  const good = value >= 0.55 && value <= 2;
  const band = good ? 'good' : value > 3.2 || value < 0.25 ? 'poor' : 'fair';
  const reasons: Reason[] = [];
  const side = key === 'colourTop' ? 'top' : 'underside';
  const name = j.ready.layers.at(-1)?.name ?? j.ready.food.name;
  const weight = band === 'poor' ? 2 : 1;
  if (value < 0.55) {
    const starchy = j.ready.layers.at(-1)?.grain === 'starch';
    const [cause, move] = starchy
      ? [
          `${name} stays pale: starch has no protein or sugar to brown`,
          'Judge it by its crackle, or mix in some flour or paprika.',
        ]
      : key === 'colourUnder' && other > 2 * value && j.turnAtMin === null
        ? ['less heat reaches it than the top, and it is never turned', 'Turn at half time, or put a rack under it.']
        : [
            'it was too cool or too short for this finish',
            `Cook 10 °C hotter or 2 minutes longer${j.oilGm2 < 10 ? ', and oil it' : ''}.`,
          ];
    reasons.push({
      about: key,
      weight,
      text: `The ${side} is ${word} (${value.toFixed(2)} of golden): ${cause}.`,
      move,
    });
  } else if (value > 2) {
    reasons.push({
      about: key,
      weight,
      text: `The ${side} is ${word}, ${value.toFixed(1)} times golden, at ${Math.round(j.tempC)} °C.`,
      move: 'Cook 15 °C cooler and longer, or stop earlier.',
    });
  }
  return { key, value, unit: 'B', band, word, reasons };
}

export function colours(j: Judged): [Outcome, Outcome] {
  const [top, under] = topAndUnder(j);
  return [colour(j, 'colourTop', top, under), colour(j, 'colourUnder', under, top)];
}

/** A dry shell of this share of the finish crunches in full; more than the most adds nothing, mm. Common practice, no source. */
const FULL_SHARE = 0.7;
const FULL_SHELL_MM = { least: 0.25, most: 1.1 } as const;
/** Boiling in oil blows the crust up to a brittle foam: closes this share of the gap to full crunch. Common practice, no source. */
const FOAMED_IN_OIL = 0.45;

/** Crispness of a dried, set shell, 0–1: its structure, and how much of it is dry, on both faces. */
export function crispness(j: Judged): Outcome {
  const finish = j.ready.layers.at(-1);
  const finishMm = (finish?.thicknessM ?? 0) * 1000;
  const full = Math.min(FULL_SHELL_MM.most, Math.max(FULL_SHELL_MM.least, FULL_SHARE * finishMm));
  const crunch = faces(j, 'crunch');
  const shell = faces(j, 'shell');
  const set = j.ready.layers.some((l) => l.wet) ? faces(j, 'setSkin') : [0.5, 0.5];
  const face = (k: 0 | 1): number => {
    if (shell[k] <= 0) return 0;
    const plain = crunch[k] / shell[k];
    const structure = j.medium === 'oil' ? plain + (1 - plain) * FOAMED_IN_OIL : plain;
    return structure * Math.min(1, shell[k] / full) * set[k];
  };
  // The worse face counts more: a soggy underside is what people remember.
  const [a, b] = [face(0), face(1)];
  const value = 0.6 * Math.min(a, b) + 0.4 * Math.max(a, b);
  const word = value > 0.75 ? 'very crisp' : value > 0.5 ? 'crisp' : value > 0.25 ? 'lightly crisp' : 'soft';
  const band = value > 0.5 ? 'good' : value > 0.25 ? 'fair' : 'poor';
  const reasons: Reason[] = [];
  if (band !== 'good') {
    const [least, most] = [Math.min(...shell), Math.max(...shell)];
    const soggyUnder = least < 0.5 * most;
    reasons.push({
      about: 'crispness',
      weight: band === 'poor' ? 2 : 1,
      text: soggyUnder
        ? `One side has a dry shell of ${least.toFixed(1)} mm against ${most.toFixed(1)} mm on the other: steam stays under it.`
        : `The dry shell is ${most.toFixed(1)} mm thick; ${finish ? finish.name.toLowerCase() : 'bare food'} needs ${full.toFixed(1)} mm to crunch.`,
      move: soggyUnder
        ? 'Turn at half time and rest on a rack.'
        : 'Cook longer or hotter, space the pieces, or finish with coarser crumbs.',
    });
  }
  return { key: 'crispness', value, unit: 'share', band, word, reasons };
}

/** Share of a powder finish that met neither water nor oil and stays white. */
export function dryPatches(j: Judged): Outcome | undefined {
  const finish = j.ready.layers.at(-1);
  if (!finish || finish.wet || !['powder', 'starch', 'meal'].includes(finish.grain ?? '')) return undefined;
  const value = Math.max(...faces(j, 'floury'));
  const band = value < 0.15 ? 'good' : value < 0.4 ? 'fair' : 'poor';
  const word = value < 0.15 ? 'no dry spots' : value < 0.4 ? 'some floury spots' : 'white and floury';
  const reasons: Reason[] =
    band === 'good'
      ? []
      : [
          {
            about: 'dryPatches',
            weight: band === 'poor' ? 2 : 1,
            text: `${percent(value)} of the ${finish.name.toLowerCase()} meets neither water nor oil (${Math.round(j.oilGm2)} g of oil per m²) and stays white.`,
            move: 'Tap it off, let it rest 5–10 minutes, and oil it; touch up floury spots at half time.',
          },
        ];
  return { key: 'dryPatches', value, unit: 'share', band, word, reasons };
}

const BURNS_AT = 3.2;

/** Browning of the finish's fastest ingredient: cheese, coconut, nuts and sugar burn before the crumb around them. */
export function burning(j: Judged): Outcome | undefined {
  const finish = j.ready.layers.at(-1);
  if (!finish || finish.wet) return undefined;
  const own = finish.portions.map((p) => ({
    name: ingredient(p.ingredientId).name,
    speed: p.ingredientId === 'sugar' ? 3 : (ingredient(p.ingredientId).dry?.browning ?? 0),
  }));
  const fastest = own.reduce((a, b) => (b.speed > a.speed ? b : a));
  const value = Math.max(...faces(j, 'colour')) * (fastest.speed / finish.browning);
  if (value <= BURNS_AT || fastest.speed <= finish.browning) {
    return { key: 'burning', value, unit: 'B', band: 'good', word: 'nothing burns', reasons: [] };
  }
  return {
    key: 'burning',
    value,
    unit: 'B',
    band: value > 1.5 * BURNS_AT ? 'poor' : 'fair',
    word: `${fastest.name.toLowerCase()} burns`,
    reasons: [
      {
        about: 'burning',
        weight: 1,
        text: `${fastest.name} browns ${(fastest.speed / finish.browning).toFixed(1)} times as fast as the crumbs around it and burns at ${Math.round(j.tempC)} °C.`,
        move: 'Add it for the last minutes only, or cook 15 °C cooler.',
      },
    ],
  };
}
