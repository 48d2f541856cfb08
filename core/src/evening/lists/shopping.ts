import { ingredient, isFlesh, type Ingredient, type Pantry } from '../../foods/index.js';
import { counted, mass, spoken, text, type Text } from '../../units/index.js';
import type { EveningDish } from '../types.js';

/** A shop, or a shelf of one, with what is bought there. */
export interface ShopList {
  shop: Shop;
  items: { id: string; name: string; amount: Text; for: string[] }[];
}

/** Where things are bought, in the order of a round through the shops. */
export const SHOPS = [
  'greengrocer',
  'butcher and fish',
  'dairy and eggs',
  'dry goods',
  'bottles and jars',
  'spices',
] as const;
export type Shop = (typeof SHOPS)[number];

function shopOf(item: Ingredient): Shop {
  if (item.origin === 'egg' || item.origin === 'milk') return 'dairy and eggs';
  if (item.group === 'food') return isFlesh(item as Parameters<typeof isFlesh>[0]) ? 'butcher and fish' : 'greengrocer';
  if (item.origin === 'meat' || item.origin === 'fish') return 'butcher and fish';
  if (item.group === 'flour' || item.group === 'starch' || item.group === 'crumb' || item.group === 'leavening')
    return 'dry goods';
  if (item.group === 'seasoning') return item.per100g.waterG > FRESH_WATER_G ? 'greengrocer' : 'spices';
  return 'bottles and jars';
}
/** A seasoning that holds more water is fresh: garlic, herbs. Our choice. */
const FRESH_WATER_G = 50;

/** What is rounded up to: whole packets as shops sell them, g. Common practice, no source. */
const PACKETS: readonly { group: Ingredient['group']; grams: number }[] = [
  { group: 'flour', grams: 500 },
  { group: 'starch', grams: 250 },
  { group: 'crumb', grams: 250 },
  { group: 'liquid', grams: 250 },
  { group: 'sauce', grams: 150 },
];

/** Nobody buys so little of a spice, g: one jar does. */
const JAR_UP_TO_G = 40;

function amountOf(item: Ingredient, grams: number): Text {
  if (item.eachG) return text`${counted(Math.ceil(grams / item.eachG - WHOLE_NEARLY), 'piece')}`;
  if (item.group === 'seasoning' || item.group === 'leavening') {
    return grams <= JAR_UP_TO_G
      ? text`${mass(Math.max(1, Math.round(grams)))}, a little of a jar`
      : text`${mass(Math.round(grams))}`;
  }
  const packet = PACKETS.find((p) => p.group === item.group);
  if (!packet) return text`${mass(Math.ceil(grams / ROUND_G) * ROUND_G)}`;
  const many = Math.max(1, Math.ceil(grams / packet.grams - WHOLE_NEARLY));
  return text`${counted(many, 'packet')} of ${mass(packet.grams)} (${mass(Math.ceil(grams))} needed)`;
}
const ROUND_G = 10;
/** An egg that is a hundredth too small is no second egg. */
const WHOLE_NEARLY = 1e-2;

/** What has to be bought for the dishes, by shop: what is in the house left out, eggs whole, packets whole. */
export function shoppingList(pantry: Pantry, dishes: readonly EveningDish[], have: readonly string[]): ShopList[] {
  const needed = new Map<string, { grams: number; for: Set<string> }>();
  const need = (id: string, grams: number, d: EveningDish): void => {
    const known = needed.get(id) ?? { grams: 0, for: new Set<string>() };
    needed.set(id, { grams: known.grams + grams, for: known.for.add(d.name) });
  };
  for (const d of dishes) {
    need(d.dish.foodId, d.boughtG, d);
    if (d.alsoG > 0 && d.dish.also) need(d.dish.also.foodId, d.alsoG, d);
    for (const bowl of [...d.bowls.filter((b) => !b.sharedFrom), ...d.beside]) {
      for (const part of bowl.parts) need(part.ingredientId, part.grams, d);
    }
    if (d.sprayG > 0) need(d.oilId, d.sprayG, d);
  }
  const items = [...needed]
    .filter(([id]) => !have.includes(id) && id !== 'water')
    .map(([id, { grams, for: whom }]) => {
      const item = ingredient(pantry, id);
      return { shop: shopOf(item), id, name: spoken(item.name), amount: amountOf(item, grams), for: [...whom] };
    })
    .sort((a, b) => a.name.localeCompare(b.name));
  return SHOPS.flatMap((shop) => {
    const here = items.filter((i) => i.shop === shop).map(({ shop: _, ...item }) => item);
    return here.length === 0 ? [] : [{ shop, items: here }];
  });
}
