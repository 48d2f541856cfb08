import {
  airMedium,
  type AirMedium,
  deepOil,
  panOil,
  simulate,
  type AirCook,
  type CookInput,
  type CookSeries,
  type Level,
  type Medium,
  type SecondCook,
  type SimulateOptions,
} from '../heat/index.js';
import type { PieceGeometry } from '../piece/index.js';
import type { ReadyPiece } from './ready.js';
import {
  PLAIN_OILING,
  type AirPlan,
  type AirSettings,
  type Dish,
  type FriedCook,
  type Fryer,
  type SecondPlan,
} from './types.js';

/** kg of oil in the pot to one kg of coated food that goes in at a time. Common practice, no source: 10–15. */
export const OIL_TO_FOOD = 12;

/** Weight of one piece with its coat on, kg. */
export const coatedKg = ({ piece, layers }: Pick<ReadyPiece, 'piece' | 'layers'>): number =>
  (piece.massG + piece.areaM2 * layers.reduce((sum, l) => sum + l.pickUpGm2, 0)) / 1000;

/** What surrounds the piece when it is fried as today. */
export function friedMedium(fried: FriedCook, ready: Pick<ReadyPiece, 'piece' | 'layers'>): Medium {
  return fried.medium === 'deep-oil'
    ? deepOil({ tempC: fried.tempC, oilKgPerPiece: OIL_TO_FOOD * coatedKg(ready) })
    : panOil({ tempC: fried.tempC, turnAtMin: fried.minutes / 2 });
}

/** Simulates the dish as it is fried today: freshly coated, straight into the oil. */
export const fryInOil = (ready: ReadyPiece, dish: Dish, fried: FriedCook, options?: SimulateOptions): CookSeries =>
  simulate(
    {
      ...ready,
      startC: dish.startC,
      restMin: 0,
      oilGm2: 0,
      medium: friedMedium(fried, ready),
      minutes: fried.minutes,
    },
    options,
  );

/**
 * Whether a plan's events hang on its length, so that each length is a cook of its own: looks are spread over it, an
 * unturned piece is touched up and its basket turned round at half time, and a second cook begins at its end.
 */
export const lengthMatters = ({ settings, second, oiling = PLAIN_OILING }: AirPlan): boolean =>
  second !== null ||
  settings.looks > 0 ||
  (settings.turnAtMin === null && (oiling.touchUpGm2 > 0 || settings.basketTurned === true));

/** How a piece lies among the others of its batch. */
export interface InBasket {
  coverage: number;
  /** Pieces that cook at the same time. */
  pieces: number;
  level: Level;
  /** How it lies in a second cook, where that is otherwise. */
  again?: Pick<InBasket, 'coverage' | 'pieces'>;
}

/** Minutes at which the fryer is opened beside turning: looks spread evenly, the basket turned round, and every swap of racks. */
export function openingsOf({ minutes, looks, swapEveryMin, basketTurned, turnAtMin }: AirSettings): number[] {
  const looked = Array.from({ length: looks }, (_, k) => (minutes * (k + 1)) / (looks + 1));
  const swaps = swapEveryMin === null ? 0 : Math.ceil(minutes / swapEveryMin) - 1;
  // Whoever turns the pieces turns the basket with the same opening.
  const round = basketTurned && turnAtMin === null ? [minutes / 2] : [];
  return [...looked, ...round, ...Array.from({ length: swaps }, (_, k) => (swapEveryMin ?? 0) * (k + 1))];
}

/** A cook as it went, in the place of what its plan lays over its minutes. */
export interface Happened {
  minutes: number;
  turnAtMin: number | null;
  /** Minutes at which it was opened beside turning. */
  opensAtMin: readonly number[];
  /** Minute at which oil was put on what was pale; null where none was. */
  touchUpAtMin: number | null;
}

/** What happens when all goes as it is planned. */
export const asPlanned = (plan: AirPlan): Happened => ({
  minutes: plan.settings.minutes,
  turnAtMin: plan.settings.turnAtMin,
  opensAtMin: openingsOf(plan.settings),
  touchUpAtMin: touchUpMin(plan.settings),
});

const airOf = (
  piece: PieceGeometry,
  fryer: Fryer,
  settings: AirSettings & Pick<AirCook, 'unopened' | 'after'>,
  { coverage, pieces, level }: InBasket,
  { turnAtMin, opensAtMin }: Pick<Happened, 'turnAtMin' | 'opensAtMin'>,
): AirCook => ({
  ...settings,
  turnAtMin,
  coverage,
  pieces,
  level,
  fryer: fryer.kind,
  roundness: (piece.dimension - 1) / 2,
  swapEveryMin: level === 'only' ? null : settings.swapEveryMin,
  opensAtMin,
  airFactor: fryer.airFactor,
  offsetK: fryer.offsetC,
  powerW: fryer.powerW,
});

/** When pale spots are touched up, min: at the turn, or at half time. */
export const touchUpMin = ({ turnAtMin, minutes }: AirSettings): number => turnAtMin ?? minutes / 2;

/** Oil beside the spray, as the simulation takes it: a touch-up meets the face that lies up by then. */
function oilingOf(
  { oiling = PLAIN_OILING }: AirPlan,
  { touchUpAtMin }: Happened,
): Pick<CookInput, 'rubGm2' | 'touchUp'> {
  const { rubGm2, touchUpGm2 } = oiling;
  if (touchUpGm2 <= 0 || touchUpAtMin === null) return { rubGm2 };
  return { rubGm2, touchUp: { atMin: touchUpAtMin, gm2: touchUpGm2 } };
}

/** The second cook: the fryer is as hot as it has come to in the first one, and nobody turns a sauced piece. */
const secondOf = (
  { sauce, piece }: ReadyPiece,
  second: SecondPlan,
  plan: AirPlan,
  fryer: Fryer,
  lies: InBasket,
  after: AirMedium,
): SecondCook => ({
  sauce,
  coolMin: second.coolMin,
  minutes: second.minutes,
  medium: airMedium(
    airOf(
      piece,
      fryer,
      {
        ...plan.settings,
        ...second,
        preheated: true,
        preheatC: plan.settings.tempC,
        after,
        unopened: second.sauce === null && second.coolMin === 0,
        turnAtMin: null,
        looks: 0,
        waterTray: false,
      },
      { ...lies, ...lies.again },
      { turnAtMin: null, opensAtMin: openingsOf({ ...plan.settings, ...second, turnAtMin: null, looks: 0 }) },
    ),
  ),
});

/** The same coat where things brown faster or slower than simulated. */
function browningIn(
  { browning: all = 1, lower = 1 }: Fryer,
  level: Level,
  { layers, sauce }: ReadyPiece,
): Pick<ReadyPiece, 'layers' | 'sauce'> {
  const browning = all * (level === 'lower' ? lower : 1);
  if (browning === 1) return { layers, sauce };
  const last = layers.length - 1;
  return {
    layers: layers.map((layer, at) => (at === last ? { ...layer, browning: layer.browning * browning } : layer)),
    sauce: sauce && { ...sauce, browning: sauce.browning * browning },
  };
}

/** The air that a piece of the dish meets in one fryer, as it is planned or as it `happened`. */
export const airFor = (
  { piece }: Pick<ReadyPiece, 'piece'>,
  plan: AirPlan,
  fryer: Fryer,
  lies: InBasket,
  happened: Happened = asPlanned(plan),
): AirMedium => airMedium(airOf(piece, fryer, plan.settings, lies, happened));

/** Simulates the dish in the air of one fryer, as it is planned or as it `happened`. */
export const cookInAir = (
  asItIs: ReadyPiece,
  dish: Dish,
  plan: AirPlan,
  fryer: Fryer,
  lies: InBasket,
  options?: SimulateOptions,
  happened: Happened = asPlanned(plan),
): CookSeries => {
  const ready = { ...asItIs, ...browningIn(fryer, lies.level, asItIs) };
  const medium = airFor(ready, plan, fryer, lies, happened);
  return simulate(
    {
      ...ready,
      startC: dish.startC,
      restMin: plan.restMin,
      oilGm2: plan.oilGm2,
      ...oilingOf(plan, happened),
      medium,
      minutes: happened.minutes,
      ...(plan.second ? { second: secondOf(ready, plan.second, plan, fryer, lies, medium) } : {}),
    },
    options,
  );
};
