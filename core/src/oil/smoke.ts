import { ingredient } from '../foods/index.js';

/** How an oil bears the heat of a cook. */
export interface Smoke {
  fromC: number;
  toC: number;
  flavour: string;
  word: 'bears it' | 'near its smoke point' | 'smokes';
  text: string;
}

/**
 * An oil's smoke point against the hottest air that it meets: what drips or mists onto hot metal is as hot as the air,
 * though the crust under it is cooler. Undefined for what is no oil.
 * @param airC °C that the fryer really reaches
 */
export function smokeOf(oilId: string, airC: number): Smoke | undefined {
  const { name, oil } = ingredient(oilId);
  if (!oil) return undefined;
  const { from: fromC, to: toC } = oil.smokeC;
  const range = `${name} begins to smoke between ${fromC} °C and ${toC} °C`;
  const at = `the air comes to ${Math.round(airC)} °C`;
  if (airC > toC) {
    return {
      fromC,
      toC,
      flavour: oil.flavour,
      word: 'smokes',
      text: `${range}; ${at}. Take another oil, or cook cooler.`,
    };
  }
  if (airC > fromC) {
    return {
      fromC,
      toC,
      flavour: oil.flavour,
      word: 'near its smoke point',
      text: `${range}; ${at}. A fresh, refined one bears it; an old one may smoke.`,
    };
  }
  return { fromC, toC, flavour: oil.flavour, word: 'bears it', text: `${range}; ${at}.` };
}
