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
const aRow = (): Uint8Array => new Uint8Array(LONGEST_WORD + 1);
let [before, row, next] = [aRow(), aRow(), aRow()];

/**
 * Number of letters to put in, leave out, change or swap with their neighbour to make one word of the other (Damerau and
 * Levenshtein, each letter touched once), at most `most` + 1: it is given up as soon as every way is longer than that.
 */
export function lettersApart(a: string, b: string, most: number): number {
  if (Math.abs(a.length - b.length) > most || b.length > LONGEST_WORD) return most + 1;
  for (let j = 0; j <= b.length; j++) row[j] = j;
  let leastBefore = 0;
  for (let i = 1; i <= a.length; i++) {
    next[0] = i;
    let least = i;
    for (let j = 1; j <= b.length; j++) {
      const changed = row[j - 1] + (a[i - 1] === b[j - 1] ? 0 : 1);
      next[j] = Math.min(row[j] + 1, next[j - 1] + 1, changed);
      if (i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1])
        next[j] = Math.min(next[j], before[j - 2] + 1);
      if (next[j] < least) least = next[j];
    }
    // Two letters that are swapped go on from the row before this one.
    if (least > most && leastBefore > most) return most + 1;
    leastBefore = least;
    [before, row, next] = [row, next, before];
  }
  return Math.min(most + 1, row[b.length]);
}
