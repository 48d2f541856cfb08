import { fahrenheitToCelsius } from '../units/index.js';
import type { OilMedium } from '../dish/index.js';
import { FAHRENHEIT_FROM, LEAST_OIL_C, MOST_OIL_C } from './constants.js';
import type { Found } from './types.js';

/** What the steps say of the pot. */
export interface PotSaid {
  medium: OilMedium | null;
  tempC: number | null;
  minutes: number | null;
}

const DEEP =
  /\bdeep[- ]?(fat )?(fry|fried|frying|fryer)|\bdeep (pot|pan|saucepan)|\bdutch oven|\bwok\b|\bfryer\b|\b(?<![/\d])([2-9]|two|three|four) ?(in|inch|inches|cm)\b.{0,16}\boil|\boil.{0,30}\b([2-9]|two|three|four) ?(in|inch|inches)\b|\bthird full|\bsubmerge|\bfloat/i;
const PAN =
  /\b(shallow|pan)[- ]?(fry|fried|frying)|\b(skillet|frying pan|sauté pan|saute pan|heavy pan|large pan|frypan|griddle)\b|\bin (a|the) (hot |large |heavy |wide |non-?stick )*pan\b|(¼|½|1\/4|1\/2|half an?|quarter|1|one) ?(-| )?(inch|cm|in)\b.{0,16}\boil|\b(a )?little oil\b|\bthin layer of oil|\bfilm of oil|\b(few|2|3|4|5|6|two|three|four) (tbsp|tablespoons|spoons)( of)? .{0,20}\boil\b.{0,30}\b(pan|skillet)/i;

/** Words for the fire under a pan, °C of the oil. Common practice, no source. */
const FIRE: readonly (readonly [RegExp, number, string])[] = [
  [/\bmed(ium|\.)?[- ](to[- ])?high( heat)?\b/i, 180, 'medium-high heat'],
  [/\bmedium[- ](to[- ])?low( heat)?\b/i, 160, 'medium-low heat'],
  [/\bmedium(-| )?(heat|flame|fire)\b|\bmoderate(ly)? (heat|hot)\b|\bover medium\b/i, 170, 'medium heat'],
  [/\bhigh heat\b|\bvery hot\b|\bsmoking\b/i, 190, 'high heat'],
  [
    /\b(bread|crumb|batter)\b.{0,60}\b(sizzle|brown|golden|float)|\bshimmer|\bhot oil\b|\boil is hot\b|\bwooden spoon\b/i,
    175,
    'hot oil',
  ],
];

const DEGREES = String.raw`(?:°|º|˚|degrees?|deg\.?)?\s*`;
const WITH_UNIT = new RegExp(
  String.raw`(\d{3})(?:\s*°?\s*[FC]?\s*(?:-|–|to)\s*(\d{3}))?\s*${DEGREES}(fahrenheit|celsius|centigrade|F|C)\b`,
  'gi',
);
const BARE = /(\d{3})(?:\s*(?:-|–|to)\s*(\d{3}))?\s*(?:°|º|˚|degrees?|deg\b)?/g;
const IN_OVEN = /\b(oven|warm|rack in|bake|air fryer)\b/i;
const INSIDE =
  /\b(internal|inside|cent(re|er)|thermometer (reads|inserted)|cooked through|temperature of the (meat|chicken|fish))\b/i;

const mean = (a: string, b: string | undefined): number => (Number(a) + Number(b ?? a)) / 2;
const inRange = (c: number): boolean => c >= LEAST_OIL_C && c <= MOST_OIL_C;

/** °C of the oil in a sentence; null where it says none. */
export function oilTempIn(sentence: string): number | null {
  if (IN_OVEN.test(sentence) && !/\boil\b/i.test(sentence)) return null;
  const said = [...sentence.matchAll(WITH_UNIT)].map(([, from, to, unit]) => {
    const value = mean(from, to);
    return { celsius: /^c/i.test(unit), c: /^c/i.test(unit) ? value : fahrenheitToCelsius(value) };
  });
  const oil = said.filter(({ c }) => inRange(c));
  const best = oil.find(({ celsius }) => celsius) ?? oil[0];
  if (best) return Math.round(best.c);
  if (said.length > 0 || INSIDE.test(sentence) || !/\b(oil|heat|fry|fryer|degrees)\b|°/i.test(sentence)) return null;
  for (const [, from, to] of sentence.matchAll(BARE)) {
    const value = mean(from, to);
    const c = value >= FAHRENHEIT_FROM ? fahrenheitToCelsius(value) : value;
    if (inRange(c)) return Math.round(c);
  }
  return null;
}

const NUMBER_OF: Readonly<Record<string, number>> = {
  a: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  ten: 10,
  twelve: 12,
  half: 0.5,
};
const N = String.raw`(\d+(?:[.,]\d+)?|\d*\s?[½¼¾]|a|one|two|three|four|five|six|seven|eight|ten|twelve)`;
const SPAN = new RegExp(
  String.raw`\b${N}(?:\s*(?:-|–|to|or)\s*${N})?\s*(?:more\s+)?(minutes?|mins?\b\.?|seconds\b|secs?\b)`,
  'gi',
);
const SIGN: Readonly<Record<string, number>> = { '½': 0.5, '¼': 0.25, '¾': 0.75 };

function numberOf(text: string): number {
  const plain = text.trim().toLowerCase();
  if (NUMBER_OF[plain] !== undefined) return NUMBER_OF[plain];
  const sign = SIGN[plain.slice(-1)];
  return sign === undefined ? Number(plain.replace(',', '.')) : sign + Number(plain.slice(0, -1) || 0);
}

const FRIES = /\b(fry|frying|fries|fried|cook|golden|brown|crisp|turn|flip|side|oil|sizzle|batch)/i;
const NOT_FRYING =
  /\b(marinat|rest|leave|left|stand|chill|refrigerat|freez|oven|bake|boil|simmer|soak|steam|blanch|press|drain|sit|reduce|thicken|preheat|heat the oil|set aside|roast|cool|proof|rise)/i;
const PER_SIDE =
  /\/ ?side\b|\b(per|each|a|on each|on both|both|either|first|one|the first) side|\bsides?\b.{0,12}\beach\b|\bper side|\beach side/i;
const OTHER_SIDE = /\b(flip|turn(ed)?( over)?|other side|second side)\b/i;

/** Longest that anything stays in a pot of oil here, min. */
const MOST_MINUTES = 20;

/**
 * Minutes in the oil that a sentence tells, both sides together; null where it tells none.
 * @param inFrying it stands in a step that fries: "They need 2 minutes."
 */
export function fryMinutesIn(sentence: string, inFrying = false): number | null {
  if (
    !(FRIES.test(sentence) || (inFrying && !NOT_FRYING.test(sentence))) ||
    /\b(cube|piece|crumb|bit) of bread\b|\bbread cube/i.test(sentence)
  )
    return null;
  const spans: number[] = [];
  for (const found of sentence.matchAll(SPAN)) {
    const around = sentence.slice(Math.max(0, found.index - 34), found.index + found[0].length + 26);
    const before = sentence.slice(Math.max(0, found.index - 34), found.index);
    if (NOT_FRYING.test(before) && !/\b(fry|cook|oil until)\b/i.test(before)) continue;
    const minutes = (numberOf(found[1]) + numberOf(found[2] ?? found[1])) / 2 / (/^s/i.test(found[3]) ? 60 : 1);
    if (!Number.isFinite(minutes)) continue;
    spans.push(PER_SIDE.test(around) && !/\b(first|one) side/i.test(around) ? 2 * minutes : minutes);
  }
  if (spans.length === 0) return null;
  const more = OTHER_SIDE.test(sentence) ? /\b(\d+) more\b(?! min)|\banother (\d+)\b(?! ?min)/i.exec(sentence) : null;
  if (more && spans.length === 1) spans.push(Number(more[1] ?? more[2]));
  const both = spans.length > 1 && OTHER_SIDE.test(sentence) ? spans[0] + spans[1] : spans[0];
  const one =
    spans.length === 1 && /\b(first|one) side|until the (underside|bottom|first side)/i.test(sentence)
      ? 2 * both
      : both;
  return Math.min(MOST_MINUTES, Math.round(one * 2) / 2 || 0.5);
}

const sentencesOf = (text: string): string[] => text.split(/(?<=[a-z)’'”"°CF0-9])[.;!](?=\s|$)/);

/** What a step says of the pot. */
export function potIn(text: string, temps: boolean): { said: PotSaid; found: Found[] } {
  const found: Found[] = [];
  const said: PotSaid = { medium: null, tempC: null, minutes: null };
  const deep = DEEP.test(text);
  if (deep || PAN.test(text)) {
    said.medium = deep ? 'deep-oil' : 'pan-oil';
    if (/\b(oil|fry|fat|lard)\b|\bfrying (?!pan)/i.test(text))
      found.push({ what: 'method', text: deep ? 'deep-fried' : 'fried in a pan' });
    else said.medium = null;
  }
  const sauce = /\b(sauce|glaze|saucepan)\b/i;
  for (const sentence of sentencesOf(text)) {
    const tempC = said.tempC === null ? oilTempIn(sentence) : null;
    if (tempC !== null) {
      said.tempC = tempC;
      found.push({ what: 'oil-temperature', text: `${tempC} °C`, value: tempC });
    }
    const minutes =
      sauce.test(sentence) && !/\b(fry|oil)\b/i.test(sentence)
        ? null
        : fryMinutesIn(sentence, said.tempC !== null || /\b(deep-?fry|fry|frying|oil)\b/i.test(text));
    if (minutes !== null) {
      const sum = said.minutes !== null && /\b(again|second (fry|time)|flip|turn|other side)\b/i.test(sentence);
      if (said.minutes === null || sum) {
        said.minutes = Math.min(MOST_MINUTES, (said.minutes ?? 0) + minutes);
        found.push({ what: 'minutes', text: `${minutes} min`, value: minutes });
      }
    }
  }
  if (temps && said.tempC === null && /\b(oil|fry|pan|skillet|heat)\b/i.test(text) && !sauce.test(text)) {
    const fire = FIRE.find(([pattern]) => pattern.test(text));
    if (fire) {
      said.tempC = fire[1];
      found.push({ what: 'oil-temperature', text: `${fire[2]}: about ${fire[1]} °C`, value: fire[1] });
    }
  }
  return { said, found };
}
