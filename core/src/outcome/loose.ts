import { FRYERS } from '../heat/index.js';
import { oilShare } from '../oil/index.js';
import { BLOWN, GLUES, TOUGH_MM } from './constants.js';
import type { Outcome } from './types.js';
import { inWords, footHotMin, outcomeOf, percent, smallIsGood, valueOf, type Judged } from './view.js';

const minutesOf = (j: Judged): number => j.series.timeS[j.at] / 60;

/** Share of a wet last layer that runs off before its skin sets. */
export function runOff(j: Judged): Outcome | undefined {
  const last = j.ready.layers.at(-1);
  if (!last?.wet) return undefined;
  const value = 1 - valueOf(j, 'filmShare');
  const band = smallIsGood(value, { good: 0.15, fair: 0.4 });
  const word = value < 0.05 ? 'stays on' : { good: 'hardly runs', fair: 'sags', poor: 'runs off' }[band];
  return outcomeOf('runOff', value, 'share', band, word, j.air ? () => whyItRuns(j, last.name, value) : undefined);
}

function whyItRuns(j: Judged, name: string, value: number): [string, string] {
  const hot = footHotMin(j.series, j.at);
  const inAir = hot === null ? `for the whole ${inWords(minutesOf(j))}` : `for ${inWords(hot)}`;
  const inOil = j.friedFootMin === null ? '' : ` In the oil it was past that after ${inWords(j.friedFootMin)}.`;
  const where = j.air?.under === 'parchment' ? 'pools on the parchment and glues the pieces' : 'drips through the grid';
  return [
    `${name} is the last layer and wet. Its foot stays below 75 °C ${inAir} in moving air, and ${percent(value)} of it ${where} before its skin sets.${inOil}`,
    'Make it much thicker, put crumbs over it, or finish with something dry.',
  ];
}

/** Whether pieces come away clean, 0–1: what ran off glues them to the grid, or to each other on parchment. */
export function stick(j: Judged): Outcome | undefined {
  const last = j.ready.layers.at(-1);
  if (!j.air || !last?.wet) return undefined;
  const lost = 1 - valueOf(j, 'filmShare');
  const { under, coverage } = j.air;
  const oiled = j.air.basketOiled ? GLUES.oiledGrid : 1;
  const gluing = under === 'parchment' ? GLUES.parchment * coverage : GLUES.grid * oiled;
  const touching = coverage > GLUES.touchingFrom ? GLUES.touching : 0;
  const value = Math.min(1, lost * gluing + touching);
  const band = smallIsGood(value, { good: 0.15, fair: 0.4 });
  const word = { good: 'comes away clean', fair: 'sticks in places', poor: 'glued fast' }[band];
  const grams = lost * last.pickUpGm2;
  return outcomeOf('stick', value, 'share', band, word, () =>
    under === 'parchment'
      ? [
          `${Math.round(grams)} g of batter per m² pools between the pieces, on ${percent(coverage)} covered parchment, and sets as one sheet.`,
          'Set it first, then part the pieces; lay fewer at a time.',
        ]
      : [
          `${Math.round(grams)} g of batter per m² runs into the grid and sets around it${touching ? ', and the pieces touch' : ''}.`,
          j.air?.basketOiled
            ? 'Put crumbs over it, or lay it on oiled parchment, apart.'
            : 'Put crumbs over it, oil the cold basket, or lay it on oiled parchment, apart.',
        ],
  );
}

/** Share of a loose, light finish that the air carries off. */
export function blowOff(j: Judged): Outcome | undefined {
  const finish = j.ready.layers.at(-1);
  if (!j.air || !finish || finish.wet || finish.light === 0) return undefined;
  const below = j.ready.layers.at(-2);
  const held =
    (finish.pressed ? BLOWN.pressed : 1) * (1 - (1 - BLOWN.oiled) * Math.min(1, fatOn(j) / BLOWN.fullOilGm2));
  const ground = below?.wet ? 1 : BLOWN.onDry;
  const speed = FRYERS[j.air.fryer].hc / FRYERS.drawer.hc;
  const value = Math.min(1, BLOWN.most * finish.light * held * ground * speed);
  const band = smallIsGood(value, { good: 0.1, fair: 0.25 });
  const word = { good: 'stays put', fair: 'some crumbs fly', poor: 'crumbs in the fan' }[band];
  return outcomeOf('blowOff', value, 'share', band, word, () => [
    `About ${percent(value)} of the ${finish.name.toLowerCase()} is light and loose enough to blow about: ${finish.pressed ? 'pressed' : 'not pressed'}, with ${Math.round(fatOn(j))} g of oil per m² to hold it.`,
    'Press it on, oil it, or use larger, heavier crumbs.',
  ]);
}

/** Oil that holds the finish, g/m²: sprayed, and mixed into it. */
function fatOn(j: Judged): number {
  const finish = j.ready.layers.at(-1);
  const mixed = finish && oilShare(finish.portions) > 0 ? BLOWN.fullOilGm2 : 0;
  return Math.max(j.oilGm2, mixed);
}

/** Toughness of the coat, 1 = tough: a worked or very thick batter. */
export function chew(j: Judged): Outcome | undefined {
  const wet = j.ready.layers.filter((l) => l.batter);
  if (wet.length === 0) return undefined;
  const all = j.ready.layers.reduce((sum, l) => sum + l.thicknessM * 1000, 0);
  const worked = wet.reduce((sum, l) => sum + l.thicknessM * 1000 * l.gluten, 0) * valueOf(j, 'filmShare');
  const value = Math.max(worked / TOUGH_MM.worked, all / TOUGH_MM.any);
  const band = smallIsGood(value, { good: 0.8, fair: 1.3 });
  const word = { good: 'tender bite', fair: 'a little chewy', poor: 'tough' }[band];
  return outcomeOf('chew', value, 'share', band, word, () =>
    worked / TOUGH_MM.worked > all / TOUGH_MM.any
      ? [
          `${worked.toFixed(1)} mm of the coat is gluten that was worked up: it chews.`,
          'Fold the batter with cold water and stop while it is lumpy, swap a part of the flour for starch, or make it thinner.',
        ]
      : [
          `The coat is ${all.toFixed(1)} mm thick: it chews before it crunches.`,
          'Thin the batter, and let it drip longer.',
        ],
  );
}
