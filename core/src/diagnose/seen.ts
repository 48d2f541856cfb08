import { COLOUR_WORDS } from '../heat/index.js';
import { BANDS, CRISP, FIRMNESS, JUICE, RICH_FROM } from '../outcome/index.js';
import { AS_GOOD, DID_OFF, TOLD_OFF } from './constants.js';
import type { DidField } from './did.js';
import type { SeenField } from './put.js';

type Told = number | string | boolean;

/**
 * What was done in a cook, as far as it is known. Every field can be left out. `batter` is its liquid against the recipe's,
 * 1 = as written; `airOffC` what an oven thermometer shows beyond the setting; `rack` 0 lower, 1 middle or only, 2 upper.
 */
export type Did = { [field in DidField]?: number | boolean };

/**
 * How a cook came out, as it was seen. Every field can be left out. Shares, crunch, firmness and juice are 0–1 or one of
 * the field's words; `true` is "some or more", `false` is "none".
 */
export interface Seen {
  /** Browning B, 0–6, or a colour's word. */
  colourTop?: number | string;
  colourUnder?: number | string;
  /** °C, and minutes after it went in at which it was read; at the end without. */
  centreC?: number;
  atMin?: number;
  /** Share of the skin without a coat. */
  bald?: Told;
  floury?: Told;
  soggyUnder?: Told;
  stuck?: Told;
  ranOff?: Told;
  crumbsOff?: Told;
  crunchNow?: number | string;
  /** Ten minutes later. */
  crunchLater?: number | string;
  firmness?: number | string;
  juice?: number | string;
  /** Fat of the crust as a share of it: whether it eats rich or dry. */
  bite?: number | string;
  /** How tough the coat is, 0–2, 1 = a bite. */
  chew?: number | string;
  /** What was done, as far as it is known. */
  did?: Did;
}

/** Everything that can be compared with a simulated cook. */
export type Field = SeenField | DidField;

/** A word of a field and the values that it stands for. */
export interface FieldWord {
  word: string;
  from: number;
  to: number;
}

/** How one field is told and compared. */
export interface FieldScale {
  words: readonly FieldWord[];
  /** Of a number: what lies so far about it is as good. */
  about: (value: number) => number;
  /** Least and most that is told. */
  range: readonly [number, number];
  /** The scale on which two values are compared, and what is told lies off by on it. */
  scaled: (value: number) => number;
  off: number;
}

/** Fields that stand for how much of something there is: none, some, much. */
const HOW_MUCH: readonly FieldWord[] = [
  { word: 'none', from: 0, to: 0.1 },
  { word: 'some', from: 0.1, to: 0.35 },
  { word: 'much', from: 0.35, to: 1 },
];

/** What is told apart of a pale crust, B, and what lies beyond all words. */
const COLOURS_B = { least: 0.06, most: 6 } as const;

const plainly = (value: number): number => value;
const logOf =
  (least: number) =>
  (value: number): number =>
    Math.log(Math.max(least, value));

/** A field told as a share, 0–1. */
const shares = (words: readonly FieldWord[], off: number): FieldScale => ({
  words,
  about: () => AS_GOOD.share,
  range: [0, 1],
  scaled: plainly,
  off,
});

/** A field that is so or not: nobody is mistaken by half. */
const YES_NO: FieldScale = {
  words: [
    { word: 'no', from: 0, to: 0.5 },
    { word: 'yes', from: 0.5, to: 1 },
  ],
  about: () => 0.25,
  range: [0, 1],
  scaled: plainly,
  off: 0.05,
};

/** A field that is measured. */
const measured = (range: readonly [number, number], off: number, scaled = plainly, about = off / 4): FieldScale => ({
  words: [],
  about: scaled === plainly ? () => about : (value) => about * Math.abs(value),
  range,
  scaled,
  off,
});

const colour: FieldScale = {
  words: COLOUR_WORDS.map(([to, word], k) => ({
    word,
    from: k === 0 ? 0 : COLOUR_WORDS[k - 1][0],
    to: Math.min(COLOURS_B.most, to),
  })),
  about: (b) => AS_GOOD.colour * b,
  range: [0, COLOURS_B.most],
  scaled: logOf(COLOURS_B.least),
  off: TOLD_OFF.colour,
};
const amount = shares(HOW_MUCH, TOLD_OFF.share);
const crunch = shares(
  [
    { word: 'soft', from: 0, to: CRISP.fair },
    { word: 'lightly crisp', from: CRISP.fair, to: CRISP.good },
    { word: 'crisp', from: CRISP.good, to: CRISP.very },
    { word: 'very crisp', from: CRISP.very, to: 1 },
  ],
  TOLD_OFF.crunch,
);

/** How each field is told, and how far what is told lies off. */
export const FIELD_SCALES: Record<Field, FieldScale> = {
  colourTop: colour,
  colourUnder: colour,
  centreC: measured([-30, 150], TOLD_OFF.centreK),
  bald: amount,
  floury: amount,
  soggyUnder: {
    ...amount,
    words: [
      { word: 'none', from: 0, to: 1 - CRISP.good },
      { word: 'some', from: 1 - CRISP.good, to: 1 - CRISP.fair },
      { word: 'much', from: 1 - CRISP.fair, to: 1 },
    ],
  },
  stuck: amount,
  ranOff: amount,
  crumbsOff: amount,
  crunchNow: crunch,
  crunchLater: crunch,
  firmness: shares(
    [
      { word: 'very soft', from: 0, to: FIRMNESS.mush },
      { word: 'tender', from: FIRMNESS.mush, to: FIRMNESS.tender },
      { word: 'tender with a bite', from: FIRMNESS.tender, to: FIRMNESS.done },
      { word: 'firm', from: FIRMNESS.done, to: 1 },
    ],
    TOLD_OFF.firmness,
  ),
  juice: shares(
    [
      { word: 'dry', from: 0, to: JUICE.fair },
      { word: 'rather dry', from: JUICE.fair, to: JUICE.good },
      { word: 'moist', from: JUICE.good, to: JUICE.juicy },
      { word: 'juicy', from: JUICE.juicy, to: 1 },
    ],
    TOLD_OFF.juice,
  ),
  bite: {
    ...shares(
      [
        { word: 'dry', from: 0, to: RICH_FROM },
        { word: 'rich enough', from: RICH_FROM, to: 1 },
      ],
      TOLD_OFF.bite,
    ),
    about: () => AS_GOOD.bite,
  },
  chew: {
    ...shares(
      [
        { word: 'a tender bite', from: 0, to: BANDS.chew.good },
        { word: 'a little chewy', from: BANDS.chew.good, to: BANDS.chew.fair },
        { word: 'tough', from: BANDS.chew.fair, to: 3 },
      ],
      TOLD_OFF.chew,
    ),
    range: [0, 3],
  },
  wetSkin: YES_NO,
  waterOut: YES_NO,
  thicknessMm: measured([2, 80], DID_OFF.thickness, logOf(1)),
  startC: measured([-25, 40], DID_OFF.startK),
  dusted: YES_NO,
  tapped: YES_NO,
  batter: measured([0.3, 3], DID_OFF.batter, logOf(0.2)),
  pressed: YES_NO,
  restMin: measured([0, 60], DID_OFF.minutes),
  oilG: measured([0, 200], DID_OFF.oil, (g) => Math.log(0.5 + g)),
  bothSides: YES_NO,
  preheated: YES_NO,
  airOffC: measured([-60, 60], DID_OFF.airK),
  rack: { ...YES_NO, words: [], range: [0, 2] },
  parchment: YES_NO,
  piecesAtOnce: measured([1, 200], DID_OFF.pieces, logOf(1)),
  openings: measured([0, 40], DID_OFF.openings),
  turned: YES_NO,
  turnedAtMin: measured([0, 60], DID_OFF.minutes),
  minutes: measured([1, 90], DID_OFF.length, logOf(1)),
  burningLater: YES_NO,
  sauceGm2: measured([0, 2000], DID_OFF.oil, logOf(1)),
  coolMin: measured([0, 30], DID_OFF.minutes),
  onPlate: YES_NO,
};

/** One thing that is known: a field and the values that it may have had. */
export interface Observation {
  field: Field;
  from: number;
  to: number;
  /** As it was told. */
  told: Told;
  /** Of a centre: min after it went in; null at the end. */
  atMin: number | null;
}

function valuesOf({ words, range: [least, most], about }: FieldScale, told: Told): readonly [number, number] | null {
  if (typeof told === 'number') return [Math.max(least, told - about(told)), Math.min(most, told + about(told))];
  if (typeof told === 'boolean') {
    const none = words[0];
    return none ? (told ? [none.to, most] : [least, none.to]) : null;
  }
  const word = words.find((w) => w.word === told);
  return word ? [word.from, word.to] : null;
}

/** What was seen, and what was done, as values that may have been; words that a field does not know are left out. */
export function observationsOf({ did, ...seen }: Seen): Observation[] {
  return (Object.keys(FIELD_SCALES) as Field[]).flatMap((field) => {
    const told = (seen as Partial<Record<Field, Told>>)[field] ?? did?.[field as DidField];
    if (told === undefined) return [];
    const values = valuesOf(FIELD_SCALES[field], told);
    if (!values) return [];
    const [from, to] = values;
    return [{ field, from, to, told, atMin: field === 'centreC' ? (seen.atMin ?? null) : null }];
  });
}

/** The word that a field has for a value, the nearest one; undefined for what has no words. */
export function wordIn(field: Field, value: number): string | undefined {
  const { words } = FIELD_SCALES[field];
  return (words.find((w) => value < w.to) ?? words.at(-1))?.word;
}
