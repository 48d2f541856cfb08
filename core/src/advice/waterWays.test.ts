import { foodOf, KNOWN } from '../foods/index.js';
import type { Dish } from '../dish/index.js';
import { BREADED_POT, NO_LIMITS, PLAIN_FRYER, planOf } from '../../testing/plain.js';
import { evaluateAir, evaluateFried, type Asked } from '../plan/index.js';
import { waterAdvice, waterChoices, type WaterAdvice } from './waterWays.js';

const fryer = PLAIN_FRYER;
const plan = planOf({ restMin: 7, oilGm2: 18 }, { preheated: true });

function adviceFor(foodId: string, shape: Dish['shape'], skin: Dish['skin'] = 'damp', lies = plan): WaterAdvice {
  const dish: Dish = { foodId, shape, count: 12, startC: 6, skin, preparation: 'raw' };
  const request: Asked = {
    pantry: KNOWN,
    dish,
    fried: BREADED_POT,
    fryer,
    limits: { ...NO_LIMITS, maxMinutes: 24, preheat: true },
  };
  const pot = evaluateFried(request);
  return waterAdvice(request, pot, evaluateAir(request, lies, pot));
}
const way = (advice: WaterAdvice, id: string) => advice.ways.find((w) => w.id === id)!;

describe('dealing with the food’s water', () => {
  const potato = adviceFor('potato', { kind: 'slab', lengthMm: 80, widthMm: 14, thicknessMm: 14 });

  test('a dense vegetable is offered every way that cooks it twice, and the tray of boiling water', () => {
    expect(potato.ways.map((w) => w.id)).toEqual(
      expect.arrayContaining(['raw', 'soaked', 'blanched', 'pre-cooked', 'frozen', 'water-tray']),
    );
    expect(potato.ways.filter((w) => w.now).map((w) => w.id)).toEqual(['raw']);
  });

  test('what was cooked before is softer when it is coated, and needs no longer in the fryer', () => {
    const [raw, blanched] = [way(potato, 'raw'), way(potato, 'blanched')];
    expect(blanched.firmness!).toBeLessThan(raw.firmness!);
    expect(blanched.minutes).toBeLessThanOrEqual(raw.minutes);
    expect(blanched.handsMin).toBeGreaterThan(raw.handsMin);
    expect(blanched.changed.dish).toMatchObject({ preparation: 'blanched', skin: 'damp' });
  });

  test('a potato is pre-cooked by its advice, and it says what skipping that costs', () => {
    expect(['blanched', 'pre-cooked', 'frozen']).toContain(potato.best);
    expect(potato.skipping.some((d) => d.about === 'doneness' && d.better === false)).toBe(true);
  });

  test('meat has no firmness to soften, and no way is advised that leaves its centre raw', () => {
    const chicken = adviceFor('chicken-thigh', { kind: 'slab', lengthMm: 45, widthMm: 35, thicknessMm: 22 });
    expect(chicken.ways.every((w) => w.firmness === null)).toBe(true);
    expect(way(chicken, chicken.best).works).toBe(true);
  });

  test('what comes wet may be left wet: the cloth is a way of its own', () => {
    const wet = adviceFor('tofu', { kind: 'slab', lengthMm: 60, widthMm: 35, thicknessMm: 18 }, 'wet');
    expect(way(wet, 'as-it-comes')).toMatchObject({ now: true, skin: 'wet', handsMin: 0 });
    expect(way(wet, 'raw')).toMatchObject({ now: false, skin: 'damp', label: 'Patted dry' });
    expect(way(wet, 'pressed').waterLostG).toBeGreaterThan(2);
    expect(waterChoices(foodOf(KNOWN, 'okra')).map((c) => c.id)).not.toContain('as-it-comes');
  });

  test('a cloth is worth its two minutes where the coat would only just hold', () => {
    const tomato = adviceFor('green-tomato', { kind: 'disc', diameterMm: 70, thicknessMm: 9 }, 'wet');
    expect(tomato.best).not.toBe('as-it-comes');
    expect(tomato.skipping.some((d) => d.about === 'adhesion' && d.better === false)).toBe(true);
  });

  test('a plan that pats what is wet lies there as patted, and leaving it wet is what changes it', () => {
    const shape = { kind: 'disc', diameterMm: 70, thicknessMm: 9 } as const;
    const patted = adviceFor('green-tomato', shape, 'wet', { ...plan, making: { patted: true } });
    expect(patted.ways.filter((w) => w.now).map((w) => w.id)).toEqual(['raw']);
    expect(way(patted, 'raw')).toMatchObject({ skin: 'damp', handsMin: 2, costs: [] });
    const wet = way(patted, 'as-it-comes');
    expect(wet).toMatchObject({ now: false, skin: 'wet' });
    expect(wet.changed.plan.making?.patted).toBeUndefined();
    expect(wet.costs.some((d) => d.about === 'adhesion' && d.better === false)).toBe(true);
    expect(patted.best).not.toBe('as-it-comes');
    expect(patted.skipping.some((d) => d.about === 'adhesion' && d.better === false)).toBe(true);
  });

  test('the tray of boiling water goes into the plan’s settings', () => {
    expect(way(potato, 'water-tray').changed.plan.settings.waterTray).toBe(true);
  });
});
