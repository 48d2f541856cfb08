import { recognise, type Pantry } from '../foods/index.js';
import { readAmount } from '../entry/index.js';
import type { WrittenLine } from './types.js';

/** Where a phrase of a sentence ends. */
const PHRASES = /[,;.:()]|\b(?:and|then|with|in|into|to|for|until|before|after|over|plus|through|of (?=beaten))\b/i;
const AMOUNT_STARTS =
  /(\d[\d\s/½¼¾⅓⅔⅛.-]*|[½¼¾⅓⅔⅛]|\b(?:an?|one|two|three|four|five|six|eight|ten|twelve|half|some|couple|few|handful|splash|pinch)\b).*$/i;

/**
 * The things of a recipe that is told and has no list: each phrase that names one, once; those with an amount first.
 * @param steps what is told
 */
export function thingsInProse(pantry: Pantry, steps: readonly WrittenLine[]): WrittenLine[] {
  const found = new Map<string, { text: string; amount: boolean; at: number }>();
  let at = 0;
  for (const { text } of steps) {
    for (const phrase of text.split(PHRASES).map((p) => p.trim())) {
      if (phrase === '' || phrase.split(/\s+/).length > 14) continue;
      const from = AMOUNT_STARTS.exec(phrase)?.[0] ?? phrase;
      const { quantity, words } = readAmount(from);
      const named = recognise(pantry, words);
      if (!named) continue;
      const known = found.get(named.item.id);
      const amount =
        quantity !== null &&
        /\d|[½¼¾⅓⅔⅛]|\b(one|two|three|four|five|six|eight|ten|twelve|half|couple|few|handful|splash|pinch|an?)\b/i.test(
          from,
        );
      if (known && (known.amount || !amount)) continue;
      found.set(named.item.id, { text: from, amount, at: known?.at ?? at++ });
    }
  }
  return [...found.values()].sort((a, b) => a.at - b.at).map(({ text }) => ({ text, section: null }));
}
