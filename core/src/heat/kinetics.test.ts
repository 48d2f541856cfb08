import { browningRate, drynessForColour, oilForColour, settingRate, softeningRate } from './kinetics.js';
import { tabulated } from './table.js';

describe('a table', () => {
  const square = tabulated((x) => x * x, 0, 10, 0.1);

  test('is within the error of a straight line of what it tabulates', () => {
    for (const x of [0, 0.05, 3.33, 7.77, 9.99]) expect(Math.abs(square(x) - x * x)).toBeLessThan(0.003);
  });

  test('is held at its ends', () => {
    expect(square(-5)).toBe(0);
    expect(square(50)).toBe(100);
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
  test('of a dry, oiled crumb at 180 °C is golden after two minutes', () => {
    expect(1 / browningRate(180)).toBeCloseTo(120, 0);
  });

  // Q10 of Maillard browning lies at 2–3 below 130 °C, from memory; it falls as it gets hotter.
  test('about doubles for every ten degrees at 110 °C, and less at 190 °C', () => {
    const q10 = (t: number): number => browningRate(t + 10) / browningRate(t);
    expect(q10(110)).toBeGreaterThan(1.7);
    expect(q10(110)).toBeLessThan(2.6);
    expect(q10(190)).toBeLessThan(q10(110));
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
