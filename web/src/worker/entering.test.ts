import { KNOWN } from '@yellowmist/core';
import { enterDish } from './entering';

const likely = (food: string): string[] =>
  enterDish(KNOWN, { food, coat: 'beer batter', own: [], weights: [] }).likelyFoods.map((l) => l.words);

describe('what is asked about a food is answered in the words of a market', () => {
  test.each([
    ['8 pieces of chicken', ['8 chicken thighs on the bone, whole', '8 drumsticks, whole', '8 wing pieces, whole']],
    ['12 whole wings from outer space', ['12 whole wings']],
    ['some okra', ['40 pods of okra, short pieces', '500 g of okra, short pieces']],
  ])('%s', (food, words) => expect(likely(food)).toEqual(expect.arrayContaining(words)));

  test('so much that a hand must have slipped is not offered', () => {
    expect(likely('30 kg prawns')).toHaveLength(3);
    expect(likely('9 kg prawns')).toContain('9000 g of prawns, butterflied');
  });
});
