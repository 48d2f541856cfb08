import { cutUp, PIECES } from './cutUp.js';
import { soldAs } from './sold.js';
import { foodOf, KNOWN } from '../foods/index.js';

/** What a market sells, against open tables. All figures from memory. */

/** One medium, raw, as it is bought, g: USDA FoodData Central (SR Legacy), portion weights; edible ones over what is left of them. */
const MEDIUM_G: Readonly<Record<string, number>> = {
  apple: 182,
  pear: 178,
  peach: 150,
  fennel: 234,
  courgette: 196,
  aubergine: 458,
  'bell-pepper': 164,
  'sweet-potato': 180,
  potato: 213,
  banana: 118 / 0.64,
  plantain: 179 / 0.65,
  carrot: 72,
  cauliflower: 588,
};

test.each(Object.entries(MEDIUM_G))('a %s as it is bought weighs about what the open table says', (id, grams) => {
  const [usual] = soldAs({ id }).units;
  expect(usual.grams / grams).toBeGreaterThan(0.75);
  expect(usual.grams / grams).toBeLessThan(1.33);
});

/** Share that is left when it is peeled and cored: USDA FoodData Central (SR Legacy), refuse. */
const LEFT: Readonly<Record<string, number>> = {
  onion: 0.9,
  'bell-pepper': 0.82,
  banana: 0.64,
  plantain: 0.65,
  carrot: 0.89,
  parsnip: 0.85,
  okra: 0.86,
  celeriac: 0.86,
  apple: 0.9,
  pear: 0.9,
  mango: 0.69,
  pumpkin: 0.84,
  fennel: 0.72,
};

test.each(Object.entries(LEFT))('of a %s as much is left as the open table says, within a tenth', (id, left) => {
  expect(Math.abs(soldAs({ id }).trimmed - left)).toBeLessThan(0.1);
});

describe('geometry that anybody can do on paper', () => {
  const pieces = (id: string, cut: Parameters<typeof cutUp>[2], sizeMm?: number) =>
    cutUp(foodOf(KNOWN, id), { unit: soldAs({ id }).units[0].id, amount: 1 }, cut, sizeMm);

  test('slices of half the thickness are twice as many, within one', () => {
    const [thick, thin] = [pieces('courgette', 'rounds', 12), pieces('courgette', 'rounds', 6)];
    expect(Math.abs(thin.count - 2 * thick.count)).toBeLessThanOrEqual(1);
  });

  test('all that is cut from one weighs less than it, and what is left is told to the gram', () => {
    for (const id of ['courgette', 'onion', 'potato', 'apple', 'aubergine']) {
      for (const cut of soldAs({ id }).cuts) {
        const { boughtG, usedG, leftG, pieceG, count } = pieces(id, cut.id);
        expect(count * pieceG).toBeCloseTo(usedG, 6);
        expect(usedG + leftG).toBeCloseTo(boughtG, 6);
        expect(usedG).toBeLessThan(boughtG);
      }
    }
  });

  test('so many pieces are bought with what falls away from them', () => {
    const { count, boughtG, usedG } = cutUp(foodOf(KNOWN, 'banana'), { unit: PIECES, amount: 12 }, 'portions');
    expect(count).toBe(12);
    expect(usedG / boughtG).toBeLessThan(soldAs({ id: 'banana' }).trimmed + 1e-9);
  });
});
