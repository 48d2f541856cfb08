import { FRYERS } from '../heat/index.js';
import { oilShare } from '../oil/index.js';
import { celsius, filmMm, grams, lowered, text, type Text } from '../units/index.js';
import { lessIsBetter } from './compare.js';
import { BANDS, BLOWN, GLUES, HOT_FOOT_C, LIKENESS, STAYS_ON, TOUGH_MM, NOTICED } from './constants/index.js';
import type { OutcomeRule } from './types.js';
import { footHotMin, inWords, oilOn, percent, smallIsGood, valueOf, verdict, type Judged } from './view.js';

const minutesOf = (j: Judged): number => j.series.timeS[j.at] / 60;

/** Share of a wet last layer that runs off before its skin sets. */
export const runOff: OutcomeRule = {
  words: 'what runs off',
  judge(j) {
    const last = j.ready.layers.at(-1);
    if (!last?.wet || last.sheet) return undefined;
    const value = 1 - valueOf(j, 'filmShare');
    const band = smallIsGood(value, BANDS.runOff);
    const word = value < STAYS_ON ? 'stays on' : { good: 'hardly runs', fair: 'sags', poor: 'runs off' }[band];
    return verdict(value, 'share', band, word, j.air ? () => whyItRuns(j, last.name, value) : undefined);
  },
  compare: lessIsBetter({ more: 'More runs off', less: 'Less runs off', step: NOTICED.runOff }),
  weight: { likeness: ({ runOff: r }) => 1 - LIKENESS.runOff * (r?.value ?? 0) },
};

function whyItRuns(j: Judged, name: string, value: number): [Text, Text] {
  const hot = footHotMin(j.series, j.at);
  const inAir = hot === null ? `for the whole ${inWords(minutesOf(j))}` : `for ${inWords(hot)}`;
  const potMin = j.pot?.footHotMin ?? null;
  const inOil = potMin === null ? '' : ` In the oil it was past that after ${inWords(potMin)}.`;
  const where = j.air?.under === 'parchment' ? 'pools on the parchment and glues the pieces' : 'drips through the grid';
  return [
    text`${name} is the last layer and wet. Its foot stays below ${celsius(HOT_FOOT_C)} ${inAir} in moving air, and ${percent(value)} of it ${where} before its skin sets.${inOil}`,
    text`Make it much thicker, put crumbs over it, or finish with something dry.`,
  ];
}

/** Whether pieces come away clean, 0–1: what ran off glues them to the grid, or to each other on parchment. */
export const stick: OutcomeRule = {
  words: 'coming away clean',
  judge(j) {
    const last = j.ready.layers.at(-1);
    if (!j.air || !last?.wet || last.sheet) return undefined;
    const lost = 1 - valueOf(j, 'filmShare');
    const { under, coverage } = j.air;
    const oiled = j.air.basketOiled ? GLUES.oiledGrid : 1;
    const gluing = under === 'parchment' ? GLUES.parchment * coverage : GLUES.grid * oiled;
    const touching = coverage > GLUES.touchingFrom ? GLUES.touching : 0;
    const value = Math.min(1, lost * gluing + touching);
    const band = smallIsGood(value, BANDS.stick);
    const word = { good: 'comes away clean', fair: 'sticks in places', poor: 'glued fast' }[band];
    const ran = grams(lost * last.pickUpGm2 * j.ready.piece.areaM2);
    return verdict(value, 'share', band, word, () =>
      under === 'parchment'
        ? [
            text`${ran} of batter from each pools between the pieces, on ${percent(coverage)} covered parchment, and sets as one sheet.`,
            text`Set it first, then part the pieces; lay fewer at a time.`,
          ]
        : [
            text`${ran} of batter from each runs into the grid and sets around it${touching ? ', and the pieces touch' : ''}.`,
            j.air?.basketOiled
              ? text`Put crumbs over it, or lay it on oiled parchment, apart.`
              : text`Put crumbs over it, oil the cold basket, or lay it on oiled parchment, apart.`,
          ],
    );
  },
  compare: lessIsBetter({
    more: 'Sticks to the basket more',
    less: 'Sticks to the basket less',
    step: NOTICED.sticking,
  }),
  weight: {},
};

/** Share of a loose, light finish that the air carries off. */
export const blowOff: OutcomeRule = {
  words: 'crumbs that fly',
  judge(j) {
    const finish = j.ready.layers.at(-1);
    if (!j.air || !finish || finish.wet || finish.light === 0) return undefined;
    const below = j.ready.layers.at(-2);
    const held =
      (finish.pressed ? BLOWN.pressed : 1) * (1 - (1 - BLOWN.oiled) * Math.min(1, fatOn(j) / BLOWN.fullOilGm2));
    const ground = below?.wet ? 1 : BLOWN.onDry;
    const speed = FRYERS[j.air.fryer].hc / FRYERS.drawer.hc;
    const value = Math.min(1, BLOWN.most * finish.light * held * ground * speed);
    const band = smallIsGood(value, BANDS.blowOff);
    const word = { good: 'stays put', fair: 'some crumbs fly', poor: 'crumbs in the fan' }[band];
    return verdict(value, 'share', band, word, () => [
      text`About ${percent(value)} of the ${lowered(finish.name)} is light and loose enough to blow about: ${finish.pressed ? 'pressed' : 'not pressed'}, with ${oilOn(j, fatOn(j))} to hold it.`,
      text`Press it on, oil it, or use larger, heavier crumbs.`,
    ]);
  },
  compare: lessIsBetter({ more: 'More crumbs blow about', less: 'Fewer crumbs blow about', step: NOTICED.blown }),
  weight: {},
};

/** Oil that holds the finish, g/m²: sprayed, and mixed into it. */
function fatOn(j: Judged): number {
  const finish = j.ready.layers.at(-1);
  const mixed = finish && oilShare(finish.portions) > 0 ? BLOWN.fullOilGm2 : 0;
  return Math.max(j.oilGm2, mixed);
}

/** Toughness of the coat, 1 = tough: a worked or very thick batter. */
export const chew: OutcomeRule = {
  words: 'chew',
  judge(j) {
    const wet = j.ready.layers.filter((l) => l.batter);
    if (wet.length === 0) return undefined;
    const all = j.ready.layers.reduce((sum, l) => sum + l.thicknessM * 1000, 0);
    const worked = wet.reduce((sum, l) => sum + l.thicknessM * 1000 * l.gluten, 0) * valueOf(j, 'filmShare');
    const value = Math.max(worked / TOUGH_MM.worked, all / TOUGH_MM.any);
    const band = smallIsGood(value, BANDS.chew);
    const word = { good: 'tender bite', fair: 'a little chewy', poor: 'tough' }[band];
    return verdict(value, 'ratio', band, word, () =>
      worked / TOUGH_MM.worked > all / TOUGH_MM.any
        ? [
            text`${filmMm(worked)} of the coat is gluten that was worked up: it chews.`,
            text`Fold the batter with cold water and stop while it is lumpy, swap a part of the flour for starch, or make it thinner.`,
          ]
        : [
            text`The coat is ${filmMm(all)} thick: it chews before it crunches.`,
            text`Thin the batter, and let it drip longer.`,
          ],
    );
  },
  compare: lessIsBetter({ more: 'Chewier', less: 'Less chewy', step: NOTICED.chew }),
  weight: {
    likeness: (air, fried) => {
      const { from, each } = LIKENESS.chew;
      return Math.exp(-each * Math.max(0, (air.chew?.value ?? 0) - Math.max(from, fried.chew?.value ?? 0)));
    },
  },
};
