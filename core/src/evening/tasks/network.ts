import type { Pantry } from '../../foods/index.js';
import type { Cooked, EveningAsked, EveningDish } from '../types.js';
import { againBlock, bunsBlock, finishBlocks, serveBlock, washAll, washBowls } from './after.js';
import { batchesIn, splitOver } from './batches.js';
import { cutBlocks, mixBlocks, readyBlocks, sauceBlock, stationBlock } from './before.js';
import type { Batch, Block, Link } from './block.js';
import { coatBlocks } from './coating.js';
import { batchBlock, roundBlock, secondRoundOf } from './cooking.js';
import { bindingOrder, type Before } from './order.js';

/** How one dish is cooked on a plan, as far as that is open. */
export interface DishWay {
  /** Its batches' fryer or fryers. */
  cooked: Cooked[];
  /** Crisped again together before the table. */
  again: boolean;
  /** Sauced and cooked on when all batches have had their first cook. */
  inRounds: boolean;
}

/** The work of an evening: its blocks, what comes before what, and the batches. */
export interface Network {
  blocks: Block[];
  batches: Batch[];
  order: Before[];
  /** Batches that lie in another dish's basket: their id, and that of the batch which they lie in. */
  within: ReadonlyMap<string, string>;
}

const links = (blocks: readonly Block[], leastMin = 0): Link[] => blocks.map(({ id }) => ({ id, leastMin }));
const lastLink = (blocks: readonly Block[], leastMin = 0): Link[] => links(blocks.slice(-1), leastMin);

/** Everything of one dish, from the knife to the table. */
export function dishNetwork(
  d: EveningDish,
  way: DishWay,
  { pace, options, trays }: Pick<EveningAsked, 'pace' | 'options' | 'trays'>,
  pantry: Pantry,
): { blocks: Block[]; batches: Batch[] } {
  const wish = options[d.id] ?? {};
  const frozen = wish.ahead?.includes('frozen') ?? false;
  const readyAhead = frozen || (wish.ahead?.includes('ready') ?? false);
  const saucesAhead = wish.ahead?.includes('sauces') ?? false;
  const [main, other] = way.cooked;
  const all = main.load.perBatch.reduce((sum, n) => sum + n, 0);
  const batches = other ? splitOver(d, main, other) : batchesIn(d, main, all);

  const cut = readyAhead ? [] : cutBlocks(d, pace);
  const ready = readyAhead ? [] : readyBlocks(d, lastLink(cut));
  const made: Link[] = ready.length > 0 ? lastLink(ready, d.ready.waitMin) : lastLink(cut);
  const mixes = frozen ? [] : mixBlocks(d, pace, wish.ahead?.includes('bowls') ? 'fresh' : 'all');
  const station = frozen ? [] : stationBlock(d, pace, links(mixes));
  const sauces = saucesAhead ? [] : d.beside.filter((b) => b.use !== 'marinade').map((b) => sauceBlock(d, b, pace));
  const brushed = saucesAhead ? [] : d.beside.filter((b) => b.use === 'brushed').map((b) => sauceBlock(d, b, pace));

  const coats: Block[] = [];
  const cooks: Block[] = [];
  const round = secondRoundOf({ dish: d, cooked: main });
  for (const batch of batches) {
    const before = coats.length === 0 ? [...made, ...links(station)] : lastLink(coats);
    const coat = frozen ? [] : coatBlocks(batch, pace, before, traysFor(d, trays));
    coats.push(...coat);
    const rested = coat.length > 0 ? lastLink(coat, batch.cooked.plan.restMin) : [...made];
    cooks.push(batchBlock(pantry, batch, pace, [...rested, ...links(brushed)], way.inRounds ? null : round));
  }
  const firsts = [...cooks];
  if (way.inRounds && round) {
    batches.forEach((batch) => cooks.push(roundBlock(batch, round, pace, links(firsts, round.coolMin))));
  }
  const restMin = (main.plan.afterwards ?? 'rack') === 'rack' ? pace.restMin : 0;
  const again = way.again ? [againBlock(d, main, all, pace, links(cooks))] : [];
  const done = again.length > 0 ? links(again) : links(cooks, restMin);
  const finish = finishBlocks(d, main, batches.length, pace, [...done, ...links(sauces)]);
  const buns = wish.buns ? [bunsBlock(d, main, pace, links(again.length > 0 ? again : cooks))] : [];
  const serve = serveBlock(d, main, pace, [
    ...(finish.length > 0 ? links(finish) : done),
    ...links(buns),
    ...links(sauces),
  ]);
  return {
    blocks: [
      ...cut,
      ...ready,
      ...mixes,
      ...station,
      ...sauces,
      ...coats,
      ...cooks,
      ...again,
      ...finish,
      ...buns,
      serve,
    ],
    batches,
  };
}

/** Trays that a dish's raw, coated pieces need, at most all that there are. */
export function traysFor(d: EveningDish, trays: EveningAsked['trays']): number {
  if (trays.length === 0) return 1;
  const largest = Math.max(...trays.map((t) => t.widthMm * t.depthMm));
  // Pieces lie apart: a tray holds about four fifths of what would cover it.
  const needed = Math.ceil(d.groundMm2 / (largest * TRAY_FILLED));
  return Math.min(trays.length, Math.max(1, needed));
}
const TRAY_FILLED = 4 / 5;

const ofKind = (blocks: readonly Block[], d: EveningDish, kind: string): Block[] =>
  blocks.filter((b) => b.dishId === d.id && b.id.startsWith(`${d.id}:${kind}:`));

/** Adds a link where it is not there. */
function linked(block: Block, more: readonly Link[]): Block {
  const fresh = more.filter((link) => link.id !== block.id && !block.after.some((a) => a.id === link.id));
  return fresh.length === 0 ? block : { ...block, after: [...block.after, ...fresh] };
}

/** Changes some blocks of a list, by their id. */
const changed = (blocks: readonly Block[], ids: ReadonlySet<string>, more: readonly Link[]): Block[] =>
  blocks.map((b) => (ids.has(b.id) ? linked(b, more) : b));

const idsOf = (blocks: readonly Block[]): Set<string> => new Set(blocks.map((b) => b.id));

/** From when a batch lies in the fryer: its tray is free then. */
function whenLoaded(block: Block): Link {
  const load = block.parts.find((p) => p.kind === 'load')!;
  return { id: block.id, leastMin: load.atMin + load.min - block.min };
}

/** Whether a dish's work in the evening begins with its coat: nothing of it is coated where it was frozen ahead. */
const firstCoat = (blocks: readonly Block[], d: EveningDish): Block[] => ofKind(blocks, d, 'coat').slice(0, 1);

/**
 * Links between dishes: the order of allergens and raw flesh, and what is washed between them; bowls and trays of which
 * there are too few, handed on in the order of coating.
 */
export function joinDishes(
  network: Block[],
  asked: EveningAsked,
  coatOrder: readonly EveningDish[],
): { blocks: Block[]; order: Before[] } {
  const { dishes, guests, pace } = asked;
  const order = bindingOrder(dishes, guests);
  let blocks = network;
  for (const d of dishes) {
    const found = order.filter((o) => o.then.id === d.id && o.wash.length > 0);
    if (found.length === 0) continue;
    const dirty = found.flatMap(({ first }) => [
      ...ofKind(blocks, first, 'coat').slice(-1),
      ...ofKind(blocks, first, 'batch'),
    ]);
    const wash = washAll(
      d,
      found.flatMap(({ first, wash: traces }) => traces.map((trace) => ({ from: first, ...trace }))),
      pace,
      links(dirty),
    );
    const first = firstCoat(blocks, d);
    const mine = first.length > 0 ? [...first, ...ofKind(blocks, d, 'batch')] : ofKind(blocks, d, 'batch');
    blocks = [...changed(blocks, idsOf(mine), [{ id: wash.id, leastMin: 0 }]), wash];
  }
  for (const { first, then } of order) {
    const lastOfFirst = ofKind(blocks, first, 'coat').slice(-1);
    blocks = changed(blocks, idsOf(firstCoat(blocks, then)), links(lastOfFirst));
  }
  // A bowl that is mixed for two goes through the one that was mixed first.
  for (const d of dishes) {
    const owners = [...new Set(d.bowls.flatMap((b) => b.sharedFrom?.id ?? []))];
    const coats = owners.flatMap((id) =>
      dishes.filter((o) => o.id === id).flatMap((o) => ofKind(blocks, o, 'coat').slice(-1)),
    );
    blocks = changed(blocks, idsOf(firstCoat(blocks, d)), links(coats));
  }
  const bowlsOf = (d: EveningDish): number => (firstCoat(blocks, d).length > 0 ? d.bowls.length : 0);
  for (const { d, from } of waitingFor(coatOrder, asked.bowls, bowlsOf)) {
    const wash = washBowls(d, from, pace, links(from.flatMap((f) => ofKind(blocks, f, 'coat').slice(-1))));
    blocks = [...changed(blocks, idsOf(ofKind(blocks, d, 'mix')), [{ id: wash.id, leastMin: 0 }]), wash];
  }
  const coated = (d: EveningDish): number => (firstCoat(blocks, d).length > 0 ? traysFor(d, asked.trays) : 0);
  for (const { d, from } of waitingFor(coatOrder, asked.trays.length, coated)) {
    // What lies in one basket with this dish cannot be loaded before it.
    const apart = (b: Block): boolean => !b.after.some((a) => a.id.startsWith(`${d.id}:coat:`));
    const emptied = from.flatMap((f) => ofKind(blocks, f, 'batch').filter(apart).map(whenLoaded));
    blocks = changed(blocks, idsOf(firstCoat(blocks, d)), emptied);
  }
  return { blocks, order };
}

/**
 * Dishes that find too little left of what each holds from its first use to its last, `capacity` in all, and the dishes
 * before them that must have done with it: so never more is in use than there is. A dish that needs more than there is
 * has all of it.
 */
function waitingFor(
  coatOrder: readonly EveningDish[],
  capacity: number,
  needs: (d: EveningDish) => number,
): { d: EveningDish; from: EveningDish[] }[] {
  if (capacity <= 0) return [];
  const holders = coatOrder.filter((d) => needs(d) > 0);
  return holders.flatMap((d, at) => {
    let sum = Math.min(capacity, needs(d));
    for (let k = at - 1; k >= 0; k--) {
      sum += Math.min(capacity, needs(holders[k]));
      if (sum > capacity) return [{ d, from: holders.slice(0, k + 1) }];
    }
    return [];
  });
}
