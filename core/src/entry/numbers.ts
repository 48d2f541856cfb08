import { HEAPED, SCANT } from './constants.js';

/** Words that are numbers, as they stand before a measure or a food. */
const NUMBER_WORDS: Readonly<Record<string, string>> = {
  a: '1',
  an: '1',
  one: '1',
  two: '2',
  three: '3',
  four: '4',
  five: '5',
  six: '6',
  seven: '7',
  eight: '8',
  nine: '9',
  ten: '10',
  eleven: '11',
  twelve: '12',
  fifteen: '15',
  twenty: '20',
  couple: '2',
  few: '3',
  several: '4',
};

/** Words before a measure that make it more or less, and how much. */
const FULLNESS: readonly (readonly [RegExp, number])[] = [
  [/\b(heaped|heaping|rounded|generous)\s+/, HEAPED],
  [/\b(scant)\s+/, SCANT],
  [/\b(level|flat)\s+(?=(cup|tbsp|tsp|table|tea))/, 1],
];

/** What is written before a number and does not change it. */
const HEDGES = /^(about|around|approximately|approx\.?|roughly|some|circa|ca\.|at least|up to)\s+(?=[\d½¼¾⅓⅔⅛a-z])/;

const timesDozen = (text: string): string =>
  text
    .replace(/\bhalf (a )?dozen\b/g, '6')
    .replace(/\b(\d+) dozen\b/g, (_, n: string) => String(Number(n) * 12))
    .replace(/\b(a )?dozen\b/g, '12');

const withHalves = (text: string): string =>
  text
    .replace(/\b(\d+|one|two|three|four) and (a half|1\/2|½)\b/g, '$1 1/2')
    .replace(/\bhalf (of )?(an?|the|1) /g, '1/2 ')
    .replace(/\bhalf (?=(cup|tsp|tbsp|teaspoon|tablespoon|pound|lb|kilo|block|head)\b)/g, '1/2 ')
    .replace(/\b(an? )?quarter (of an? |an? |of )?(?=[a-z])/g, '1/4 ')
    .replace(/\bthree quarters? (of an? |of )?(?=[a-z])/g, '3/4 ');

/** A text with its numbers in figures, and how much fuller than level its measure is. */
export interface Numbered {
  text: string;
  fullness: number;
}

/**
 * A line with number words turned into figures: "half a cup of flour" as "1/2 cup flour", "a dozen wings" as "12 wings",
 * "juice of a lemon" as "1 lemon juice". In small letters.
 */
export function numbered(line: string): Numbered {
  let text = line
    .toLowerCase()
    // "Aïoli" begins with no "a".
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '')
    .replace(/\s+/g, ' ')
    .replace(/[•*·]/g, '')
    // The dash of a list, and no minus: there is no less than nothing.
    .replace(/^\s*[-–−]\s*(?=[\d½¼¾⅓⅔⅛])/, '')
    .replace(/(\d),(?=\d{1,2}\b)/g, '$1.')
    .replace(/\b(milli|centi|deci|)lit(re|er)s?\b/g, (_, part: string) => `${part.slice(0, 1)}l`)
    .replace(/\bgrammes?\b/g, 'g')
    .replace(/(\d) ?(tbs|tblsp|tbl)\b/g, '$1 tbsp')
    .trim();
  text = text.replace(/^(the )?(juice|zest) (of|from) /, (_, __, what: string) => `${what} `);
  const squeezed = /^(juice|zest) (.*)$/.exec(text);
  if (squeezed) text = `${squeezed[2]} ${squeezed[1]}`;
  text = withHalves(timesDozen(text.replace(HEDGES, '')));
  let fullness = 1;
  for (const [pattern, factor] of FULLNESS) {
    if (!pattern.test(text)) continue;
    text = text.replace(pattern, '');
    fullness = factor;
  }
  const first = /^(an?|the) (few|couple|couple of|dozen)\b/.exec(text);
  if (first) text = text.replace(first[0], first[2].split(' ')[0]);
  text = text.replace(/^([a-z]+)\b/, (word) => NUMBER_WORDS[word] ?? word);
  return { text, fullness };
}
