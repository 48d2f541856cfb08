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

/** Number of letters to put in, leave out or change to make one word of the other (Levenshtein), at most `most` + 1. */
export function lettersApart(a: string, b: string, most: number): number {
  if (Math.abs(a.length - b.length) > most) return most + 1;
  let row = Array.from({ length: b.length + 1 }, (_, j) => j);
  for (let i = 1; i <= a.length; i++) {
    const next = [i];
    for (let j = 1; j <= b.length; j++) {
      next.push(Math.min(row[j] + 1, next[j - 1] + 1, row[j - 1] + (a[i - 1] === b[j - 1] ? 0 : 1)));
    }
    row = next;
  }
  return row[b.length];
}
