import { KNOWN } from '../foods/index.js';
import { FRYERS, GOLDEN } from '../heat/index.js';
import { OUTCOME_KEYS } from '../outcome/index.js';
import { plain } from '../units/index.js';
import {
  centreAt,
  CRAFT_WORDS,
  firstValues,
  goldenIn,
  isLessonId,
  lessonFor,
  lessonOf,
  LESSONS,
  playLesson,
  type Lesson,
  type LessonId,
  type Played,
  type Values,
} from './index.js';

/** What a lesson says is what its simulation does: here every claim of theirs is held against it. */

const play = (id: LessonId, more: Values = {}): Played =>
  playLesson(KNOWN, id, { ...firstValues(lessonOf(id)), ...more });
const words = ({ said }: Played): string => said.map(plain).join(' ');

/** Every end of every control, one at a time. */
const corners = (lesson: Lesson): Values[] => {
  const first = firstValues(lesson);
  return lesson.controls.flatMap((c) =>
    c.kind === 'slider'
      ? [c.min, c.max].map((value) => ({ ...first, [c.id]: value }))
      : c.options.map(({ value }) => ({ ...first, [c.id]: value })),
  );
};

describe.each(LESSONS.map((lesson) => [lesson.id, lesson] as const))('%s', (_, lesson) => {
  test('can be played to every end of its controls, and says something finite each time', () => {
    for (const values of [firstValues(lesson), ...corners(lesson)]) {
      const played = playLesson(KNOWN, lesson.id, values);
      expect(played.said.length).toBeGreaterThan(0);
      expect(words(played)).not.toMatch(/NaN|Infinity|undefined|null|\[object/);
      for (const line of played.said) expect(plain(line)).toMatch(/^[A-Z].*[.!]( |$)/);
    }
  });

  test('says another thing when it is played with', () => {
    const all = new Set(corners(lesson).map((values) => words(playLesson(KNOWN, lesson.id, values))));
    expect(all.size).toBeGreaterThan(1);
  });

  test('names a source for each of its figures', () => {
    expect(lesson.figures.length).toBeGreaterThan(0);
    for (const { source } of lesson.figures) expect(source.length).toBeGreaterThan(8);
  });
});

describe('why a wet batter fails in air', () => {
  test('oil sets it in seconds, air in minutes, and it runs meanwhile', () => {
    const [pot, air] = play('wet-batter').shown;
    const [hot, cool] = [pot.fried.series, air.air!.series].map((series) =>
      centreOf(series.timeS, series.columns.footUpC),
    );
    expect(hot).toBeLessThan(0.5);
    expect(cool).toBeGreaterThan(4 * hot);
    expect(pot.fried.outcomes.runOff!.value).toBeLessThan(0.2);
    expect(air.air!.outcomes.runOff!.value).toBeGreaterThan(0.4);
  });

  test('crumbs over it stop that, and so does much flour', () => {
    const [, crumbed] = play('wet-batter', { over: 'crumbs' }).shown;
    expect(crumbed.air!.outcomes.runOff).toBeUndefined();
    expect(crumbed.air!.outcomes.crispness!.value).toBeGreaterThan(0.8);
    const [, thick] = play('wet-batter', { liquid: 80 }).shown;
    expect(thick.air!.outcomes.runOff!.value).toBeLessThan(0.05);
  });

  test('its wet skin stays far below the air around it, and the foot cooler still', () => {
    const [, { air }] = play('wet-batter').shown;
    const { columns, sampleS } = air!.series;
    const at = Math.round(90 / sampleS);
    expect(columns.surfaceUpC[at]).toBeLessThan(columns.airC[at] - 90);
    expect(columns.footUpC[at]).toBeLessThan(columns.surfaceUpC[at]);
  });

  test('oil gives the heat that it is said to give', () => {
    const { hc, hr } = FRYERS.drawer;
    // 480 W/m²K while it bubbles (Hubbard and Farkas 1999, from memory).
    expect(480 / hc).toBeCloseTo(9.2, 0);
    expect(Math.round(480 / (hc + hr))).toBe(7);
  });
});

const centreOf = (timeS: Float64Array, footC: Float32Array): number =>
  timeS[[...timeS.keys()].find((i) => footC[i] >= 75)!] / 60;

describe('what the dust does', () => {
  const gain = (values: Values): number => {
    const [bare, dusted] = play('dust', values).shown.map(({ air }) => air!.outcomes.adhesion!.value);
    return dusted - bare;
  };
  test('much on smooth halloumi, next to nothing on rough aubergine; a wet skin holds worst', () => {
    for (const skin of ['dry', 'damp', 'wet']) {
      expect(gain({ food: 'halloumi', skin })).toBeGreaterThan(0.12);
      expect(Math.abs(gain({ food: 'aubergine', skin }))).toBeLessThan(0.05);
    }
    const held = (skin: string): number => play('dust', { skin }).shown[1].air!.outcomes.adhesion!.value;
    expect(held('wet')).toBeLessThan(held('damp'));
  });
});

describe('where the oil goes', () => {
  test('a tenth of the pot’s is rich enough; more browns it no further; none at all eats dry', () => {
    const at = (oil: number) => play('oil', { oil }).shown;
    const [pot, dry] = at(0);
    expect(dry.air!.outcomes.bite!.word).toMatch(/dry/);
    const [, some] = at(0.7);
    expect(some.air!.outcomes.bite!.word).toMatch(/rich enough/);
    expect(some.air!.oilPerPieceG).toBeLessThan(pot.fried.oilPerPieceG / 8);
    expect(some.air!.outcomes.colourTop!.value).toBeGreaterThan(dry.air!.outcomes.colourTop!.value);
    const [, much] = at(2.4);
    expect(much.air!.outcomes.colourTop!.value).toBeLessThan(some.air!.outcomes.colourTop!.value + 0.03);
  });
});

describe('a small basket against a large one', () => {
  const golden = (values: Values): number[] =>
    play('basket', values).shown.map(({ air }) => goldenIn(air!.series)!.fromMin);
  test('the drawer is golden much sooner, batch by batch', () => {
    const [small, large] = golden({});
    expect(large / small).toBeGreaterThan(1.3);
    const [drawer, oven] = play('basket').shown.map(({ air }) => air!.load.batches);
    expect(drawer).toBeGreaterThan(oven);
    const [one, two] = [FRYERS.drawer, FRYERS['oven-type']].map(({ hc, hr }) => hc + hr);
    expect(one / two).toBeGreaterThan(1.3);
    expect(one / two).toBeLessThan(1.5);
  });

  test('touching takes fewer batches, and longer for each', () => {
    const [apart] = golden({ apart: 'apart' });
    const [touching] = golden({ apart: 'touching' });
    expect(touching).toBeGreaterThan(apart);
    const batches = (apart: string): number => play('basket', { apart }).shown[0].air!.load.batches;
    expect(batches('touching')).toBeLessThan(batches('apart'));
  });
});

describe('how long it stays crisp', () => {
  const lasts = (coat: string): Record<string, number> =>
    Object.fromEntries(
      play('resting', { coat })
        .shown[0].air!.waiting.filter((w) => !w.sauced)
        .map((w) => [w.place, w.crispMin ?? 30]),
    );
  test.each(['coarse', 'fine', 'starch'])('%s: longest on a rack, shortest on a plate', (coat) => {
    const { rack, plate, hold } = lasts(coat);
    expect(rack).toBeGreaterThan(hold);
    expect(hold).toBeGreaterThan(plate);
  });

  test('on a plate coarse crumbs last longer than fine ones, and starch least', () => {
    const [coarse, fine, starch] = ['coarse', 'fine', 'starch'].map((coat) => lasts(coat).plate);
    expect(coarse).toBeGreaterThan(fine);
    expect(fine).toBeGreaterThanOrEqual(starch);
  });
});

describe('colour and heat', () => {
  const windows = (finish: string) => play('colour', { finish }).shown.map(({ air }) => goldenIn(air!.series));
  test('hotter is golden sooner and for a shorter time; sugar sooner yet; starch late', () => {
    const [cool, middle, hot] = windows('plain');
    expect(cool!.fromMin).toBeGreaterThan(middle!.fromMin);
    expect(middle!.fromMin).toBeGreaterThan(hot!.fromMin);
    const length = (w: { fromMin: number; toMin: number }): number => w.toMin - w.fromMin;
    expect(length(hot!)).toBeLessThan(length(middle!));
    const sugar = windows('sugar');
    sugar.forEach((w, k) => expect(w!.fromMin).toBeLessThan(windows('plain')[k]!.fromMin));
    expect(length(sugar[2]!)).toBeLessThan(length(hot!));
    const starch = windows('starch');
    expect(starch[0]).toBeNull();
    expect(starch[2]!.fromMin).toBeGreaterThan(2 * hot!.fromMin);
  });

  test('browning and charring get as much faster as it says', () => {
    // Arrhenius from 180 to 200 °C.
    const faster = (joule: number): number => Math.exp((joule / 8.314) * (1 / 453.15 - 1 / 473.15));
    expect(faster(55_000)).toBeCloseTo(1.9, 1);
    expect(faster(160_000)).toBeCloseTo(6, 1);
    expect(plain(lessonOf('colour').figures[0].text)).toMatch(/1\.9 times .* 6 times/);
  });
});

describe('the golden window', () => {
  const at = (thickness: number, heat: number) => {
    const { series } = play('golden-window', { thickness, heat }).shown[0].air!;
    return { window: goldenIn(series)!, safe: centreAt(series, 62.8)! };
  };
  test('twice as thick takes more than twice as long, and browns in nearly the same minutes', () => {
    const [thin, thick] = [at(11, 200), at(22, 200)];
    expect(thick.safe / thin.safe).toBeGreaterThan(2);
    expect(thick.safe / thin.safe).toBeLessThan(4);
    expect(Math.abs(thick.window.fromMin - thin.window.fromMin)).toBeLessThan(1.5);
  });

  test('thick and hot is dark before it is done; cooler and longer, both fall together', () => {
    expect(words(play('golden-window', { thickness: 36, heat: 215 }))).toMatch(/Dark outside before it is done inside/);
    expect(words(play('golden-window', { thickness: 36, heat: 200 }))).toMatch(/Both fall together/);
    expect(words(play('golden-window', { thickness: 6, heat: 180 }))).toMatch(/Done before it is golden/);
  });

  test('begins with the paler side and ends with the darker one', () => {
    const { series } = play('golden-window').shown[0].air!;
    const { fromMin, toMin } = goldenIn(series)!;
    const index = (minutes: number): number => [...series.timeS.keys()].find((i) => series.timeS[i] / 60 >= minutes)!;
    const { colourUp, colourDown } = series.columns;
    expect(Math.min(colourUp[index(fromMin)], colourDown[index(fromMin)])).toBeGreaterThanOrEqual(GOLDEN.from);
    expect(Math.max(colourUp[index(toMin) - 1], colourDown[index(toMin) - 1])).toBeLessThanOrEqual(GOLDEN.to);
    expect(Math.max(colourUp[index(toMin)], colourDown[index(toMin)])).toBeGreaterThan(GOLDEN.to);
  });
});

describe('the way to a lesson', () => {
  test('most that is judged has one behind it, and the names are told apart', () => {
    const explained = OUTCOME_KEYS.filter((about) => lessonFor({ about }) !== null);
    expect(explained.length).toBeGreaterThan(OUTCOME_KEYS.length / 2);
    expect(lessonFor({ about: 'runOff' })!.id).toBe('wet-batter');
    expect(lessonFor({ about: 'leak' })).toBeNull();
    expect(isLessonId('dust')).toBe(true);
    expect(isLessonId('__proto__')).toBe(false);
  });

  test('words of the craft stand in their order, each with a sentence', () => {
    const all = CRAFT_WORDS.map(({ word }) => word);
    expect(all).toEqual([...all].sort((a, b) => a.localeCompare(b, 'en')));
    for (const { means } of CRAFT_WORDS) expect(means).toMatch(/^[A-Z].{20,}\.$/);
  });
});
