import fc from 'fast-check';
import { AT_WORK } from '../../testing/plain.js';
import { airMedium, crowdingShare } from './air.js';
import { AIR_STEPS, SAMPLE_S } from './constants/index.js';
import { FRYERS, LEVELS, OWN_HEAT, ROOM_C, UNDER, USUAL_POWER_W, type FryerKind } from './appliances.js';
import { emptySurroundings, type Medium, type Surroundings } from './media.js';
import { deepOil, panOil } from './oil.js';
import { PLACES, restingTray, standingPlace } from './room.js';

/** The surroundings at some minutes, taken in order as a cook does. */
function at(medium: Medium, ...minutes: number[]): Surroundings[] {
  if (minutes[0] === 0) medium.begin();
  return minutes.map((m) => {
    const out = emptySurroundings();
    medium.surround(m * 60, 0, out);
    return out;
  });
}

describe('moving air', () => {
  test('more power warms up sooner, and lets a load cool the air less', () => {
    const [weak, strong] = [1000, 2000].map((powerW) => airMedium({ ...AT_WORK, powerW }));
    const [cold, warm] = [weak, strong].map((m) => at(m, 1)[0].airC);
    expect(warm).toBeGreaterThan(cold + 10);
    const loaded = (m: Medium): number => {
      at(m, 0);
      for (let s = 1; s < 900; s++) {
        m.give(40, 1);
        m.surround(s, 0, emptySurroundings());
      }
      return at(m, 15)[0].airC;
    };
    expect(loaded(strong)).toBeGreaterThan(loaded(weak) + 2);
    expect(at(airMedium(AT_WORK), 2)[0].airC).toBeCloseTo(at(airMedium({ ...AT_WORK, powerW: 1500 }), 2)[0].airC, 9);
  });

  // Common practice, no source: an empty drawer is hot in two to three minutes, an oven-type in five, an oven in ten to twenty.
  test('warms up by its power: a drawer in two minutes, an oven-type in five, an oven in fifteen, and no further', () => {
    const after = (fryer: FryerKind, minutes: number): number => at(airMedium({ ...AT_WORK, fryer }), minutes)[0].airC;
    expect(after('drawer', 2.5)).toBe(190);
    expect(after('oven-type', 3)).toBeLessThan(150);
    expect(after('oven-type', 5)).toBeGreaterThan(0.95 * 190);
    expect(after('fan-oven', 8)).toBeLessThan(160);
    expect(after('fan-oven', 20)).toBe(190);
  });

  test('at first every watt goes into metal and air', () => {
    const seconds = 6;
    const rise = at(airMedium(AT_WORK), seconds / 60)[0].airC - ROOM_C;
    expect(rise).toBeCloseTo((USUAL_POWER_W.drawer * seconds) / OWN_HEAT.drawer.metalJK, 0);
  });

  test('a load that takes all of its power keeps it from getting hotter, and a cold one comes up later', () => {
    const loadedC = (watts: number, seconds: number): number => {
      const medium = airMedium(AT_WORK);
      const out = emptySurroundings();
      medium.begin();
      for (let s = 0; s <= seconds; s++) {
        medium.surround(s, 0, out);
        medium.give(watts / AT_WORK.pieces, 1);
      }
      return out.airC;
    };
    expect(loadedC(USUAL_POWER_W.drawer, 600)).toBeLessThan(40);
    expect(loadedC(600, 120)).toBeLessThan(loadedC(0, 120) - 20);
    expect(loadedC(600, 600)).toBeGreaterThan(170);
  });

  test('a preheated one starts hot, less what loading let out', () => {
    const [start] = at(airMedium({ ...AT_WORK, preheated: true }), 0);
    expect(start.airC).toBeGreaterThan(120);
    expect(start.airC).toBeLessThan(160);
  });

  test('an opening lets the air fall and it is back within two minutes', () => {
    const medium = airMedium({ ...AT_WORK, preheated: true, opensAtMin: [5] });
    const [before, just, after] = at(medium, 4.99, 5.01, 7);
    expect(just.airC).toBeLessThan(before.airC - 40);
    expect(after.airC).toBeGreaterThan(before.airC - 5);
  });

  test('it tells when the pieces are turned, and does not turn its own top and bottom with them', () => {
    const medium = airMedium({ ...AT_WORK, turnAtMin: 5 });
    const [before, after] = at(medium, 4.9, 9);
    expect(medium.turnsAtS).toBe(300);
    expect(after.top.hc).toBeCloseTo(before.top.hc, 9);
    expect(airMedium(AT_WORK).turnsAtS).toBe(Infinity);
  });

  test('swapped racks exchange their levels every few minutes', () => {
    const medium = airMedium({ ...AT_WORK, fryer: 'oven-type', level: 'upper', swapEveryMin: 4 });
    const radiation = at(medium, 1, 5, 9, 13).map((s) => s.top.hr / FRYERS['oven-type'].hr);
    expect(radiation).toEqual([LEVELS.upper.hrUp, LEVELS.lower.hrUp, LEVELS.upper.hrUp, LEVELS.lower.hrUp]);
  });

  test('heat that the food takes cools the air that passes it, and no longer once it takes none', () => {
    const medium = airMedium({ ...AT_WORK, preheated: true, pieces: 20 });
    const out = emptySurroundings();
    medium.surround(0, 0, out);
    for (let s = 1; s <= 400; s++) {
      medium.give(15, 1);
      medium.surround(s, 0, out);
    }
    const loaded = out.airC;
    for (let s = 401; s <= 600; s++) {
      medium.give(0, 1);
      medium.surround(s, 0, out);
    }
    expect(out.airC - loaded).toBeCloseTo((15 * 20) / (2 * FRYERS.drawer.streamWK), 0);
  });

  test('time 0 begins a medium anew', () => {
    const medium = airMedium({ ...AT_WORK, pieces: 30 });
    const first = at(medium, 0, 1, 2).map((s) => s.airC);
    for (let s = 121; s < 400; s++) {
      medium.give(40, 1);
      medium.surround(s, 0, emptySurroundings());
    }
    medium.surround(0, 0, emptySurroundings());
    medium.give(0, 1);
    expect(at(medium, 0, 1, 2).map((s) => s.airC)).toEqual(first);
  });

  test('a tray of boiling water fills the air with vapour, for as long as it steams', () => {
    const [, dry] = at(airMedium(AT_WORK), 0, 8);
    const [, steaming, spent] = at(airMedium({ ...AT_WORK, waterTray: true }), 0, 8, 14);
    expect(steaming.vapourPa).toBeGreaterThan(1.8 * dry.vapourPa);
    expect(spent.vapourPa).toBeLessThan(1.1 * dry.vapourPa);
  });

  test('parchment keeps heat and vapour from a slab’s underside, and less so from a ball’s', () => {
    const [slab] = at(airMedium({ ...AT_WORK, under: 'parchment' }), 5);
    const [ball] = at(airMedium({ ...AT_WORK, under: 'parchment', roundness: 1 }), 5);
    expect(slab.under.hc / slab.top.hc).toBeCloseTo(UNDER.parchment.hc, 9);
    expect(slab.under.vent).toBeLessThan(0.3);
    expect(ball.under.hc).toBeGreaterThan(1.5 * slab.under.hc);
  });

  // Sums of steps in seconds are met to rounding.
  const met = (times: number[], timeS: number): boolean => times.some((t) => Math.abs(t - timeS) < 1e-6);
  test.each([1, 2, 3])(
    'with steps divided by %i one of them ends at each sample, and within a tenth of a second of each opening and turn',
    (fine) => {
      const medium = airMedium({ ...AT_WORK, preheated: true, opensAtMin: [3.37], turnAtMin: 6.121 });
      const ends: number[] = [];
      for (let t = 0; t < 600; ends.push(t)) {
        const stepS = medium.stepS(t, fine);
        expect(stepS).toBeGreaterThan(0);
        expect(stepS).toBeLessThan(SAMPLE_S.air / (fine * AIR_STEPS.calm) + 1e-9);
        t += stepS;
      }
      for (let t = SAMPLE_S.air; t <= 600; t += SAMPLE_S.air) expect([t, met(ends, t)]).toEqual([t, true]);
      // Turned after 6.121 min: 367.26 s.
      expect([met(ends, 3.37 * 60), met(ends, 367.3)]).toEqual([true, true]);
    },
  );

  test('whenever it is opened, no step that leads there or on to the next sample is shorter than a hand is exact', () => {
    const TENTH_S = 0.1 - 1e-6;
    const opening = fc.oneof(
      fc.double({ min: 0, max: 10, noNaN: true }),
      // A moment before or after a sample.
      fc
        .tuple(fc.integer({ min: 0, max: 59 }), fc.double({ min: -1e-3, max: 1e-3, noNaN: true }))
        .map(([k, by]) => Math.max(0, k / 6 + by)),
    );
    fc.assert(
      fc.property(fc.array(opening, { maxLength: 6 }), fc.constantFrom(1, 2 / 3), (opensAtMin, fine) => {
        const medium = airMedium({ ...AT_WORK, preheated: true, opensAtMin, turnAtMin: null });
        for (let t = 0; t < 600;) {
          const stepS = medium.stepS(t, fine);
          expect(stepS).toBeGreaterThan(TENTH_S);
          expect(stepS).toBeLessThan(SAMPLE_S.air / (fine * AIR_STEPS.calm) + 1e-9);
          t += stepS;
        }
      }),
      { seed: 20261129 },
    );
  });

  test('its steps are short when it was loaded, opened or turned a moment ago, and longer in calm air', () => {
    const medium = airMedium({ ...AT_WORK, opensAtMin: [4], turnAtMin: 15 });
    const steps = [0, 10, 100, 240, 250, 400, 890, 900, 910, 920].map((t) => SAMPLE_S.air / medium.stepS(t, 1));
    const { disturbed, calm } = AIR_STEPS;
    const opened = [disturbed, disturbed, calm];
    expect(steps.map(Math.round)).toEqual([...opened, ...opened, calm, ...opened]);
  });

  test('up to six tenths covered the air does not mind, then it does', () => {
    expect(crowdingShare(0.3)).toBe(1);
    expect(crowdingShare(0.6)).toBe(1);
    expect(crowdingShare(0.9)).toBeLessThan(0.7);
    expect(crowdingShare(1)).toBeGreaterThan(0.2);
  });
});

describe('hot oil', () => {
  test('stirs while it bubbles, and is quiet after', () => {
    const medium = deepOil({ tempC: 180, oilKgPerPiece: 0.5 });
    const out = emptySurroundings();
    medium.surround(60, 0.002, out);
    const bubbling = out.top.hc;
    medium.surround(61, 0, out);
    expect(bubbling).toBeGreaterThan(1.5 * out.top.hc);
  });

  test('is cooled by what it gives and brought back by its burner', () => {
    const medium = deepOil({ tempC: 180, oilKgPerPiece: 0.5 });
    const out = emptySurroundings();
    medium.surround(0, 0, out);
    medium.give(11_000, 1);
    medium.surround(1, 0, out);
    // 11 kJ out of 0.5 kg at 2.2 kJ/kgK are 10 K.
    expect(out.airC).toBeCloseTo(170, 0);
    medium.surround(300, 0, out);
    expect(out.airC).toBeGreaterThan(179);
  });

  test('a pan wets what lies down, and is told to turn', () => {
    const medium = panOil({ tempC: 175, turnAtMin: 2 });
    const [early] = at(medium, 1);
    expect([early.under.oil, early.top.oil]).toEqual([true, false]);
    expect(early.under.hc).toBeGreaterThan(10 * early.top.hc);
    expect(medium.turnsAtS).toBe(120);
  });
});

describe('a kitchen', () => {
  test('a tray and a rack are at the room’s temperature, the switched-off fryer is warm', () => {
    for (const medium of [restingTray(), standingPlace('rack'), standingPlace('plate')]) {
      expect(at(medium, 3)[0].airC).toBe(ROOM_C);
    }
    expect(at(standingPlace('hold'), 3)[0].airC).toBeGreaterThan(60);
  });

  test('only a plate lets no vapour away below', () => {
    expect(PLACES.filter((place) => at(standingPlace(place), 1)[0].under.vent === 0)).toEqual(['plate']);
  });
});
