import type { Compiled, Demand } from './compile.js';
import { Lane } from './lane.js';

/** A schedule: when each block begins, in minutes from the table, and whose hands do which part. */
export interface Schedule {
  begins: Float64Array;
  /** By block, then by part: the pair of hands; −1 where none is needed. */
  hands: number[][];
  /** Links that a pin breaks: block numbers, and by how many minutes. */
  broken: { from: number; to: number; byMin: number }[];
}

/** How the next block is chosen among those that are free to be placed. */
export interface Rule {
  /** Latest end, in minutes, that a block may have: those that must be late come first. */
  byLimit: number;
  /** Longer blocks first. */
  byLength: number;
  /** By number of everything that comes before it. */
  byChain: number;
}

const EVEN_MIN = 1e-6;

class Builder {
  private readonly hands: Lane[];
  private readonly hob = new Lane();
  private readonly oven = new Lane();
  private readonly begins: Float64Array;
  private readonly whose: number[][];
  /** How many blocks that follow are not placed yet, and the latest end that those which are leave. */
  private readonly left: Int32Array;
  private readonly limit: Float64Array;
  private readonly placed: Uint8Array;
  /** Whoever has a dish in hand goes on with it. */
  private readonly lastOn = new Map<string, number>();
  /** After `cookFor` found nobody: the latest beginning of what keeps all of them busy. */
  private clash = 0;

  constructor(
    private readonly compiled: Compiled,
    private readonly tableMin: Float64Array,
  ) {
    const { blocks, next, cooks } = compiled;
    this.hands = Array.from({ length: cooks }, () => new Lane());
    this.begins = new Float64Array(blocks.length).fill(NaN);
    this.whose = blocks.map((b) => b.parts.map(() => NOBODY));
    this.left = Int32Array.from(next, (n) => n.length);
    this.limit = Float64Array.from(tableMin);
    this.placed = new Uint8Array(blocks.length);
  }

  /** The pair of hands that is free for a demand; NOBODY where none is, and `clash` says until when. */
  private cookFor({ cooks }: Demand, from: number, to: number, dishId: string | null): number {
    const last = dishId === null ? undefined : this.lastOn.get(dishId);
    let clash = -Infinity;
    if (last !== undefined && cooks.length > 1 && cooks.includes(last)) {
      if (this.hands[last].clash(from, to) === null) return last;
    }
    for (const c of cooks) {
      const found = this.hands[c].clash(from, to);
      if (found === null) return c;
      if (found > clash) clash = found;
    }
    this.clash = clash;
    return NOBODY;
  }

  /** Whether everything that a demand needs is free; where not, `clash` says until when. */
  private isFree(demand: Demand, from: number, dishId: string | null): boolean {
    const to = from + demand.min;
    if (demand.lane === 'hands') return this.cookFor(demand, from, to, dishId) !== NOBODY;
    const clash = this[demand.lane].clash(from, to);
    if (clash === null) return true;
    this.clash = clash;
    return false;
  }

  /** The latest beginning, no later than `latest`, at which everything that a block needs is free. */
  private latestFree(at: number, latest: number): number {
    const demands = this.compiled.demands[at];
    const { dishId } = this.compiled.blocks[at];
    let begin = latest;
    for (let k = 0; k < demands.length;) {
      const demand = demands[k];
      if (this.isFree(demand, begin + demand.fromMin, dishId)) k += 1;
      else {
        begin = this.clash - demand.fromMin - demand.min;
        k = 0;
      }
    }
    return begin;
  }

  private put(at: number, begin: number): void {
    const { dishId } = this.compiled.blocks[at];
    for (const demand of this.compiled.demands[at]) {
      const from = begin + demand.fromMin;
      const to = from + demand.min;
      if (demand.lane !== 'hands') this[demand.lane].take(from, to);
      else {
        const found = this.cookFor(demand, from, to, dishId);
        // Two pinned tasks may want the same hands: that is told as broken.
        const cook = found === NOBODY ? demand.cooks[0] : found;
        this.hands[cook].take(from, to);
        this.whose[at][demand.part] = cook;
        if (dishId !== null) this.lastOn.set(dishId, cook);
      }
    }
    this.begins[at] = begin;
    this.placed[at] = 1;
    for (const { from, leastMin } of this.compiled.before[at]) {
      if (begin - leastMin < this.limit[from]) this.limit[from] = begin - leastMin;
    }
  }

  build(score: (at: number, limit: number) => number): Schedule | null {
    const { blocks, pinned, before } = this.compiled;
    blocks.forEach((_, at) => {
      if (!Number.isNaN(pinned[at])) this.put(at, pinned[at]);
    });
    // Once nothing later is open, neither a block's limit nor its score changes any more: the best waits at the end.
    const ready: number[] = [];
    const scores: number[] = [];
    const offer = (at: number): void => {
      const mine = score(at, this.limit[at]);
      let k = ready.length;
      while (k > 0 && scores[k - 1] >= mine) k -= 1;
      ready.splice(k, 0, at);
      scores.splice(k, 0, mine);
    };
    for (let at = 0; at < blocks.length; at++) if (this.left[at] === 0) offer(at);
    let done = 0;
    while (ready.length > 0) {
      const at = ready.pop()!;
      scores.pop();
      if (!this.placed[at]) this.put(at, this.latestFree(at, this.limit[at] - blocks[at].min));
      done += 1;
      for (const { from } of before[at]) if (--this.left[from] === 0) offer(from);
    }
    // A ring of links: this order cannot be.
    if (done < blocks.length) return null;
    return { begins: this.begins, hands: this.whose, broken: this.brokenLinks() };
  }

  /** What pins break. */
  private brokenLinks(): Schedule['broken'] {
    const { blocks, next, pinned } = this.compiled;
    if (pinned.every(Number.isNaN)) return [];
    const { begins } = this;
    const broken: Schedule['broken'] = [];
    blocks.forEach((block, from) => {
      const over = begins[from] + block.min - this.tableMin[from];
      if (over > EVEN_MIN) broken.push({ from, to: -1, byMin: over });
      for (const { to, leastMin } of next[from]) {
        const byMin = begins[from] + block.min + leastMin - begins[to];
        if (byMin > EVEN_MIN) broken.push({ from, to, byMin });
      }
    });
    return broken;
  }
}

const NOBODY = -1;

/**
 * A serial schedule from the table backwards: of the blocks that nothing later waits for any more, the one that the rule
 * puts first is placed as late as hands, hob and oven allow.
 * @param tableMin minutes from the table at which each block must be over, at the latest
 * @param score chooses: the highest is placed first
 * @returns null where the links go round in a ring
 */
export const decode = (
  compiled: Compiled,
  tableMin: Float64Array,
  score: (at: number, limit: number) => number,
): Schedule | null => new Builder(compiled, tableMin).build(score);
