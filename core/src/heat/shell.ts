import type { CoatLayer } from '../coat/index.js';
import type { Body } from './body.js';
import {
  CRUNCH_OF_FLOURY,
  OILED_SHARE,
  SHELL_DRY_X,
  SHELL_WET_X,
  STRUCTURE_OF_BARE_FOOD,
  WETTED_X,
} from './constants/index.js';
import type { Face } from './face.js';

/** Dry shell of one face: thickness, thickness × structure, and share of its powder that stayed floury. */
export interface Shell {
  mm: number;
  crunchMm: number;
  floury: number;
}

/** A cell drier than this share of the way still lets the shell go on behind it. */
const LEAST_TO_GO_ON = 0.05;

const isPowder = (layer: CoatLayer | undefined): boolean =>
  layer !== undefined && !layer.wet && (layer.grain === 'powder' || layer.grain === 'starch' || layer.grain === 'meal');

/** 1 where powder met neither water nor oil, 0 where it did, in between by how much was missing. */
function flouryShare(body: Body, i: number): number {
  const wetted = body.wettest[i] / WETTED_X;
  const oiled = body.fat[i] / body.solids[i] / OILED_SHARE;
  return Math.min(1, Math.max(0, 1 - Math.max(wetted ** 2, oiled ** 2)));
}

/** Reads the dry shell from the outermost cell of the coat inward until the first moist cell; a sauce over it is passed by. */
export function readShell(body: Body, layers: readonly CoatLayer[], face: Face, out: Shell): void {
  out.mm = 0;
  out.crunchMm = 0;
  let powder = 0;
  let floury = 0;
  const centre = body.n >> 1;
  const last = layers.length - 1;
  let dry = true;
  let sauced = false;
  for (let i = face.outer; i !== centre; i += face.inward) {
    const at = body.layer[i];
    if (at > last) {
      sauced = true;
      continue;
    }
    const layer = layers[at];
    const powdery = isPowder(layer);
    const share = powdery ? flouryShare(body, i) : 0;
    if (powdery && at === last) {
      powder += body.solids[i];
      floury += body.solids[i] * share;
    }
    if (dry) {
      const x = body.water[i] / body.solids[i];
      const weight = Math.min(1, Math.max(0, (SHELL_WET_X - x) / (SHELL_WET_X - SHELL_DRY_X)));
      // Under a sauce the outermost grains are moist before those behind them.
      dry = weight > LEAST_TO_GO_ON || (sauced && out.mm === 0);
      const mm = weight * body.dx[i] * 1000;
      const structure = layer ? layer.structure : STRUCTURE_OF_BARE_FOOD;
      out.mm += mm;
      out.crunchMm += mm * structure * (1 - share * (1 - CRUNCH_OF_FLOURY));
    }
    if (!dry && at < last) break;
  }
  out.floury = powder > 0 ? floury / powder : 0;
}
