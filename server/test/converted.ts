import { exampleConversion, exampleVersion, type ConversionBody } from '@yellowmist/contract';

export const example = exampleConversion();

/** A dish with an air version, so that nothing has to be searched. */
export const converted = (name: string, more: Partial<ConversionBody['dish']> = {}, minutes = 12): ConversionBody => ({
  ...example,
  name,
  dish: { ...example.dish, ...more },
  chosen: exampleVersion(minutes),
});
