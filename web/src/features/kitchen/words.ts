import { kelvins, text, type Fryer, type Text } from '@yellowmist/core';

/** How far off a fryer's thermostat is, by its thermometer's readings, or by what is taken where none was made. */
export function offText({ offsetC }: Pick<Fryer, 'offsetC'>): Text {
  if (offsetC === 0) return text`is what it says`;
  return text`runs ${kelvins(Math.abs(offsetC))} ${offsetC > 0 ? 'hotter' : 'cooler'} than it says`;
}
