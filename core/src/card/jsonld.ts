import type { HowToStep, NutritionInformation, Recipe, WithContext } from 'schema-dts';
import { plain } from '../units/index.js';
import { DEFERS, itemWords, settingWords } from './words.js';
import type { RecipeCard } from './types.js';

/** Minutes as ISO 8601 writes a duration: "PT1H5M". */
export function isoDuration(minutes: number): string {
  const whole = Math.max(0, Math.round(minutes));
  const hours = Math.floor(whole / 60);
  const rest = whole % 60;
  return `PT${hours > 0 ? `${hours}H` : ''}${rest > 0 || hours === 0 ? `${rest}M` : ''}`;
}

/** mg of sodium in a g of salt. */
const SODIUM_MG = 393;

function nutrition({ perServing: p }: RecipeCard): NutritionInformation {
  const g = (value: number): `${number} g` => `${Math.round(value)} g`;
  return {
    '@type': 'NutritionInformation',
    description: 'Estimates by the ingredients; no dietary or medical advice.',
    servingSize: `1 of ${p.people} portions`,
    calories: `${Math.round(p.energyKcal.value)} kcal`,
    proteinContent: g(p.proteinG.value),
    fatContent: g(p.fatG.value),
    carbohydrateContent: g(p.carbohydrateG.value),
    sodiumContent: `${Math.round(p.saltG.value * SODIUM_MG)} mg`,
  };
}

/** The card as a recipe of schema.org, in SI units. */
export function cardJsonLd(card: RecipeCard): WithContext<Recipe> {
  const { times } = card;
  const ingredients = [
    ...card.food.map((item) => itemWords(item)),
    ...card.bowls.flatMap(({ name, items }) =>
      items.map((item) => `${itemWords(item)} (in the bowl: ${name.toLowerCase()})`),
    ),
    ...card.beside.flatMap(({ name, items }) =>
      items.map((item) => `${itemWords(item)} (for the ${name.toLowerCase()})`),
    ),
    ...(card.oil ? [itemWords(card.oil)] : []),
  ];
  const steps = [...card.steps.map(plain), ...card.checks.map((check) => `Check: ${plain(check)}`)];
  const cautions = card.cautions.map((c) => plain(c.text));
  return {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name: card.name,
    description: [card.note, ...cautions, DEFERS].filter((t) => t !== '').join(' '),
    recipeYield: [String(card.people), `${card.pieces} pieces`],
    prepTime: isoDuration(times.prepMin),
    cookTime: isoDuration(times.cookMin),
    totalTime: isoDuration(times.totalMin),
    cookingMethod: 'Air frying',
    recipeIngredient: ingredients,
    recipeInstructions: steps.map((text, k): HowToStep => ({ '@type': 'HowToStep', position: k + 1, text })),
    tool: [
      settingWords(card),
      'kitchen scale',
      'rack',
      ...(cautions.some((c) => /thermometer/.test(c)) ? ['food thermometer'] : []),
    ],
    nutrition: nutrition(card),
  };
}
