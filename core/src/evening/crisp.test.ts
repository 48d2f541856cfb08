import { fourDishes } from '../../testing/evenings.js';
import { againAfter, afterMinutes, coolness, crispFor, isSoft } from './crisp.js';

const { chicken } = fourDishes();

describe('how a crust waits', () => {
  const curve = [0.8, 0.76, 0.7, 0.6, 0.5, 0.4];

  test('between its minutes along a line, beyond them it goes on falling, and never below nothing', () => {
    expect(afterMinutes(curve, 0.5)).toBeCloseTo(0.78, 9);
    expect(afterMinutes(curve, 7)).toBeCloseTo(0.24, 9);
    expect(afterMinutes(curve, 60)).toBe(0);
    expect(crispFor(curve)).toBe(5);
    expect([isSoft(0.47, 0.8), isSoft(0.49, 0.8)]).toEqual([true, false]);
  });

  test('crisped again it comes near what it was, the less the longer it has waited: each simulated', () => {
    const { again, fresh, onRack } = chicken.cooked;
    expect(again.length).toBeGreaterThan(1);
    expect(againAfter(chicken.cooked, 20).crispness).toBeGreaterThan(afterMinutes(onRack, 20));
    expect(againAfter(chicken.cooked, 20).crispness).toBeLessThanOrEqual(fresh + 0.05);
    const warm = again.map((a) => a.centreC);
    expect(warm).toEqual([...warm].sort((a, b) => b - a));
  });

  test('a piece is hot at the table from 50 °C on, and cold at 25', () => {
    expect([coolness(60), coolness(50), coolness(25), coolness(10)]).toEqual([0, 0, 1, 1]);
  });
});
