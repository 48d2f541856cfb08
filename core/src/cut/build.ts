import type { FoodCut, CutId, MarketUnit, Sold } from './types.js';

/** Shares that become pieces: of what is cut from a block or trimmed clean, of a root, and of what loses its outsides. Common practice, no source. */
export const NEARLY_ALL = 0.97;
export const MOST_OF_IT = 0.9;
export const WITHOUT_ENDS = 0.85;

/** Usual weights and cuts that no publication is known for. */
export const PRACTICE = 'common practice, no source';
/** Portion weights of the open table. */
export const FDC_PORTIONS = 'USDA FoodData Central, portion weights, from memory';

/** "medium onion" of 150 g; its plural is made with an s where none is given. */
export const unit = (name: string, grams: number, plural = `${name}s`, trimmed?: number): MarketUnit => ({
  id: name.replaceAll(' ', '-').replaceAll('/', '-'),
  name,
  plural,
  grams,
  ...(trimmed === undefined ? {} : { trimmed }),
});

/** Small, medium and large ones, the usual one first. */
export const threeSizes = (
  name: string,
  [small, medium, large]: readonly [number, number, number],
  plural?: string,
) => {
  const of = (size: string, grams: number): MarketUnit => unit(`${size} ${name}`, grams, plural && `${size} ${plural}`);
  return [of('medium', medium), of('small', small), of('large', large)];
};

type Rest = Partial<Omit<FoodCut, 'id' | 'how'>>;

/** A cut of `sizeMm` mm. */
export const cut = (id: CutId, sizeMm: number | null, how: string, rest: Rest = {}): FoodCut => ({
  id,
  name: rest.name ?? id.replaceAll('-', ' '),
  sizeMm,
  share: 1,
  how,
  ...rest,
});

/** Left as it is bought. */
export const whole = (how: string, rest: Rest = {}): FoodCut => cut('whole', null, how, rest);

type Given = Partial<Sold> & Pick<Sold, 'units' | 'body' | 'cuts' | 'usual'>;

/** How a food is sold; common practice, untrimmed, where nothing is said. */
export const sold = (given: Given): Sold => ({ trimmed: 1, source: PRACTICE, ...given });
