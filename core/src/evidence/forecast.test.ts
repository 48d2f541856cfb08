import { waitedFor } from '../../testing/cooks.js';
import {
  believed,
  colourUnder,
  forecast,
  meant,
  NOTHING_KNOWN,
  prior,
  seriesUnder,
  shownBy,
  SPREADS,
  valueAt,
  type Belief,
  type Evidence,
  type Unknowns,
} from './index.js';

const [chicken] = waitedFor();
const tofu = waitedFor().at(-1)!;
const goesOn = (untilS: number) => ({ ...meant(chicken), minutes: untilS / 60 });
const sure = (mean: Partial<Unknowns>): Belief => ({
  mean: { ...NOTHING_KNOWN, ...mean },
  covariance: prior().covariance.map((row) => row.map((v) => v * 1e-6)),
});
const plain = forecast(chicken, sure({}), goesOn);

describe('when a batch will be done', () => {
  test('is, with nothing against the plan, when the plan’s own centre is there', () => {
    const { columns, timeS } = plain.asMeant;
    expect(plain.wantedC).toBe(73.9);
    const at = plain.centre!.atS;
    expect(valueAt(plain.asMeant, columns.centreC, at)).toBeCloseTo(73.9, 0);
    expect(at).toBeLessThan(timeS[timeS.length - 1]);
  });

  test.each<[string, Partial<Unknowns>, -1 | 1]>([
    ['a hotter fryer', { offsetK: 10 }, -1],
    ['a cooler one', { offsetK: -10 }, 1],
    ['colder food', { startK: -5 }, 1],
    ['a thicker piece', { sizeLog: 0.08 }, 1],
  ])('%s moves its centre', (_, mean, sign) => {
    const { centre } = forecast(chicken, sure(mean), goesOn);
    expect(Math.sign(centre!.atS - plain.centre!.atS)).toBe(sign);
  });

  test('a coat that browns faster is golden sooner, and its centre takes as long', () => {
    const fast = forecast(chicken, sure({ browningLog: 0.2 }), goesOn);
    expect(fast.golden!.atS).toBeLessThan(plain.golden!.atS);
    expect(fast.centre!.atS).toBeCloseTo(plain.centre!.atS, 6);
  });

  test('what is as it should be comes out when it was planned', () =>
    expect(plain.out.atS).toBeCloseTo(meant(chicken).minutes * 60, 6));

  test('it never comes out before its centre is there, however dark it is', () => {
    const dark = forecast(chicken, sure({ browningLog: 1.2 }), goesOn);
    expect(dark.golden!.atS).toBeLessThan(dark.centre!.atS);
    expect(dark.out.atS).toBe(dark.centre!.atS);
  });

  test('in a fryer that is far too cool the centre never gets there, and that is said by null', () => {
    const { centre } = forecast(chicken, sure({ offsetK: -125 }), goesOn);
    expect(centre).toBeNull();
  });

  test('what need not be safe is wanted where it tastes right, and no hotter than the plan leaves it', () => {
    const end = seriesUnder(tofu, NOTHING_KNOWN, meant(tofu));
    const { wantedC } = forecast(tofu, prior(), (untilS) => ({ ...meant(tofu), minutes: untilS / 60 }));
    expect(wantedC).toBeLessThanOrEqual(end.columns.centreC[end.timeS.length - 1]);
  });
});

describe('the ± of a forecast', () => {
  test('narrows with every half minute that is read', () => {
    const series = seriesUnder(chicken, { ...NOTHING_KNOWN, offsetK: 7, startK: -2 }, goesOn(900));
    const shown = shownBy(series);
    const read = (untilS: number): Evidence[] =>
      Array.from({ length: Math.floor(untilS / 30) }, (_, k) => (k + 1) * 30).flatMap((atS): Evidence[] => [
        { what: 'centre', atS, tempC: valueAt(series, shown.centreC, atS), by: 'probe' },
        { what: 'air', atS, tempC: valueAt(series, shown.airC, atS) },
      ]);
    const offs = [0, 60, 180, 360].map(
      (s) => forecast(chicken, believed(chicken, prior(), read(s), goesOn), goesOn).centre!.offS,
    );
    expect(offs).toEqual([...offs].sort((a, b) => b - a));
    expect(offs[3]).toBeLessThan(offs[0] / 4);
  });

  test('is of all that is not known together: wider than of any one of them', () => {
    const only = (name: keyof Unknowns): number => {
      const before = prior();
      const at = Object.keys(NOTHING_KNOWN).indexOf(name);
      const covariance = before.covariance.map((row, i) => row.map((v, j) => (i === at && j === at ? v : 0)));
      return forecast(chicken, { ...before, covariance }, goesOn).centre!.offS;
    };
    const all = forecast(chicken, prior(), goesOn).centre!.offS;
    for (const name of Object.keys(SPREADS) as (keyof Unknowns)[]) expect(all).toBeGreaterThanOrEqual(only(name));
  });
});

describe('colour of what browns faster', () => {
  test('is the same series, further along its path', () => {
    const { asMeant } = plain;
    for (const s of [240, 480, 720]) {
      const [slow, own, fast] = [-0.2, 0, 0.2].map((log) => colourUnder(asMeant, 'up', s, log));
      expect(slow).toBeLessThan(own);
      expect(fast).toBeGreaterThan(own);
      expect(own).toBeCloseTo(valueAt(asMeant, asMeant.columns.colourUp, s), 6);
    }
  });
});
