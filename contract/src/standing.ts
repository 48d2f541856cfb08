import {
  batchName,
  clockOfCook,
  firstStretch,
  livePlan,
  nowFor,
  plain,
  probeSays,
  recordOf,
  saysNow,
  stateOf,
  type Corrections,
} from '@yellowmist/core';
import { clockOf } from './clock.js';
import type { CookDocument, CookStanding } from './types.js';

/** Below this a battery is called low, 0–1. */
const LOW_BATTERY = 0.1;

/**
 * The shown clock of a cook: a time of its own clock, s, as "19:04". A real cook's clock shows the room's time; a
 * rehearsal's shows the evening that is rehearsed.
 */
export function shownClock({ beginsMs, timeZone }: Pick<CookDocument, 'beginsMs' | 'timeZone'>, stoodMs = 0) {
  const clock = clockOf(beginsMs + stoodMs, timeZone);
  return { time: (s: number): string => clock.time(s / 60), iso: (s: number): string => clock.iso(s / 60) };
}

/** How a cook stands now, as other programs read it. */
export function standingOf(document: CookDocument, corrections: Corrections): CookStanding {
  const { programme, events, nowMs, startedMs, rehearsal } = document;
  const pace = { startedMs, rate: rehearsal?.rate ?? 1 };
  const state = stateOf(programme, pace, events);
  const nowS = clockOfCook(pace, events)(nowMs);
  const live = livePlan(programme, state, corrections, nowS);
  // A real clock goes on while the cook stands still.
  const stoodMs = rehearsal ? 0 : Math.max(0, nowMs - startedMs - nowS * 1000);
  const shown = shownClock(document, stoodMs);
  return {
    id: document.id,
    nowS,
    rate: pace.rate,
    paused: state.pausedS !== null,
    endedHow: state.ended?.how ?? null,
    now: state.hands.map((hand, k) => {
      const { step, urgent } = nowFor(live, k);
      return { hand, step: step?.step.id ?? null, text: step ? plain(step.step.text) : '', urgent };
    }),
    timers: live.timers.map((t) => ({
      step: t.step.id,
      batch: t.batch,
      text: t.step.head,
      leftS: t.leftS,
      endsAt: shown.iso(t.toS),
    })),
    batches: programme.batches.map((b) => {
      const own = state.batches.get(b.key)!;
      const correction = corrections.get(b.key);
      const centre = correction?.forecast?.centre ?? null;
      return {
        batch: batchName(b, programme),
        fryer: b.fryer.name,
        state: own.inS === null ? 'to-come' : own.outS === null ? 'in' : 'out',
        plannedS: correction?.plannedS ?? 0,
        takesS: correction?.takesS ?? 0,
        setC: correction?.setC ?? null,
        centreDoneS: centre?.atS ?? null,
        centreOffS: centre?.offS ?? null,
      };
    }),
    tableAt: shown.iso(live.tableS),
    says: saysNow(programme, state, corrections, live, shown.time).map((s) => plain(s.text)),
    probes: [...state.probes.values()].map((p) => {
      const lies = programme.batches.find((b) => b.fryer.name === p.fryer && firstStretch(state.batches.get(b.key)!));
      const still = (lies && corrections.get(lies.key)?.still) ?? false;
      const says = probeSays(p, nowS, still, p.battery <= LOW_BATTERY);
      return { fryer: p.fryer, centreC: p.centreC, airC: p.airC, says: says && plain(says) };
    }),
    record: recordOf(programme, pace, events).map((line) => ({
      at: new Date(line.atMs).toISOString(),
      by: line.by,
      text: plain(line.text),
    })),
    notes: state.notes.map((n) => ({ eventId: n.eventId, text: plain(n.text) })),
  };
}
