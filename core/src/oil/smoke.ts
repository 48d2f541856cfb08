import { ingredient, type Pantry } from '../foods/index.js';
import { celsius, text, type Text } from '../units/index.js';

/** How an oil bears the heat of a cook. */
export interface Smoke {
  fromC: number;
  toC: number;
  flavour: string;
  word: 'bears it' | 'near its smoke point' | 'smokes';
  text: Text;
}

/**
 * An oil's smoke point against the hottest air that it meets: what drips or mists onto hot metal is as hot as the air,
 * though the crust under it is cooler. Undefined for what is no oil.
 * @param airC °C that the fryer really reaches
 */
export function smokeOf(pantry: Pantry, oilId: string, airC: number): Smoke | undefined {
  const { name, oil } = ingredient(pantry, oilId);
  if (!oil) return undefined;
  const { from: fromC, to: toC } = oil.smokeC;
  const range = text`${name} begins to smoke between ${celsius(fromC)} and ${celsius(toC)}`;
  const at = text`the air comes to ${celsius(airC)}`;
  if (airC > toC) {
    return {
      fromC,
      toC,
      flavour: oil.flavour,
      word: 'smokes',
      text: text`${range}; ${at}. Take another oil, or cook cooler.`,
    };
  }
  if (airC > fromC) {
    return {
      fromC,
      toC,
      flavour: oil.flavour,
      word: 'near its smoke point',
      text: text`${range}; ${at}. A fresh, refined one bears it; an old one may smoke.`,
    };
  }
  return { fromC, toC, flavour: oil.flavour, word: 'bears it', text: text`${range}; ${at}.` };
}
