import type { CoatLayer } from '../coat/index.js';
import type { Body } from './body.js';
import { OILED_SHARE, SHELL_DRY_X, SHELL_WET_X, WETTED_X } from './constants.js';

/** Dry shell of one face: thickness, thickness × structure, and share of its powder that stayed floury. */
export interface Shell {
  mm: number;
  crunchMm: number;
  floury: number;
}

/** A dried skin of plain food crackles less than any crumb. Common practice, no source. */
const STRUCTURE_OF_BARE_FOOD = 0.3;
/** Floury powder gives no crunch but dust. */
const CRUNCH_OF_FLOURY = 0.15;
const LEAST_TO_GO_ON = 0.05;

const isPowder = (layer: CoatLayer | undefined): boolean =>
  layer !== undefined && !layer.wet && (layer.grain === 'powder' || layer.grain === 'starch' || layer.grain === 'meal');

/** 1 where powder met neither water nor oil, 0 where it did, in between by how much was missing. */
function flouryShare(body: Body, i: number): number {
  const wetted = body.wettest[i] / WETTED_X;
  const oiled = body.fat[i] / body.solids[i] / OILED_SHARE;
  return Math.min(1, Math.max(0, 1 - Math.max(wetted ** 2, oiled ** 2)));
}

/** Reads the dry shell from the outermost cell inward until the first moist cell. */
export function readShell(body: Body, layers: readonly CoatLayer[], outer: number, inward: 1 | -1, out: Shell): void {
  out.mm = 0;
  out.crunchMm = 0;
  let powder = 0;
  let floury = 0;
  const centre = body.n >> 1;
  let dry = true;
  for (let i = outer; i !== centre; i += inward) {
    const layer = layers[body.layer[i]];
    const share = isPowder(layer) ? flouryShare(body, i) : 0;
    if (isPowder(layer) && body.layer[i] === layers.length - 1) {
      powder += body.solids[i];
      floury += body.solids[i] * share;
    }
    if (dry) {
      const x = body.water[i] / body.solids[i];
      const weight = Math.min(1, Math.max(0, (SHELL_WET_X - x) / (SHELL_WET_X - SHELL_DRY_X)));
      dry = weight > LEAST_TO_GO_ON;
      const mm = weight * body.dx[i] * 1000;
      const structure = layer ? layer.structure : STRUCTURE_OF_BARE_FOOD;
      out.mm += mm;
      out.crunchMm += mm * structure * (1 - share * (1 - CRUNCH_OF_FLOURY));
    }
    if (!dry && body.layer[i] < layers.length - 1) break;
  }
  out.floury = powder > 0 ? floury / powder : 0;
}
