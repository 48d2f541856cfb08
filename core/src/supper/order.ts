import { ALLERGENS } from '../foods/index.js';
import { listed } from '../units/index.js';
import { harmfulTraces, isRawFlesh, servedBy, soilOf } from './guests.js';
import { SOIL_WORDS, type Guest, type SupperDish } from './types.js';

/** A dish in the order of coating and frying, why it stands there, and what is washed before it. */
export interface Turn {
  dish: SupperDish;
  why: string;
  wash: Wash;
}

/** What is cleaned between the dish before and this one. */
export interface Wash {
  what: 'nothing' | 'hands and board' | 'everything';
  /** Empty where nothing has to be. */
  text: string;
}

const NO_WASH: Wash = { what: 'nothing', text: '' };

/**
 * The order in which dishes are coated and fried: those for guests with a wish first, since no heat takes an allergen
 * away; then the cleanest raw food, raw poultry last; then fewer allergens; then what stays crisp longest.
 * Common practice, no source.
 */
export function orderOf(dishes: readonly SupperDish[], guests: readonly Guest[]): Turn[] {
  const crisp = (d: SupperDish): number => d.crispMin ?? 30;
  const sorted = [...dishes].sort(
    (a, b) =>
      servedBy(b, guests).length - servedBy(a, guests).length ||
      soilOf(a) - soilOf(b) ||
      a.allergens.length - b.allergens.length ||
      crisp(b) - crisp(a) ||
      a.name.localeCompare(b.name),
  );
  return sorted.map((dish, at) => ({
    dish,
    why: whyHere(dish, sorted, at, guests),
    wash: at === 0 ? NO_WASH : washBefore(sorted.slice(0, at), dish, guests),
  }));
}

function whyHere(dish: SupperDish, sorted: readonly SupperDish[], at: number, guests: readonly Guest[]): string {
  const served = servedBy(dish, guests).map((g) => g.name);
  const fewerNext = at < sorted.length - 1 && servedBy(sorted[at + 1], guests).length < served.length;
  if (served.length > 0 && fewerNext) {
    return `Early, while bowls, basket and oil are clean: it is for ${listed(served)}.`;
  }
  if (isRawFlesh(dish)) {
    return at === sorted.length - 1
      ? `Last: nothing comes after ${SOIL_WORDS[soilOf(dish)]} that it could soil.`
      : `After what is cleaner, before what is less so: ${SOIL_WORDS[soilOf(dish)]}.`;
  }
  const next = sorted[at + 1];
  if (next && soilOf(next) > soilOf(dish)) return `Before ${SOIL_WORDS[soilOf(next)]}.`;
  if (next && dish.allergens.length < next.allergens.length) return 'Fewer allergens than what follows.';
  return at === 0 ? 'It may begin.' : 'Its place is free to choose.';
}

/** What is washed before a dish, of all that went before it: an allergen is not gone because another dish came between. */
function washBefore(earlier: readonly SupperDish[], dish: SupperDish, guests: readonly Guest[]): Wash {
  const harmful = earlier.find((d) => harmfulTraces(d, dish, guests).length > 0);
  const before = harmful ?? earlier[earlier.length - 1];
  const traces = harmfulTraces(before, dish, guests);
  if (traces.length > 0) {
    const what = traces.map(({ guest, allergens }) =>
      allergens.length > 0
        ? `${listed(allergens.map((a) => ALLERGENS[a].name))} for ${guest.name}`
        : `what ${guest.name} does not eat`,
    );
    return {
      what: 'everything',
      text: `Wash basket, tray, tongs, brush and hands with soap: ${before.name} leaves ${listed(what)} behind. Take fresh bowls and fresh parchment.`,
    };
  }
  if (isRawFlesh(before)) {
    return { what: 'hands and board', text: `Wash hands, board and tongs: ${SOIL_WORDS[soilOf(before)]} went before.` };
  }
  return NO_WASH;
}
