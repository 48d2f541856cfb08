import { chickenAndOkra, playedThrough, REAL } from '../../testing/cooks.js';
import { stateOf, type CookEvent } from '../counter/index.js';
import { KNOWN } from '../foods/index.js';
import { plain } from '../units/index.js';
import {
  batchOfDish,
  byOtherRecipe,
  causeOf,
  diagnoseCook,
  meantBatch,
  meantCook,
  plannedDid,
  seenAtCounter,
  writtenDown,
  type LoggedCook,
  type Seen,
} from './index.js';

const programme = chickenAndOkra();
const played = playedThrough(programme);
const state = stateOf(programme, REAL, played);
const batch = batchOfDish(programme, 'chicken', state)!;
const planned = meantBatch(KNOWN, programme, batch);

const logged = (seen: Seen, more: Partial<LoggedCook> = {}): LoggedCook => ({
  programme,
  dish: 'chicken',
  pace: REAL,
  events: played,
  recipe: null,
  seen,
  ...more,
});
const hot = (): Seen => writtenDown(causeOf('too-hot').put(planned, 20)!);
const found = (cook: LoggedCook) => diagnoseCook(KNOWN, cook, [], null, false).diagnosis;

describe('a cook of the logbook', () => {
  test('is judged by the first batch of its dish that went in', () => {
    expect(batch.dishId).toBe('chicken');
    expect(batchOfDish(programme, 'nobody', state)).toBeUndefined();
  });

  test('that came out as planned has nothing amiss; one from a hot fryer has its cause', () => {
    expect(found(logged(writtenDown(planned))).complaints).toEqual([]);
    expect(found(logged(hot())).causes[0].cause).toBe('too-hot');
  });

  test('is held to what was tapped at the counter, where nothing was noted of it', () => {
    const inS = state.batches.get(batch.key)!.inS!;
    const tap = (what: object, atS: number): CookEvent =>
      ({
        id: `tap ${atS}`,
        atMs: REAL.startedMs + (inS + atS) * 1000,
        by: 'cook',
        batch: batch.key,
        ...what,
      }) as CookEvent;
    const events = [...played, tap({ what: 'seen', saw: 'torn' }, 300), tap({ what: 'centre', centreC: 61 }, 900)];
    const own = stateOf(programme, REAL, events);
    expect(seenAtCounter(batch, own)).toMatchObject({ bald: true, centreC: 61, atMin: 15 });
    expect(found(logged({}, { events })).complaints.map(plain)).toEqual([
      'the centre was at 61 °C',
      expect.stringMatching(/coat came off/),
    ]);
    // What the cook notes comes before what was tapped.
    expect(found(logged({ bald: 'none', centreC: 80, atMin: 15 }, { events })).complaints).toEqual([]);
  });

  test('by a packet is held to what the plan aims at, and told so', () => {
    const recipe = { tempC: 200, minutes: 30, turned: false };
    const seen = writtenDown(byOtherRecipe(planned, recipe));
    const { complaints, causes, change } = found(logged(seen, { recipe }));
    expect(complaints.length).toBeGreaterThan(0);
    expect(causes[0]).toMatchObject({ cause: 'as-it-went', words: expect.stringMatching(/that recipe/) });
    const { tempC, minutes } = change!.plan.settings;
    expect(tempC < recipe.tempC || minutes < recipe.minutes).toBe(true);
  });

  test('with the same mistake in its past is surer of it', () => {
    const pale: Seen = { colourTop: 'straw', colourUnder: 'straw' };
    const cool = logged(writtenDown(causeOf('too-cool').put(planned, 30)!));
    const share = (past: LoggedCook[]): number =>
      diagnoseCook(
        KNOWN,
        logged(pale),
        past.map((p) => ({ ...p, daysAgo: 7 })),
        null,
        false,
      ).diagnosis.causes.find((c) => c.cause === 'too-cool')?.share ?? 0;
    expect(share([cool, cool])).toBeGreaterThan(share([]) * 1.2);
  });

  test('after a change that was made says whether it has helped', () => {
    const next = diagnoseCook(KNOWN, logged(writtenDown(planned)), [], logged(hot()), true);
    expect(next.proposed).not.toBeNull();
    expect(next.followUp!.helped).toBe('yes');
    expect(diagnoseCook(KNOWN, logged(hot()), [], logged(hot()), false).followUp).toBeNull();
  });

  test('says of each dish what applies to it of what can be done', () => {
    const did = plannedDid(KNOWN, programme, batch);
    expect(did).toMatchObject({ turned: 1, dusted: 1, restMin: batch.plan.restMin });
    expect(did.sauceGm2).toBeUndefined();
    expect(did.batter).toBeUndefined();
  });

  test('that was tossed in a sauce is not blamed for being soft later; one that was not, is', () => {
    const sauce = { 'soy-sauce': 80, honey: 60, water: 40 };
    const portions = Object.entries(sauce).map(([ingredientId, grams]) => ({ ingredientId, grams }));
    const sauced = (use: 'tossed' | 'dip') => ({
      ...programme,
      dishes: programme.dishes.map((d) => ({ ...d, dish: { ...d.dish, beside: [{ name: 'Glaze', use, portions }] } })),
    });
    const soft: Seen = { colourTop: 'golden', colourUnder: 'golden', crunchNow: 'very crisp', crunchLater: 'soft' };
    const complaints = (use: 'tossed' | 'dip') =>
      found(logged(soft, { programme: sauced(use) }))
        .complaints.map(plain)
        .join();
    expect(complaints('dip')).toMatch(/later|ten minutes/);
    expect(complaints('tossed')).not.toMatch(/later|ten minutes/);
  });

  test('is the same whether it comes from the counter or from its dish', () => {
    const { dish, fried } = programme.dishes.find((d) => d.id === 'chicken')!;
    const own = meantCook(KNOWN, { dish, fried, fryer: batch.fryer, plan: batch.plan });
    expect(own.lying.load).toEqual(batch.load);
    expect(own.pot).toEqual(planned.pot);
  });
});
