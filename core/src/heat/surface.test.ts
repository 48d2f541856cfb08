import { breadedCutlet } from '../../testing/cutlet.js';
import { conductStep, updateConduction } from './conduct.js';
import type { End } from './end.js';
import type { Cooking } from './cooking.js';
import { emptySurroundings, type Surroundings } from './media.js';
import { evaporate, setEnd } from './surface.js';
import { boilingPointC } from './water.js';

/** A breaded cutlet with everything at `tempC`, its crumbs dried to `crumbs` kg of water per kg. */
function cutletAt(tempC: number, crumbs = 0.4): Cooking {
  const cook = breadedCutlet(tempC, crumbs);
  updateConduction(cook.body, cook.work, false);
  return cook;
}

const AIR: Surroundings = { ...emptySurroundings(), airC: 190, wallC: 190, vapourPa: 1200 };

/** The upper end of the chain in moving air. */
function endAt(cook: Cooking, around: Surroundings = AIR, vent = 40, stepS = 0.1) {
  const { body, work, sides } = cook;
  const { face, end } = sides[1];
  setEnd(body, work, face, vent, 40, 12, around, false, stepS, end);
  return { face, end };
}

/** What it evaporates at its start, W: from its front, and from the cell that takes over within the step. */
const evaporates = ({ fronts, wet }: End): number => fronts.slice(0, wet).reduce((sum, { atW }) => sum + atW, 0);

/** Conducts for a step with the ends as they were set: they are told what they took in and evaporated. */
const solve = ({ body, work, sides }: Cooking, stepS: number): void =>
  conductStep(body, work, sides[0].end, sides[1].end, stepS);

describe('what leaves a face', () => {
  test('is more the hotter it is, up to where it boils, and leaves faster with every kelvin all the way', () => {
    const ends = [20, 40, 60, 80, 95, 105, 120, 150].map((tempC) => endAt(cutletAt(tempC)).end);
    for (let k = 1; k < ends.length; k++)
      expect(evaporates(ends[k])).toBeGreaterThanOrEqual(evaporates(ends[k - 1]) * 0.93);
    // Hotter than boiling it still falls with the temperature: a long step must not take more than cools it to the curve.
    for (const end of ends) expect(end.fronts[0].slope).toBeGreaterThan(0);
  });

  // 98 °C is where diffusion ends, and the slope is that of a fall by 4 K below it.
  test.each([100, 110, 130, 160])('cools a front of %i °C along a line that meets the curve below boiling', (tempC) => {
    const { end } = endAt(cutletAt(tempC));
    const { atW, slope, atC } = end.fronts[0];
    const line = (c: number): number => atW + slope * (c - atC);
    const there = evaporates(endAt(cutletAt(94)).end);
    expect(Math.abs(line(94) / there - 1)).toBeLessThan(0.12);
    expect(line(20)).toBeLessThan(there);
  });

  test('comes through the pores of what has dried outside: less, and from farther in', () => {
    const [wet, dry] = [endAt(cutletAt(80, 0.8)), endAt(cutletAt(80, 0.02))];
    expect(evaporates(dry.end)).toBeLessThan(0.8 * evaporates(wet.end));
    const { body } = cutletAt(80);
    expect(wet.end.fronts[0].cell).toBe(wet.face.outer);
    expect(body.layer[dry.end.fronts[0].cell]).not.toBe(1);
  });

  // Cold oil that is brushed on a hot crust over a tray of water: its thin cells were heated to 270 °C by dew.
  test.each([
    [-18, 1200],
    [5, 7000],
    [20, 30_000],
    [33, 60_000],
    [50, 90_000],
  ])(
    'is dew on a face of %i °C in moist air of %i Pa, which warms it to no more than the dew point',
    (tempC, vapourPa) => {
      for (const stepS of [0.25, 10 / 3, 5]) {
        const cook = cutletAt(tempC);
        const { body, work, sides } = cook;
        const { face, end } = sides[1];
        setEnd(body, work, face, 40, 0, 0, { ...AIR, vapourPa }, false, stepS, end);
        solve(cook, stepS);
        expect(end.fronts[0].takenW).toBeLessThan(0);
        expect(body.tempC[face.outer]).toBeGreaterThan(tempC);
        expect(body.tempC[face.outer]).toBeLessThan(boilingPointC(vapourPa) + 0.01);
      }
    },
  );

  test('is nothing in oil, behind parchment, and where a hot dry face meets moist air', () => {
    const cook = cutletAt(80);
    const { body, work, sides } = cook;
    const { face, end } = sides[1];
    setEnd(body, work, face, 40, 40, 12, AIR, true, 1, end);
    expect(end.wet).toBe(0);
    expect(evaporates(endAt(cook, AIR, 0).end)).toBe(0);
    const moist = { ...AIR, vapourPa: 95_000 };
    expect(evaporates(endAt(cutletAt(85, 0.02), moist).end)).toBe(0);
  });

  test('is dew on a cold one in moist air, outermost', () => {
    const cook = cutletAt(5);
    const { face, end } = endAt(cook, { ...AIR, vapourPa: 4000 });
    expect(evaporates(end)).toBeLessThan(0);
    expect(end.fronts[0].cell).toBe(face.outer);
    const before = cook.body.water[face.outer];
    solve(cook, 1);
    evaporate(cook.body, cook.work, face, end, 1, cook.flows);
    expect(cook.body.water[face.outer]).toBeGreaterThan(before);
  });

  // Crumbs that are dry enough to give out within the step: as it begins they give a quarter to two fifths more than they do in the mean.
  test.each([
    [60, 0.1, 2.5, 0.04],
    [80, 0.1, 1, 0.03],
    [80, 0.16, 1, 0.07],
  ])('at %i °C from crumbs of %f comes in one step of %f s what comes in 400 parts of it', (...given) => {
    const [tempC, crumbs, stepS, within] = given;
    const whole = endAt(cutletAt(tempC, crumbs), AIR, 40, stepS).end;
    const parts = 400;
    const cook = cutletAt(tempC, crumbs);
    let atFirst = 0;
    let mean = 0;
    for (let k = 0; k < parts; k++) {
      const { face, end } = endAt(cook, AIR, 40, stepS / parts);
      for (const front of end.fronts) front.takenW = front.atW;
      evaporate(cook.body, cook.work, face, end, stepS / parts, cook.flows);
      if (k === 0) atFirst = evaporates(end);
      mean += evaporates(end) / parts;
    }
    expect(atFirst / mean).toBeGreaterThan(1.25);
    expect(Math.abs(evaporates(whole) / mean - 1)).toBeLessThan(within);
    // The rest comes from those that take over, the first of them behind it.
    const [front, next] = whole.fronts;
    expect(evaporates(whole) - front.atW).toBeGreaterThan(0.2 * evaporates(whole));
    expect(Math.abs(next.cell - front.cell)).toBe(1);
  });

  test('is written down to the last gram and joule', () => {
    const cook = cutletAt(90, 0.05);
    const { body, work, flows } = cook;
    const { face, end } = endAt(cook, AIR, 40, 600);
    const water = (): number => body.water.reduce((sum, kg) => sum + kg, 0);
    const before = water();
    solve(cook, 600);
    // So long a step takes more than the front has: cells behind it give, and what nobody has goes back as heat.
    evaporate(body, work, face, end, 600, flows);
    expect(before - water()).toBeCloseTo(flows.outKg, 12);
    expect(body.water.every((kg) => kg >= 0)).toBe(true);
  });
});
