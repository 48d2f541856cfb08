import { foodOf, KNOWN } from '../foods/index.js';
import { readFood, piecesOf } from './food.js';

/** Within 15 % of what a cook counts on the board. */
const near = (value: number, expected: number): boolean => Math.abs(value - expected) <= 0.15 * expected;

describe('twenty dishes as cooks say them', () => {
  // Food, pieces, g of one: what comes out on a kitchen's board. Invented, by common practice, no source.
  test.each<[string, string, number, number]>([
    ['1½ lb thighs, bite-size', 'chicken-thigh', 34, 19],
    ['1 large onion in 13 mm rings', 'onion', 11, 16],
    ['12 prawns 16/20', 'prawn', 12, 21],
    ['4 chicken breasts, halved flat', 'chicken-breast', 8, 97],
    ['500 g tofu, cubed', 'tofu', 31, 16],
    ['1 head of cauliflower in florets', 'cauliflower', 44, 10.2],
    ['a cauliflower, cut into steaks', 'cauliflower', 2, 112],
    ['3 zucchini in 1/2 inch rounds', 'courgette', 34, 16.5],
    ['2 medium aubergines, slabs', 'aubergine', 11, 60],
    ['a block of halloumi in fingers', 'halloumi', 9, 25],
    ['1 kg chicken wings', 'chicken-wing', 22, 45],
    ['600 g cod, in strips', 'cod', 13, 42],
    ['8 drumsticks', 'chicken-drumstick', 8, 115],
    ['4 pork chops', 'pork-loin', 4, 120],
    ['3 potatoes as fries', 'potato', 46, 11],
    ['20 halved brussels sprouts', 'brussels-sprout', 40, 8.6],
    ['half a butternut squash, cubed', 'pumpkin', 43, 8.2],
    ['6 boiled eggs', 'boiled-egg', 12, 26],
    ['300 g squid rings', 'squid', 38, 8],
    ['500 g mince, rolled into balls', 'meatball', 42, 12],
    ['24 oyster mushrooms', 'oyster-mushroom', 24, 22],
    ['a dozen oysters', 'oyster', 12, 14],
  ])('%s', (words, foodId, count, grams) => {
    const { bought } = readFood(KNOWN, words);
    expect(bought?.foodId).toBe(foodId);
    const pieces = piecesOf(KNOWN, bought!);
    expect([pieces.count, near(pieces.count, count)]).toEqual([pieces.count, true]);
    expect([pieces.pieceG, near(pieces.pieceG, grams)]).toEqual([pieces.pieceG, true]);
  });
});

describe('what the words end on is what is counted', () => {
  const counted = (text: string): string => {
    const { bought } = readFood(KNOWN, text);
    return `${bought!.foodId} ${bought!.unit} ${piecesOf(KNOWN, bought!).count}`;
  };

  // How cooks count; common practice, no source.
  test.each([
    ['20 onion rings', 'onion piece 20'],
    ['24 potato wedges', 'potato piece 24'],
    ['12 aubergine slices', 'aubergine piece 12'],
    ['30 courgette sticks', 'courgette piece 30'],
    ['12 squid rings', 'squid piece 12'],
    ['8 fish fingers', 'cod piece 8'],
    ['16 cod goujons', 'cod piece 16'],
    ['12 chicken strips', 'chicken-breast piece 12'],
    ['6 chicken cutlets', 'chicken-breast piece 6'],
    ['4 chicken schnitzels', 'chicken-breast piece 4'],
    ['8 mozzarella sticks', 'mozzarella piece 8'],
    ['2 halloumi slices', 'halloumi piece 2'],
    ['8 egg halves', 'boiled-egg piece 8'],
    ['20 pickles', 'gherkin piece 20'],
  ])('"%s" are so many pieces', (text, told) => expect(counted(text)).toBe(told));

  test.each([
    ['2 onions in rings', 'onion medium-onion 16'],
    ['3 potatoes as fries', 'potato medium-potato 46'],
    ['4 aubergines, slices', 'aubergine medium-aubergine 44'],
    ['1 large onion rings', 'onion large-onion 11'],
    ['5 gherkins', 'gherkin gherkin 86'],
    ['12 gherkins in spears', 'gherkin gherkin 48'],
    ['4 chicken breasts in strips', 'chicken-breast breast 22'],
    ['6 turkey steaks', 'turkey-breast steak 6'],
    ['10 chicken tenders', 'chicken-tender tender 10'],
  ])('"%s" are so many of what is bought', (text, told) => expect(counted(text)).toBe(told));

  test.each(['1 bag frozen fries', '1 bag frozen chicken nuggets', '2 packets onion rings'])(
    '"%s": nobody knows how many are in it',
    (text) => expect(readFood(KNOWN, text)).toMatchObject({ bought: null, doubt: 'measure' }),
  );

  test('what is sold in packs is bought in packs', () => {
    expect(counted('1 pack tempeh')).toMatch(/^tempeh block /);
    expect(counted('2 tins jackfruit')).toMatch(/^jackfruit tin /);
  });

  test.each(['1 whole chicken, cut up', '1 chicken, jointed', 'half a chicken', '2 chickens', '8 pieces chicken'])(
    '"%s" is no breast',
    (text) => {
      const { bought, doubt, likely } = readFood(KNOWN, text);
      expect([bought, doubt]).toEqual([null, 'which-pieces']);
      expect(likely.map((l) => l.foodId)).toContain('chicken-drumstick');
    },
  );

  test.each([
    ['6 churros', 'dough', 0],
    ['12 hush puppies', 'dough', 0],
    ['6 chicken samosas', 'pastry', 1],
    ['20 gyoza', 'pastry', 1],
  ])('"%s" has no coat to convert: %s', (text, doubt, answers) => {
    const read = readFood(KNOWN, text);
    expect(read).toMatchObject({ bought: null, doubt });
    expect(read.likely).toHaveLength(answers);
  });

  test('pieces of a bird that are counted are as many of each kind', () => {
    const amounts = (text: string): number[] => readFood(KNOWN, text).likely.map((l) => l.amount);
    expect(amounts('8 chicken pieces')).toEqual([8, 8, 8, 8]);
    expect(new Set(amounts('1 chicken')).size).toBeGreaterThan(1);
    expect(amounts('6 chicken samosas')).toEqual([6]);
    expect(amounts('1000000 samosas')).toEqual(amounts('samosas'));
    expect(amounts('0 samosas')).toEqual(amounts('samosas'));
    expect(amounts('300 g of samosas')).toEqual(amounts('samosas'));
    expect(readFood(KNOWN, '8 pieces of chicken breast').bought).not.toBeNull();
  });

  test('the dash of a list is no minus', () => expect(counted('- 3 onions')).toBe(counted('3 onions')));

  test.each([
    ['8 chicken thighs, bone-in, skin-on', 'chicken-thigh-on-bone thigh 8'],
    ['8 boneless chicken thighs', 'chicken-thigh thigh 8'],
    ['8 chicken thighs', 'chicken-thigh thigh 8'],
    ['8 chicken thighs, bite-size', 'chicken-thigh thigh 39'],
    ['12 mozzarella sticks, halved', 'mozzarella piece 24'],
    ['4 thighs, diced', 'chicken-thigh thigh 20'],
  ])('"%s" by what stands behind the comma', (text, told) => expect(counted(text)).toBe(told));

  test('what is weighed is cut as it usually is', () =>
    expect(readFood(KNOWN, '800 g chicken thighs').bought).toMatchObject({ unit: 'g', cut: 'bite-size' }));

  test('a cut that a food has not is the nearest that it has', () => {
    expect(readFood(KNOWN, '2 chicken breasts in 3 cm cubes').bought).toMatchObject({ cut: 'bite-size', sizeMm: 30 });
    expect(readFood(KNOWN, '400 g tofu, bite-size').bought!.cut).toBe('cubes');
  });

  test.each(['🍟🍟', '???'])('%s: nothing is near to no word', (text) =>
    expect(readFood(KNOWN, text)).toMatchObject({ bought: null, doubt: 'unknown', likely: [] }),
  );

  test('a name that says a cut alone makes no other food of a word that nobody knows', () => {
    expect(readFood(KNOWN, '4 swordfish steaks')).toMatchObject({ bought: null, doubt: 'unknown', likely: [] });
    expect(readFood(KNOWN, '2 rump steaks').bought).toMatchObject({ foodId: 'beef-steak', amount: 2 });
  });
});

describe('the cut and its size in the words', () => {
  test.each([
    ['2 onions, 1 cm rings', 'rings', 10],
    ['2 onions in ½ inch rings', 'rings', 12.7],
    ['1 cauliflower, large florets', 'florets', 40],
    ['1 cauliflower, small florets', 'florets', 24],
    ['500 g salmon in 1-inch cubes', 'cubes', 25.4],
  ])('%s', (words, cut, sizeMm) => {
    const { bought } = readFood(KNOWN, words);
    expect(bought?.cut).toBe(cut);
    expect(bought?.sizeMm).toBeCloseTo(sizeMm, 1);
  });

  test('large florets do not make a large head', () => {
    expect(readFood(KNOWN, '1 head of cauliflower, large florets').bought?.unit).toBe('medium-head');
    expect(readFood(KNOWN, '1 large head of cauliflower').bought?.unit).toBe('large-head');
  });

  test.each([
    ['4 veggie burgers', 'bean-patty', 4],
    ['3 cauliflower florets', 'cauliflower', 3],
    ['8 falafel', 'chickpea-patty', 8],
    ['12 meatballs', 'meatball', 12],
  ])('"%s" are so many pieces, not so many bowls or heads', (words, foodId, count) => {
    const { bought } = readFood(KNOWN, words);
    expect([bought?.foodId, piecesOf(KNOWN, bought!).count]).toEqual([foodId, count]);
  });

  test('"2 cauliflowers, florets" are two heads', () =>
    expect(piecesOf(KNOWN, readFood(KNOWN, '2 cauliflowers, florets').bought!).count).toBeGreaterThan(60));

  test('a weight of florets or rings is that of the pieces, of a whole it is as bought', () => {
    const cut = piecesOf(KNOWN, readFood(KNOWN, '500 g cauliflower florets').bought!);
    const whole = piecesOf(KNOWN, readFood(KNOWN, '500 g cauliflower').bought!);
    expect(cut.usedG).toBeGreaterThan(490);
    expect(whole.usedG).toBeLessThan(400);
    expect(cut.boughtG).toBeGreaterThan(600);
  });

  test('the kitchen’s own weights count', () => {
    const { bought } = readFood(KNOWN, '2 onions', () => ({ 'medium-onion': 300 }));
    expect(piecesOf(KNOWN, bought!, { 'medium-onion': 300 }).boughtG).toBe(600);
  });
});

describe('what is not understood is asked', () => {
  test.each([
    ['some chicken', 'how-much', 'chicken-breast'],
    ['onion', 'how-much', 'onion'],
    ['0 g cod', 'nothing', 'cod'],
    ['1 cup onion rings', 'measure', 'onion'],
    ['40 kg potatoes', 'too-much', 'potato'],
    ['2 onions in 500 mm rings', 'size', 'onion'],
    ['3 auberjines', 'unknown', 'aubergine'],
    ['100 eggs', 'unknown', 'boiled-egg'],
    ['500 g pork belly', 'another-kind', 'pork-loin'],
    ['2 lb turkey wings', 'another-kind', 'chicken-wing'],
    ['6 duck legs', 'another-kind', 'duck-breast'],
    ['500 g vegan chicken', 'another-kind', 'seitan'],
    ['16 plant-based prawns', 'another-kind', 'seitan'],
  ])('"%s": %s, and %s is the likeliest answer', (words, doubt, foodId) => {
    const reading = readFood(KNOWN, words);
    expect(reading).toMatchObject({ typed: words, bought: null, doubt });
    expect(reading.likely[0].foodId).toBe(foodId);
    for (const bought of reading.likely) expect(piecesOf(KNOWN, bought).count).toBeGreaterThan(0);
  });

  test('what is of no animal is never taken for one, and keeps its weight', () => {
    const { likely } = readFood(KNOWN, '300 g meat-free sausages');
    expect(likely.length).toBeGreaterThan(1);
    for (const { foodId, unit, amount } of likely) {
      expect(foodOf(KNOWN, foodId).origin).toBe('none');
      expect([unit, amount]).toEqual(['g', 300]);
    }
  });

  test.each([
    '500 g boneless skinless free-range chicken thighs',
    '1 kg fresh raw peeled prawns',
    '2 ripe but firm avocados',
    '300 g large oyster mushrooms, torn',
  ])('"%s" is only described', (words) => expect(readFood(KNOWN, words).doubt).toBeUndefined());

  test('a word that nothing is near has no answers', () =>
    expect(readFood(KNOWN, '3 xyzzyqqq')).toMatchObject({ bought: null, doubt: 'unknown', likely: [] }));
});
