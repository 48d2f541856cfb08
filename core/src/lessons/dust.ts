import { celsius, text, type Text } from '../units/index.js';
import { SMALL_FRYER, DUST_OF_FLOUR, BEATEN_EGG, COARSE_CRUMBS, dishOf, inAir, inOil } from './kitchen.js';
import type { Lesson, Scene, Shown, Values } from './types.js';

const DUST_SLAB = { kind: 'slab', lengthMm: 80, widthMm: 40, thicknessMm: 14 } as const;
const DUST_AIR = { tempC: 190, minutes: 12 };
type Skin = 'dry' | 'damp' | 'wet';

function scenes({ skin, food }: Values): Scene[] {
  const dish = dishOf(String(food), DUST_SLAB, 6, { skin: skin as Skin });
  const dusted = [DUST_OF_FLOUR, BEATEN_EGG, COARSE_CRUMBS];
  const bare = [BEATEN_EGG, COARSE_CRUMBS];
  const shared = { dish, fryer: SMALL_FRYER, fried: inOil(175, 3, dusted) };
  return [
    { name: 'Without flour', ...shared, plan: inAir(bare, DUST_AIR) },
    { name: 'Dusted first', ...shared, plan: inAir(dusted, DUST_AIR) },
  ];
}

const heldOf = ({ air }: Shown): number => air!.outcomes.adhesion?.value ?? 0;

/** By so much more hold the dust is worth a bowl, as a share. */
const WORTH_A_BOWL = 0.1;

function said([bare, dusted]: readonly Shown[]): Text[] {
  const gain = heldOf(dusted) - heldOf(bare);
  const word = ({ air }: Shown): string => air!.outcomes.adhesion?.word ?? 'no coat';
  const worst = bare.air!.reasons.find((r) => r.about === 'adhesion');
  return [
    text`Without flour: ${word(bare)}. Dusted first: ${word(dusted)}.`,
    gain > WORTH_A_BOWL
      ? text`The flour drinks what stands on the skin, and the egg grips flour instead of a smooth face.`
      : text`This skin is rough enough for the egg to grip by itself: here the dust buys next to nothing.`,
    ...(worst ? [worst.text] : []),
  ];
}

/** What the first dust of flour is for. */
export const dust: Lesson = {
  id: 'dust',
  title: 'What the dust of flour does',
  short: 'what the first dust is for',
  lead: text`Nothing glues to a wet skin. A dust of flour drinks the water that stands on it, and gives the egg something to hold.`,
  controls: [
    {
      kind: 'choice',
      id: 'food',
      label: 'The food',
      value: 'halloumi',
      options: [
        { value: 'halloumi', label: 'halloumi, smooth' },
        { value: 'aubergine', label: 'aubergine, rough' },
      ],
    },
    {
      kind: 'choice',
      id: 'skin',
      label: 'Its skin',
      value: 'wet',
      options: [
        { value: 'dry', label: 'patted dry' },
        { value: 'damp', label: 'damp' },
        { value: 'wet', label: 'wet' },
      ],
    },
  ],
  picture: 'cutaways',
  scenes,
  said,
  why: [
    text`Flour on a wet skin becomes a paste that sets with the egg from about ${celsius(65)} on. What stays loose on top is tapped off: dry flour under egg is a layer that slides.`,
    text`Patting dry does half of the same work and costs nothing. Smooth foods need the dust most: cheese, onion, fish, tomato; rough ones can do without it.`,
    text`A rest of 5 to 10 minutes lets flour, egg and crumbs share their water, and the coat becomes one.`,
  ],
  figures: [
    {
      text: text`A dust keeps 22 g on a square metre of dry skin, 60 on a damp one and 100 on a wet one.`,
      source: 'common practice, no source',
    },
  ],
};
