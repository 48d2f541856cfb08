import type { Pantry } from '../../foods/index.js';
import { NEXT_TO_NOTHING, Refusal, seeded } from '../../units/index.js';
import { orderOf } from '../../supper/index.js';
import { SEARCH_MOVES, STRETCH_MIN, TRIES } from '../constants/index.js';
import { stretched, type Block } from '../tasks/block.js';
import { secondRoundOf } from '../tasks/cooking.js';
import { dishNetwork, joinDishes, type Network } from '../tasks/network.js';
import { shareBasket } from '../tasks/shared.js';
import type { AtTable, Cooked, EveningAsked, EveningDish } from '../types.js';
import { compile, pinnedIn, prepareBlocks, type Compiled, type Prepared } from './compile.js';
import { cooledDown, mustFollow } from './chains.js';
import { decode, type Schedule } from './decode.js';
import { RULES, type Genes } from './genes.js';
import { compareWorth, costOf, worthOf, type Worth } from './objective.js';
import { placesOf, standings, type BatchPlace } from './standing.js';

/** A schedule with all that it is of. */
export interface Found {
  network: Network;
  places: BatchPlace[];
  compiled: Compiled;
  schedule: Schedule;
  table: AtTable[];
  worth: Worth;
}

/** Two dishes in one basket. */
export interface SharedBasket {
  host: EveningDish;
  guest: EveningDish;
}

/** Told now and then how far a search is: tries done, of how many. */
export type TellTries = (done: number, of: number) => void;

/** What is left of all moves for sauces and rules. */
const SEARCH_MOVES_LEFT = 1 - SEARCH_MOVES.chain - SEARCH_MOVES.block - SEARCH_MOVES.early - SEARCH_MOVES.again;
/** How far a single block is moved in the choice at most, min. */
const BIAS_MIN = 40;
/** Every so many tries it is told how far it is. */
const TELL_EVERY = 50;

/** The work of some genes, looked through. */
interface Ready {
  network: Network;
  prepared: Prepared;
  places: BatchPlace[];
  /** Pairs of blocks of one fryer of which the first must come first. */
  mustFollow: [number, number][];
}

class Search {
  private readonly known = new Map<string, Ready>();
  private readonly ordered: EveningDish[];
  private readonly index: Map<string, number>;
  tried = 0;

  constructor(
    private readonly asked: EveningAsked,
    private readonly pantry: Pantry,
    private readonly cookedBy: ReadonlyMap<string, Cooked[]>,
    private readonly shared: readonly SharedBasket[],
  ) {
    const byId = new Map(asked.dishes.map((d) => [d.id, d]));
    this.ordered = orderOf(asked.dishes, asked.guests).map((t) => byId.get(t.dish.id)!);
    this.index = new Map(asked.dishes.map((d, k) => [d.id, k]));
  }

  /** Whether crisping a dish again is open at all. */
  mayCrispAgain = (d: EveningDish): boolean =>
    (this.asked.options[d.id]?.again ?? true) && this.cookedBy.get(d.id)!.every((c) => c.again.length > 0);

  mustCrispAgain = (d: EveningDish): boolean => this.asked.options[d.id]?.again === true && this.mayCrispAgain(d);

  private build(genes: Pick<Genes, 'again' | 'inRounds'>): Network {
    const { asked } = this;
    const parts = this.ordered.map((d) => {
      const k = this.index.get(d.id)!;
      const way = { cooked: this.cookedBy.get(d.id)!, again: genes.again[k], inRounds: genes.inRounds[k] };
      return dishNetwork(d, way, asked, this.pantry);
    });
    const within = new Map<string, string>();
    let made = parts.flatMap((p) => p.blocks);
    for (const { host, guest } of this.shared) {
      made = shareBasket(made, host, guest);
      within.set(`${guest.id}:batch:1`, `${host.id}:batch:1`);
    }
    const joined = joinDishes(made, asked, this.ordered);
    const pinned = new Set(
      asked.pins.flatMap((pin) => {
        const found = pinnedIn(joined.blocks, pin.id);
        return found >= 0 ? [joined.blocks[found].id] : [];
      }),
    );
    const blocks = joined.blocks.flatMap((b) => (b.stretches && !pinned.has(b.id) ? stretched(b, STRETCH_MIN) : [b]));
    return { blocks, batches: parts.flatMap((p) => p.batches), order: joined.order, within };
  }

  private ready(genes: Pick<Genes, 'again' | 'inRounds'>): Ready {
    const key = [genes.again, genes.inRounds].map((flags) => flags.map(Number).join('')).join('/');
    const known = this.known.get(key);
    if (known) return known;
    const network = this.build(genes);
    const { cooks, pins } = this.asked;
    const prepared = prepareBlocks(network.blocks, cooks, pins);
    const places = placesOf(network, network.blocks, prepared.number);
    const ready = { network, prepared, places, mustFollow: mustFollow(network) };
    this.known.set(key, ready);
    return ready;
  }

  /** Ids of all that takes a fryer, dish by dish: batches, sauced rounds, crisping again, buns. */
  jobsOf(genes: Pick<Genes, 'again' | 'inRounds'>): string[] {
    const late = (b: Block): number => (b.id.endsWith(':again') ? 1 : b.id.endsWith(':buns') ? 2 : 0);
    return this.ready(genes)
      .network.blocks.filter((b) => b.fryer !== null)
      .sort((a, b) => late(a) - late(b))
      .map((b) => b.id);
  }

  private once(
    { network, prepared, places }: Ready,
    genes: Genes,
    chains: readonly number[][],
    heated: ReadonlySet<number>,
  ): Found | null {
    const { asked } = this;
    const compiled = compile(prepared, chains, heated, asked.pace.reloadMin);
    const tableMin = Float64Array.from(network.blocks, (b) => {
      const k = b.dishId === null ? undefined : this.index.get(b.dishId);
      return k !== undefined && genes.early[k] ? -asked.togetherMin : 0;
    });
    const { byLimit, byLength, byChain } = genes.rule;
    const chosen = Float64Array.from(
      network.blocks,
      (b, at) => byLength * b.min + byChain * prepared.chain[at] + (genes.bias.get(b.id) ?? 0),
    );
    const schedule = decode(compiled, tableMin, (at, limit) => byLimit * limit + chosen[at]);
    if (!schedule) return null;
    const table = standings(network, places, compiled, schedule);
    const worth = worthOf(asked, network, places, compiled, schedule, table);
    return { network, places, compiled, schedule, table, worth };
  }

  /** The schedule of some genes; null where their order cannot be. */
  decoded(genes: Genes): Found | null {
    this.tried += 1;
    const ready = this.ready(genes);
    const { number, blocks } = ready.prepared;
    const place = new Int32Array(blocks.length);
    genes.chain.forEach((id, k) => (place[number.get(id)!] = k));
    if (ready.mustFollow.some(([a, b]) => place[a] > place[b])) return null;
    const chains = ready.prepared.jobs.map(({ ids }) => [...ids].sort((a, b) => place[a] - place[b]));
    // The first in each fryer is heated; then what comes after a long pause as well.
    const heated = new Set(chains.map(([first]) => first));
    const first = this.once(ready, genes, chains, heated);
    if (!first) return null;
    const more = cooledDown(first, chains);
    if (more.length === 0) return first;
    return this.once(ready, genes, chains, new Set([...heated, ...more])) ?? first;
  }

  /** Genes to begin with: the order of the evening, by every rule, with and without crisping again. */
  seeds(): Genes[] {
    const { dishes } = this.asked;
    const none = dishes.map((d) => this.mustCrispAgain(d));
    const some = dishes.map((d) => this.mayCrispAgain(d) && this.cookedBy.get(d.id)![0].load.batches > 1);
    const inRounds = dishes.map(() => false);
    const early = dishes.map(() => false);
    return [none, some].flatMap((again) =>
      RULES.map((rule): Genes => {
        const chain = this.jobsOf({ again, inRounds });
        return { again, inRounds, early, chain, rule, bias: new Map() };
      }),
    );
  }

  /** A neighbour of some genes. */
  moved(genes: Genes, random: () => number): Genes {
    const { dishes } = this.asked;
    const pick = (n: number): number => Math.floor(random() * n);
    const what = random();
    if (what < SEARCH_MOVES.chain && genes.chain.length > 1) {
      const chain = [...genes.chain];
      const [job] = chain.splice(pick(chain.length), 1);
      chain.splice(pick(chain.length + 1), 0, job);
      return { ...genes, chain };
    }
    if (what < SEARCH_MOVES.chain + SEARCH_MOVES.block) {
      const { blocks } = this.ready(genes).network;
      const bias = new Map(genes.bias);
      const { id } = blocks[pick(blocks.length)];
      if (random() < SEARCH_MOVES.blockBack) bias.delete(id);
      else bias.set(id, (random() - 0.5) * BIAS_MIN);
      return { ...genes, bias };
    }
    const k = pick(dishes.length);
    const flipped = (list: readonly boolean[]): boolean[] => list.map((on, i) => (i === k ? !on : on));
    if (what < SEARCH_MOVES.chain + SEARCH_MOVES.block + SEARCH_MOVES.early)
      return { ...genes, early: flipped(genes.early) };
    const d = dishes[k];
    if (what < 1 - SEARCH_MOVES_LEFT && this.mayCrispAgain(d) && !this.mustCrispAgain(d))
      return this.rejobbed({ ...genes, again: flipped(genes.again) });
    const round = secondRoundOf({ dish: d, cooked: this.cookedBy.get(d.id)![0] });
    if (round?.sauce) return this.rejobbed({ ...genes, inRounds: flipped(genes.inRounds) });
    return { ...genes, rule: RULES[pick(RULES.length)] };
  }

  /** The chain again, when there is more or less to do in the fryers than before. */
  private rejobbed(genes: Genes): Genes {
    const jobs = this.jobsOf(genes);
    const kept = genes.chain.filter((id) => jobs.includes(id));
    return { ...genes, chain: [...kept, ...jobs.filter((id) => !kept.includes(id))] };
  }
}

/**
 * The best schedule that a seeded search finds: serial schedules by several rules, then one change after another, kept
 * where it is no worse. The same evening gives the same schedule.
 * @param cookedBy each dish's fryer or fryers
 * @param shared dishes that lie in one basket
 * @param effort share of the usual number of tries, 0–1
 * @throws Refusal where what was asked goes round in a ring
 */
export function searchSchedule(
  asked: EveningAsked,
  pantry: Pantry,
  cookedBy: ReadonlyMap<string, Cooked[]>,
  { tell, effort = 1, shared = [] }: { tell?: TellTries; effort?: number; shared?: readonly SharedBasket[] } = {},
): { found: Found; tried: number } {
  const search = new Search(asked, pantry, cookedBy, shared);
  const random = seeded(asked.seed ?? 1);
  const asSoonAs = asked.tableInMin === null;
  const seeds = search
    .seeds()
    .flatMap((genes) => {
      const found = search.decoded(genes);
      return found ? [{ genes, found }] : [];
    })
    .sort((a, b) => compareWorth(a.found.worth, b.found.worth, asSoonAs));
  if (seeds.length === 0) {
    throw new Refusal('There is no order in which all of this can be done: cook the dishes in baskets of their own.');
  }
  let [best] = seeds;
  const blocks = best.found.network.blocks.length;
  const tries = Math.round(effort * Math.min(TRIES.most, Math.max(TRIES.least, TRIES.work / blocks ** 2)));
  let here = begun(best, asSoonAs);
  // Several walks, each from where it is best to begin: one alone is sometimes caught.
  const each = Math.ceil(tries / TRIES.walks);
  for (let k = 0; k < each * TRIES.walks; k++) {
    const along = k % each;
    if (k % TELL_EVERY === 0) tell?.(k, tries);
    if (along === 0) here = begun(seeds[Math.floor(k / each) % seeds.length], asSoonAs);
    const genes = search.moved(here.genes, random);
    const found = search.decoded(genes);
    if (!found) continue;
    const cost = costOf(found.worth, asSoonAs);
    // Something a little worse is gone through while there is time to come out of it again.
    const heat = COOLING.from * (1 - along / each) ** 2;
    if (cost <= here.cost - heat * Math.log(Math.max(NEXT_TO_NOTHING, random()))) here = { genes, found, cost };
    if (compareWorth(found.worth, best.found.worth, asSoonAs) < 0) best = { genes, found };
  }
  return { found: best.found, tried: search.tried };
}

interface Walk {
  genes: Genes;
  found: Found;
  cost: number;
}

const begun = (from: Omit<Walk, 'cost'>, asSoonAs: boolean): Walk => ({
  ...from,
  cost: costOf(from.found.worth, asSoonAs),
});

/** Cost by which a change for the worse is let through at first, now and then: crispness of a tenth of one dish. Our choice. */
const COOLING = { from: 3 } as const;
