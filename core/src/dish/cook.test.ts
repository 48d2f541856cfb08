import { KNOWN } from '../foods/index.js';
import { openingsOf, PLAIN_AIR, readyPiece, smallerOf, wholeOf, type AirSettings, type Dish } from './index.js';

const settings = (more: Partial<AirSettings>): AirSettings => ({
  ...PLAIN_AIR,
  tempC: 190,
  minutes: 12,
  preheated: false,
  turnAtMin: 6,
  under: 'basket',
  ...more,
});
const dish = (foodId: string): Dish => ({
  foodId,
  shape: { kind: 'ball', diameterMm: 30 },
  count: 10,
  startC: 8,
  skin: 'damp',
  preparation: 'blanched',
});

describe('what opens a fryer beside turning', () => {
  test('nothing, when nobody looks or swaps', () => expect(openingsOf(settings({}))).toEqual([]));
  test('looks, spread evenly', () => expect(openingsOf(settings({ looks: 2 }))).toEqual([4, 8]));
  test('every swap before the end', () => expect(openingsOf(settings({ swapEveryMin: 4 }))).toEqual([4, 8]));
  test('a swap that would come after the end does not', () =>
    expect(openingsOf(settings({ swapEveryMin: 15 }))).toEqual([]));
});

describe('a piece made ready', () => {
  test('heat crosses only a part of a floret, and all of a potato', () => {
    const raw = (foodId: string) => readyPiece(KNOWN, { ...dish(foodId), preparation: 'raw' }, []);
    const [floret, potato] = [raw('cauliflower'), raw('potato')];
    expect(potato.piece.halfThicknessM).toBeCloseTo(0.015, 9);
    expect(floret.piece.halfThicknessM).toBeLessThan(0.7 * 0.015);
    expect(floret.piece.volumeM3).toBe(potato.piece.volumeM3);
  });

  test('starts as soft as its preparation left it', () => {
    const firmness = (preparation: Dish['preparation']): number =>
      readyPiece(KNOWN, { ...dish('potato'), preparation }, []).startFirmness;
    expect(firmness('raw')).toBe(1);
    expect(firmness('blanched')).toBeLessThan(0.95);
    expect(firmness('pre-cooked')).toBeLessThan(0.35);
  });

  test('has a sauce only where the plan brushes one on', () => {
    const second = {
      sauce: { portions: [{ ingredientId: 'tomato-sauce', grams: 100 }] },
      sauceGm2: 120,
      coolMin: 3,
      tempC: 180,
      minutes: 5,
    };
    expect(readyPiece(KNOWN, dish('potato'), [], second).sauce!.pickUpGm2).toBe(120);
    expect(readyPiece(KNOWN, dish('potato'), [], { ...second, sauceGm2: 0 }).sauce).toBeNull();
    expect(readyPiece(KNOWN, dish('potato'), []).sauce).toBeNull();
  });
});

describe('all pieces of a dish together', () => {
  const rings: Dish = {
    ...dish('onion'),
    preparation: 'raw',
    shape: { kind: 'ring', outerMm: 80, innerMm: 64, thicknessMm: 10 },
  };

  test('are as many times the one', () => {
    const { piece } = readyPiece(KNOWN, rings, []);
    expect(wholeOf(KNOWN, rings).massG).toBeCloseTo(10 * piece.massG, 9);
  });

  test('weigh less and take less coat where some are smaller; slices keep their thickness', () => {
    const mixed = { ...rings, smaller: { count: 5, scale: 0.5 } };
    expect(wholeOf(KNOWN, mixed).areaM2).toBeLessThan(0.85 * wholeOf(KNOWN, rings).areaM2);
    expect(wholeOf(KNOWN, mixed).massG).toBeLessThan(0.7 * wholeOf(KNOWN, rings).massG);
    expect(smallerOf(mixed)).toMatchObject({ count: 5, shape: { outerMm: 40, thicknessMm: 10 } });
    expect(smallerOf(rings)).toBeNull();
  });
});
