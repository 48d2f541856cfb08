import {
  celsiusToFahrenheit,
  fahrenheitToCelsius,
  gToOz,
  inchToMm,
  mlAsSpoons,
  mlToVolume,
  mmToInch,
  OIL_G_PER_ML,
  ozToG,
  toldMm,
  volumeToMl,
  type BowlPart,
  type Quantity,
  type QuantityKind,
  type Text,
} from '@yellowmist/core';
import type { UnitSystem } from '../state/settings';
import * as texts from './texts';

/**
 * A kind of number that the cook's unit system turns over: 'film' is a coat's thin length; what a label
 * or a household scale says stays in 'grams'; 'plain' numbers stay. */
export type FieldKind = 'temperature' | 'length' | 'film' | 'mass' | 'grams' | 'oil' | 'minutes' | 'seconds' | 'plain';

export interface Turn {
  unit: string;
  shown: (si: number) => number;
  stored: (shown: number) => number;
  digits: number;
}

const same = (unit: string, digits: number): Turn => ({ unit, shown: (v) => v, stored: (v) => v, digits });

const TURNS: Record<UnitSystem, Record<FieldKind, Turn>> = {
  metric: {
    temperature: same('°C', 0),
    length: { ...same('mm', 1), shown: toldMm },
    film: same('mm', 1),
    mass: same('g', 0),
    grams: same('g', 1),
    oil: same('g', 1),
    minutes: same('min', 1),
    seconds: same('s', 1),
    plain: same('', 0),
  },
  us: {
    temperature: { unit: '°F', shown: celsiusToFahrenheit, stored: fahrenheitToCelsius, digits: 0 },
    length: { unit: 'in', shown: mmToInch, stored: inchToMm, digits: 2 },
    film: { unit: 'in', shown: mmToInch, stored: inchToMm, digits: 3 },
    grams: same('g', 1),
    oil: {
      unit: 'tsp',
      shown: (g) => mlToVolume(g / OIL_G_PER_ML, 'tsp'),
      stored: (tsp) => volumeToMl(tsp, 'tsp') * OIL_G_PER_ML,
      digits: 2,
    },
    mass: { unit: 'oz', shown: gToOz, stored: ozToG, digits: 1 },
    minutes: same('min', 1),
    seconds: same('s', 1),
    plain: same('', 0),
  },
};

export const turnOf = (quantity: FieldKind, system: UnitSystem): Turn => TURNS[system][quantity];

/** The same in a field: what is typed is what stands there. */
export const fieldTurn = (quantity: FieldKind, system: UnitSystem): Turn =>
  quantity === 'length' && system === 'metric' ? same('mm', 1) : turnOf(quantity, system);

/** A fryer's setting, °C, as the fryer counts it: one that counts in °F has steps of its own. */
export function settingTurn(stepC: number, system: UnitSystem): Turn {
  const turn = turnOf('temperature', system);
  if (system === 'metric') return turn;
  const step = settingStep(stepC, system);
  return { ...turn, shown: (tempC) => Math.round(celsiusToFahrenheit(tempC) / step) * step };
}

/** A stored value as the cook reads it, without its unit: "185", "0.63". */
export const numberOf = (value: number, { shown, digits }: Turn): string =>
  String(Number(shown(value).toFixed(digits)));

/** The same by its kind. */
export const shownNumber = (value: number, quantity: FieldKind, system: UnitSystem): string =>
  numberOf(value, turnOf(quantity, system));

/** A household scale reads light things in g, whatever the kitchen's units. */
const LEAST_OUNCE_G = 28;

/** "185 °C", "0.63 in". */
export const withUnit = (value: number, quantity: FieldKind, system: UnitSystem): string =>
  quantity === 'mass' && value < LEAST_OUNCE_G
    ? `${Number(value.toFixed(value < 10 ? 1 : 0))}\u00a0g`
    : inUnit(value, quantity, system);

const inUnit = (value: number, quantity: FieldKind, system: UnitSystem): string =>
  `${shownNumber(value, quantity, system)}\u00a0${turnOf(quantity, system).unit}`.trim();

/** Steps of a fryer that counts in °F, by those of one that counts in °C. */
const fahrenheitStep = (stepC: number): number => (stepC < 5 ? 1 : stepC < 10 ? 5 : 10);

/** The step of a fryer's settings in the cook's unit. */
export const settingStep = (stepC: number, system: UnitSystem): number =>
  system === 'metric' ? stepC : fahrenheitStep(stepC);

/** A fryer's setting, °C, in the steps that the fryer has: "190 °C", "375 °F". */
export function settingIn(tempC: number, stepC: number, system: UnitSystem): string {
  const turn = settingTurn(stepC, system);
  return `${numberOf(tempC, turn)}\u00a0${turn.unit}`;
}

/** How each kind of quantity in a sentence reads. */
const SAID: Record<QuantityKind, (quantity: Quantity, system: UnitSystem) => string> = {
  temperature: ({ value }, system) => inUnit(value, 'temperature', system),
  setting: ({ value, stepC = 1 }, system) => settingIn(value, stepC, system),
  difference: ({ value }, system) =>
    system === 'us'
      ? `${Math.round(celsiusToFahrenheit(value) - celsiusToFahrenheit(0))}\u00a0°F`
      : `${Math.round(value)}\u00a0°C`,
  length: ({ value }, system) => inUnit(value, 'length', system),
  film: ({ value }, system) => inUnit(value, 'film', system),
  mass: ({ value }, system) => withUnit(value, 'mass', system),
  grams: ({ value, digits = 1 }) => `${Number(value.toFixed(digits))}\u00a0g`,
  volume: ({ value }) => `${Math.round(value)}\u00a0ml`,
  moment: ({ value }) => texts.minAfterTable(Math.round(value)),
};

/** A sentence of the core in the cook's units. */
export const textIn = (said: Text, system: UnitSystem): string =>
  said.map((part) => (typeof part === 'string' ? part : SAID[part.kind](part, system))).join('');

/** Oil to spray: g, and spoons where those are used. */
export const oilAmount = (grams: number, system: UnitSystem): string =>
  system === 'us' ? `${mlAsSpoons(grams / OIL_G_PER_ML)} (${grams.toFixed(1)} g)` : withUnit(grams, 'mass', system);

/** What to measure of one part of a bowl: whole eggs, cups and spoons, or g. */
export function partAmount(part: BowlPart, system: UnitSystem): string {
  const grams = part.grams < 10 ? part.grams.toFixed(1) : String(Math.round(part.grams));
  if (part.count !== null) return `${part.count} (${grams} g)`;
  if (system === 'us' && part.ml !== null) return `${mlAsSpoons(part.ml)} (${grams} g)`;
  return `${grams} g`;
}
