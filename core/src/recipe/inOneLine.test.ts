import fc from 'fast-check';
import { enter, readFood } from '../entry/index.js';
import { KNOWN } from '../foods/index.js';
import { inOneLine } from './inOneLine.js';

const FINE = 'flour, egg and fine crumbs';

describe('a dish said in one go is taken apart into its food and its coat', () => {
  // How cooks say a dish; common practice, no source.
  test.each<[string, string, string]>([
    ['6 salmon fillets, flour, egg and panko', '6 salmon fillets', 'flour, egg and panko'],
    ['1 large onion in 13 mm rings in beer batter', '1 large onion in 13 mm rings', 'beer batter'],
    ['12 prawns 16/20 in tempura', '12 prawns 16/20', 'tempura'],
    ['4 chicken breasts, halved, in panko', '4 chicken breasts, halved', 'panko'],
    ['2 aubergines, slabs, flour, 2 eggs, 1½ cups crumbs', '2 aubergines, slabs', 'flour, 2 eggs, 1½ cups crumbs'],
    ['8 drumsticks in buttermilk and seasoned flour', '8 drumsticks', 'buttermilk and seasoned flour'],
    ['4 chicken thighs, bone-in, buttermilk, flour', '4 chicken thighs, bone-in', 'buttermilk, flour'],
    ['500 g tofu, cubed, dredged in corn starch', '500 g tofu, cubed', 'corn starch'],
    ['12 battered cod goujons', '12 cod goujons', 'beer batter'],
    ['4 cod fillets, battered', '4 cod fillets', 'beer batter'],
    ['300 g breaded mushrooms', '300 g mushrooms', FINE],
    ['4 chicken schnitzels', '4 chicken schnitzels', FINE],
    ['8 frozen breaded fish fingers', '8 fish fingers', 'the crumbs they come in, frozen'],
    ['20 frozen chicken nuggets', '20 frozen chicken nuggets', 'the crumbs they come in, frozen'],
    ['2 chicken kievs', '2 chicken kievs', FINE],
    ['1 block tofu karaage', '1 block tofu', 'egg and potato starch'],
    ['600 g popcorn chicken', '600 g popcorn chicken', 'buttermilk and seasoned flour'],
    ['10 spring rolls', '10 spring rolls', 'spring roll sheets'],
    ['8 southern fried chicken thighs', '8 chicken thighs', 'buttermilk and seasoned flour'],
    ['4 chicken fried steaks', '4 steaks', 'buttermilk and seasoned flour'],
    ['500 g popcorn shrimp', '500 g popcorn shrimp', 'buttermilk and seasoned flour'],
    ['300 g salt and pepper squid', '300 g squid', 'egg and potato starch'],
    ['12 coconut prawns', '12 prawns', 'flour, egg and coconut with crumbs'],
    ['4 tonkatsu', '4 tonkatsu', 'flour, egg and coarse crumbs'],
    ['6 corn dogs', '6 corn dogs', 'cornmeal batter'],
    ['8 prawn pakoras', '8 prawn', 'chickpea batter'],
    ['4 crispy panko cod fillets', '4 cod fillets', 'flour, egg and coarse crumbs'],
    ['8 chicken thighs marinated in buttermilk, dredged in flour', '8 chicken thighs', 'buttermilk, flour'],
  ])('%s', (typed, food, coat) => {
    expect(inOneLine(KNOWN, typed)).toMatchObject({ food, coat });
    const entered = enter(KNOWN, { food, coat });
    expect(entered.food.doubt).toBeUndefined();
    expect(entered.fried).not.toBeNull();
  });
});

describe('what stands where a coat does is asked about, and never dropped', () => {
  test.each([
    ['8 chicken thighs in moon dust', 'moon dust'],
    ['8 chicken thighs in flour, egg and moon dust', 'flour, egg and moon dust'],
    ['500 g tofu, cubed, rolled with stardust', 'stardust'],
  ])('%s', (typed, coat) => {
    const said = inOneLine(KNOWN, typed)!;
    expect(said).toMatchObject({ coat, byName: false, unclear: true });
    const entered = enter(KNOWN, { food: said.food, coat });
    expect(entered.food.bought).not.toBeNull();
    expect(entered.fried).toBeNull();
  });

  test.each([
    '2 onions in 13 mm rings',
    '3 potatoes cut in wedges',
    '6 mussels in the shell',
    '12 gherkins in brine',
    '4 chicken thighs with skin',
    '1 cabbage in six',
  ])('%s: how it is cut, or what it comes in, is no coat', (typed) =>
    expect(inOneLine(KNOWN, typed)?.coat ?? null).toBeNull(),
  );
});

test('a dish whose name alone tells of its coat is told from one of which a coat is said', () => {
  const byName = (typed: string): boolean => inOneLine(KNOWN, typed)!.byName;
  expect(['4 chicken schnitzels', '10 spring rolls'].map(byName)).toEqual([true, true]);
  expect(['4 chicken schnitzels in panko', '12 battered cod goujons'].map(byName)).toEqual([false, false]);
});

test('that a food is fried, or crispy, makes no other food of it', () => {
  const plain = (typed: string): string => inOneLine(KNOWN, typed)!.food;
  expect(plain('6 fried green tomatoes')).toBe('6 green tomatoes');
  expect(plain('2 crispy aubergines, slabs')).toBe('2 aubergines, slabs');
  expect(inOneLine(KNOWN, '4 pan-fried pork chops')).toMatchObject({
    food: '4 pork chops',
    coat: null,
    pot: { medium: 'pan-oil' },
  });
});

test('of twelve bhajis it is asked how many onions they are', () => {
  const { food } = inOneLine(KNOWN, '12 onion bhajis')!;
  expect(readFood(KNOWN, food)).toMatchObject({ bought: null, doubt: 'how-much' });
});

describe('and its frying', () => {
  test.each<[string, 'deep-oil' | 'pan-oil' | null, number | null, number | null]>([
    ['6 salmon fillets, flour, egg and panko, shallow fried 4 min each side', 'pan-oil', null, 8],
    ['500 g tofu, cubed, dredged in corn starch and deep fried at 180 for 5 minutes', 'deep-oil', 180, 5],
    ['8 mozzarella sticks in crumbs fried 2 minutes', null, null, 2],
    ['12 prawns in tempura at 350 °F', null, 177, null],
    ['8 okra, cornmeal', null, null, null],
    ['8 deep-fried okra, cornmeal', 'deep-oil', null, null],
    // No coat is said.
    ['4 pork chops, pan fried 5 min each side', 'pan-oil', null, 10],
  ])('%s', (typed, medium, tempC, minutes) => {
    expect(inOneLine(KNOWN, typed)!.pot).toEqual({ medium, tempC, minutes });
  });

  test('is that of the dish, where the cook has not said otherwise', () => {
    const { food, coat, pot } = inOneLine(KNOWN, '4 pork schnitzel in crumbs, pan fried for 6 minutes')!;
    const said = { food, coat: coat!, medium: pot.medium!, tempC: 165 };
    expect(enter(KNOWN, { ...said, minutes: pot.minutes! }).fried).toMatchObject({
      medium: 'pan-oil',
      tempC: 165,
      minutes: 6,
    });
    expect(enter(KNOWN, { ...said, minutes: 3 }).fried!.minutes).toBe(3);
  });
});

describe('what names no coat stays with the food', () => {
  test.each([
    '24 oyster mushrooms, torn',
    '1½ lb thighs, bite-size',
    '1 large onion in 13 mm rings',
    '3 potatoes as fries',
    '4 cod fillets, skin on',
    '4 chicken breasts, halved flat',
    '500 g mince, rolled into balls',
    '6 boiled eggs',
    // Wet things and spices alone are a sauce or a marinade.
    '1 kg chicken wings with hot sauce',
    '500 g squid rings, salt and pepper',
    'potatoes with rosemary',
    'halloumi, honey',
    // Not said to the end.
    '6 salmon fillets,',
    '6 salmon fillets in',
    '',
  ])('%s', (typed) => expect(inOneLine(KNOWN, typed)).toBeNull());

  test('whatever is typed, a coat that is found can be dipped in and leaves words for the food', () => {
    const words = fc.constantFrom(
      '6',
      'salmon',
      'fillets',
      ',',
      'in',
      'flour',
      'egg',
      'and',
      'panko',
      'fried',
      '4 min',
      'torn',
      'moondust',
    );
    fc.assert(
      fc.property(fc.array(words, { maxLength: 12 }), (typed) => {
        const said = inOneLine(KNOWN, typed.join(' '));
        if (!said) return;
        const { fried } = enter(KNOWN, { food: '500 g salmon', coat: said.coat ?? 'flour' });
        // One of which something is not known is asked about; every other can be dipped in.
        expect([fried === null, typed.join(' ')]).toEqual([said.unclear, typed.join(' ')]);
        expect(said.food).not.toMatch(/[\s,]$/);
        expect(() => readFood(KNOWN, said.food)).not.toThrow();
      }),
      { seed: 20261129, numRuns: 300 },
    );
  });
});
