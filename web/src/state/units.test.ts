import {
  fieldTurn,
  numberOf,
  oilAmount,
  partAmount,
  settingIn,
  settingStep,
  settingTurn,
  shownNumber,
  textIn,
  withUnit,
} from './units';
import { celsius, kelvins, millimetres, setTo, text } from '@yellowmist/core';

const plain = (text: string): string => text.replaceAll('\u00a0', ' ');

describe('numbers at the screen’s edge', () => {
  test.each([
    [185, 'temperature', 'metric', '185 °C'],
    [185, 'temperature', 'us', '365 °F'],
    [16, 'length', 'us', '0.63 in'],
    [1.26, 'film', 'metric', '1.3 mm'],
    [500, 'mass', 'us', '17.6 oz'],
    [3.2, 'mass', 'us', '3.2 g'],
    [2.5, 'minutes', 'us', '2.5 min'],
  ] as const)('%d %s in %s is %s', (value, quantity, system, shown) => {
    expect(plain(withUnit(value, quantity, system))).toBe(shown);
  });

  test('a field keeps the tenths that were typed, words tell half millimetres of what is thin', () => {
    expect(numberOf(11.6, fieldTurn('length', 'metric'))).toBe('11.6');
    expect(numberOf(12, fieldTurn('length', 'metric'))).toBe('12');
    expect(plain(withUnit(11.6, 'length', 'metric'))).toBe('11.5 mm');
    expect(plain(withUnit(9, 'length', 'metric'))).toBe('9 mm');
    expect(plain(withUnit(24.5, 'length', 'metric'))).toBe('25 mm');
    expect(numberOf(16, fieldTurn('length', 'us'))).toBe('0.63');
    expect(numberOf(182.4, fieldTurn('temperature', 'metric'))).toBe('182');
  });

  test('no trailing zeros', () => expect(shownNumber(5, 'minutes', 'metric')).toBe('5'));

  test('temperatures, differences of temperature and lengths inside a sentence are turned over', () => {
    const said = text`The centre is at ${celsius(60)}. Cook ${kelvins(10)} hotter, or cut it thinner than ${millimetres(20)}.`;
    expect(plain(textIn(said, 'us'))).toBe(
      'The centre is at 140 °F. Cook 18 °F hotter, or cut it thinner than 0.79 in.',
    );
    expect(plain(textIn(said, 'metric'))).toBe(
      'The centre is at 60 °C. Cook 10 °C hotter, or cut it thinner than 20 mm.',
    );
  });

  // Fryers that count in °F go in steps of 5 or 10: common practice, no source.
  test('a setting is told in the steps that the fryer has', () => {
    expect(plain(settingIn(190, 5, 'us'))).toBe('375 °F');
    expect(plain(settingIn(180, 10, 'us'))).toBe('360 °F');
    expect(plain(settingIn(182, 1, 'us'))).toBe('360 °F');
    expect(plain(settingIn(190, 5, 'metric'))).toBe('190 °C');
    expect(plain(textIn(text`Cook at ${setTo(200, 5)}.`, 'us'))).toBe('Cook at 390 °F.');
  });

  test.each([
    [5, 5],
    [10, 10],
    [1, 1],
  ])('a field for a setting of a fryer with steps of %d °C goes by %d °F, and shows no other', (stepC, stepF) => {
    expect(settingStep(stepC, 'us')).toBe(stepF);
    expect(settingStep(stepC, 'metric')).toBe(stepC);
    const { stored } = settingTurn(stepC, 'us');
    for (let f = 320; f <= 400; f += stepF) expect(numberOf(stored(f), settingTurn(stepC, 'us'))).toBe(String(f));
  });

  test('a bowl says whole eggs, and cups where they are used', () => {
    const flour = { ingredientId: 'wheat-flour', name: 'Flour', grams: 125, ml: 236.6, count: null };
    expect(partAmount(flour, 'us')).toBe('1 cup (125 g)');
    expect(partAmount(flour, 'metric')).toBe('125 g');
    expect(partAmount({ ...flour, grams: 100, count: 2 }, 'metric')).toBe('2 (100 g)');
    expect(oilAmount(7, 'us')).toBe('1½ tsp (7.0 g)');
  });
});
