import {
  COMMON_FRYERS,
  EMPTY_EVENING,
  EMPTY_KITCHEN,
  EMPTY_PANTRY,
  exampleConversion,
  kitchenFileOf,
  mergeKitchens,
  openKitchenFile,
  type KeptCook,
  type KeptDish,
  type WholeKitchen,
} from './index.js';

const AT = '2026-11-26T18:00:00.000Z';
const ID = '5f0d3c1e-6f0a-4d3e-9a51-2f4f0a7c1b2d';
const EVENING = '7a0d3c1e-6f0a-4d3e-9a51-2f4f0a7c1b2d';
const thursday = {
  ...EMPTY_EVENING,
  name: 'Thursday',
  serveAt: '2026-11-26T19:00:00+00:00',
  dishes: [{ id: ID, buns: true }],
};
const dish = (id: string, name = 'Okra'): KeptDish => ({
  id,
  createdAt: AT,
  updatedAt: AT,
  body: { ...exampleConversion(), name },
});
const empty: WholeKitchen = {
  dishes: [],
  kitchen: EMPTY_KITCHEN,
  pantry: EMPTY_PANTRY,
  evenings: [],
  cooks: [],
  experiments: [],
};
const full: WholeKitchen = {
  dishes: [dish(ID)],
  kitchen: { ...EMPTY_KITCHEN, fryers: [COMMON_FRYERS[0]], trays: [{ name: 'Tray', widthMm: 300, depthMm: 200 }] },
  pantry: { ...EMPTY_PANTRY, have: ['beer'], weights: [{ foodId: 'onion', unit: 'medium-onion', grams: 140 }] },
  evenings: [{ id: EVENING, createdAt: AT, updatedAt: AT, body: thursday }],
  cooks: [],
  experiments: [],
};
const ASKED = { take: new Set<string>(), both: new Set<string>() };
const merged = (here: WholeKitchen, there: WholeKitchen, answers = ASKED, bin = new Set<string>()) =>
  mergeKitchens(here, there, answers, bin, () => '11111111-1111-4111-8111-111111111111');
const changed = (note: string): WholeKitchen => ({
  ...full,
  dishes: [{ ...dish(ID), body: { ...dish(ID).body, note } }],
});

describe('two kitchens made one', () => {
  test('a file goes out and comes in as it was, into an empty kitchen', () => {
    const there = openKitchenFile(JSON.parse(JSON.stringify(kitchenFileOf(full, AT))), []);
    expect(there).toEqual({ ...full, photographs: [], photographsLeftOut: 0 });
    const { whole, report } = merged(empty, there);
    expect(whole).toEqual(full);
    expect(report).toMatchObject({ same: 0, conflicts: [] });
  });

  test('the same file twice changes nothing', () => {
    const { whole, written, report } = merged(full, full);
    expect(whole).toEqual(full);
    expect(written).toEqual({ dishes: [], evenings: [], cooks: [], experiments: [] });
    expect(report).toMatchObject({ added: [], conflicts: [], same: 5 });
  });

  test('what is here and not alike stays, unless the file’s is taken or both', () => {
    const there = changed('salted longer');
    const key = `dish:${ID}`;
    const kept = merged(full, there);
    expect(kept.report.conflicts).toMatchObject([
      { key, answer: 'keep', there: expect.stringContaining('the note salted longer') },
    ]);
    expect(kept.whole).toEqual(full);
    expect(merged(full, there, { ...ASKED, take: new Set([key]) }).whole.dishes).toEqual(there.dishes);
    const both = merged(full, there, { ...ASKED, both: new Set([key]) });
    expect(both.whole.dishes.map((d) => [d.id === ID, d.body.name])).toEqual([
      [true, 'Okra'],
      [false, 'Okra (from file)'],
    ]);
  });

  test('a dish that lies in the bin here is asked about, and not brought back by itself', () => {
    const { whole, report } = merged(empty, full, ASKED, new Set([ID]));
    expect(whole.dishes).toEqual([]);
    expect(report.conflicts).toMatchObject([{ key: `dish:${ID}`, here: 'put aside here' }]);
  });

  test('fryers and weights by their names: new ones join, unlike ones say in what they differ', () => {
    const other: WholeKitchen = {
      ...full,
      kitchen: { ...full.kitchen, fryers: [{ ...COMMON_FRYERS[0], maxTempC: 210 }, COMMON_FRYERS[1]] },
      pantry: {
        ...full.pantry,
        never: ['beer', 'lard'],
        weights: [{ foodId: 'onion', unit: 'medium-onion', grams: 160 }],
      },
    };
    const { whole, report } = merged(full, other);
    expect(whole.kitchen.fryers.map((f) => [f.name, f.maxTempC])).toEqual([
      [COMMON_FRYERS[0].name, 200],
      [COMMON_FRYERS[1].name, 220],
    ]);
    expect(report.conflicts).toMatchObject([
      { key: `fryer:${COMMON_FRYERS[0].name}`, here: 'highest °C 200', there: 'highest °C 210' },
      { key: 'weight:onion/medium-onion', here: 'grams 140', there: 'grams 160' },
    ]);
    // What is in this house is never put among what is never used.
    expect(whole.pantry.never).toEqual(['lard']);
  });
});

describe('evenings in a kitchen’s file', () => {
  test('an evening that was planned otherwise here stays, unless the file’s is taken', () => {
    const there: WholeKitchen = {
      ...full,
      evenings: [{ ...full.evenings[0], body: { ...thursday, togetherMin: 20 } }],
    };
    const kept = merged(full, there);
    expect(kept.report.conflicts).toMatchObject([
      {
        key: `evening:${EVENING}`,
        what: 'evening',
        name: 'Thursday',
        here: expect.stringContaining('Thursday: 2026-11-26 19:00, 1 dish, 1 pair of hands'),
        there: expect.stringContaining('how close together, min 20'),
        answer: 'keep',
      },
    ]);
    expect(kept.whole.evenings).toEqual(full.evenings);
    expect(kept.written.evenings).toEqual([]);
    const taken = merged(full, there, { ...ASKED, take: new Set([`evening:${EVENING}`]) });
    expect(taken.whole.evenings).toEqual(there.evenings);
    expect(taken.written.evenings).toEqual(there.evenings);
    const both = merged(full, there, { ...ASKED, both: new Set([`evening:${EVENING}`]) });
    expect(both.whole.evenings.map((e) => [e.body.name, e.body.togetherMin])).toEqual([
      ['Thursday', thursday.togetherMin],
      ['Thursday (from file)', 20],
    ]);
  });

  test('an evening that lies in the bin here is asked about, and comes back only when it is taken', () => {
    const here = { ...full, evenings: [] };
    const bin = new Set([EVENING]);
    const kept = merged(here, full, ASKED, bin);
    expect(kept.whole.evenings).toEqual([]);
    expect(kept.report.conflicts).toMatchObject([{ key: `evening:${EVENING}`, here: 'put aside here' }]);
    const taken = merged(here, full, { ...ASKED, take: new Set([`evening:${EVENING}`]) }, bin);
    expect(taken.whole.evenings).toEqual(full.evenings);
  });

  test('a file from before there were evenings brings its supper as one, the same in every kitchen', () => {
    const { evenings: _, ...first } = kitchenFileOf(full, AT);
    const supper = { format: 1, body: { name: 'Supper', dishIds: [ID], guests: [] } };
    const opened = openKitchenFile({ ...first, format: 1, supper }, []);
    expect(opened.evenings).toMatchObject([{ body: { name: 'Supper', dishes: [{ id: ID }], serveAt: null } }]);
    expect(openKitchenFile({ ...first, format: 1, supper }, []).evenings[0].id).toBe(opened.evenings[0].id);
    const none = { ...supper, body: { ...supper.body, dishIds: [] } };
    expect(openKitchenFile({ ...first, format: 1, supper: none }, []).evenings).toEqual([]);
  });
});

describe('cooks in a kitchen’s file', () => {
  const COOK = '9c0d3c1e-6f0a-4d3e-9a51-2f4f0a7c1b2d';
  const key = `cook:${COOK}`;
  const cook = (more: Partial<KeptCook['body']> = {}): KeptCook => ({
    id: COOK,
    updatedAt: AT,
    body: { name: 'Okra', cook: {} as never, startedAt: AT, events: [], records: [], photos: [], ...more },
  });
  const here = { ...full, cooks: [cook()] };
  const noted = cook({ records: [{ dish: ID, version: 1, savedAt: AT, seen: { colourTop: 'pale' } }] });

  test('a new one joins, the same one stays', () => {
    expect(merged(full, here).report.added).toMatchObject([{ what: 'cook', name: 'Okra' }]);
    expect(merged(here, here).written.cooks).toEqual([]);
  });

  test('one that was noted otherwise is asked about; never do two stand beside each other', () => {
    const there = { ...full, cooks: [noted] };
    expect(merged(here, there).report.conflicts).toMatchObject([
      { key, answer: 'keep', there: expect.stringMatching(/1 record, 0 photographs. Differs in how it came out/) },
    ]);
    expect(merged(here, there, { ...ASKED, take: new Set([key]) }).written.cooks).toEqual([noted]);
    expect(merged(here, there, { ...ASKED, both: new Set([key]) })).toMatchObject({
      whole: { cooks: here.cooks },
      written: { cooks: [], experiments: [] },
      report: { conflicts: [{ answer: 'keep' }] },
    });
  });

  test('one that lies in the bin here stays there', () => {
    const bin = new Set([COOK]);
    expect(merged(full, here, ASKED, bin)).toMatchObject({
      whole: { cooks: [], experiments: [] },
      report: { conflicts: [{ key }] },
    });
  });

  test('a file from before there were any has none', () => {
    const { cooks: _c, photographs: _p, photographsLeftOut: _l, ...second } = kitchenFileOf(full, AT);
    expect(openKitchenFile({ ...second, format: 2 }, [])).toEqual({ ...full, photographs: [], photographsLeftOut: 0 });
  });
});

describe('a file that is none', () => {
  const file = kitchenFileOf(full, AT);
  test.each([
    ['a dish', { yellowmist: 'dish' }, /no file of a whole kitchen/],
    ['nothing', null, /no file of a whole kitchen/],
    ['a newer one', { ...file, format: 9 }, /newer Yellowmist/],
    ['one without its pantry', { ...file, pantry: undefined }, /not whole: .*pantry/],
    ['one whose dish is of a newer format', { ...file, dishes: [{ ...file.dishes[0], format: 99 }] }, /“Okra”.*newer/],
    [
      'one whose dish lacks its food',
      { ...file, dishes: [{ ...file.dishes[0], body: { ...file.dishes[0].body, dish: {} } }] },
      /“Okra”.*foodId/,
    ],
    ['one with two dishes of one identity', { ...file, dishes: [file.dishes[0], file.dishes[0]] }, /duplicate/],
  ])('%s is refused whole, with the reason', (_what, json, reason) => {
    expect(() => openKitchenFile(json, [])).toThrow(reason);
  });
});
