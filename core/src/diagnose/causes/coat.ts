import { withLiquidTimes, type LayerSpec } from '../../coat/index.js';
import { text } from '../../units/index.js';
import { isBatter } from '../../plan/index.js';
import { dustOf } from '../did.js';
import type { Put } from '../put.js';
import { byHand, withLayers, withPlan } from './putting.js';
import type { Cause } from './types.js';

const layersOf = ({ lying }: Put): LayerSpec[] => lying.plan.layers;

function withBatter(meant: Put, times: number): Put | null {
  if (!layersOf(meant).some((layer) => isBatter(meant.lying.pantry, layer))) return null;
  const { pantry } = meant.lying;
  return withLayers(
    meant,
    layersOf(meant).map((layer) =>
      isBatter(meant.lying.pantry, layer) ? withLiquidTimes(pantry, layer, times) : layer,
    ),
  );
}

/** What can go wrong at the bowls. */
export const COAT_CAUSES: readonly Cause[] = [
  {
    key: 'no-dust',
    words: 'The dust under the binder was left out',
    prior: 0.5,
    sizes: [1],
    put: (meant) => (dustOf(meant) ? withLayers(meant, layersOf(meant).slice(1)) : null),
    mend: byHand(['no-dust'], text`Dust every piece before it is dipped, and tap off what does not stick.`),
    shows: 'dusted',
  },
  {
    key: 'untapped',
    words: 'The dust was not tapped off',
    prior: 0.7,
    sizes: [1],
    put: (meant) => {
      const dust = dustOf(meant);
      return dust && !dust.untapped
        ? withLayers(meant, [{ ...dust, untapped: true }, ...layersOf(meant).slice(1)])
        : null;
    },
    mend: byHand(['untapped'], text`Tap each piece on the edge of the bowl until no more dust falls.`),
    shows: 'tapped',
  },
  {
    key: 'no-rest',
    words: 'The coat did not rest',
    prior: 1,
    sizes: [0],
    put: (meant, minutes) => (meant.lying.plan.restMin >= 4 ? withPlan(meant, { restMin: minutes }) : null),
    mend: byHand(['no-rest'], text`Let the coated pieces lie on a rack for 7 minutes before they go in.`),
    shows: 'restMin',
    sizeOf: (value) => value,
  },
  {
    key: 'thin-batter',
    words: 'The batter was too thin',
    prior: 1.2,
    sizes: [1.25, 1.52, 1.8],
    put: withBatter,
    mend: byHand(
      ['thin-batter'],
      text`Try the batter on a fork before the first piece: stir in a spoon of flour until it clings.`,
    ),
    shows: 'batter',
    sizeOf: (value) => value,
  },
  {
    key: 'thick-batter',
    words: 'The batter was too thick',
    prior: 0.7,
    sizes: [0.6, 0.7, 0.8],
    put: withBatter,
    mend: byHand(
      ['thick-batter'],
      text`Try the batter on a fork before the first piece: stir in a spoon of water until it runs off slowly.`,
    ),
    shows: 'batter',
    sizeOf: (value) => value,
  },
  {
    key: 'unpressed',
    words: 'The crumbs were not pressed on',
    prior: 0.8,
    sizes: [1],
    put: (meant) => {
      const last = layersOf(meant).at(-1);
      return last?.pressed ? withLayers(meant, [...layersOf(meant).slice(0, -1), { ...last, pressed: false }]) : null;
    },
    mend: byHand(['unpressed'], text`Press the crumbs on with the flat of the hand, both sides.`),
    shows: 'pressed',
  },
];
