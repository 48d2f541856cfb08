import { energyOf } from './index.js';

const air = {
  fryer: 'drawer',
  tempC: 190,
  minutes: 12,
  batches: 1,
  preheated: false,
  heatJPerPiece: 8000,
  oilGPerPiece: 0.3,
} as const;
const pot = { tempC: 180, minutes: 4, batches: 1, massKgPerBatch: 0.4, heatJPerPiece: 9000, oilGPerPiece: 4 };

describe('electricity for a dish', () => {
  // A 1.5 kW drawer that runs for 12 min takes at most 0.3 kWh; cooks measure 0.15–0.3. Common practice, no source.
  test('a drawer takes a part of a kilowatt-hour for a batch', () => {
    const { airKwh } = energyOf(12, air, pot);
    expect(airKwh).toBeGreaterThan(0.08);
    expect(airKwh).toBeLessThan(0.3);
  });

  test('an oven takes several times as much as a drawer', () => {
    const oven = energyOf(12, { ...air, fryer: 'fan-oven', minutes: 20, preheated: true }, pot).airKwh;
    expect(oven).toBeGreaterThan(3 * energyOf(12, air, pot).airKwh);
  });

  test('a pot is heated for its oil first: twice the oil, nearly twice the energy', () => {
    const one = energyOf(12, air, pot).potKwh;
    const two = energyOf(12, air, { ...pot, massKgPerBatch: 0.8 }).potKwh;
    expect(two / one).toBeGreaterThan(1.6);
    expect(two / one).toBeLessThan(2);
  });

  test('more batches take longer, preheating costs a little', () => {
    expect(energyOf(24, { ...air, batches: 2 }, pot).airKwh).toBeGreaterThan(1.5 * energyOf(12, air, pot).airKwh);
    expect(energyOf(12, { ...air, preheated: true }, pot).airKwh).toBeGreaterThan(energyOf(12, air, pot).airKwh);
  });

  test('oil feeds nine kilocalories a gram', () => {
    const { airOilKcal, potOilKcal } = energyOf(10, air, pot);
    expect(airOilKcal).toBeCloseTo(27, 6);
    expect(potOilKcal).toBeCloseTo(360, 6);
  });
});
