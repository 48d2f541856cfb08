import { KNOWN, foodOf } from '../foods/index.js';
import type { PieceShape } from '../piece/index.js';
import { prepare, seasonedToMm, wayMinutes, waysFor, wayWords } from './index.js';

const floret: PieceShape = { kind: 'ball', diameterMm: 25 };
const slice = (thicknessMm: number): PieceShape => ({ kind: 'disc', diameterMm: 70, thicknessMm });
const block: PieceShape = { kind: 'slab', lengthMm: 60, widthMm: 35, thicknessMm: 18 };
const water = (id: string) => foodOf(KNOWN, id).per100g.waterG;

describe('what is done to the food’s water', () => {
  // Common practice, no source: tofu is pressed about 15 minutes.
  test('pressing gives most of its water in a quarter of an hour, and flattens what lies flat', () => {
    const [five, fifteen, hour] = [5, 15, 60].map((m) => prepare(foodOf(KNOWN, 'tofu'), block, 'pressed', m));
    expect(five.waterLost).toBeLessThan(fifteen.waterLost);
    expect(fifteen.waterLost / hour.waterLost).toBeGreaterThan(0.7);
    expect(fifteen.food.per100g.waterG).toBeLessThan(water('tofu'));
    expect(fifteen.shape).toMatchObject({ lengthMm: 60, widthMm: 35 });
    expect((fifteen.shape as { thicknessMm: number }).thicknessMm).toBeLessThan(18);
  });

  test('frozen and thawed, it presses drier, and the coat finds pores', () => {
    const [once, twice] = [
      prepare(foodOf(KNOWN, 'tofu'), block, 'pressed'),
      prepare(foodOf(KNOWN, 'tofu'), block, 'frozen-pressed'),
    ];
    expect(twice.waterLost).toBeGreaterThan(1.8 * once.waterLost);
    expect(twice.food.food.skin).toBe('rough');
  });

  // Common practice, no source: half an hour draws some 40 g out of 500 g of slices.
  test('salt draws 5–12 % of its weight out of 10 mm slices in half an hour, less out of thick ones', () => {
    const lostOf = (mm: number): number =>
      (prepare(foodOf(KNOWN, 'aubergine'), slice(mm), 'salted', 30).waterLost * water('aubergine')) / 100;
    expect(lostOf(10)).toBeGreaterThan(0.05);
    expect(lostOf(10)).toBeLessThan(0.12);
    expect(lostOf(20)).toBeLessThan(lostOf(10) / 2);
  });

  test('whatever is taken out or put in, 100 g stay 100 g', () => {
    for (const [id, shape] of [
      ['tofu', block],
      ['aubergine', slice(12)],
      ['cod', block],
      ['potato', block],
    ] as const) {
      for (const { id: way } of waysFor(foodOf(KNOWN, id))) {
        const { per100g } = prepare(foodOf(KNOWN, id), shape, way).food;
        expect(Object.values(per100g).reduce((a, b) => a + b, 0)).toBeCloseTo(100, 6);
      }
    }
  });

  test('meat takes its marinade up and is wet of it, a vegetable is oiled', () => {
    expect(wayWords('marinated', foodOf(KNOWN, 'chicken-thigh')).does).toMatch(/egg.*refrigerator/);
    expect(wayWords('marinated', foodOf(KNOWN, 'oyster-mushroom')).does).not.toMatch(/egg/);
    expect(prepare(foodOf(KNOWN, 'chicken-thigh'), block, 'marinated')).toMatchObject({ skin: 'wet' });
    expect(prepare(foodOf(KNOWN, 'chicken-thigh'), block, 'marinated').food.saltG).toBeGreaterThan(0.3);
    expect(prepare(foodOf(KNOWN, 'oyster-mushroom'), floret, 'marinated').food.per100g.fatG).toBeGreaterThan(2);
  });

  test('salt is a millimetre or two deep after half an hour, twice as deep after two', () => {
    expect(seasonedToMm(30)).toBeGreaterThan(1);
    expect(seasonedToMm(30)).toBeLessThan(3);
    expect(seasonedToMm(120) / seasonedToMm(30)).toBeCloseTo(2, 9);
  });
});

describe('blanching and pre-roasting, simulated', () => {
  test('a vegetable is softer the longer it boils, and thick ones less so', () => {
    const firmness = (mm: number, minutes: number): number =>
      prepare(foodOf(KNOWN, 'cauliflower'), { kind: 'ball', diameterMm: mm }, 'blanched', minutes).firmness;
    expect(firmness(25, 2)).toBeGreaterThan(firmness(25, 4));
    expect(firmness(25, 4)).toBeGreaterThan(firmness(25, 8));
    expect(firmness(45, 4)).toBeGreaterThan(firmness(25, 4));
  });

  test('the pot is back at the boil after minutes, not seconds, and the food comes out wet and warm', () => {
    const food = foodOf(KNOWN, 'cauliflower');
    const minutes = wayMinutes(food, floret, 'blanched', null);
    expect(minutes).toBeGreaterThan(2);
    expect(minutes).toBeLessThan(8);
    expect(prepare(foodOf(KNOWN, 'cauliflower'), floret, 'blanched')).toMatchObject({ skin: 'wet' });
    expect(prepare(foodOf(KNOWN, 'cauliflower'), floret, 'blanched').startC).toBeGreaterThan(30);
  });

  // C9's large florets: about 25 minutes at 204 °C. Common practice, no source.
  test('large florets are fork-tender after about 25 minutes of roasting, within a quarter', () => {
    const minutes = wayMinutes(foodOf(KNOWN, 'cauliflower'), { kind: 'ball', diameterMm: 45 }, 'pre-cooked', null);
    expect(Math.abs(minutes / 25 - 1)).toBeLessThan(0.25);
  });

  test('roasting takes a fifth of the water and more, and shrinks the piece', () => {
    const roast = prepare(foodOf(KNOWN, 'cauliflower'), { kind: 'ball', diameterMm: 45 }, 'pre-cooked');
    expect(roast.waterLost).toBeGreaterThan(0.15);
    expect((roast.shape as { diameterMm: number }).diameterMm).toBeLessThan(44);
    expect(roast.food.per100g.waterG).toBeLessThan(water('cauliflower'));
  });

  test('minutes out of range are held within it, and a way without minutes has none', () => {
    const tofu = foodOf(KNOWN, 'tofu');
    expect(wayMinutes(tofu, block, 'pressed', 900)).toBe(60);
    expect(wayMinutes(tofu, block, 'raw', 9)).toBe(0);
  });
});
