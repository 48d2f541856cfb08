import { batchName, type CookState, type Programme, type Saw } from '../counter/index.js';
import type { Evidence } from '../evidence/index.js';

/** Something that was measured, s after the batch went in. */
export interface Reading {
  atS: number;
  tempC: number;
}

/** How one batch went, beside what was planned of it. Minutes after it went in. */
export interface BatchWent {
  key: string;
  name: string;
  fryer: string;
  plannedMin: number;
  /** null where it never went in, or never came out. */
  tookMin: number | null;
  /** null where it is not turned by the plan. */
  turnPlannedMin: number | null;
  turnedMin: number | null;
  openedMin: number[];
  sights: { saw: Saw; atMin: number }[];
  /** Centres read by hand. */
  centres: { centreC: number; atMin: number }[];
  probe: { centre: Reading[]; air: Reading[] };
}

const readings = (evidence: readonly Evidence[], what: 'centre' | 'air', by: 'probe' | 'hand'): Reading[] =>
  evidence.flatMap((e) =>
    e.what === what && (e.what === 'air' || e.by === by) ? [{ atS: e.atS, tempC: e.tempC }] : [],
  );

/** How the batches of one dish went, in the order of their numbers: from what was tapped and read, nothing simulated. */
export function batchesThatWent(programme: Programme, state: CookState, dishId: string): BatchWent[] {
  return programme.batches
    .filter((b) => b.dishId === dishId)
    .map((batch) => {
      const own = state.batches.get(batch.key)!;
      const { settings, second } = batch.plan;
      return {
        key: batch.key,
        name: batchName(batch, programme),
        fryer: batch.fryer.name,
        plannedMin: settings.minutes + (second ? second.coolMin + second.minutes : 0),
        tookMin: own.inS === null || own.outS === null ? null : (own.outS - own.inS) / 60,
        turnPlannedMin: settings.turnAtMin,
        turnedMin: own.turnedS === null ? null : own.turnedS / 60,
        openedMin: own.openedS.map((s) => s / 60),
        sights: own.seen.map(({ saw, atS }) => ({ saw, atMin: atS / 60 })),
        centres: readings(own.evidence, 'centre', 'hand').map(({ tempC, atS }) => ({
          centreC: tempC,
          atMin: atS / 60,
        })),
        probe: { centre: readings(own.evidence, 'centre', 'probe'), air: readings(own.evidence, 'air', 'probe') },
      };
    });
}

/** Steps of a dish, and of the cook as a whole, that were passed over: their heads. */
export const passedOver = (programme: Programme, state: CookState, dishId: string): string[] =>
  programme.steps
    .filter((s) => state.over.get(s.id)?.how === 'skipped' && (s.dishId === null || s.dishId === dishId))
    .map((s) => s.head);
