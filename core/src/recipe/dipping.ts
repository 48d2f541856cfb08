import type { RecipeBowlKind } from './types.js';
import type { Clause } from './clauses.js';
import { THIN_BELOW } from './constants.js';
import { does, has, type Group } from './group.js';
import type { Thing } from './things.js';

/** A group with what it is. */
export interface Bowl extends Group {
  kind: RecipeBowlKind | 'food' | 'filling';
}

const isWet = ({ kind }: Bowl): boolean => kind === 'binder' || kind === 'batter';
export const isDry = ({ kind }: Bowl): boolean => kind === 'dust' || kind === 'finish';
const isCoat = (bowl: Bowl): boolean => isWet(bowl) || isDry(bowl);

/** What a group is, by what its heading says or its things do. */
export function kindOf(group: Group): Bowl['kind'] {
  const wet = has(group, 'glue', 'thin');
  const dry = has(group, 'powder', 'finish');
  if (group.said === 'batter') return dry || wet ? 'batter' : 'food';
  if (group.said !== null) return group.said;
  if (dry && wet) return isStirredThin(group) ? 'binder' : 'batter';
  if (wet) return 'binder';
  if (has(group, 'finish')) return has(group, 'powder') && moreOf(group, 'powder', 'finish') ? 'dust' : 'finish';
  if (dry) return 'dust';
  return has(group, 'sharp', 'sauce') ? 'marinade' : has(group, 'oil') && group.things.length < 2 ? 'binder' : 'food';
}

function isStirredThin(group: Group): boolean {
  const flour = gramsBy(group, 'powder') + gramsBy(group, 'finish');
  return flour > 0 && flour < THIN_BELOW * (gramsBy(group, 'thin') + gramsBy(group, 'glue'));
}

const gramsBy = ({ things }: Group, kind: string): number =>
  things.reduce((sum, t) => sum + (does(t) === kind ? (t.grams ?? 0) : 0), 0);
const moreOf = (group: Group, a: string, b: string): boolean => gramsBy(group, a) > gramsBy(group, b);

/** Words that stand for a bowl by what it is. */
const BOWL_WORDS: readonly (readonly [RegExp, (bowl: Bowl) => boolean])[] = [
  [/^batter$/, ({ kind }) => kind === 'batter'],
  [/^(wash|liquid|wet|custard)$/, isWet],
  [/^marinade$/, ({ kind }) => kind === 'marinade'],
  [/^(breading|coating|dredging)$/, isDry],
  [/^(bag|sack)$/, isDry],
  [/^(crumb|breadcrumb|panko)$/, ({ kind }) => kind === 'finish'],
];
const ORDINALS: Readonly<Record<string, number>> = { first: 0, second: 1, third: 2, fourth: 3 };
const AGAIN =
  /\b(again|repeat|second time|twice|double|once more|back (in|into|to|through)|return|another (coat|layer|dip|round|dunk)|re-?dip|re-?dredge|one more)\b/i;
const FOR_THE_REST =
  /\b(remaining|rest of|all the|other|each|every)\b.{0,24}\b(piece|pieces|chicken|fish|slices?|strips?|rings?|batch|ones?|one|food|cutlets?|them)?\b/i;
const IF_YOU_LIKE = /\b(if you (like|want|prefer|wish|have)|optional(ly)?|if desired|you can also)\b/i;
/** "Shake off the excess flour" visits no bowl. */
const SHED = /^(excess|extra|surplus|off|loose|let|letting|allow|allowing|until|so|make|leftover|any)$/;

/** Bowls that a clause visits, in its order. */
function visitsIn(clause: Clause, bowls: readonly Bowl[], before: readonly Bowl[]): Bowl[] {
  const visits: Bowl[] = [];
  const coats = bowls.filter(isCoat);
  const inOrder = [...coats].sort((a, b) => a.place - b.place);
  const verb =
    /\b(dredge|dip|coat|dust|roll|press|dunk|drag|pass|toss|shake|turn|drop|return|repeat)\b|\bback (in|into|to)\b|^(then )?through\b/i.exec(
      clause.text,
    );
  const starts = verb
    ? clause.text
        .slice(0, verb.index)
        .split(/[^a-z0-9'’-]+/i)
        .filter(Boolean).length - 1
    : 0;
  // "Take it from the buttermilk and roll in flour": it comes out of a bowl.
  const comesOut = before.length === 0 && /\b(from|out of) (the|its)\b/i.test(clause.text);
  for (let at = comesOut ? 0 : Math.max(0, starts); at < clause.words.length; at++) {
    const word = clause.words[at];
    if (clause.words.slice(Math.max(0, at - 2), at).some((w) => SHED.test(w)) && visits.length > 0) continue;
    const mention = clause.mentions.find((m) => m.word === at);
    const ordinal = ORDINALS[word];
    if (ordinal !== undefined && /^(bowl|dish|plate|mixture|tray|bag)$/.test(clause.words[at + 1] ?? '')) {
      if (inOrder[ordinal]) visits.push(inOrder[ordinal]);
      continue;
    }
    const dryBowl =
      /^(dry|dredge)$/.test(word) && /^(mix|mixture|ingredient|bowl|coating|dish)$/.test(clause.words[at + 1] ?? '');
    const fits = dryBowl ? isDry : BOWL_WORDS.find(([pattern]) => pattern.test(word))?.[1];
    const named = mention?.things.filter((t) => does(t) !== 'season' && does(t) !== 'oil' && does(t) !== 'food') ?? [];
    const inIt = bowls.filter((b) => (isCoat(b) || b.kind === 'marinade') && b.things.some((t) => named.includes(t)));
    const choice = inIt.length > 0 ? inIt : fits ? bowls.filter(fits) : [];
    if (choice.length === 0) continue;
    // Of two flours the one in the dry bowl, and of two bowls the one that was not visited yet.
    const unseen = choice.filter((b) => !before.includes(b) && !visits.includes(b));
    const mixed = /^(mixture|mix)$/.test(clause.words[at + 1] ?? '') ? choice : [];
    const dry = (unseen.length > 0 ? unseen : choice).filter(isDry);
    const [one] =
      mixed.length > 0
        ? mixed
        : dry.length > 0 && named.some((t) => does(t) === 'powder')
          ? dry
          : unseen.length > 0
            ? unseen
            : choice;
    visits.push(one);
  }
  return visits.filter((bowl, k) => bowl !== visits[k - 1]);
}

/** What "repeat" means where nothing is named: wet and dry once more. */
function oncemore(order: readonly Bowl[]): Bowl[] {
  if (order.length <= 2) return [...order];
  const lastWet = order.findLastIndex(isWet);
  return lastWet < 0 ? [] : order.slice(lastWet);
}

/** The order of dipping as the steps tell it, and whether a bowl was asked for that is mixed into another. */
export interface DippingOrder {
  order: Bowl[];
  /** A dust of what stands in the batter's flour. */
  dustOf: Thing | null;
  /** Whether the steps tell it at all. */
  told: boolean;
}

/** A dust before a batter is dipped into. */
const DUSTS_FIRST = /^(?!.*\bbatter\b.*\bflour\b).*\b(dust|dredge|coat|toss|roll|flour)\b.*\bflour\b/i;
const MOST_DIPS = 8;

/** The order of dipping, as the steps tell it. */
export function dippingOrder(clauses: readonly Clause[], bowls: readonly Bowl[]): DippingOrder {
  const order: Bowl[] = [];
  let dustOf: Thing | null = null;
  let step = -1;
  let here = 0;
  for (const clause of clauses) {
    if (clause.deed !== 'dip') continue;
    if (clause.step !== step) {
      step = clause.step;
      here = order.length;
    }
    const visits = visitsIn(clause, bowls, order);
    const again = AGAIN.test(clause.text);
    if (IF_YOU_LIKE.test(clause.text) && again) continue;
    if (visits.length === 0) {
      const rest = FOR_THE_REST.test(clause.text) && !/\b(coat|crust|layer)\b/i.test(clause.text);
      if (again && !rest && order.length > 0 && /\b(repeat|double|again|twice|once more)\b/i.test(clause.text))
        order.push(...oncemore(order));
      continue;
    }
    // The same told a second time, in a later step, is no second coat.
    const known = visits.every((b) => order.slice(0, here).includes(b));
    if (known && here > 0 && !again) continue;
    if (again && FOR_THE_REST.test(clause.text) && /\brepeat\b/i.test(clause.text) && known) continue;
    const flour = clause.mentions.flatMap((m) => m.things).find((t) => does(t) === 'powder');
    const [first] = visits;
    if (order.length === 0 && first.kind === 'batter' && flour && DUSTS_FIRST.test(clause.text)) {
      dustOf = flour;
      if (!/\bbatter\b/i.test(clause.text)) continue;
    }
    for (const bowl of visits) if (order.at(-1) !== bowl) order.push(bowl);
  }
  return { order: order.slice(0, MOST_DIPS), dustOf, told: order.length > 0 };
}

/** Where a bowl usually stands. */
export const RANK: Readonly<Record<Bowl['kind'], number>> = {
  marinade: 0,
  dust: 1,
  binder: 2,
  batter: 3,
  finish: 4,
  sauce: 9,
  dip: 9,
  food: 9,
  filling: 9,
};

/** Bowls of which the steps say nothing, put where they usually stand. */
export function filledIn(order: readonly Bowl[], bowls: readonly Bowl[]): Bowl[] {
  const out = [...order];
  const missing = bowls
    .filter((b) => isCoat(b) && !out.includes(b))
    .sort((a, b) => RANK[a.kind] - RANK[b.kind] || a.place - b.place);
  for (const bowl of missing) {
    const at = out.findIndex((b) => RANK[b.kind] > RANK[bowl.kind]);
    const wetFirst = order.length > 0 && order.every(isWet) && isDry(bowl) && out.every(isWet);
    if (wetFirst) {
      out.push(bowl);
      continue;
    }
    // Buttermilk or egg without crumbs goes under the flour where the recipe names it first.
    const only =
      out.length === 1 && bowl.kind === 'binder' && out[0].kind === 'dust' && bowl.things[0].at < out[0].things[0].at;
    if (only) out.unshift(bowl);
    else out.splice(at < 0 ? out.length : at, 0, bowl);
  }
  return out.slice(0, MOST_DIPS);
}

/** A marinade that the dry coat sticks to is the binder, and lies under it; null where it is dried off or another binds. */
export function marinadeBinds(order: readonly Bowl[], bowls: readonly Bowl[], clauses: readonly Clause[]): Bowl | null {
  const marinade = bowls.find((b) => b.kind === 'marinade' && has(b, 'glue', 'thin', 'sharp', 'sauce'));
  if (!marinade || order.some(isWet)) return null;
  const [first] = order;
  if (first && first !== marinade && !isDry(first)) return null;
  const dried = clauses.some(
    ({ text }) =>
      /\b(pat|patted|dry|rinse|wipe)\b.{0,24}\b(dry|off|well|towel)/i.test(text) &&
      /marinad|brine|drain|remove|lift/i.test(text),
  );
  return dried ? null : marinade;
}
