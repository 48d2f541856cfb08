import { exampleConversion, exampleVersion, type ConversionBody } from '@yellowmist/contract';

export const example = exampleConversion();

/** A dish with an air version, so that nothing has to be searched. */
export const converted = (name: string, more: Partial<ConversionBody['dish']> = {}, minutes = 12): ConversionBody => ({
  ...example,
  name,
  dish: { ...example.dish, ...more },
  chosen: exampleVersion(minutes),
});

/** Leeks in flour, egg and crumbs, twelve minutes at 190 °C: golden by the plan. */
export const breaded = (name: string): ConversionBody => {
  const body = converted(name, { foodId: 'leek', shape: { kind: 'slab', lengthMm: 80, widthMm: 40, thicknessMm: 14 } });
  const layers = ['wheat-flour', 'egg', 'coarse-crumbs'].map((ingredientId) => ({
    portions: [{ ingredientId, grams: 60 }],
  }));
  return {
    ...body,
    fried: { ...body.fried, layers },
    chosen: { ...body.chosen!, plan: { ...body.chosen!.plan, layers } },
  };
};
