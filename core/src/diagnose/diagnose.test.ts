import { chickenAndOkra, playedThrough, REAL } from '../../testing/cooks.js';
import { meantDishes } from '../../testing/failures.js';
import { stateOf } from '../counter/index.js';
import { KNOWN } from '../foods/index.js';
import { plain } from '../units/index.js';
import { below } from './likelihood.js';
import {
  afterNext,
  CAUSES,
  causeOf,
  complaintsOf,
  diagnose,
  didAtCounter,
  FIELD_SCALES,
  knownCauses,
  meantBatch,
  observationsOf,
  posteriorOf,
  priorsFrom,
  SEEN_FIELDS,
  wordIn,
  type Put,
  type Seen,
  type Simulated,
  writtenDown,
} from './index.js';

const dishOf = (foodId: string): Simulated => meantDishes().find((s) => s.meant.lying.dish.foodId === foodId)!;
const chicken = (): Simulated => dishOf('chicken-breast');

describe('what is told', () => {
  test('a normal distribution has the shares that tables print', () => {
    // Abramowitz and Stegun, table 26.1, from memory.
    for (const [z, share] of [
      [0, 0.5],
      [1, 0.8413447],
      [-1.959964, 0.025],
      [3, 0.9986501],
    ])
      expect(below(z)).toBeCloseTo(share, 6);
  });

  test.each(SEEN_FIELDS.filter((f) => FIELD_SCALES[f].words.length > 0))(
    'the words of %s follow on each other, and stand for the values that they name',
    (field) => {
      const { words, range } = FIELD_SCALES[field];
      expect(words[0].from).toBe(range[0]);
      words.forEach(({ word, from, to }, k) => {
        expect(to).toBeGreaterThan(from);
        if (k > 0) expect(from).toBe(words[k - 1].to);
        expect(wordIn(field, (from + to) / 2)).toBe(word);
        expect(observationsOf({ [field]: word })).toMatchObject([{ field, from, to, told: word }]);
      });
    },
  );

  test('yes is some or more, no is none; what is not told is nothing', () => {
    expect(observationsOf({ floury: true })[0]).toMatchObject({ from: 0.1, to: 1 });
    expect(observationsOf({ stuck: false })[0]).toMatchObject({ from: 0, to: 0.1 });
    expect(observationsOf({})).toEqual([]);
    expect(observationsOf({ colourTop: 'purple' })).toEqual([]);
  });

  test('a centre keeps the minute at which it was read', () => {
    expect(observationsOf({ centreC: 71, atMin: 9 })[0]).toMatchObject({ field: 'centreC', atMin: 9 });
  });
});

describe('causes', () => {
  test('each has its words, can be put into some dish, and says what to do', () => {
    for (const cause of CAUSES) {
      const can = meantDishes().filter(({ meant }) => cause.sizes.some((size) => cause.put(meant, size)));
      expect(can.length).toBeGreaterThan(0);
      expect(cause.words).toMatch(/^[A-Z].*[^.]$/);
      if (cause.key !== 'as-it-went')
        expect(plain(cause.mend(can[0].meant, cause.sizes[0])?.text ?? [])).toMatch(/\.$/);
    }
  });

  test('what was never planned cannot have been left out', () => {
    const bare = dishOf('okra').meant;
    expect(causeOf('no-dust').put(bare, 1)).toBeNull();
    expect(causeOf('sauce-hot').put(bare, 0)).toBeNull();
    expect(causeOf('wet-food').put(bare, 1)).toBeNull();
  });

  test('what is told to be otherwise is known, in its size', () => {
    const { meant, asMeant } = chicken();
    const known = knownCauses(meant, asMeant, { minutes: 19.5, turned: false, pressed: true, openings: 0 });
    expect(known.map(({ cause, size }) => [cause.key, size])).toEqual([
      ['too-long', 1.5],
      ['no-turn', 1],
    ]);
    expect(knownCauses(meant, asMeant, { airOffC: 12 })).toMatchObject([{ cause: { key: 'too-hot' }, size: 12 }]);
    expect(knownCauses(meant, asMeant, { airOffC: -12 })).toMatchObject([{ cause: { key: 'too-cool' }, size: 12 }]);
  });
});

describe('a diagnosis', () => {
  const hot = () => causeOf('too-hot').put(chicken().meant, 20)!;

  test('of a cook that came out as it was meant finds nothing', () => {
    const { meant } = chicken();
    expect(diagnose(meant, writtenDown(meant))).toMatchObject({ complaints: [], causes: [], change: null, test: null });
  });

  test('of a fryer that runs hot names it first, with what speaks for it, and sets it cooler', () => {
    const { meant } = chicken();
    const found = diagnose(meant, { ...writtenDown(hot()), did: { minutes: 13, turned: true, openings: 0 } });
    expect(found.complaints.map(plain)).toContain('the top was dark');
    expect(found.causes[0].cause).toBe('too-hot');
    expect(found.causes[0].for.map(plain).join(' ')).toMatch(/The top was dark, as with this; by the plan, /);
    expect(found.change!.plan.settings.tempC).toBeLessThan(meant.lying.plan.settings.tempC);
    expect(found.change!.cures).toContain('too-hot');
    const whole = found.none + found.causes.reduce((sum, { share }) => sum + share, 0);
    expect(whole).toBeGreaterThan(0.85);
    expect(whole).toBeLessThanOrEqual(1.0001);
  });

  test('takes what is known to have been done otherwise for the cause, where it makes what was seen', () => {
    const { meant } = chicken();
    const long = causeOf('too-long').put(meant, 1.6)!;
    const found = diagnose(meant, { ...writtenDown(long), did: { minutes: 13 * 1.6 } });
    expect(found.causes[0]).toMatchObject({ cause: 'too-long', known: true });
    expect(found.causes[0].for.length).toBeGreaterThan(0);
  });

  test('asks for the reading that tells two causes apart, where it cannot', () => {
    const found = diagnose(chicken().meant, { colourTop: 'straw', colourUnder: 'straw' });
    expect(found.causes[0].share).toBeLessThan(0.6);
    expect(found.test).not.toBeNull();
    expect(plain(found.test!.text)).toMatch(/[.?]$/);
    expect(found.test!.parts).toEqual(found.causes.slice(0, 2).map((c) => c.cause));
  });

  test('believes a cook’s habits: what was the cause before is likelier', () => {
    const seen: Seen = { colourTop: 'straw', colourUnder: 'straw' };
    const share = (priors = {}): number =>
      diagnose(chicken().meant, seen, priors).causes.find((c) => c.cause === 'opened-often')?.share ?? 0;
    const past = [{ shares: new Map([['opened-often' as const, 0.9]]), daysAgo: 20 }];
    expect(share(priorsFrom(past))).toBeGreaterThan(share() * 1.5);
    expect(priorsFrom([{ ...past[0], daysAgo: 720 }])['opened-often']).toBeLessThan(1.15);
  });

  test('gives the same whatever order things are told in', () => {
    const seen = writtenDown(hot());
    const turned = Object.fromEntries(Object.entries(seen).reverse());
    expect(diagnose(chicken().meant, turned)).toEqual(diagnose(chicken().meant, seen));
  });
});

describe('after the next cook', () => {
  const first = () => {
    const s = chicken();
    const seen = writtenDown(causeOf('too-hot').put(s.meant, 18)!);
    return posteriorOf(s, observationsOf(seen), undefined);
  };
  const cooler = (): Put => {
    const { meant } = chicken();
    const settings = { ...meant.lying.plan.settings, tempC: 175 };
    return { ...meant, lying: { ...meant.lying, plan: { ...meant.lying.plan, settings } } };
  };

  test('set cooler and golden: it has helped, and it is surer still that the fryer runs hot', () => {
    const found = afterNext(first(), {
      meant: cooler(),
      seen: writtenDown(causeOf('too-hot').put(cooler(), 18)!),
      removes: [],
    });
    expect(found.helped).toBe('yes');
    expect(found.after.get('too-hot')!).toBeGreaterThan(found.before.get('too-hot')!);
  });

  test('the timer set and dark again: it has not helped, and it was not the timer', () => {
    const dark = writtenDown(causeOf('too-hot').put(chicken().meant, 18)!);
    const found = afterNext(first(), { meant: chicken().meant, seen: dark, removes: ['too-long'] });
    expect(found.helped).toBe('no');
    expect(found.after.get('too-long')!).toBeLessThan(found.before.get('too-long')!);
  });

  test('nothing seen, nothing known', () => {
    expect(afterNext(first(), { meant: cooler(), seen: {}, removes: [] }).helped).toBe('unknown');
  });
});

describe('a cook at the counter', () => {
  const programme = chickenAndOkra();
  const [batch] = programme.batches;

  test('knows by its log how long each batch was in, and that it was turned', () => {
    const did = didAtCounter(programme, batch, stateOf(programme, REAL, playedThrough(programme)));
    expect(did.minutes).toBeGreaterThan(0.9 * batch.plan.settings.minutes);
    expect(did.minutes).toBeLessThan(1.2 * batch.plan.settings.minutes);
    expect(did).toMatchObject({ turned: true, piecesAtOnce: batch.pieces });
  });

  test('knows what was passed over', () => {
    const oil = programme.steps.find((s) => s.batch === batch.key && s.kind === 'oil')!;
    const events = playedThrough(programme).map((e) =>
      e.what === 'done' && e.step === oil.id ? { ...e, what: 'skipped' as const } : e,
    );
    expect(didAtCounter(programme, batch, stateOf(programme, REAL, events)).oilG).toBe(0);
  });

  test('that went by its plan and came out well has no complaint', () => {
    const put = meantBatch(KNOWN, programme, batch);
    const came = writtenDown(put);
    const found = diagnose(put, came);
    expect(found.complaints).toEqual([]);
  });

  test('complains of what is worse than meant, and of nothing that is better', () => {
    const { aims } = chicken();
    const complaints = (seen: Seen): string[] => complaintsOf(observationsOf(seen), aims).map((o) => o.field);
    expect(complaints({ crunchNow: 'soft', bald: 'much', centreC: 60 })).toEqual(['centreC', 'crunchNow', 'bald']);
    expect(complaints({ colourTop: 'deep golden', bald: 'none', juice: 'juicy', centreC: 90 })).toEqual([]);
  });
});
