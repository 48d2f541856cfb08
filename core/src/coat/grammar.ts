import { text } from '../units/index.js';
import type { CoatLayer, GrammarNote } from './types.js';

const isCrumb = (layer: CoatLayer): boolean => ['meal', 'fine', 'coarse', 'flake'].includes(layer.grain ?? '');

/** What of a coat cannot hold in moving air, from the skin outward, each with its repair. Deep oil forgives a wet last layer. */
export function grammarNotes(layers: readonly CoatLayer[]): GrammarNote[] {
  const notes: GrammarNote[] = [];
  layers.forEach((layer, at) => {
    const below = layers[at - 1];
    if (below && !layer.wet && !below.wet) {
      notes.push({
        at,
        rule: 'dry-on-dry',
        text: text`${layer.name} on ${below.name.toLowerCase()}: dry on dry, and nothing between them that glues.`,
        repair: text`Put a binder between the two, or mix them in one bowl.`,
      });
    }
    if (!below && isCrumb(layer)) {
      notes.push({
        at,
        rule: 'crumbs-on-dry-skin',
        text: text`${layer.name} straight on the skin: most of it falls off.`,
        repair: text`Dust, then a binder, then the crumbs.`,
      });
    }
    // Binder and crumbs once more over the first are a shell, and no mistake.
    const above = layers[at + 1];
    if (below && layer.wet && isCrumb(below) && !(above && isCrumb(above))) {
      notes.push({
        at,
        rule: 'wet-over-crumbs',
        text: text`${layer.name} over ${below.name.toLowerCase()} drowns the edges that should crisp.`,
        repair: text`Put the wet layer under the crumbs.`,
      });
    }
  });
  const last = layers.at(-1);
  if (last?.wet && !last.sheet) {
    notes.push({
      at: layers.length - 1,
      rule: 'wet-last',
      text: text`${last.name} is the last layer and wet: on a bare grid it runs off and glues before it sets.`,
      repair: text`Finish with crumbs or flour, or lay it on parchment.`,
    });
  }
  if (layers.length > 0 && !layers.some((l) => l.wet) && layers.some(isCrumb)) {
    notes.push({
      at: 0,
      rule: 'no-binder',
      text: text`No layer of this coat glues.`,
      repair: text`Add beaten egg, soured milk or a batter under the crumbs.`,
    });
  }
  return notes;
}
