import { airMedium, boilingPot, simulate, standingPlace, type CookSeries, type Medium } from '../heat/index.js';
import { crossedTo, geometryOf, type PieceGeometry } from '../piece/index.js';
import { BLANCHING, COLD, ROASTING, SHRINKS, ROASTED_APART } from './constants.js';
import { withPores } from './pores.js';
import type { Cut, Prepared } from './types.js';

/** Blanching and pre-roasting: the same simulation as the cook, of the bare piece. */

/** The bare piece; `crossed` is the share of its half-thickness that heat has to cross. */
const geometry = ({ food, shape }: Cut, crossed = food.food.throughShare): PieceGeometry =>
  crossedTo(geometryOf(shape, food.densityKgM3 * (1 - food.food.porosity)), crossed);

/** Boiling water runs in between the stalks of a floret: what steam crosses in part, water crosses in part again. */
const crossedByWater = ({ food }: Cut): number => food.food.throughShare ** 2;

const inWater = (cut: Cut): PieceGeometry => geometry(cut, crossedByWater(cut));

/** The bare piece in a medium, then cooling on a rack. */
function cookBare(cut: Cut, piece: PieceGeometry, medium: Medium, minutes: number, coolMin: number): CookSeries {
  return simulate({
    piece,
    food: cut.food,
    layers: [],
    startC: COLD.fridgeC,
    startFirmness: 1,
    restMin: 0,
    oilGm2: 0,
    medium,
    minutes,
    second: { sauce: null, coolMin, medium: standingPlace('rack'), minutes: 0 },
  });
}

/** Mean of middle and skin at the end, °C. */
function meanEndC({ columns, timeS }: CookSeries): number {
  const at = timeS.length - 1;
  return (columns.centreC[at] + columns.surfaceUpC[at]) / 2;
}

function cooked(cut: Cut, series: CookSeries, skin: Prepared['skin']): Prepared {
  const { columns, timeS } = series;
  const at = timeS.length - 1;
  const waterLost = columns.foodWaterLost[at];
  const goneVolume = (SHRINKS * waterLost * cut.food.per100g.waterG) / 100;
  return {
    ...withPores(cut, waterLost, 1 - goneVolume),
    firmness: columns.firmness[at],
    inside: series.inside,
    startC: meanEndC(series),
    skin,
    waterLost,
  };
}

const potOf = (cut: Cut) => {
  const kg = geometry(cut).massG / 1000;
  return boilingPot({ waterKgPerPiece: BLANCHING.waterPerFood * kg, burnerWPerPiece: BLANCHING.burnerWPerKg * kg });
};

/** Minutes after which the pot boils again: "out when it returns to the boil". */
export function boilsAgainMin(cut: Cut): number {
  const pot = potOf(cut);
  cookBare(cut, inWater(cut), pot, BLANCHING.mostMin, 0);
  const back = pot.backAtS() ?? BLANCHING.mostMin * 60;
  return Math.max(BLANCHING.leastMin, back / 60);
}

/** Into boiling water for `minutes`, drained until the steam has gone. */
export const blanched = (cut: Cut, minutes: number): Prepared =>
  cooked(cut, cookBare(cut, inWater(cut), potOf(cut), minutes, BLANCHING.drainsMin), 'wet');

const ovenFor = (minutes: number): Medium =>
  airMedium({
    fryer: 'still-oven',
    tempC: ROASTING.tempC,
    preheated: true,
    turnAtMin: minutes * ROASTING.turnShare,
    under: 'rack',
    roundness: 0,
    waterTray: false,
    opensAtMin: [],
    level: 'only',
    swapEveryMin: null,
    coverage: ROASTED_APART,
    pieces: 1,
    airFactor: 1,
    offsetK: 0,
  });

/** Minutes until a fork goes in, at most half an hour: what is not judged by its softness is roasted a quarter of one. */
export function forkTenderMin(cut: Cut): number {
  if (cut.food.food.safety !== 'vegetable') return ROASTING.mostMin / 2;
  const { columns, timeS } = cookBare(cut, geometry(cut), ovenFor(ROASTING.mostMin), ROASTING.mostMin, 0);
  const softening = cut.food.food.firmness * ROASTING.forkTender;
  const at = columns.firmness.findIndex((f) => f <= softening);
  const minutes = at < 0 ? ROASTING.mostMin : Math.round(timeS[at] / 60);
  return Math.max(ROASTING.leastMin, minutes);
}

/** In a hot oven for `minutes`, turned, then cooled on a rack, where its own steam moistens its skin. */
export const roasted = (cut: Cut, minutes: number): Prepared =>
  cooked(cut, cookBare(cut, geometry(cut), ovenFor(minutes), minutes, ROASTING.coolsMin), 'damp');
