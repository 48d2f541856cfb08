import {
  layerOf,
  evaluateAir,
  evaluateFried,
  KNOWN,
  PLAIN_AIR,
  type AirPlan,
  type Dish,
  type Fryer,
} from '@yellowmist/core';
import { momentOf, sampleAt } from './moment';

const dish: Dish = {
  foodId: 'halloumi',
  shape: { kind: 'slab', lengthMm: 80, widthMm: 30, thicknessMm: 14 },
  count: 8,
  startC: 6,
  skin: 'damp',
  preparation: 'raw',
};
const fryer: Fryer = {
  name: 'Galley',
  kind: 'drawer',
  basket: { kind: 'round', diameterMm: 200 },
  racks: 1,
  minTempC: 80,
  maxTempC: 200,
  stepC: 5,
  airFactor: 1,
  offsetC: 0,
};
const BREADED = [layerOf(['wheat-flour', 60]), layerOf(['egg', 50]), layerOf(['coarse-crumbs', 60])];
const BATTER = [layerOf(['wheat-flour', 100], ['water', 150])];

function cook(layers: AirPlan['layers'], second: AirPlan['second'] = null, turnAtMin: number | null = null) {
  const pot = { layers, medium: 'deep-oil', oilId: 'rapeseed-oil', tempC: 180, minutes: 3 } as const;
  const fried = evaluateFried({ pantry: KNOWN, dish, fried: pot });
  const settings = {
    ...PLAIN_AIR,
    tempC: 190,
    minutes: 10,
    preheated: false,
    turnAtMin,
    under: 'basket' as const,
  };
  return evaluateAir({ pantry: KNOWN, dish, fryer }, { layers, restMin: 5, oilGm2: 18, settings, second }, fried, {
    profiles: true,
  });
}

describe('a moment of a cook, as the cutaway draws it', () => {
  const { series, layers } = cook(BREADED);
  const at = (minutes: number) => momentOf(series, layers, sampleAt(series, minutes), null);

  test('holds its samples within the cook', () => {
    expect(sampleAt(series, -3)).toBe(0);
    expect(sampleAt(series, 99)).toBe(series.timeS.length - 1);
    expect(series.timeS[sampleAt(series, 5)]).toBe(300);
  });

  test('has every layer on both faces, as thick as it lies there', () => {
    for (const face of [at(4).top, at(4).under]) {
      expect(face.layers.map((l) => l.layer.name)).toEqual(layers.map((l) => l.name));
      face.layers.forEach((l, i) => expect(l.mm).toBeCloseTo(layers[i].thicknessM * 1000, 9));
      expect(face.layers.filter((l) => l.finish)).toHaveLength(1);
    }
  });

  test('warms from outside in: the crumbs before the centre', () => {
    const early = at(3);
    expect(early.top.layers[2].tempC).toBeGreaterThan(early.centreC + 30);
    expect(at(10).centreC).toBeGreaterThan(early.centreC + 20);
  });

  test('browns and dries as the scrubber moves on', () => {
    const browning = [0, 3, 6, 10].map((m) => at(m).top.browning);
    expect(browning).toEqual([...browning].sort((a, b) => a - b));
    expect(at(10).top.layers[1].wetness).toBeLessThan(at(1).top.layers[1].wetness);
    expect(at(10).top.shellMm).toBeGreaterThan(at(1).top.shellMm);
  });

  test('reads the food from its upper to its lower face', () => {
    const { foodC, centreC } = at(4);
    expect(foodC[0]).toBeGreaterThan(centreC);
    expect(foodC.at(-1)).toBeGreaterThan(centreC);
  });
});

test('a wet last layer thins as it runs', () => {
  const { series, layers } = cook(BATTER);
  const mm = (minutes: number): number => momentOf(series, layers, sampleAt(series, minutes), null).top.layers[0].mm;
  expect(mm(8)).toBeLessThan(0.8 * mm(0));
});

test('a sauce stands on the coat from when it was brushed on, and not before', () => {
  const second = { sauce: layerOf(['barbecue-sauce', 100]), sauceGm2: 150, coolMin: 3, tempC: 180, minutes: 5 };
  const { series, layers, sauce } = cook(BREADED, second);
  const names = (minutes: number): string[] =>
    momentOf(series, layers, sampleAt(series, minutes), null, sauce).top.layers.map((l) => l.layer.name);
  expect(names(9)).toHaveLength(3);
  expect(names(16)).toEqual([...layers.map((l) => l.name), sauce!.name]);
  const late = momentOf(series, layers, sampleAt(series, 18), null, sauce).top.layers;
  expect(late.map((l) => l.sauce)).toEqual([false, false, false, true]);
  expect(late[2].finish).toBe(true);
});

test('the face that lies up after the turn is the one that started down, and the drawing has it on top', () => {
  const { series: turnedSeries, layers: coat, outcomes } = cook(BREADED, null, 6);
  const { columns } = turnedSeries;
  const seen = (minutes: number) => momentOf(turnedSeries, coat, sampleAt(turnedSeries, minutes), 6);
  const last = turnedSeries.timeS.length - 1;
  expect(seen(5).liesUp).toBe('up');
  expect(seen(10).liesUp).toBe('down');
  expect(seen(5).top.browning).toBe(columns.colourUp[sampleAt(turnedSeries, 5)]);
  expect(seen(10).top.browning).toBe(columns.colourDown[last]);
  // What the words say of the top is what is drawn there.
  expect(seen(10).top.browning).toBe(outcomes.colourTop!.value);
  expect(seen(10).under.browning).toBe(outcomes.colourUnder!.value);
});
