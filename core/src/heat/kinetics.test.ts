import {
  browningRate,
  charringRate,
  colourAtSpeed,
  drynessForColour,
  oilForColour,
  settingRate,
  softeningRate,
} from './kinetics.js';
import { leftAfter, tabulated } from './table.js';

describe('a table', () => {
  const square = tabulated((x) => x * x, 0, 10, 0.1);

  test('is within the error of a straight line of what it tabulates', () => {
    for (const x of [0, 0.05, 3.33, 7.77, 9.99]) expect(Math.abs(square(x) - x * x)).toBeLessThan(0.003);
  });

  test('is held at its ends', () => {
    expect(square(-5)).toBe(0);
    expect(square(50)).toBe(100);
  });

  test('of what falls by itself tells what is left, and next to nothing in the end', () => {
    for (const x of [0, 0.004, 0.3, 1.7, 6.2, 11.9]) expect(Math.abs(leftAfter(x) - Math.exp(-x))).toBeLessThan(1e-5);
    expect(leftAfter(300)).toBeLessThan(1e-5);
  });
});

describe('setting', () => {
  // Half-life 5 s at 75 °C: starch and egg, from memory.
  test('is half done after five seconds at 75 °C, and hardly begins at 50 °C', () => {
    expect(Math.LN2 / settingRate(75, 1)).toBeCloseTo(5, 1);
    expect(Math.LN2 / settingRate(50, 1)).toBeGreaterThan(600);
  });

  test('needs water', () => expect(settingRate(90, 0.1)).toBe(0));
});

describe('browning', () => {
  /** Browning, without charring, after `minutes` at `tempC`. */
  const brownedAfter = (minutes: number, tempC: number): number => {
    let browned = 0;
    for (let s = 0; s < minutes * 60; s++) browned += browningRate(tempC, browned);
    return browned;
  };

  test('of a dry, oiled crumb at 180 °C is golden after some four minutes, and then slows toward its plateau', () => {
    expect(brownedAfter(3.7, 180)).toBeCloseTo(1, 1);
    expect(brownedAfter(60, 180)).toBeGreaterThan(1.99);
    expect(brownedAfter(60, 180)).toBeLessThanOrEqual(2);
    expect(browningRate(180, 2.1)).toBe(0);
  });

  // Ten degrees more brown by a third to two thirds faster at a crust's temperature, char over twice as fast: from memory.
  test('has a window: what comes after it is charring, which hurries far more with the heat', () => {
    const q10 = (rate: (t: number) => number, t: number): number => rate(t + 10) / rate(t);
    expect(q10(browningRate, 150)).toBeGreaterThan(1.3);
    expect(q10(browningRate, 150)).toBeLessThan(1.7);
    expect(q10(charringRate, 190)).toBeGreaterThan(2);
    expect(charringRate(140)).toBeLessThan(0.05 * browningRate(140));
  });

  test('of a faster speck is the same surface run on: never past the plateau but by charring', () => {
    const slow = brownedAfter(2, 170);
    expect(colourAtSpeed(slow, 0, 2)).toBeCloseTo(brownedAfter(4, 170), 1);
    expect(colourAtSpeed(slow, 0.2, 1)).toBeCloseTo(slow + 0.2, 9);
    expect(colourAtSpeed(2, 0.5, 3)).toBeCloseTo(2 + 1.5, 9);
  });

  test('waits until the surface is dry', () => {
    expect(drynessForColour(0.95)).toBe(0);
    expect(drynessForColour(0.6)).toBeGreaterThan(0.3);
    expect(drynessForColour(0.2)).toBe(1);
  });

  test('goes slower without oil, full with a fine spray, and fastest in the pot', () => {
    expect(oilForColour(0, false)).toBeLessThan(oilForColour(12, false));
    expect(oilForColour(30, false)).toBe(1);
    expect(oilForColour(0, true)).toBeGreaterThan(1);
  });
});

test('a vegetable softens at 100 °C in minutes and at 70 °C hardly', () => {
  expect(1 / (softeningRate(100) * 60)).toBeCloseTo(5, 0);
  expect(softeningRate(70) / softeningRate(100)).toBeLessThan(0.1);
});
