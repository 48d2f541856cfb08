import type { Task } from '../evening/index.js';
import { safeMinimum } from '../safety/index.js';
import { isFlesh, type Food } from '../foods/index.js';
import { celsius, counted, text, type Text } from '../units/index.js';
import type { AirPlan } from '../dish/index.js';
import type { Picture } from './types.js';

/** What to look at, at each stop, and the caution that belongs there. Common practice, no source, but for safe minimums. */

/** What is known where a task of a batch is done. */
export interface At {
  food: Food | null;
  plan: AirPlan | null;
  /** First time that this fryer is opened while something cooks in it. */
  firstOpening: boolean;
  /** Whether the pieces are turned, and racks change places. */
  turns: boolean;
  swaps: boolean;
}

type Kind = Task['kind'];

const MITTS = text`Mitts on: basket, tray and rack burn.`;
const STEAM = text`Steam comes out first: open it away from your face.`;
const KNUCKLE = text`Raw hands: tap here with a knuckle, and wipe the screen afterwards.`;

const middleOf = ({ food }: At): Text =>
  food && isFlesh(food)
    ? text`The tip goes into the middle of the thickest piece, from the side, away from bone and basket.`
    : text`The tip goes into the middle of the thickest piece, from the side.`;

/** What a hand does and an eye looks for. */
const CHECKS: Partial<Record<Kind, (at: At) => Text[]>> = {
  prepare: () => [text`Its skin is dry to the finger: a wet one lets the coat slip.`],
  coat: () => [
    text`No bare spot, and nothing that drips: shake or tap off what is loose.`,
    text`One hand for what is dry, the other for what is wet.`,
  ],
  oil: () => [text`The crumbs look moist all over; what stays white stays floury.`],
  load: ({ plan }) => [
    text`One layer, not touching.`,
    ...(plan?.settings.under === 'parchment' ? [text`Parchment only now, under the food.`] : []),
  ],
  look: ({ plan, turns, swaps }) => [
    text`Look for white or dry spots. Oil them outside the fryer.`,
    ...(turns ? [text`A thin, flat turner under the piece; tongs tear a coat that is not yet firm.`] : []),
    ...(plan && plan.settings.turnAtMin === null ? [text`Not turned in this plan: leave them as they lie.`] : []),
    ...(swaps ? [text`Upper rack down, lower rack up.`] : []),
  ],
  unload: ({ plan }) => [
    text`As brown as the swatch? If it is paler, leave it in and say so.`,
    plan?.afterwards === 'at-once'
      ? text`Straight to the plate.`
      : text`Onto a rack: on a plate the underside softens in its own steam.`,
  ],
  check: (at) => [middleOf(at), ...minimumWords(at)],
  second: () => [text`The fryer stays shut; only its setting changes.`],
  finish: () => [text`Off the heat, with a light hand.`],
};

function minimumWords({ food }: At): Text[] {
  const minimum = food && safeMinimum(food.food.safety);
  if (!minimum) return [];
  const rest = minimum.restMin > 0 ? `, and then a rest of ${counted(minimum.restMin, 'minute')}` : '';
  return [text`It must reach ${celsius(minimum.tempC)}${rest}: below that it is not safe, whatever its colour.`];
}

const raw = ({ food }: At): boolean => food !== null && isFlesh(food);

const CAUTIONS: Partial<Record<Kind, (at: At) => Text[]>> = {
  cut: (at) => (raw(at) ? [KNUCKLE] : []),
  prepare: (at) => (raw(at) ? [KNUCKLE] : []),
  mix: () => [text`Raw flour, batter and egg are not tasted.`],
  coat: (at) =>
    raw(at)
      ? [KNUCKLE, text`What is left in these bowls is thrown away.`]
      : [text`What touched raw egg is thrown away. Tap here with a knuckle.`],
  oil: () => [text`Oil on the tray, away from every hot fryer: an oil mist burns.`],
  preheat: () => [text`Nothing in it yet: empty parchment flies onto the heater.`],
  load: () => [MITTS],
  look: ({ firstOpening }) => (firstOpening ? [STEAM, MITTS] : [MITTS]),
  unload: ({ firstOpening }) => (firstOpening ? [STEAM, MITTS] : [MITTS]),
  check: (at) => [MITTS, ...(raw(at) ? [text`Wipe the tip before it goes into the next piece.`] : [])],
  serve: (at) => minimumWords(at).map((said) => text`Serve it only if the thermometer has said so. ${said}`),
};

/** What to look at before a step is done. */
export const checksAt = (kind: Kind, at: At): Text[] => CHECKS[kind]?.(at) ?? [];

/** The usual cautions at the moment at which they matter. They never replace the appliance's manual or local rules. */
export const cautionsAt = (kind: Kind, at: At): Text[] => CAUTIONS[kind]?.(at) ?? [];

const PICTURES: Record<Kind, Picture> = {
  cut: 'knife',
  prepare: 'knife',
  mix: 'bowl',
  sauce: 'bowl',
  coat: 'hand',
  rest: 'rack',
  oil: 'piece',
  preheat: 'fryer',
  load: 'basket',
  cook: 'fryer',
  look: 'piece',
  unload: 'piece',
  check: 'probe',
  second: 'fryer',
  finish: 'plate',
  warm: 'fryer',
  wash: 'wash',
  serve: 'plate',
};

export const pictureOf = (kind: Kind): Picture => PICTURES[kind];
