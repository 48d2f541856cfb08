import type { Bowl } from './bowls.js';
import type { CoatLayer, Hand, Handling, Station } from './types.js';

/** Who or what goes into a bowl. */
export type Grip = Hand | 'fork' | 'shaker';

/** One place of the row, in the order of use. */
export interface Stop {
  bowl: Bowl;
  /** Times that each piece comes here, as the numbers of its layers from the skin. */
  visits: number[];
  wet: boolean;
  grip: Grip;
  /** How many goes its crumbs are put out in; 1 = all at once. */
  portionsOut: number;
}

/** A bowl of loose crumbs that raw, wet pieces go through is put out this much at a time, g. Common practice, no source. */
const PUT_OUT_G = 50;

/** The hand that writes does the dry bowls, where it presses; the other one gets wet. */
export const handFor = (wet: boolean, writes: Hand): Hand => {
  if (!wet) return writes;
  return writes === 'right' ? 'left' : 'right';
};

/** Whether a shaker box takes this layer: loose powders and starches do, batters and pressed crumbs do not. */
const shakes = (layer: CoatLayer): boolean =>
  layer.grain === 'powder' || layer.grain === 'starch' || layer.grain === 'meal';

function gripFor(layer: CoatLayer, handling: Handling, writes: Hand): Grip {
  if (handling === 'fork' || handling === 'tossed') return 'fork';
  if (handling === 'shaker' && !layer.wet && shakes(layer)) return 'shaker';
  return handFor(layer.wet, writes);
}

/**
 * The dipping station: bowls in the order of use up to the tray, each with the layers that come from it, the hand that
 * goes into it, and how crumbs are put out.
 * @param soils whether what touched the food is thrown away: raw meat, fish, egg, or any raw binder
 */
export function stationOf(
  bowls: readonly Bowl[],
  layers: readonly CoatLayer[],
  { handling }: Station,
  writes: Hand,
  soils: boolean,
): Stop[] {
  return bowls.map((bowl) => {
    const layer = layers[bowl.layerAt];
    const crumbs = !layer.wet && !shakes(layer);
    return {
      bowl,
      visits: bowl.visits.map((at) => at + 1),
      wet: layer.wet,
      grip: gripFor(layer, handling, writes),
      portionsOut: crumbs && soils ? Math.max(1, Math.round(bowl.totalG / PUT_OUT_G)) : 1,
    };
  });
}
