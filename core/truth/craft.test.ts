import {
  bowlsFor,
  evaluateAir,
  evaluateFried,
  readyPiece,
  type AirSettings,
  type Fryer,
  type LayerSpec,
} from '../src/index.js';
import { air, C1, C2, C3, deep, drawer, stillOven } from './practice.js';

type Case = { dish: typeof C1.dish; layers: LayerSpec[] };

const cook = ({ dish, layers }: Case, fryer: Fryer, settings: AirSettings, oilGm2: number, restMin = 5) => {
  const fried = evaluateFried(dish, deep(180, 4, layers));
  return evaluateAir({ ...dish, count: 9 }, { layers, restMin, oilGm2, settings }, fryer, fried);
};

const browning = (result: ReturnType<typeof cook>): number =>
  (result.outcomes.colourTop!.value + result.outcomes.colourUnder!.value) / 2;

const expectGolden = (b: number): void => {
  expect(b).toBeGreaterThan(0.55);
  expect(b).toBeLessThan(2);
};

/** All of these are common practice, no source. */
describe('C1, breaded courgette rounds', () => {
  test('air at 188 °C: golden at 11½ minutes, both sides sprayed, not turned', () => {
    const result = cook(C1, drawer, air(188, 11.5), 20);
    expectGolden(browning(result));
    expect(result.outcomes.doneness!.value).toBeLessThan(0.65);
    expect(result.outcomes.adhesion!.band).toBe('good');
  });

  test('oven at 218 °C: golden at 19 minutes, turned', () => {
    expectGolden(browning(cook(C1, stillOven, air(218, 19, { preheated: true, turnAtMin: 10 }), 20)));
  });

  test('pan with oil at 177 °C: golden at 2 minutes a side', () => {
    const fried = evaluateFried(C1.dish, { ...deep(177, 4, C1.layers), medium: 'pan-oil' });
    const { colourTop, colourUnder } = fried.outcomes;
    expectGolden((colourTop!.value + colourUnder!.value) / 2);
  });

  test('the oven takes 1.6 times as long as the air fryer to the same colour, within 25 %', () => {
    const goldenAt = (fryer: Fryer, settings: AirSettings): number => {
      const { columns, timeS } = cook(C1, fryer, settings, 20).series;
      return timeS[columns.colourUp.findIndex((b, i) => b + columns.colourDown[i] >= 2)] / 60;
    };
    const ratio =
      goldenAt(stillOven, air(218, 40, { preheated: true, turnAtMin: 10 })) / goldenAt(drawer, air(188, 40));
    expect(ratio / (19 / 11.5)).toBeGreaterThan(0.75);
    expect(ratio / (19 / 11.5)).toBeLessThan(1.25);
  });

  test('bowls for 680 g: 63 g flour, 2 eggs, 90 g crumbs, within 35 %', () => {
    const ready = readyPiece(C1.dish, C1.layers);
    expect(ready.piece.massG * C1.dish.count).toBeGreaterThan(620);
    const [flour, egg, crumbs] = bowlsFor(ready.layers, ready.piece.areaM2 * C1.dish.count);
    expect(Math.abs(flour.totalG / 63 - 1)).toBeLessThan(0.35);
    expect(egg.parts[0].count).toBe(2);
    expect(Math.abs(crumbs.totalG / 90 - 1)).toBeLessThan(0.35);
  });
});

describe('C2, blanched cauliflower in crumbs with cheese', () => {
  test('air at 200 °C, 9 minutes, no oil: golden on both sides, tender with a bite', () => {
    const result = cook(C2, drawer, air(200, 9), 0);
    expectGolden(browning(result));
    expect(result.outcomes.doneness!.value).toBeLessThan(0.55);
    expect(result.outcomes.crispness!.band).not.toBe('poor');
  });
});

describe('C3, a wet batter of flour and water alone', () => {
  const inAir = cook(C3, drawer, air(204, 20, { under: 'parchment' }), 0, 0);
  const inOil = evaluateFried(C3.dish, deep(180, 4, C3.layers));

  test('stays below 75 °C at its foot for minutes in air, for seconds in oil', () => {
    const { columns, timeS } = inAir.series;
    const hot = timeS[columns.footUpC.findIndex((t) => t >= 75)];
    expect(hot).toBeGreaterThan(120);
    expect(inOil.footHotMin! * 60).toBeLessThan(30);
  });

  test('runs off in air and merges between the pieces; in oil it stays', () => {
    expect(inAir.outcomes.runOff!.value).toBeGreaterThan(0.3);
    expect(inOil.outcomes.runOff!.value).toBeLessThan(0.05);
  });

  test('crumbs over the same batter hold it', () => {
    const crumbed = { ...C3, layers: [...C3.layers, { portions: [{ ingredientId: 'coarse-crumbs', grams: 60 }] }] };
    const result = cook(crumbed, drawer, air(190, 15), 18);
    expect(result.outcomes.runOff).toBeUndefined();
    expect(result.outcomes.adhesion!.band).toBe('good');
    expect(result.outcomes.setTime!.value).toBeLessThan(10);
  });
});
