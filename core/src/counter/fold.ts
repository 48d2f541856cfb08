import type { Against, Evidence } from '../evidence/index.js';
import { celsius, text, type Text } from '../units/index.js';
import { clockOfCook, inOrder, type Pace } from './clock.js';
import { believable, type ProbeState } from './screen.js';
import { isColour, type CookEvent, type Programme, type Saw, type Step } from './types.js';

/** What a tap could not do, and that the cook goes on. */
export interface EventNote {
  eventId: string;
  text: Text;
}

/** Something that was seen of a batch, `atS` after it went in. */
export interface Sight {
  saw: Saw;
  atS: number;
}

/** What happened to a batch. Times in s of the cook's clock. */
export interface BatchState {
  /** When it went in and came out; null before. */
  inS: number | null;
  outS: number | null;
  /** How often it went into a fryer, and came out: what is sauced part-way goes in again. */
  ins: number;
  outs: number;
  /** s by which the cook has made it longer or shorter. */
  addedS: number;
  /** s after it went in at which it was turned; null before; and at which it was opened beside that. */
  turnedS: number | null;
  openedS: number[];
  seen: Sight[];
  evidence: Evidence[];
}

/** Where a cook stands: what follows from its programme and all that happened, in whatever order it was heard. */
export interface CookState {
  /** s of the cook's clock at which each step was done or skipped. */
  over: Map<string, { how: 'done' | 'skipped'; atS: number; by: CookEvent['by'] }>;
  batches: Map<string, BatchState>;
  probes: Map<string, ProbeState>;
  /** s by which the cook said to be late, in all. */
  lateS: number;
  /** All pairs of hands, those that came later among them. */
  hands: string[];
  /** s of the clock at which it stands still; null while it goes. */
  pausedS: number | null;
  ended: { how: 'served' | 'stopped'; atS: number } | null;
  notes: EventNote[];
}

const emptyBatch = (): BatchState => ({
  inS: null,
  outS: null,
  ins: 0,
  outs: 0,
  addedS: 0,
  turnedS: null,
  openedS: [],
  seen: [],
  evidence: [],
});

/** Whether it lies in its fryer now. */
export const liesInFryer = ({ ins, outs }: BatchState): boolean => ins > outs;

/** Whether it has been in one stretch so far: what is read of it is of the cook that is forecast. */
export const firstStretch = (batch: BatchState): boolean => liesInFryer(batch) && batch.outs === 0;

/** Where a batch stands, made where nothing was heard of it. */
const batchIn = (state: CookState, key: string): BatchState => {
  const known = state.batches.get(key) ?? emptyBatch();
  state.batches.set(key, known);
  return known;
};

/**
 * Where a cook stands after some events. They may come in any order, more than once, and with some missing: the same set
 * gives the same state.
 */
export function stateOf(programme: Programme, pace: Pace, events: readonly CookEvent[]): CookState {
  const clock = clockOfCook(pace, events);
  const steps = new Map(programme.steps.map((s) => [s.id, s]));
  const state: CookState = {
    over: new Map(),
    batches: new Map(programme.batches.map(({ key }) => [key, emptyBatch()])),
    probes: new Map(),
    lateS: 0,
    hands: programme.cooks.map(({ name }) => name),
    pausedS: null,
    ended: null,
    notes: [],
  };
  for (const event of inOrder(events)) apply(state, event, clock(event.atMs), { programme, steps });
  return state;
}

interface Known {
  programme: Programme;
  steps: ReadonlyMap<string, Step>;
}

function apply(state: CookState, event: CookEvent, atS: number, known: Known): void {
  const note = (said: Text): void => void state.notes.push({ eventId: event.id, text: said });
  switch (event.what) {
    case 'done':
    case 'skipped': {
      const step = known.steps.get(event.step);
      if (!step) return note(text`A tap for a step that this cook does not have: kept, and passed over.`);
      if (state.over.has(step.id)) return;
      state.over.set(step.id, { how: event.what, atS, by: event.by });
      moves(state, step, atS, known);
      return;
    }
    case 'undone': {
      const step = known.steps.get(event.step);
      if (!step || !state.over.delete(event.step)) return;
      moves(state, step, null, known);
      return;
    }
    case 'seen':
      return saw(state, event, atS, note, known);
    case 'centre': {
      const batch = inFryer(state, event.batch, known, note);
      if (!batch) return;
      if (!believable('centre', event.centreC))
        return note(text`No centre is at ${celsius(event.centreC)}: kept, and not believed.`);
      batch.evidence.push({ what: 'centre', atS: atS - batch.inS!, tempC: event.centreC, by: 'hand' });
      return;
    }
    case 'time': {
      const batch = inFryer(state, event.batch, known, note);
      if (batch) batch.addedS += event.byS;
      return;
    }
    case 'paused':
      state.pausedS ??= atS;
      return;
    case 'resumed':
      state.pausedS = null;
      return;
    case 'late':
      state.lateS = Math.max(0, state.lateS + event.byS);
      return;
    case 'hands':
      if (!state.hands.includes(event.name)) state.hands.push(event.name);
      return;
    case 'reading':
      return heard(state, event, atS, known);
    case 'ended':
      state.ended ??= { how: event.how, atS };
  }
}

/** A batch of which something is said, where it lies in its fryer; what is said of another is kept, and said to be too early or too late. */
function inFryer(state: CookState, key: string, { programme }: Known, note: (said: Text) => void): BatchState | null {
  const named = programme.batches.find((b) => b.key === key);
  if (!named) {
    note(text`A tap for a batch that this cook does not have: kept, and passed over.`);
    return null;
  }
  const batch = batchIn(state, key);
  if (liesInFryer(batch)) return batch;
  note(
    batch.outS === null
      ? text`Batch ${String(named.number)} is not in ${named.fryer.name} now: kept, and passed over.`
      : text`Batch ${String(named.number)} is out already: kept in the record, and changes no minutes.`,
  );
  return null;
}

/** What a step's end does to its batch: in, opened, out; and what going back takes away. */
function moves(state: CookState, step: Step, atS: number | null, { programme }: Known): void {
  if (step.batch === null) return;
  const batch = batchIn(state, step.batch);
  const own = programme.steps.filter((s) => s.batch === step.batch);
  const first = (kind: Step['kind']): Step | undefined => own.find((s) => s.kind === kind);
  const by = atS === null ? -1 : 1;
  if (step.kind === 'load') batch.ins += by;
  if (step.kind === 'unload') batch.outs += by;
  if (step.kind === 'load' && first('load')?.id === step.id) {
    batch.inS = atS;
    if (atS === null) {
      batch.openedS = [];
      batch.turnedS = null;
    }
  }
  if (step.kind === 'look' && batch.inS !== null) {
    const sinceS = atS === null ? null : atS - batch.inS;
    if (step.turns) batch.turnedS = sinceS;
    else if (sinceS === null) batch.openedS.pop();
    else batch.openedS.push(sinceS);
  }
  if (step.kind === 'unload' && own.filter((s) => s.kind === 'unload').at(-1)?.id === step.id) batch.outS = atS;
}

/** A sight counts for the batch also when it is seen as it comes out. */
function saw(
  state: CookState,
  event: CookEvent & { what: 'seen' },
  atS: number,
  note: (said: Text) => void,
  known: Known,
): void {
  const batch = inFryer(state, event.batch, known, note);
  if (!batch) return;
  const sinceS = atS - batch.inS!;
  batch.seen.push({ saw: event.saw, atS: sinceS });
  if (isColour(event.saw) && event.shown !== undefined && event.shown > 0) {
    const against: Against = event.saw;
    batch.evidence.push({ what: 'colour', atS: sinceS, against, face: event.face ?? 'up', shown: event.shown });
  }
}

/** A reading is of the batch that lies in the fryer now. */
function heard(state: CookState, event: CookEvent & { what: 'reading' }, atS: number, { programme }: Known): void {
  const { fryer, centreC, airC, battery } = event;
  const wild = [...(believable('centre', centreC) ? [] : [centreC]), ...(believable('air', airC) ? [] : [airC])][0];
  const trouble =
    wild === undefined
      ? null
      : text`The probe in ${fryer} reads ${celsius(wild)}: not believed. Look whether its tip and its plug sit well; the cook goes on by the plan.`;
  state.probes.set(fryer, { fryer, heardS: atS, centreC, airC, battery, trouble });
  if (trouble) return;
  const lies = programme.batches.find((b) => {
    const batch = state.batches.get(b.key)!;
    return b.fryer.name === fryer && firstStretch(batch);
  });
  if (!lies) return;
  const batch = state.batches.get(lies.key)!;
  const sinceS = atS - batch.inS!;
  batch.evidence.push(
    { what: 'centre', atS: sinceS, tempC: centreC, by: 'probe' },
    { what: 'air', atS: sinceS, tempC: airC },
  );
}
