/** What is fried and has no coat that could be converted. Common practice, no source. */

/** Dough that is fried by itself; or what is wrapped in a pastry of flour and fat. */
export type Uncoated = 'dough' | 'pastry';

const UNCOATED: readonly (readonly [RegExp, Uncoated])[] = [
  [
    /\b(?:dough?nuts?|donuts?|beignets?|churros?|funnel cakes?|hush ?puppies|hush ?puppy|fry ?bread|zeppol[ei])\b/,
    'dough',
  ],
  [/\b(?:samosas?|empanadas?|pasty|pasties|calzones?|pierogi|turnovers?|piroshki|pirozhki)\b/, 'pastry'],
  [/\b(?:wontons?|gyozas?|pot ?stickers?|dumplings?|momos?|rangoons?)\b(?! (?:filling|wrapper|skin|sheet))/, 'pastry'],
];

/** Ids of foods that come rolled in a thin sheet: the nearest to a parcel in pastry. */
export const PARCELS = ['roll-filling'];

/** Which of them words in small letters name; undefined where they name none. */
export const uncoatedIn = (lower: string): Uncoated | undefined => UNCOATED.find(([words]) => words.test(lower))?.[1];
