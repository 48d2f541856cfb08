import {
  KNOWN,
  bowlsFor,
  FIRMNESS,
  GOLDEN,
  readyPiece,
  searchFamily,
  type AirSettings,
  type Family,
  type LayerSpec,
} from '../src/index.js';
import { C1, C2, C3, C4, C5, C6, C7, C8, C9, filling, PRACTICES, type AirPractice, type Practice } from './practice.js';
import { browningOf, goldenAtMin, goldenWindow, inAir, inOil } from './predict.js';

/** All that is practised here is common practice, no source. */

const expectGolden = (b: number): void => {
  expect(b).toBeGreaterThan(GOLDEN.from);
  expect(b).toBeLessThan(GOLDEN.to);
};

const airCooks: [string, Practice, AirPractice][] = PRACTICES.flatMap((p) =>
  [p.air, p.oven]
    .filter((how) => how !== undefined)
    .map((how): [string, Practice, AirPractice] => [
      `${p.name} ${p.what}, ${how.fryer.name.toLowerCase()} ${how.settings.tempC} °C, ${how.settings.minutes} min`,
      p,
      how,
    ]),
);

describe('the practised minutes in air lie inside the golden window, from 0.85 to 1.2 of their middle', () => {
  test.each(airCooks)('%s: golden, and done inside', (_, practice, how) => {
    const { from, to } = goldenWindow(practice, how);
    expect(from).toBeLessThan(0.85 * how.settings.minutes);
    expect(to).toBeGreaterThan(1.2 * how.settings.minutes);
    // Vegetables with a bite count as done.
    const { doneness, centre } = inAir(practice, how).outcomes;
    expect(doneness?.value ?? 0).toBeLessThan(0.55);
    const minimum = { C5: 62.8 }[practice.name];
    if (minimum) expect(centre!.value).toBeGreaterThan(minimum);
  });
});

describe('at the practised time in oil', () => {
  test.each([C1, C6, C9].map((p) => [`${p.name} ${p.what}`, p] as const))('%s: golden', (_, practice) => {
    expectGolden(browningOf(inOil(practice)));
  });
});

describe('ratios of time to the same colour, within 25 %', () => {
  test('C1: the oven takes 19/11.5 of the air fryer', () => {
    const ratio = goldenAtMin(C1, C1.oven!) / goldenAtMin(C1, C1.air!);
    expect(Math.abs(ratio / (19 / 11.5) - 1)).toBeLessThan(0.25);
  });

  test('C8: the large oven-type takes 20/10.5 of the small basket', () => {
    const ratio = goldenAtMin(C8, C8.oven!) / goldenAtMin(C8, C8.air!);
    expect(Math.abs(ratio / (20 / 10.5) - 1)).toBeLessThan(0.25);
  });
});

describe('pre-cooking goes the practised way: what comes blanched, frozen or pre-roasted is softer for the same cook', () => {
  test.each([
    ['C2 blanched', C2, C2.air!],
    ['C9 pre-roasted', C9, { ...C2.air!, settings: { ...C2.air!.settings, tempC: 190 } }],
  ])('%s', (_, practice, how) => {
    const raw = { ...practice, dish: { ...practice.dish, preparation: 'raw' as const } };
    expect(inAir(practice, how).outcomes.doneness!.value).toBeLessThan(inAir(raw, how).outcomes.doneness!.value - 0.2);
  });
});

/** Minutes until a vegetable is tender with a bite, at most 45. */
function tenderAtMin(practice: Practice, how: AirPractice): number {
  const { columns, timeS } = inAir(practice, { ...how, second: null }, 45).series;
  const at = columns.firmness.findIndex((f) => f <= FIRMNESS.done);
  return at < 0 ? Infinity : timeS[at] / 60;
}

describe('pre-cooked against raw: minutes to tender go the practised way', () => {
  test.each<[string, Practice, AirPractice]>([
    ['C2 blanched', C2, C2.air!],
    ['C8 frozen', C8, C8.air!],
    ['C9 pre-roasted', C9, { ...C2.air!, settings: { ...C2.air!.settings, tempC: 190 } }],
  ])('%s', (_, practice, how) => {
    const raw = { ...practice, dish: { ...practice.dish, preparation: 'raw' as const, startC: 6 } };
    expect(tenderAtMin(practice, how)).toBeLessThan(tenderAtMin(raw, how));
  });
});

describe('C10: raw-coated and frozen, the same temperature takes longer, up to half as long again to the same centre', () => {
  test('a breaded cutlet', () => {
    const cutlet: Practice = {
      ...C1,
      dish: {
        ...C1.dish,
        foodId: 'chicken-breast',
        shape: { kind: 'slab', lengthMm: 120, widthMm: 80, thicknessMm: 13 },
        startC: 6,
      },
    };
    const frozen = { ...cutlet, dish: { ...cutlet.dish, startC: -18 } };
    const doneAt = (p: Practice): number => {
      const { columns, timeS } = inAir(p, C1.air!, 40).series;
      return timeS[columns.centreC.findIndex((t) => t >= 74)] / 60;
    };
    const ratio = doneAt(frozen) / doneAt(cutlet);
    expect(ratio).toBeGreaterThan(1.1);
    expect(ratio).toBeLessThan(1.75);
  });
});

describe('amounts in the bowls, within 35 % of practice', () => {
  const bowls = (practice: Practice, count: number) => {
    const ready = readyPiece(KNOWN, practice.dish, practice.layers);
    return bowlsFor(ready.layers, ready.piece.areaM2 * count);
  };
  const near = (found: number, practised: number): void => expect(Math.abs(found / practised - 1)).toBeLessThan(0.35);

  test('C1, 680 g: 63 g flour, 2 eggs, 90 g crumbs', () => {
    const [flour, egg, crumbs] = bowls(C1, 28);
    near(flour.totalG, 63);
    expect(egg.parts[0].count).toBe(2);
    near(crumbs.totalG, 90);
  });

  // A small head: 500 g of florets. The practised cooks name no weight; common practice, no source.
  const HEAD_G = 500;
  const headOf = (practice: Practice): number =>
    Math.round(HEAD_G / readyPiece(KNOWN, practice.dish, practice.layers).piece.massG);

  test('C2, a small head: a quarter of a cup of hard cheese in the crumbs, one egg', () => {
    const [, egg, crumbs] = bowls(C2, headOf(C2));
    expect(egg.parts[0].count).toBe(1);
    near(crumbs.parts.find((p) => p.ingredientId === 'hard-cheese')!.grams, 25);
  });

  test('C4, a small head: 140 g chickpea flour, 130 ml water', () => {
    const [batter] = bowls(C4, headOf(C4));
    near(batter.parts.find((p) => p.ingredientId === 'chickpea-flour')!.grams, 140);
    near(batter.parts.find((p) => p.ingredientId === 'water')!.grams, 130);
  });

  test('C6, 10 rings: 245 g batter, 90 g crumbs', () => {
    const [batter, crumbs] = bowls(C6, 10);
    near(batter.totalG, 245);
    near(crumbs.totalG, 90);
  });
});

describe('C3, a wet batter of flour and water alone', () => {
  const air = inAir(C3, C3.air!);
  const oil = inOil(C3);

  test('stays below 75 °C at its foot for minutes in air, for seconds in oil', () => {
    const { columns, timeS } = air.series;
    expect(timeS[columns.footUpC.findIndex((t) => t >= 75)]).toBeGreaterThan(120);
    expect(oil.pot.footHotMin! * 60).toBeLessThan(30);
  });

  test('runs off in air and merges between the pieces; in oil it stays', () => {
    expect(air.outcomes.runOff!.value).toBeGreaterThan(0.3);
    expect(oil.outcomes.runOff!.value).toBeLessThan(0.05);
  });

  test('crumbs over the same batter hold it', () => {
    const crumbs: LayerSpec = { portions: [{ ingredientId: 'coarse-crumbs', grams: 60 }] };
    const crumbed = inAir({ ...C3, layers: [...C3.layers, crumbs] }, { ...C4.air!, oilGm2: 18 });
    expect(crumbed.outcomes.runOff).toBeUndefined();
    expect(crumbed.outcomes.adhesion!.band).toBe('good');
  });
});

describe('the converter’s own proposal for the coat that is practised, within 15 °C and 25 % of the minutes', () => {
  const proposals: [string, Practice, Family, AirPractice][] = [
    ['C1', C1, 'dust-egg-crumbs', C1.air!],
    ['C2', C2, 'dust-egg-crumbs', C2.air!],
    ['C3', C3, 'thick-batter-parchment', C3.air!],
    ['C5', C5, 'kept-finish', C5.air!],
    ['C6 in its oven', C6, 'kept-finish', C6.oven!],
    ['C7', C7, 'kept-finish', C7.air!],
  ];
  /** What is proposed for a family does not hang on the other families. */
  const propose = (practice: Practice, how: AirPractice, family: Family): AirSettings => {
    const request = {
      // Practised minutes are those of a full basket.
      dish: filling(practice.dish, practice.layers, how.fryer),
      fried: { ...practice.fried, layers: practice.layers, oilId: 'rapeseed-oil' },
      pantry: KNOWN,
      fryer: { ...how.fryer, stepC: 5 },
      limits: {
        diets: [],
        avoidAllergens: [],
        without: [],
        maxTempC: 205,
        maxMinutes: 24,
        preheat: how.settings.preheated,
      },
    };
    const search = searchFamily(request, family);
    for (let next = search.next(); ; next = search.next()) {
      if (next.done) return next.value.alternatives[0].plan.settings;
    }
  };

  test.each(proposals)('%s', (_, practice, family, how) => {
    const settings = propose(practice, how, family);
    expect(Math.abs(settings.tempC - how.settings.tempC)).toBeLessThanOrEqual(15);
    expect(Math.abs(settings.minutes / how.settings.minutes - 1)).toBeLessThanOrEqual(0.25);
  });

  // The model browns these small, oiled florets too fast, and so asks for less heat than is practised: 20 °C at most.
  test('C8', () => {
    const settings = propose(C8, C8.air!, 'kept-finish');
    expect(Math.abs(settings.tempC - C8.air!.settings.tempC)).toBeLessThanOrEqual(20);
    expect(Math.abs(settings.minutes / C8.air!.settings.minutes - 1)).toBeLessThanOrEqual(0.25);
  });

  // Practised: 15 min at 190 °C and 5 more at 180 °C under a sauce; the converter asks for a softer floret in one go.
  test('C4: as many minutes as its two cooks take together, cooler', () => {
    const settings = propose(C4, C4.air!, 'batter-under-crumbs');
    const minutes = C4.air!.settings.minutes + C4.air!.second!.minutes;
    expect(Math.abs(settings.minutes / minutes - 1)).toBeLessThanOrEqual(0.25);
    expect(settings.tempC).toBeLessThanOrEqual(190);
    expect(settings.tempC).toBeGreaterThanOrEqual(160);
  });
});

test('prawns are safe and hot at the practised time', () => {
  expect(inAir(C5, C5.air!).outcomes.centre!.value).toBeGreaterThan(62.8);
});
