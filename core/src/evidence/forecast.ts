import type { Happened } from '../dish/index.js';
import type { CookSeries } from '../heat/index.js';
import { AS_BROWN, FOLLOWED, FORECAST_OFF, NUDGE } from './constants.js';
import { centreAtS, colourUnder, meant, seriesUnder, wantedCentre, type Face, type Lying } from './lying.js';
import { NOTHING_KNOWN, SPREADS, UNKNOWNS, type Belief, type Unknowns } from './unknowns.js';

/** Seconds since the batch went in, ± one standard deviation. */
export interface AboutS {
  atS: number;
  offS: number;
}

/** When a batch comes to what it is meant to come to, by what is believed of its fryer and its food. */
export interface Forecast {
  /** °C that the centre is wanted at. */
  wantedC: number;
  /** When the centre is there; null where it never comes to it in this setting. */
  centre: AboutS | null;
  /** When its paler face is as brown as the plan leaves it; null where it never is. */
  golden: AboutS | null;
  /** When it is best taken out: the centre there, and as near to its planned colour as may be. */
  out: AboutS;
  /** The likeliest cook, as far as it was followed, and the one that was planned. */
  series: CookSeries;
  asMeant: CookSeries;
}

interface Reached {
  centreS: number | null;
  goldenS: number | null;
}

const PALER: readonly Face[] = ['up', 'down'];

/** Browning of the paler face at a sample of a series. */
const paler = (series: CookSeries, k: number, browningLog: number): number =>
  Math.min(...PALER.map((face) => colourUnder(series, face, series.timeS[k], browningLog)));

function goldenAtS(series: CookSeries, wanted: number, browningLog: number): number | null {
  let before = 0;
  for (let k = 0; k < series.timeS.length; k++) {
    const now = paler(series, k, browningLog);
    if (now >= wanted) {
      if (k === 0) return 0;
      const share = (wanted - before) / Math.max(Number.EPSILON, now - before);
      return series.timeS[k - 1] + share * (series.timeS[k] - series.timeS[k - 1]);
    }
    before = now;
  }
  return null;
}

/**
 * When a batch will be done.
 * @param happened how it went and will go, over so many seconds: its turn, where it was opened
 */
export function forecast(lying: Lying, belief: Belief, happened: (untilS: number) => Happened): Forecast {
  const planned = meant(lying);
  const asMeant = seriesUnder(lying, NOTHING_KNOWN, planned);
  const wantedC = wantedCentre(lying, asMeant);
  const wantedB = AS_BROWN * paler(asMeant, asMeant.timeS.length - 1, 0);
  const went = happened((planned.minutes * FOLLOWED.times + FOLLOWED.moreMin) * 60);
  const reach = (u: Unknowns): Reached & { series: CookSeries } => {
    const series = seriesUnder(lying, u, went);
    return {
      series,
      centreS: centreAtS(series, wantedC),
      goldenS: goldenAtS(series, wantedB, u.browningLog),
    };
  };
  const likeliest = reach(belief.mean);
  const nudged = UNKNOWNS.map((name) => {
    const by = NUDGE * SPREADS[name];
    // Toward what is easier, so that it is reached there as well.
    const sign = name === 'sizeLog' ? -1 : 1;
    const there = reach({ ...belief.mean, [name]: belief.mean[name] + sign * by });
    const slope = (a: number | null, b: number | null): number =>
      a === null || b === null ? 0 : (sign * (a - b)) / by;
    return {
      centre: slope(there.centreS, likeliest.centreS),
      golden: slope(there.goldenS, likeliest.goldenS),
    };
  });
  const about = (atS: number | null, of: 'centre' | 'golden'): AboutS | null => {
    if (atS === null) return null;
    const variance = nudged.reduce(
      (sum, a, i) => sum + nudged.reduce((s, b, j) => s + a[of] * b[of] * belief.covariance[i][j], 0),
      0,
    );
    const own = Math.max(FORECAST_OFF[of].leastS, FORECAST_OFF[of].share * atS);
    return { atS, offS: Math.sqrt(Math.max(0, variance) + own * own) };
  };
  const centre = about(likeliest.centreS, 'centre');
  const golden = about(likeliest.goldenS, 'golden');
  return {
    wantedC,
    centre,
    golden,
    out: outOf(centre, golden, planned.minutes * 60, goldenAtS(asMeant, wantedB, 0)!),
    series: likeliest.series,
    asMeant,
  };
}

/**
 * Out when it is as brown as planned, and never before the centre is there. That no eye tells the last of the colour is no
 * reason to take out sooner what is as it should be: the plan's minutes give way as the time at which it is brown moves
 * away from that of the cook that was planned, `meantS`, and wholly once it is off by what a forecast may be.
 */
function outOf(centre: AboutS | null, golden: AboutS | null, plannedS: number, meantS: number): AboutS {
  if (!golden) return centre && centre.atS > plannedS ? centre : { atS: plannedS, offS: 0 };
  const speaks = Math.min(1, Math.abs(golden.atS - meantS) / FORECAST_OFF.golden.leastS);
  const brown = { ...golden, atS: plannedS + speaks * (golden.atS - plannedS) };
  return centre && centre.atS > brown.atS ? centre : brown;
}
