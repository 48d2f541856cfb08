/** Words as they are compared: small letters without accents, signs and plurals, so that "Crêpes" and "crepe" are one. */

const ENDINGS: readonly (readonly [RegExp, string])[] = [
  [/ies$/, 'y'],
  [/(ch|sh|ss|x|o)es$/, '$1'],
  [/([^su])s$/, '$1'],
];

/** A word in the singular, well enough to compare two of them: "tomatoes" as "tomato", "breadcrumbs" as "breadcrumb". */
const singular = (word: string): string => {
  if (word.length < 4) return word;
  const ending = ENDINGS.find(([pattern]) => pattern.test(word));
  return ending ? word.replace(...ending) : word;
};

/** The words of a text, as they are compared. A hyphen parts two words; an apostrophe does not. */
export const comparedWords = (text: string): string[] =>
  text
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[\u0300-\u036f'’]/g, '')
    .split(/[^a-z0-9½¼¾⅓⅔⅛]+/)
    .filter((word) => word !== '')
    .map(singular);

/** Longer words are not compared letter by letter. Our choice: twice the longest word of a kitchen. */
const LONGEST_WORD = 64;
let [row, next] = [new Uint8Array(LONGEST_WORD + 1), new Uint8Array(LONGEST_WORD + 1)];

/**
 * Number of letters to put in, leave out or change to make one word of the other (Levenshtein), at most `most` + 1: it is
 * given up as soon as every way is longer than that.
 */
export function lettersApart(a: string, b: string, most: number): number {
  if (Math.abs(a.length - b.length) > most || b.length > LONGEST_WORD) return most + 1;
  for (let j = 0; j <= b.length; j++) row[j] = j;
  for (let i = 1; i <= a.length; i++) {
    next[0] = i;
    let least = i;
    for (let j = 1; j <= b.length; j++) {
      const changed = row[j - 1] + (a.charCodeAt(i - 1) === b.charCodeAt(j - 1) ? 0 : 1);
      next[j] = Math.min(row[j] + 1, next[j - 1] + 1, changed);
      if (next[j] < least) least = next[j];
    }
    if (least > most) return most + 1;
    [row, next] = [next, row];
  }
  return Math.min(most + 1, row[b.length]);
}
