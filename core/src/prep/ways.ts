import { isFlesh, type Food, type Preparation } from '../foods/index.js';
import type { PieceShape } from '../piece/index.js';
import { asItIs, frozen, frozenPressed, marinated, pressed, saltDrained, soaked } from './cold.js';
import { BLANCHING, FREEZER_MIN, ROASTING } from './constants.js';
import { blanched, boilsAgainMin, forkTenderMin, roasted } from './hot.js';
import type { Cut, Prepared } from './types.js';

/** One way of making a food ready, as a cook knows it. Times and reasons: common practice, no source. */
export interface Way {
  id: Preparation;
  label: string;
  /** What the cook does. */
  does: string;
  /** What it is for. */
  reason: string;
  /** The same on meat and fish, where it is otherwise. */
  onFlesh?: Partial<Pick<Way, 'does' | 'reason'>>;
  /** Minutes of work by hand, and of waiting beside the way's own minutes. */
  handsMin: number;
  waitMin: number;
  /** Minutes of the way itself, how far a cook may go, and where they are spent; null where it has none. */
  minutes: { usual: (cut: Cut) => number; min: number; max: number; where: string } | null;
  prepare: (cut: Cut, minutes: number) => Prepared;
}

const fixed = (usual: number, min: number, max: number, where: string): Way['minutes'] => ({
  usual: () => usual,
  min,
  max,
  where,
});

const WAYS: Record<Preparation, Way> = {
  raw: {
    id: 'raw',
    label: 'As it is',
    does: 'Cut it, and go on.',
    reason: 'The firmest bite and the least work.',
    onFlesh: { reason: 'The least work: nothing is gained that it lacks.' },
    handsMin: 0,
    waitMin: 0,
    minutes: null,
    prepare: asItIs,
  },
  pressed: {
    id: 'pressed',
    label: 'Pressed',
    does: 'Wrap it in a cloth between two boards under a moderate weight, a full pan or two tins.',
    reason: 'Water that is pressed out need not be steamed out through the coat.',
    handsMin: 3,
    waitMin: 0,
    minutes: fixed(15, 5, 60, 'under the weight'),
    prepare: pressed,
  },
  'frozen-pressed': {
    id: 'frozen-pressed',
    label: 'Frozen, thawed, pressed',
    does: 'Freeze it through, let it thaw in the refrigerator, then press it.',
    reason: 'Ice opens it: it presses far drier, chewier, and a coat keys into its pores.',
    handsMin: 5,
    waitMin: FREEZER_MIN.freezes + FREEZER_MIN.thaws,
    minutes: fixed(15, 5, 60, 'under the weight'),
    prepare: frozenPressed,
  },
  salted: {
    id: 'salted',
    label: 'Salted and drained',
    does: 'Salt both sides with about 1 % of its weight, let it drain on a rack, wipe salt and water off.',
    reason: 'Draws water out of the cut faces and seasons it; leave salt out of the coat then.',
    handsMin: 4,
    waitMin: 0,
    minutes: fixed(25, 10, 90, 'in the salt'),
    prepare: saltDrained,
  },
  soaked: {
    id: 'soaked',
    label: 'Soaked and drained',
    does: 'Lay it in cold water, drain it well and dry it.',
    reason: 'Loose starch, brine or sharpness goes into the water; it comes out wet, so dry it with care.',
    handsMin: 3,
    waitMin: 0,
    minutes: fixed(30, 10, 120, 'in the water'),
    prepare: soaked,
  },
  marinated: {
    id: 'marinated',
    label: 'Marinated',
    does: 'Turn it in oil, salt and spice, and let it lie.',
    reason: 'Seasons under the coat, where spice does not burn.',
    onFlesh: {
      does: 'Turn it in egg, soy sauce, salt and a pinch of baking soda, and keep it in the refrigerator meanwhile.',
      reason: 'Seasons under the coat, where spice does not burn; with egg it is glue already.',
    },
    handsMin: 5,
    waitMin: 0,
    minutes: { usual: ({ food }) => (food.origin === 'none' ? 18 : 30), min: 10, max: 240, where: 'in the marinade' },
    prepare: marinated,
  },
  blanched: {
    id: 'blanched',
    label: 'Blanched',
    does: 'Into plenty of boiling water, out again when it returns to the boil; drain until the steam has gone.',
    reason: 'Cooked twice: it is tender before the coat is dark. Dry it well.',
    handsMin: 5,
    waitMin: BLANCHING.drainsMin,
    minutes: { usual: boilsAgainMin, min: 0.5, max: 12, where: 'in the water' },
    prepare: blanched,
  },
  'pre-cooked': {
    id: 'pre-cooked',
    label: 'Roasted first, and cooled',
    does: 'Roast it bare at about 204 °C until a fork goes in, turned once; cool it on a rack.',
    reason: 'Tender, shrunk and dry before the coat goes on: large or watery pieces want it.',
    handsMin: 4,
    waitMin: ROASTING.coolsMin,
    minutes: { usual: forkTenderMin, min: 5, max: 45, where: 'in the heat' },
    prepare: roasted,
  },
  frozen: {
    id: 'frozen',
    label: 'From frozen',
    does: 'Freeze it in one layer on a lined tray; coat and cook it still frozen.',
    reason: 'Freezing breaks a vegetable’s cells, so it softens fast; the coat sets while the middle still thaws.',
    onFlesh: { reason: 'The coat sets while the middle still thaws, so it keeps its juice; it takes longer.' },
    handsMin: 1,
    waitMin: FREEZER_MIN.freezes,
    minutes: null,
    prepare: frozen,
  },
};

/** The way of this id. */
export const wayOf = (id: Preparation): Way => WAYS[id];

/** A way as a cook of this food is told it. */
export function wayWords(id: Preparation, food: Food): Pick<Way, 'label' | 'does' | 'reason'> {
  const { label, does, reason, onFlesh } = WAYS[id];
  return { label, does, reason, ...(isFlesh(food) ? onFlesh : {}) };
}

/** The ways that suit a food, as it is first. */
export const waysFor = ({ food }: Food): Way[] => [
  WAYS.raw,
  ...food.ways.filter((w) => w !== 'raw').map((w) => WAYS[w]),
];

/** Minutes of the way itself: as the cook says, held within its range, or the usual ones; 0 where it has none. */
export function wayMinutes(food: Food, shape: PieceShape, id: Preparation, minutes: number | null): number {
  const { minutes: range } = WAYS[id];
  if (!range) return 0;
  return Math.min(range.max, Math.max(range.min, minutes ?? range.usual({ food, shape })));
}
