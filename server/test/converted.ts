import { exampleConversion, type ConversionBody } from '@yellowmist/contract';
import { PLAIN_AIR } from '@yellowmist/core';

export const example = exampleConversion();

/** A dish with an air version, so that nothing has to be searched. */
export const converted = (name: string, more: Partial<ConversionBody['dish']> = {}, minutes = 12): ConversionBody => ({
  ...example,
  name,
  dish: { ...example.dish, ...more },
  chosen: {
    family: 'own',
    by: 'cook',
    plan: {
      layers: example.fried.layers,
      restMin: 7,
      oilGm2: 18,
      second: null,
      settings: { ...PLAIN_AIR, tempC: 190, minutes, preheated: true, turnAtMin: 6, under: 'basket' },
    },
  },
});
