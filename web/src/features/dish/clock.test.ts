import { exampleConversion } from '@yellowmist/contract';
import { PLAIN_AIR, type AirPlan } from '@yellowmist/core';
import { airMinutes, clock, longestOf } from './clock';

const { fried } = exampleConversion();
const plan: AirPlan = {
  layers: fried.layers,
  restMin: 0,
  oilGm2: 10,
  second: null,
  settings: { ...PLAIN_AIR, tempC: 190, minutes: 12, preheated: false, turnAtMin: null, under: 'basket' },
};

test.each([
  [0, '0:00'],
  [4.25, '4:15'],
  [9.999, '10:00'],
  [61.5, '61:30'],
])('%d minutes read %s', (minutes, text) => expect(clock(minutes)).toBe(text));

test('a second cook counts with its pause', () => {
  const second = { sauce: null, sauceGm2: 0, coolMin: 5, tempC: 180, minutes: 8 };
  expect(airMinutes(plan)).toBe(12);
  expect(airMinutes({ ...plan, second })).toBe(25);
});

test('the longer of two cooks is the end of their shared time', () => {
  expect(longestOf({ ...fried, minutes: 20 }, plan)).toBe(20);
  expect(longestOf({ ...fried, minutes: 3 }, plan)).toBe(12);
  expect(longestOf({ ...fried, minutes: 3 }, null)).toBe(3);
});
