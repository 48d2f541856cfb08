import { colourUnder, valueAt, wholeMinutes, type Face, type Lying } from '../evidence/index.js';
import { lyingUp, opposite, type CookSeries } from '../heat/index.js';
import { colourWord } from '../outcome/index.js';
import type { Saw } from '../counter/index.js';
import type { Truth } from './truth.js';
import { SEEN } from './constants.js';

/** What eyes see of a piece in a practice fryer when it is opened: nothing that eyes do not see. */
export interface InSight {
  /** B of the face that lies up, and of the one beneath: it is seen when the piece is turned or lifted. */
  top: number;
  under: number;
  topWord: string;
  underWord: string;
  /** Which face lies up, by how they started. */
  up: Face;
  /** Share of powder on top that is still white, 0–1. */
  floury: number;
  /** Share of the wet coat that has run off, 0–1. */
  ran: number;
}

/** What is seen `atS` after the batch went in. */
export function sightAt(series: CookSeries, truth: Truth, turnAtMin: number | null, atS: number): InSight {
  const up = lyingUp(turnAtMin, atS / 60);
  const colour = (face: Face): number => colourUnder(series, face, atS, truth.unknowns.browningLog);
  const { flouryUp, flouryDown, filmShare } = series.columns;
  const top = colour(up);
  const under = colour(opposite(up));
  return {
    top,
    under,
    topWord: colourWord(top),
    underWord: colourWord(under),
    up,
    floury: valueAt(series, up === 'up' ? flouryUp : flouryDown, atS),
    ran: Math.max(0, 1 - valueAt(series, filmShare, atS)),
  };
}

/** What shows of a batch beside the swatch of B `shown`, what is worst first; nothing where it is as it should be. */
export function showing(sight: Pick<InSight, 'top' | 'floury' | 'ran'>, shown: number): Saw[] {
  const off = Math.log(Math.max(SEEN.least, sight.top) / Math.max(SEEN.least, shown));
  const saws: [Saw, boolean][] = [
    ['ran', sight.ran > SEEN.ran],
    ['floury', sight.floury > SEEN.floury],
    ['darker', off > SEEN.step],
    ['paler', off < -SEEN.step],
  ];
  return saws.flatMap(([saw, shows]) => (shows ? [saw] : []));
}

/** What a good pair of eyes says of it, a tap for each thing that shows. */
export function saysOf(sight: Parameters<typeof showing>[0], shown: number): Saw[] {
  const shows = showing(sight, shown);
  return shows.length > 0 ? shows : ['as-expected'];
}

/** How long a batch is followed in its truth, s: beyond anybody's patience. */
export const followedS = ({ plan }: Pick<Lying, 'plan'>): number => (wholeMinutes(plan) * 2 + 5) * 60;
