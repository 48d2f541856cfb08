import { waitedFor } from '../../testing/cooks.js';
import {
  AGAINST,
  believed,
  colourUnder,
  meant,
  NOTHING_KNOWN,
  nextBatch,
  prior,
  priorOf,
  SENSOR_LAG_S,
  seriesUnder,
  shownBy,
  spreadOf,
  SPREADS,
  valueAt,
  wantedCentre,
  type Evidence,
  type Unknowns,
} from './index.js';
import { BARELY_BROWN } from './constants.js';
import { thinned } from './fit.js';
import { inverse, solve } from './symmetric.js';

const [chicken] = waitedFor();
const goesOn = (untilS: number) => ({ ...meant(chicken), minutes: untilS / 60 });
const half = meant(chicken).minutes * 30;

/** What an exact probe reads in a cook of these unknowns, every so many s. */
function readIn(unknowns: Partial<Unknowns>, untilS = half, everyS = 30): Evidence[] {
  const shown = seriesUnder(chicken, { ...NOTHING_KNOWN, ...unknowns }, goesOn(untilS + 60));
  const probe = shownBy(shown);
  return Array.from({ length: Math.floor(untilS / everyS) }, (_, k) => (k + 1) * everyS).flatMap((atS): Evidence[] => [
    { what: 'centre', atS, tempC: valueAt(shown, probe.centreC, atS), by: 'probe' },
    { what: 'air', atS, tempC: valueAt(shown, probe.airC, atS) },
  ]);
}

describe('a fryer that was learned', () => {
  const learned = { cooks: 8, offK: 1, airOff: 0.04, browningOff: 0.03, page: { offsetC: 0, airFactor: 1 } };

  test('is less unknown than another, but never less than from one evening to the next', () => {
    const known = priorOf({ learned });
    for (const unknown of ['offsetK', 'airLog', 'browningLog'] as const)
      expect(spreadOf(known, unknown)).toBeLessThan(spreadOf(prior(), unknown));
    expect(spreadOf(known, 'offsetK')).toBeGreaterThan(1.5);
    // Of the food nothing more is known.
    expect(spreadOf(known, 'startK')).toBe(SPREADS.startK);
    expect(priorOf({})).toEqual(prior());
    // One that few cooks have taught is no more unknown than any.
    const hardly = priorOf({ learned: { ...learned, offK: 12, airOff: undefined, browningOff: undefined } });
    expect(hardly).toEqual(prior());
  });

  test('is moved less by the first readings, and its forecast is surer before and after', () => {
    const read = readIn({ offsetK: 8 }, half / 3);
    const [any, known] = [prior(), priorOf({ learned })].map((before) => believed(chicken, before, read, goesOn));
    expect(known.mean.offsetK).toBeGreaterThan(0);
    expect(known.mean.offsetK).toBeLessThan(any.mean.offsetK);
    expect(spreadOf(known, 'browningLog')).toBeLessThan(spreadOf(any, 'browningLog'));
  });
});

describe('what is believed of a fryer', () => {
  test('is what was believed before, where nothing was read', () => {
    const before = prior();
    expect(believed(chicken, before, [], goesOn)).toBe(before);
    expect(spreadOf(before, 'offsetK')).toBe(SPREADS.offsetK);
  });

  test.each(AGAINST)('is moved by no glance at what has not begun to brown: %s', (against) => {
    const series = seriesUnder(chicken, NOTHING_KNOWN, goesOn(120));
    const glance = (atS: number): Evidence => ({
      what: 'colour',
      atS: atS + 1,
      face: 'up',
      against,
      shown: colourUnder(series, 'up', atS, 0),
    });
    expect(colourUnder(series, 'up', 3, 0)).toBeLessThan(BARELY_BROWN);
    const { mean } = believed(chicken, prior(), [glance(3)], goesOn);
    for (const value of Object.values(mean)) expect(Math.abs(value)).toBeLessThan(1e-6);
  });

  test.each([-12, 9])('moves to a thermostat that is off by %i K, and is surer of it', (offsetK) => {
    const found = believed(chicken, prior(), readIn({ offsetK }), goesOn);
    expect(Math.abs(found.mean.offsetK - offsetK)).toBeLessThan(1.5);
    expect(spreadOf(found, 'offsetK')).toBeLessThan(SPREADS.offsetK / 4);
  });

  test('tells food that was colder from a fryer that is cooler', () => {
    const { mean } = believed(chicken, prior(), readIn({ startK: -4 }), goesOn);
    expect(mean.startK).toBeLessThan(-2);
    expect(Math.abs(mean.offsetK)).toBeLessThan(1);
  });

  test('is the same in whatever order the readings come', () => {
    const read = readIn({ offsetK: 8 });
    const a = believed(chicken, prior(), read, goesOn);
    const b = believed(chicken, prior(), [...read].reverse(), goesOn);
    expect(b.mean.offsetK).toBeCloseTo(a.mean.offsetK, 8);
    expect(b.covariance[0][0]).toBeCloseTo(a.covariance[0][0], 8);
  });

  test('is not carried away by one reading that is absurd', () => {
    const read = readIn({ offsetK: 5 });
    const wrong: Evidence = { what: 'centre', atS: half - 20, tempC: 110, by: 'hand' };
    const a = believed(chicken, prior(), read, goesOn);
    const b = believed(chicken, prior(), [...read, wrong], goesOn);
    expect(Math.abs(b.mean.offsetK - a.mean.offsetK)).toBeLessThan(1);
  });

  test('a darker crust means a faster browning or a hotter fryer, a paler one the reverse', () => {
    const planned = seriesUnder(chicken, NOTHING_KNOWN, goesOn(half + 60));
    const shown = colourUnder(planned, 'up', half, 0);
    const [paler, same, darker] = AGAINST.map(
      (against) => believed(chicken, prior(), [{ what: 'colour', atS: half, against, face: 'up', shown }], goesOn).mean,
    );
    expect(darker.browningLog + darker.offsetK / 20).toBeGreaterThan(0.1);
    expect(paler.browningLog + paler.offsetK / 20).toBeLessThan(-0.1);
    expect(Math.abs(same.browningLog)).toBeLessThan(0.02);
  });

  test('goes on with the next batch as far as it is of the fryer, and begins anew with its food', () => {
    const found = believed(chicken, prior(), readIn({ offsetK: 9, startK: -3 }), goesOn);
    const next = nextBatch(found);
    expect(next.mean.offsetK).toBe(found.mean.offsetK);
    expect(next.mean.startK).toBe(0);
    expect(spreadOf(next, 'startK')).toBe(SPREADS.startK);
    expect(next.covariance[0][3]).toBe(0);
  });
});

describe('readings', () => {
  test('of one half minute count as one, at their mean', () => {
    const three: Evidence[] = [10, 15, 20].map((atS) => ({ what: 'air', atS, tempC: 100 + atS }));
    expect(thinned(three)).toEqual([{ what: 'air', atS: 15, tempC: 115 }]);
  });
  test('by hand and colours each count for themselves', () => {
    const hands: Evidence[] = [1, 2].map((atS) => ({ what: 'centre', atS, tempC: 50, by: 'hand' }));
    expect(thinned(hands)).toHaveLength(2);
  });
  test('lag behind what they measure: a sensor in rising air shows what it was a lag ago', () => {
    const series = seriesUnder(chicken, NOTHING_KNOWN, goesOn(600));
    const shown = shownBy(series);
    // In the slow rise of the centre the lag is all that is between the two.
    const at = 480;
    expect(valueAt(series, shown.centreC, at)).toBeCloseTo(
      valueAt(series, series.columns.centreC, at - SENSOR_LAG_S.centre),
      0,
    );
    expect(valueAt(series, shown.airC, 30)).toBeLessThan(valueAt(series, series.columns.airC, 30));
  });
  test('the centre of poultry is wanted at its safe minimum', () => {
    expect(wantedCentre(chicken, seriesUnder(chicken, NOTHING_KNOWN, meant(chicken)))).toBe(73.9);
  });
});

describe('small symmetric systems', () => {
  const a = [
    [4, 2, 0.6],
    [2, 5, 1],
    [0.6, 1, 3],
  ];
  test('solve what they were made of', () => {
    const x = [1, -2, 0.5];
    const b = a.map((row) => row.reduce((sum, v, k) => sum + v * x[k], 0));
    solve(a, b).forEach((v, k) => expect(v).toBeCloseTo(x[k], 12));
  });
  test('times their inverse are one', () => {
    const back = inverse(a);
    a.forEach((row, i) =>
      back[0].forEach((_, j) =>
        expect(row.reduce((sum, v, k) => sum + v * back[k][j], 0)).toBeCloseTo(i === j ? 1 : 0, 12),
      ),
    );
  });
  test('that are not positive definite are refused', () => {
    expect(() =>
      solve(
        [
          [1, 2],
          [2, 1],
        ],
        [1, 1],
      ),
    ).toThrow(RangeError);
  });
});
