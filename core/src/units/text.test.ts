import {
  capitalised,
  celsius,
  counted,
  filmMm,
  grams,
  isEmpty,
  joined,
  kelvins,
  listed,
  lowered,
  mass,
  millilitres,
  millimetres,
  plain,
  QUANTITY_KINDS,
  setTo,
  spoken,
  text,
  type Text,
} from './text.js';

describe('a sentence as words and quantities', () => {
  test('holds its quantities as they are, between its words', () => {
    expect(text`The centre is at ${celsius(71.2)}.`).toEqual([
      'The centre is at ',
      { kind: 'temperature', value: 71.2 },
      '.',
    ]);
  });

  test('numbers, words and other sentences become a part of it; never two words in a row', () => {
    const cause = text`its foot is at ${celsius(60)}`;
    const said = text`In ${3} of ${'four'} places ${cause}: ${'wet'}.`;
    expect(said).toEqual(['In 3 of four places its foot is at ', { kind: 'temperature', value: 60 }, ': wet.']);
    expect(joined('a', 'b', celsius(1), '', 'c', text`d`)).toEqual(['ab', { kind: 'temperature', value: 1 }, 'cd']);
  });

  test('of nothing is empty', () => {
    expect(isEmpty(text``)).toBe(true);
    expect(isEmpty(text`${''}`)).toBe(true);
    expect(isEmpty(text`x`)).toBe(false);
  });

  test.each<[Text, string]>([
    [text`${celsius(185.4)}`, '185 °C'],
    [text`${setTo(190, 5)}`, '190 °C'],
    [text`${kelvins(10)} hotter`, '10 °C hotter'],
    [text`${millimetres(16.2)}`, '16 mm'],
    [text`${filmMm(1.26)}`, '1.3 mm'],
    [text`${mass(349.6)}`, '350 g'],
    [text`${grams(1.25)}`, '1.3 g'],
    [text`${grams(1.25, 2)}`, '1.25 g'],
    [text`${millilitres(240.2)}`, '240 ml'],
  ])('%j reads in SI units as %s', (said, words) => expect(plain(said)).toBe(words));

  test('every kind of quantity has its unit', () => {
    for (const { unit, digits } of Object.values(QUANTITY_KINDS)) {
      expect(unit).not.toBe('');
      expect(digits).toBeGreaterThanOrEqual(0);
    }
  });
});

describe('words', () => {
  test.each([
    [[], ''],
    [['egg'], 'egg'],
    [['egg', 'milk'], 'egg and milk'],
    [['egg', 'milk', 'wheat'], 'egg, milk and wheat'],
  ])('%j are listed as "%s"', (words, said) => expect(listed(words)).toBe(said));

  test('are counted: one batch, three batches', () => {
    expect(counted(1, 'batch', 'batches')).toBe('1 batch');
    expect(counted(3, 'batch', 'batches')).toBe('3 batches');
    expect(counted(2, 'rack')).toBe('2 racks');
  });

  test.each([
    ['Egg, beaten', 'egg'],
    ['Egg, beaten and milk', 'egg and milk'],
    ['Chicken wings, with skin', 'chicken wings'],
    ['Duck breast, without skin', 'duck breast'],
    ['Mozzarella, firm', 'mozzarella'],
  ])('%s is spoken as "%s"', (name, said) => expect(spoken(name)).toBe(said));

  test('stand inside of a sentence or at its beginning', () => {
    expect(lowered('Fine dry crumbs')).toBe('fine dry crumbs');
    expect(capitalised('golden')).toBe('Golden');
  });
});

describe('lengths', () => {
  test.each([
    [8.5, '8.5 mm'],
    [8.7, '8.5 mm'],
    [8.8, '9 mm'],
    [12, '12 mm'],
    [19.9, '20 mm'],
    [24.5, '25 mm'],
    [210.4, '210 mm'],
    [0, '0 mm'],
  ])('%d mm is told as %s: no knife cuts finer, no ruler reads finer', (mm, told) =>
    expect(plain(text`${millimetres(mm)}`)).toBe(told),
  );

  test('of a length with digits of its own those are told', () =>
    expect(plain([{ kind: 'length', value: 8.72, digits: 2 }])).toBe('8.72 mm'));
});
