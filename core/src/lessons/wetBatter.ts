import { layerOf } from '../coat/index.js';
import { SMALL_FRYER, COARSE_CRUMBS, dishOf, inAir, inOil, numberOf } from './kitchen.js';
import { footHotMin, inWords, percent } from '../outcome/index.js';
import { celsius, text, type Text } from '../units/index.js';
import type { Lesson, Scene, Shown, Values } from './types.js';

const FLOUR_G = 100;
const MUSHROOM = { kind: 'irregular', longestMm: 70, thicknessMm: 16, massG: 18 } as const;
const BATTER_POT = { tempC: 185, minutes: 5 };
const BATTER_AIR = { tempC: 200, minutes: 14 };
/** What runs off by less is told as staying. */
const HARDLY = 0.05;

function scenes(values: Values): Scene[] {
  const batter = layerOf(['wheat-flour', FLOUR_G], ['beer', numberOf(values, 'liquid')], ['salt', 2]);
  const dish = dishOf('oyster-mushroom', MUSHROOM, 10);
  const fried = inOil(BATTER_POT.tempC, BATTER_POT.minutes, [batter]);
  const layers = values.over === 'crumbs' ? [batter, COARSE_CRUMBS] : [batter];
  const shared = { dish, fried, fryer: SMALL_FRYER };
  return [
    { name: 'In the pot', ...shared, plan: null },
    { name: 'In the air', ...shared, plan: inAir(layers, BATTER_AIR) },
  ];
}

const hotAfter = ({ fried, air }: Shown): number | null => {
  const { series } = air ?? fried;
  return footHotMin(series, series.timeS.length - 1);
};

function said([pot, air]: readonly Shown[], { over }: Values): Text[] {
  const [potMin, airMin] = [hotAfter(pot), hotAfter(air)];
  const runs = air.air!.outcomes.runOff?.value ?? 0;
  const glued = air.air!.outcomes.stick?.band === 'poor';
  const inAir = airMin === null ? 'never' : `after ${inWords(airMin)}`;
  return [
    text`The foot of the batter is past ${celsius(75)} ${potMin === null ? 'never' : `after ${inWords(potMin)}`} in the oil, and ${inAir} in moving air.`,
    over === 'crumbs'
      ? text`Crumbs lie over it now: they drink the wet skin and hold what is below them. Nothing runs.`
      : runs < HARDLY
        ? text`So thick that it hardly moves: ${percent(runs)} of it runs off before it sets. It makes a heavy coat.`
        : text`Until then it runs: ${percent(runs)} of it is gone before its skin sets${glued ? '; it runs into the grid and glues the piece to it' : ''}.`,
    text`At the end it is ${air.air!.outcomes.crispness?.word ?? 'soft'} in the air, ${pot.fried.outcomes.crispness?.word ?? 'soft'} from the pot.`,
  ];
}

/** Why a wet batter works in oil and runs away in air. */
export const wetBatter: Lesson = {
  id: 'wet-batter',
  title: 'Why a wet batter fails in air',
  short: 'why a wet batter runs',
  lead: text`Oil holds a wet batter where it is and sets it within seconds. Air does neither: until the batter has set by itself, it runs.`,
  controls: [
    {
      kind: 'slider',
      id: 'liquid',
      label: 'Beer to 100 g of flour',
      min: 80,
      max: 200,
      step: 10,
      value: 150,
      quantity: 'grams',
    },
    {
      kind: 'choice',
      id: 'over',
      label: 'Over the batter',
      value: 'nothing',
      options: [
        { value: 'nothing', label: 'nothing' },
        { value: 'crumbs', label: 'coarse crumbs, pressed on' },
      ],
    },
  ],
  picture: 'cutaways',
  scenes,
  said,
  why: [
    text`Starch gels from about ${celsius(65)} on, and egg soon after. In oil of ${celsius(185)} the bubbles of steam stir the heat into the coat, some seven times as fast as air and heater of a fryer together do; and oil carries most of the batter’s weight.`,
    text`In moving air the wet skin cools itself: as long as water leaves it, it stays far below the air around it, and the foot of the batter cooler still. Meanwhile nothing but its own thickness holds it.`,
    text`What helps: something dry that lies outside (crumbs over the batter, one bowl fewer than flour and egg), a batter that falls off the fork in clumps, or a dry coat altogether.`,
  ],
  figures: [
    {
      text: text`Oil full of bubbles gives nine times the heat that the moving air of a drawer gives (480 against 52 W/m²K).`,
      source: 'Hubbard and Farkas 1999, from memory; the air tuned on practised cooks',
    },
    {
      text: text`A film on a wall drains as the square root of its toughness over the time.`,
      source: 'Jeffreys 1930, from memory',
    },
    { text: text`Wheat starch gels from ${celsius(60)} to ${celsius(70)}.`, source: 'common practice, no source' },
  ],
};
