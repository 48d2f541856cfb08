/**
 * The 14 substances of Regulation (EU) No 1169/2011, Annex II (from memory), in the regulation's order; wheat stands
 * apart from other gluten cereals because the US list names wheat alone.
 */
export const ALLERGENS = {
  wheat: { name: 'wheat', eu: 'cereals containing gluten', us: 'wheat' },
  gluten: { name: 'other gluten cereals', eu: 'cereals containing gluten', us: null },
  crustaceans: { name: 'crustaceans', eu: 'crustaceans', us: 'crustacean shellfish' },
  egg: { name: 'egg', eu: 'eggs', us: 'eggs' },
  fish: { name: 'fish', eu: 'fish', us: 'fish' },
  peanut: { name: 'peanut', eu: 'peanuts', us: 'peanuts' },
  soy: { name: 'soy', eu: 'soybeans', us: 'soybeans' },
  milk: { name: 'milk', eu: 'milk', us: 'milk' },
  nuts: { name: 'tree nuts', eu: 'nuts', us: 'tree nuts' },
  coconut: { name: 'coconut', eu: null, us: null },
  celery: { name: 'celery', eu: 'celery', us: null },
  mustard: { name: 'mustard', eu: 'mustard', us: null },
  sesame: { name: 'sesame', eu: 'sesame seeds', us: 'sesame' },
  sulphites: { name: 'sulphites', eu: 'sulphur dioxide and sulphites', us: null },
  lupin: { name: 'lupin', eu: 'lupin', us: null },
  molluscs: { name: 'molluscs', eu: 'molluscs', us: null },
} as const;

export type Allergen = keyof typeof ALLERGENS;

export const ALLERGEN_IDS = Object.keys(ALLERGENS) as Allergen[];

/** Allergens of several ingredients, each once, in the order of the regulation. */
export const allergensOf = (ingredients: readonly { allergens: readonly Allergen[] }[]): Allergen[] =>
  ALLERGEN_IDS.filter((id) => ingredients.some((i) => i.allergens.includes(id)));
