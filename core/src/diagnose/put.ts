import { buildSauce, type LayerSpec } from '../coat/index.js';
import { PLAIN_OILING, type AirPlan, type Happened } from '../dish/index.js';
import { colourUnder, simulatedUnder, valueAt, type Face, type Lying, type Unknowns } from '../evidence/index.js';
import { lyingUp, opposite, type CookSeries, type Level, type Place } from '../heat/index.js';
import { crispFaces, judge, waitingByMinute, type Judged, type Outcomes, type PotLeft } from '../outcome/index.js';
import { judgedAir } from '../plan/index.js';
import { BALD, LOOKED_AT } from './constants.js';

/** A cook as it is put into the simulation. */
export interface Put {
  lying: Lying;
  /** What the pot makes of the dish. */
  pot: PotLeft;
  /** In what fryer and food are otherwise than said. */
  unknowns: Unknowns;
  happened: Happened;
  /** Its rack, where it lay on one of several. */
  level?: Level;
  /** All of the oil went onto the face that lay up. */
  oiledAbove?: true;
  /** Where it waited for its eater. */
  waits: Place;
  /** The sauce in which it was tossed when it was done, g per m² of skin. */
  tossed?: { sauce: LayerSpec; gm2: number };
}

/** What of a cook is seen when it is done. */
export const SEEN_FIELDS = [
  'colourTop',
  'colourUnder',
  'centreC',
  'bald',
  'floury',
  'soggyUnder',
  'stuck',
  'ranOff',
  'crumbsOff',
  'crunchNow',
  'crunchLater',
  'firmness',
  'juice',
  'bite',
  'chew',
] as const;
export type SeenField = (typeof SEEN_FIELDS)[number];

/** How a cook came out: what a cook sees of it, each in the unit of its field; what does not apply is missing. */
export interface CameOut {
  series: CookSeries;
  /** What does not hang on how fast the coat browns. */
  values: Readonly<Partial<Record<SeenField, number>>>;
  /** B of top and underside of a coat that browns e^log times as fast. */
  colours(browningLog: number): Record<'colourTop' | 'colourUnder', number>;
  /** °C of the centre, min after it went in. */
  centreAt(minutes: number): number;
  outcomes: Outcomes;
  /** Skin of one piece, m². */
  areaM2: number;
}

/** Share of the skin that is bald of a coat with so much hold, 0–1 each. */
export const baldShare = (hold: number): number =>
  Math.max(0, Math.min(1, (BALD.from - hold) / BALD.from)) ** BALD.exponent;

/** The same cook with all of its spray on the upper face. */
function oiledAsItWas({ lying, happened, oiledAbove }: Put): { plan: AirPlan; happened: Happened } {
  const { plan } = lying;
  if (!oiledAbove) return { plan, happened };
  const oiling = { ...(plan.oiling ?? PLAIN_OILING), touchUpGm2: 2 * plan.oilGm2 };
  return { plan: { ...plan, oilGm2: 0, oiling }, happened: { ...happened, touchUpAtMin: 0 } };
}

/** How closely it is simulated, and whether it is followed while it waits. */
export interface Look {
  fine: number;
  waits: boolean;
}

/** As closely as every cook that is shown, and followed on its rack. */
export const CLOSELY: Look = { fine: 1, waits: true };

/** Simulates a cook and reads off it what a cook would see. */
export function cameOut(put: Put, { fine, waits }: Look = CLOSELY): CameOut {
  const { pot, unknowns, level, tossed } = put;
  const { load, pantry } = put.lying;
  const oiled = oiledAsItWas(put);
  const sauce = tossed ? buildSauce(pantry, tossed.sauce, tossed.gm2) : null;
  const waiting = waits ? [{ place: put.waits, sauce, minutes: LOOKED_AT.laterMin }] : [];
  const options = { fine, waiting };
  const simulated = simulatedUnder({ ...put.lying, plan: oiled.plan }, unknowns, oiled.happened, { level, options });
  const { ready, plan, fryer, series } = simulated;
  const { turnAtMin } = oiled.happened;
  const at = series.timeS.length - 1;
  const endS = series.timeS[at];
  const stood = series.waiting.at(0);
  const judged: Judged = { ...judgedAir({ ready, plan, fryer, load, pot }, series, at, null), turnAtMin };
  const outcomes = judge(judged);
  const under = opposite(lyingUp(turnAtMin, endS / 60));
  const [up, down] = crispFaces(judged, series, at);
  const later = stood && waitingByMinute(judged, stood).crispness;
  const { adhesion, stick, runOff, blowOff, crispness, doneness, juice, bite, chew, centre } = outcomes;
  const all: Partial<Record<SeenField, number | undefined>> = {
    centreC: centre?.value,
    bald: adhesion && baldShare(adhesion.value),
    floury: Math.max(series.columns.flouryUp[at], series.columns.flouryDown[at]),
    soggyUnder: 1 - (under === 'up' ? up : down),
    stuck: stick?.value,
    ranOff: runOff?.value,
    crumbsOff: blowOff?.value,
    crunchNow: crispness?.value,
    crunchLater: later?.[Math.min(LOOKED_AT.laterMin, later.length - 1)],
    firmness: doneness?.value,
    juice: juice?.value,
    bite: bite?.value,
    chew: chew?.value,
  };
  return {
    series,
    outcomes,
    areaM2: ready.piece.areaM2,
    values: Object.fromEntries(Object.entries(all).filter(([, value]) => value !== undefined)),
    colours(browningLog) {
      const of = (face: Face): number => colourUnder(series, face, endS, browningLog);
      return { colourTop: of(opposite(under)), colourUnder: of(under) };
    },
    centreAt(minutes) {
      const restS = minutes * 60 - endS;
      return restS > 0 && stood
        ? valueAt(stood.series, stood.series.columns.centreC, restS)
        : valueAt(series, series.columns.centreC, minutes * 60);
    },
  };
}
