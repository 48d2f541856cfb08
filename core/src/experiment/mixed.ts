import { bowlsFor, recipesOf } from '../coat/index.js';
import { dishAs, readyPiece, wholeOf } from '../dish/index.js';
import type { Asked } from '../plan/index.js';
import type { ComparedBowl, PlannedWay } from './types.js';

/** What goes into the bowls of all ways: a bowl that is alike in several is mixed once, for the pieces of all of them. */
export function sharedBowls({ pantry, dish }: Asked, planned: readonly PlannedWay[]): ComparedBowl[] {
  const layersOf = planned.map(({ plan }) => readyPiece(pantry, dishAs(dish, plan), plan.layers, plan.second).layers);
  const groups = new Map<string, { ways: number[]; at: number }>();
  layersOf.forEach((layers, way) =>
    recipesOf(layers).forEach((visits, at) => {
      const recipe = layers[visits[0]].portions.map(({ ingredientId, grams }) => [
        ingredientId,
        Number(grams.toFixed(6)),
      ]);
      const key = JSON.stringify([at, visits, recipe]);
      const known = groups.get(key);
      if (known) known.ways.push(way);
      else groups.set(key, { ways: [way], at });
    }),
  );
  return [...groups.values()]
    .sort((a, b) => a.at - b.at || a.ways[0] - b.ways[0])
    .map(({ ways, at }) => {
      const pieces = ways.reduce((sum, way) => sum + planned[way].pieces, 0);
      const { areaM2 } = wholeOf(pantry, { ...dishAs(dish, planned[ways[0]].plan), count: pieces });
      const all = bowlsFor(layersOf[ways[0]], areaM2, pieces, planned[ways[0]].plan.station);
      return { ways, bowl: all[at] };
    });
}
