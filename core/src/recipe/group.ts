import { functionOf, type CoatFunction } from '../foods/index.js';
import type { Thing } from './things.js';

/** Things that stand in one bowl, before it is said which. */
export interface Group {
  things: Thing[];
  /** What a heading or a clause says that it is; null where its things decide. */
  said: 'marinade' | 'sauce' | 'dip' | 'batter' | 'food' | 'filling' | null;
  /** Heading above its lines. */
  section: string | null;
  /** Its place among the bowls that the steps set out; by the lines where no step does. */
  place: number;
  /** Those of its things that stand here only by what stands beside them. */
  near?: Thing[];
}

export type Does = 'powder' | 'finish' | 'glue' | 'thin' | 'sharp' | 'season' | 'oil' | 'sauce' | 'food';
const DOES_BY_FUNCTION: Record<CoatFunction, Does> = {
  powder: 'powder',
  finish: 'finish',
  glue: 'glue',
  'thin-liquid': 'thin',
  'sharp-liquid': 'sharp',
  oil: 'oil',
  sauce: 'sauce',
  spice: 'season',
  salt: 'season',
  lift: 'season',
  food: 'food',
};

/** What a thing does in a bowl; what is not known seasons. */
export const does = ({ item }: Thing): Does => (item ? DOES_BY_FUNCTION[functionOf(item)] : 'season');

export const has = ({ things }: Pick<Group, 'things'>, ...kinds: Does[]): boolean =>
  things.some((thing) => kinds.includes(does(thing)));

/** Fresh green and citrus, which stand on the plate where nothing says otherwise. */
const GARNISH = new Set([
  'fresh-parsley',
  'fresh-herbs',
  'chives',
  'spring-onion',
  'lemon-juice',
  'lime-juice',
  'dill',
  'mint',
  'nori-flakes',
]);
export const isGarnish = ({ item }: Thing): boolean => item !== null && GARNISH.has(item.id);
