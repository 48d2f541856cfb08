import type { Corrections } from './correct.js';
import type { CookState } from './fold.js';
import { WORTH_SAYING_S } from './constants.js';
import type { Programme, Step } from './types.js';

/** A step as it stands now. Times in s of the cook's clock. */
export interface LiveStep {
  step: Step;
  /** Over; going on (by itself); can be done now; waits. */
  state: 'over' | 'going' | 'ready' | 'waits';
  how: 'done' | 'skipped' | null;
  fromS: number;
  toS: number;
  /** From when on it might have been done: what it waits for was over, and its time had come. */
  mayS: number;
  /** Number of the pair of hands; null where it goes on by itself. */
  hand: number | null;
}

/** A timer: something that goes on by itself until it must be seen to. */
export interface Timer {
  step: Step;
  batch: string | null;
  fromS: number;
  toS: number;
  /** s that are left; below 0 it is overdue. */
  leftS: number;
}

/** The cook as it goes on from now. */
export interface LivePlan {
  nowS: number;
  steps: LiveStep[];
  timers: Timer[];
  /** When all is on the table. */
  tableS: number;
  /** s by which the table is later than it was planned. */
  behindS: number;
}

/** s that a step takes: a cook as long as it is known to take after all, anything else as planned. */
function takes(step: Step, { programme, state, corrections }: Known): number {
  const planned = step.toS - step.fromS;
  if (step.batch === null || (step.kind !== 'cook' && step.kind !== 'second')) return planned;
  const cooks = programme.steps.filter((s) => s.batch === step.batch && (s.kind === 'cook' || s.kind === 'second'));
  // What is changed of a cook in two is changed of its last part.
  if (cooks.at(-1)?.id !== step.id) return planned;
  const batch = corrections.get(step.batch);
  // What the cook has added counts at once; what the simulation makes of the rest may take a moment.
  const more = batch ? batch.takesS - batch.plannedS : (state.batches.get(step.batch)?.addedS ?? 0);
  return Math.max(0, planned + more);
}

/** What the rest of a cook follows from. */
interface Known {
  programme: Programme;
  state: CookState;
  corrections: Corrections;
}

/** The last step of the block before in the same fryer, for every block's first one: a fryer holds one batch at a time. */
function fryerBefore(programme: Programme): Map<string, string> {
  const blockOf = (id: string): string => id.split('#')[0];
  const found = new Map<string, string>();
  const last = new Map<string, { block: string; id: string }>();
  for (const step of programme.steps) {
    if (step.fryer === null) continue;
    const before = last.get(step.fryer);
    if (before && before.block !== blockOf(step.id)) found.set(step.id, before.id);
    last.set(step.fryer, { block: blockOf(step.id), id: step.id });
  }
  return found;
}

/** Where a look is due when its batch takes longer or shorter: its half time stays its half time. */
function dueShare(step: Step, corrections: Corrections): number {
  const batch = step.batch === null ? undefined : corrections.get(step.batch);
  return batch && batch.plannedS > 0 ? batch.takesS / batch.plannedS : 1;
}

/** Steps that are over because something that waits for them is: what cooks is over when it was taken out. */
function overByOthers({ steps }: Programme, state: CookState): Map<string, number> {
  const found = new Map<string, number>();
  for (const step of steps) {
    const over = state.over.get(step.id);
    if (!over) continue;
    for (const id of step.after) found.set(id, Math.min(found.get(id) ?? Infinity, over.atS));
  }
  return found;
}

/** What cooks must be taken out: it is not over before somebody has done so. */
const mustBeSeenTo = ({ kind }: Step): boolean => kind === 'cook' || kind === 'second';

/** What is done when the food is done, however much sooner that is than it was planned. */
const AT_ONCE: readonly Step['kind'][] = ['check', 'unload'];

/** The going through of a programme, step by step in its order. */
class Walk implements Known {
  private readonly ends = new Map<string, number>();
  private readonly over = new Set<string>();
  private readonly handFree: number[];
  private readonly inFryer: Map<string, string>;
  private readonly followed: Map<string, number>;

  constructor(
    readonly programme: Programme,
    readonly state: CookState,
    readonly corrections: Corrections,
    private readonly nowS: number,
  ) {
    this.handFree = state.hands.map(() => -Infinity);
    this.inFryer = fryerBefore(programme);
    this.followed = overByOthers(programme, state);
  }

  go(): LiveStep[] {
    return this.programme.steps.map((step) => {
      const before = this.inFryer.get(step.id);
      const waitsFor = before === undefined ? step.after : [...step.after, before];
      const freeS = Math.max(0, ...waitsFor.map((id) => this.ends.get(id) ?? 0)) + step.restS;
      const free = waitsFor.every((id) => this.over.has(id));
      const live =
        this.known(step, freeS) ??
        (step.cook === null ? this.byItself(step, freeS, free) : this.byHand(step, freeS, free));
      this.ends.set(step.id, live.toS);
      if (live.state === 'over' || (live.state === 'going' && live.toS <= this.nowS)) this.over.add(step.id);
      return live;
    });
  }

  private known(step: Step, freeS: number): LiveStep | null {
    const over = this.state.over.get(step.id);
    if (!over) return null;
    if (step.cook !== null) this.handFree[this.planned(step)] = Math.max(this.handFree[this.planned(step)], over.atS);
    return {
      step,
      state: 'over',
      how: over.how,
      fromS: Math.min(over.atS, freeS),
      toS: over.atS,
      mayS: freeS,
      hand: step.cook,
    };
  }

  /** It begins when what it waits for is over, and ends when its time is up. */
  private byItself(step: Step, freeS: number, free: boolean): LiveStep {
    const fromS = free ? freeS : Math.max(freeS, this.nowS);
    const toS = fromS + takes(step, this);
    const outS = this.followed.get(step.id);
    if (outS !== undefined)
      return { step, state: 'over', how: 'done', fromS: Math.min(fromS, outS), toS: outS, mayS: freeS, hand: null };
    const over = free && toS <= this.nowS && !mustBeSeenTo(step);
    return { step, state: over ? 'over' : free ? 'going' : 'waits', how: null, fromS, toS, mayS: freeS, hand: null };
  }

  private byHand(step: Step, freeS: number, free: boolean): LiveStep {
    const inS = step.batch === null ? null : (this.state.batches.get(step.batch)?.inS ?? null);
    const dueS = step.dueS === null || inS === null ? null : inS + step.dueS * dueShare(step, this.corrections);
    const mayS = Math.max(freeS, dueS ?? (AT_ONCE.includes(step.kind) ? 0 : step.fromS + this.state.lateS));
    const earliest = Math.max(mayS, this.nowS);
    const hand = handFor(step, this.handFree, earliest, this.programme);
    const fromS = Math.max(earliest, this.handFree[hand]);
    const toS = fromS + takes(step, this);
    this.handFree[hand] = toS;
    const ready = free && (step.dueS === null || (dueS !== null && this.nowS >= dueS));
    return {
      step,
      state: ready ? 'ready' : 'waits',
      how: null,
      fromS,
      toS,
      mayS,
      hand,
    };
  }

  private planned = (step: Step): number => Math.min(step.cook ?? 0, this.handFree.length - 1);
}

/** When the last of some steps is over. */
const lastOf = (steps: readonly LiveStep[]): number => Math.max(0, ...steps.map((s) => s.toS));

/**
 * The rest of a cook from now on: what is over stays as it was, what goes on ends when the simulation says by now, and
 * everything else follows in the order of the plan, as soon as what it waits for, its hands and its fryer are free, and no
 * sooner than it was planned.
 */
export function livePlan(programme: Programme, state: CookState, corrections: Corrections, nowS: number): LivePlan {
  const steps = new Walk(programme, state, corrections, nowS).go();
  const timers = steps
    .filter((s) => s.state === 'going')
    .map(({ step, fromS, toS }): Timer => ({ step, batch: step.batch, fromS, toS, leftS: toS - nowS }));
  const served = steps.filter((s) => s.step.kind === 'serve');
  const tableS = lastOf(served.length > 0 ? served : steps);
  const behindS = tableS - programme.tableS;
  return { nowS, steps, timers, tableS, behindS: Math.abs(behindS) < WORTH_SAYING_S ? 0 : behindS };
}

/** The planned hands; another pair that is free by then where they are not, and that came later or does such work. */
function handFor(step: Step, free: readonly number[], atS: number, { cooks }: Programme): number {
  const planned = Math.min(step.cook ?? 0, free.length - 1);
  if (free[planned] <= atS) return planned;
  const leaves = (hand: number): boolean => cooks[hand]?.leaves?.includes(step.kind) ?? false;
  return free.reduce((best, f, hand) => (!leaves(hand) && f < free[best] ? hand : best), planned);
}
