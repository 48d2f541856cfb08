import { KNOWN, foodOf } from '../src/index.js';
import { buildBody } from '../src/heat/body.js';
import { conductStep, makeWork, updateConduction, updateHeatCapacity } from '../src/heat/conduct.js';
import { emptyEnd } from '../src/heat/end.js';

type Form = 'slab' | 'cylinder' | 'sphere';
const DIMENSION: Record<Form, number> = { slab: 1, cylinder: 2, sphere: 3 };

/** Bessel functions of the first kind by their power series; good to the small arguments used here. */
function bessel(order: 0 | 1, x: number): number {
  let term = order === 0 ? 1 : x / 2;
  let sum = term;
  for (let k = 1; k < 40; k++) {
    term *= -(x * x) / (4 * k * (k + order));
    sum += term;
  }
  return sum;
}

/** Characteristic equations of transient conduction with convection (Carslaw and Jaeger; Incropera, ch. 5). */
const EQUATION: Record<Form, (z: number, bi: number) => number> = {
  slab: (z, bi) => z * Math.sin(z) - bi * Math.cos(z),
  cylinder: (z, bi) => z * bessel(1, z) - bi * bessel(0, z),
  sphere: (z, bi) => z * Math.cos(z) - (1 - bi) * Math.sin(z),
};

const COEFFICIENT: Record<Form, (z: number) => number> = {
  slab: (z) => (4 * Math.sin(z)) / (2 * z + Math.sin(2 * z)),
  cylinder: (z) => ((2 / z) * bessel(1, z)) / (bessel(0, z) ** 2 + bessel(1, z) ** 2),
  sphere: (z) => (4 * (Math.sin(z) - z * Math.cos(z))) / (2 * z - Math.sin(2 * z)),
};

function roots(form: Form, bi: number, count: number): number[] {
  const f = (z: number): number => EQUATION[form](z, bi);
  const found: number[] = [];
  const step = 0.01;
  for (let z = 0.02; found.length < count && z < 14; z += step) {
    if (f(z) * f(z + step) > 0) continue;
    let [low, high] = [z, z + step];
    for (let i = 0; i < 50; i++) {
      const middle = (low + high) / 2;
      if (f(low) * f(middle) <= 0) high = middle;
      else low = middle;
    }
    found.push((low + high) / 2);
  }
  return found;
}

/** Centre temperature, 1 = start, 0 = surroundings, by the series. */
const series = (form: Form, bi: number, fo: number): number =>
  roots(form, bi, 4).reduce((sum, z) => sum + COEFFICIENT[form](z) * Math.exp(-z * z * fo), 0);

/** The same by our cells: constant properties, no water moving. */
function simulated(form: Form, bi: number, fos: readonly number[]): number[] {
  const radius = 0.01;
  const area = 0.01;
  const dimension = DIMENSION[form];
  const food = foodOf(KNOWN, 'potato');
  const body = buildBody(
    food,
    {
      volumeM3: (area * radius) / dimension,
      areaM2: area,
      halfThicknessM: radius,
      dimension,
      massG: 1,
      footprintM2: 1,
      drainLengthM: 0.1,
      heightM: 0.02,
    },
    [],
    50,
  );
  const work = makeWork(body.n);
  updateConduction(body, work, false);
  updateHeatCapacity(body, work);
  const k = work.conductivity[body.n >> 1];
  const diffusivity = (k * body.volume[0]) / work.heat[0];
  const h = (bi * k) / radius;
  const end = (outer: number) => ({
    ...emptyEnd(),
    wetCell: outer,
    envC: 100,
    conductance: body.faceM2 / (1 / h + body.dx[outer] / (2 * k)),
  });
  const [down, up] = [end(0), end(body.n - 1)];
  const stepS = (0.0005 * radius * radius) / diffusivity;
  const out: number[] = [];
  let fo = 0;
  for (const target of fos) {
    for (; fo < target - 1e-9; fo += 0.0005) conductStep(body, work, down, up, stepS);
    const centreC = body.tempC[body.n >> 1];
    out.push((100 - centreC) / 50);
  }
  return out;
}

describe('conduction against the series solutions', () => {
  const FOS = [0.2, 0.5, 1];
  for (const form of ['slab', 'cylinder', 'sphere'] as const) {
    test.each([0.5, 2, 8])(`${form}, Biot number %d, within 1 % of the step at Fo 0.2, 0.5 and 1`, (bi) => {
      const ours = simulated(form, bi, FOS);
      FOS.forEach((fo, i) => expect(Math.abs(ours[i] - series(form, bi, fo))).toBeLessThan(0.01));
    });
  }

  // Heisler's one-term values for Bi = 1, Incropera table 5.1, from memory: ζ₁ 0.8603, 1.2558, 1.5708; C₁ 1.1191, 1.2071, 1.2732.
  test.each([
    ['slab', 0.8603, 1.1191],
    ['cylinder', 1.2558, 1.2071],
    ['sphere', 1.5708, 1.2732],
  ] as const)('one-term value of the %s at Bi = 1', (form, z, c) => {
    const [fo] = [0.6];
    expect(simulated(form, 1, [fo])[0] / (c * Math.exp(-z * z * fo))).toBeCloseTo(1, 1);
    expect(roots(form, 1, 1)[0]).toBeCloseTo(z, 3);
  });
});
