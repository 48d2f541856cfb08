import { DEFAULT_DRAIN_S, type CoatLayer, type LayerSpec } from '../coat/index.js';
import { measuredParts } from '../beside/index.js';
import { partsOf, totalGrams } from '../foods/index.js';
import { counted, lowered, text, type Text } from '../units/index.js';
import { partsTold } from './besideSteps.js';
import { minutes, round, type Told } from './told.js';

function dipStep(layer: CoatLayer, { drainS = DEFAULT_DRAIN_S, standMin = 0 }: LayerSpec): string {
  const stood = standMin > 0 ? `Let the ${lowered(layer.name)} stand ${minutes(standMin)} first. ` : '';
  const drip = counted(round(drainS), 'second');
  return layer.batter
    ? `${stood}Dip into the ${lowered(layer.name)} and let it drip ${drip}.`
    : `${stood}Through the ${lowered(layer.name)}, and let it drip ${drip}.`;
}

function dredgeStep(layer: CoatLayer, spec: LayerSpec, dust: boolean): string {
  const name = lowered(layer.name);
  if (spec.clumped) return `Turn it in the ${name} and leave it lying there until it clumps.`;
  if (spec.pressed) return `Press into the ${name} until no wet spot shows.`;
  if (!dust) return `Turn it in the ${name} until no wet spot shows, without pressing.`;
  return spec.untapped
    ? `Dust with ${name} on all sides, and leave on what clings.`
    : `Dust with ${name} on all sides and tap off what is loose.`;
}

/** The layers that are there: one without a gram in it is not. */
const specsOf = ({ plan }: Told): LayerSpec[] => plan.layers.filter((l) => l.portions.some((p) => p.grams > 0));

/** Every layer as it is put on, by what the plan says of it. */
export function coatSteps(told: Told): Text[] {
  const { ready, dish } = told;
  if (dish.readyCoated) return [];
  const specs = specsOf(told);
  return ready.layers.map((layer, at) => {
    const dust = at === 0 && ready.layers.length > 1 && ['powder', 'starch'].includes(layer.grain ?? '');
    const step = layer.sheet
      ? `Wrap each piece in one sheet of ${lowered(layer.name)}, the seam below.`
      : layer.wet
        ? dipStep(layer, specs[at])
        : dredgeStep(layer, specs[at], dust);
    return text`${step}${at === ready.layers.length - 1 ? ' Lay it on a tray or rack.' : ''}`;
  });
}

/** How a bowl is mixed, as its step begins. */
const howMixed = (layer: CoatLayer): string =>
  layer.batter ? 'Whisk the batter, folding rather than beating' : layer.wet ? 'Whisk' : 'Mix';

/** A part of the bowl that is taken out and seasoned otherwise; the plain pieces go first. */
function dividedTold({ pantry, dish }: Told, { divided }: LayerSpec): Text {
  if (!divided) return [];
  const { share, portions } = divided;
  const parts = measuredParts(partsOf(pantry, portions), totalGrams(portions));
  const many = Math.round(share * dish.count);
  return text` Take ${shareWords(share)} of it into a second bowl and stir in ${partsTold(parts)}: that is for ${counted(many, 'piece')}, after the others.`;
}

/** Shares that have a word. */
const SHARE_WORDS: Readonly<Record<string, string>> = {
  '0.25': 'a quarter',
  '0.33': 'a third',
  '0.5': 'half',
  '0.67': 'two thirds',
  '0.75': 'three quarters',
};
const shareWords = (share: number): string =>
  SHARE_WORDS[String(Number(share.toFixed(2)))] ?? `${Math.round(share * 100)} %`;

/** The bowls as they are mixed, each with its amounts. */
export function mixSteps(told: Told): Text[] {
  const { bowls, ready, dish } = told;
  const specs = specsOf(told);
  if (dish.readyCoated) return [];
  return bowls
    .filter((bowl) => !ready.layers[bowl.layerAt].sheet)
    .map((bowl, k) => {
      const layer = ready.layers[bowl.layerAt];
      const how = bowl.parts.length === 1 ? 'Put out' : howMixed(layer);
      return text`Bowl ${k + 1}. ${how}: ${partsTold(bowl.parts)}.${dividedTold(told, specs[bowl.layerAt])}`;
    });
}
