import psychrolib from 'psychrolib';
import { KNOWN, boilingPointC, foodOf, latentHeat, saturationPa } from '../src/index.js';
import { buildBody } from '../src/heat/body.js';
import { conductStep, makeWork, updateConduction, updateHeatCapacity } from '../src/heat/conduct.js';
import { emptyEnd } from '../src/heat/end.js';
import { makeFace } from '../src/heat/face.js';
import { emptySurroundings } from '../src/heat/media.js';
import { setEnd } from '../src/heat/surface.js';

describe('water and vapour', () => {
  // Steam tables (IAPWS-IF97 saturation line, from memory): 3169.9, 19946, 101418 Pa.
  test.each([
    [25, 3169.9],
    [60, 19946],
    [100, 101418],
  ])('saturation pressure at %d °C is that of the steam tables', (tempC, pa) => {
    expect(saturationPa(tempC) / pa).toBeCloseTo(1, 2);
    expect(Math.abs(saturationPa(tempC) / pa - 1)).toBeLessThan(0.004);
  });

  // Steam tables, from memory: 2441.7, 2357.7 and 2256.5 kJ/kg.
  test.each([
    [25, 2441.7e3],
    [60, 2357.7e3],
    [100, 2256.5e3],
  ])('heat of evaporation at %d °C is that of the steam tables', (tempC, jkg) => {
    expect(Math.abs(latentHeat(tempC) / jkg - 1)).toBeLessThan(0.005);
  });

  // Steam tables, from memory: 120.2 °C at 2 bar, 151.8 °C at 5 bar.
  test.each([
    [101325, 100],
    [200000, 120.2],
    [500000, 151.8],
  ])('water under %d Pa boils where the steam tables say', (pa, tempC) => {
    expect(Math.abs(boilingPointC(pa) - tempC)).toBeLessThan(0.5);
  });
});

describe('a soaked surface settles at the wet-bulb temperature', () => {
  psychrolib.SetUnitSystem(psychrolib.SI);

  // Against psychrolib (ASHRAE psychrometrics), whose search fails above about 160 °C. The thin piece is kept soaked: what
  // evaporates is given back, so that only the balance of heat and vapour at the surface is tried.
  test.each([
    [60, 1500],
    [100, 4000],
    [150, 4000],
  ])('in dry, moving, non-radiating air of %d °C with %d Pa of vapour, within 1.5 K', (airC, vapourPa) => {
    const ratio = (0.622 * vapourPa) / (101325 - vapourPa);
    const wetBulb = psychrolib.GetTWetBulbFromHumRatio(airC, ratio, 101325);
    const half = 1e-3;
    const piece = {
      volumeM3: 2e-6,
      areaM2: 2e-3,
      halfThicknessM: half,
      dimension: 1,
      massG: 2,
      footprintM2: 1e-3,
      drainLengthM: 0.03,
      heightM: 2 * half,
    };
    const body = buildBody(foodOf(KNOWN, 'courgette'), piece, [], 25);
    const work = makeWork(body.n);
    const around = { ...emptySurroundings(), airC, wallC: airC, vapourPa };
    const faces = [false, true].map((up) => ({ face: makeFace(body, up, []), end: emptyEnd() }));
    updateConduction(body, work, false);
    updateHeatCapacity(body, work);
    for (let s = 0; s < 1200; s++) {
      for (const { face, end } of faces) setEnd(body, work, face, 40, 40, 0, around, false, 1, end);
      conductStep(body, work, faces[0].end, faces[1].end, 1);
    }
    expect(Math.abs(body.tempC[body.n >> 1] - wetBulb)).toBeLessThan(1.5);
  });
});
