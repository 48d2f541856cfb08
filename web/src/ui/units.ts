import {
  celsiusToFahrenheit,
  fahrenheitToCelsius,
  gToOz,
  inchToMm,
  mlAsSpoons,
  mmToInch,
  OIL_G_PER_ML,
  ozToG,
  type BowlPart,
} from '@yellowmist/core';
import type { UnitSystem } from '../state/settings';

/**
 * A kind of number that the cook's unit system turns over: 'film' is a coat's thin length; what a label
 * or a household scale says stays in 'grams'; 'plain' numbers stay. */
export type Quantity = 'temperature' | 'length' | 'film' | 'mass' | 'grams' | 'minutes' | 'seconds' | 'plain';

interface Turn {
  unit: string;
  shown: (si: number) => number;
  stored: (shown: number) => number;
  digits: number;
}

const same = (unit: string, digits: number): Turn => ({ unit, shown: (v) => v, stored: (v) => v, digits });

const TURNS: Record<UnitSystem, Record<Quantity, Turn>> = {
  metric: {
    temperature: same('°C', 0),
    length: same('mm', 0),
    film: same('mm', 1),
    mass: same('g', 0),
    grams: same('g', 1),
    minutes: same('min', 1),
    seconds: same('s', 0),
    plain: same('', 0),
  },
  us: {
    temperature: { unit: '°F', shown: celsiusToFahrenheit, stored: fahrenheitToCelsius, digits: 0 },
    length: { unit: 'in', shown: mmToInch, stored: inchToMm, digits: 2 },
    film: { unit: 'in', shown: mmToInch, stored: inchToMm, digits: 3 },
    grams: same('g', 1),
    mass: { unit: 'oz', shown: gToOz, stored: ozToG, digits: 1 },
    minutes: same('min', 1),
    seconds: same('s', 0),
    plain: same('', 0),
  },
};

export const turnOf = (quantity: Quantity, system: UnitSystem): Turn => TURNS[system][quantity];

/** A stored value as the cook reads it, without its unit: "185", "0.63". */
export function shownNumber(value: number, quantity: Quantity, system: UnitSystem): string {
  const { shown, digits } = turnOf(quantity, system);
  return String(Number(shown(value).toFixed(digits)));
}

/** A household scale reads light things in g, whatever the kitchen's units. */
const LEAST_OUNCE_G = 28;

/** "185 °C", "0.63 in". */
export const withUnit = (value: number, quantity: Quantity, system: UnitSystem): string =>
  quantity === 'mass' && value < LEAST_OUNCE_G
    ? `${Number(value.toFixed(value < 10 ? 1 : 0))}\u00a0g`
    : inUnit(value, quantity, system);

const inUnit = (value: number, quantity: Quantity, system: UnitSystem): string =>
  `${shownNumber(value, quantity, system)}\u00a0${turnOf(quantity, system).unit}`.trim();

/** Turns the °C, mm and g inside a sentence of the core into the cook's units. "by 10 °C" is a difference. */
export function sentenceIn(text: string, system: UnitSystem): string {
  if (system === 'metric') return text;
  return text
    .replace(
      /(\d+(?:\.\d+)?) °C (hotter|cooler)/g,
      (_, n: string, how: string) => `${Math.round(Number(n) * 1.8)} °F ${how}`,
    )
    .replace(/(\d+(?:\.\d+)?) °C/g, (_, n: string) => withUnit(Number(n), 'temperature', system))
    .replace(/(\d+(?:\.\d+)?) mm\b/g, (_, n: string) => withUnit(Number(n), 'length', system))
    .replace(/(\d+(?:\.\d+)?) g\b/g, (_, n: string) => withUnit(Number(n), 'mass', system));
}

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
