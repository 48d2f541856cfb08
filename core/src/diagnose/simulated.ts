import { aimsOf, type Aims } from './aims.js';
import { LOOKED_AT } from './constants.js';
import { didIn, isDid, type DidField } from './did.js';
import { cameOut, CLOSELY, type CameOut, type Look, type Put, type SeenField } from './put.js';
import { logLikelihood } from './likelihood.js';
import type { Field, Observation } from './seen.js';
import type { Asked, ValueOf } from './values.js';

/** A cook that was put into the simulation: how it came out, and what was done in it. */
export interface TriedCook {
  came: CameOut;
  did: Readonly<Partial<Record<DidField, number>>>;
}

const isColourField = (field: Field): field is 'colourTop' | 'colourUnder' =>
  field === 'colourTop' || field === 'colourUnder';

/**
 * One cook and all that may have been otherwise in it, each simulated once. Causes are simulated on a coarse grid; what that
 * is off by is taken from the cook as it was meant, which is simulated closely as well.
 */
export class Simulated {
  private readonly known = new Map<string, TriedCook>();
  private readonly look: Look;
  /** As it was meant, closely. */
  readonly asMeant: TriedCook;
  private readonly coarse: TriedCook;
  /** What is aimed at. */
  readonly aims: Aims;

  /**
   * @param waits whether anybody looks at it while it waits
   * @param aims what was aimed at, where that is another cook than the one that is meant
   */
  constructor(
    readonly meant: Put,
    waits: boolean,
    aims: Aims | null = null,
  ) {
    this.look = { fine: LOOKED_AT.fine, waits };
    this.asMeant = this.outcome(meant, { ...CLOSELY, waits });
    this.coarse = this.of('meant', meant);
    this.aims = aims ?? aimsOf(meant, this.valuesIn(this.asMeant));
  }

  private outcome(put: Put, look: Look): TriedCook {
    const came = cameOut(put, look);
    return { came, did: didIn(put, this.meant, came.areaM2) };
  }

  /** @param key the same for the same cook */
  of(key: string, put: Put): TriedCook {
    const before = this.known.get(key);
    if (before) return before;
    const outcome = this.outcome(put, this.look);
    this.known.set(key, outcome);
    return outcome;
  }

  /** How likely what was told of the doing is in a cook that is not simulated, as a logarithm. */
  doingLikely(put: Put, observations: readonly Observation[]): number {
    const did = didIn(put, this.meant, this.asMeant.came.areaM2);
    return logLikelihood(({ field }) => (isDid(field) ? did[field] : undefined), observations, null);
  }

  /** Value of a field in a cook, of a coat that browns e^browningLog times as fast; undefined where it does not apply. */
  private valueOf({ came, did }: TriedCook, { field, atMin = null }: Asked, browningLog: number): number | undefined {
    if (isDid(field)) return did[field];
    const [close, coarse] = [this.asMeant.came, this.coarse.came];
    if (isColourField(field))
      return (came.colours(browningLog)[field] * close.colours(0)[field]) / coarse.colours(0)[field];
    if (field !== 'centreC') return came.values[field as SeenField];
    const closer = (close.values.centreC ?? 0) - (coarse.values.centreC ?? 0);
    const there = atMin === null ? came.values.centreC : came.centreAt(atMin);
    return there === undefined ? undefined : there + closer;
  }

  /** All values of a cook. */
  valuesIn(outcome: TriedCook): ValueOf {
    return (asked, browningLog = 0) =>
      outcome === this.asMeant ? exact(outcome, asked, browningLog) : this.valueOf(outcome, asked, browningLog);
  }

  /** The same of a cook that is simulated now, or was before under the same key. */
  valuesOf(key: string, put: Put): ValueOf {
    return this.valuesIn(this.of(key, put));
  }
}

/** Of a cook that was simulated closely, nothing is taken off. */
function exact({ came, did }: TriedCook, { field, atMin = null }: Asked, browningLog: number): number | undefined {
  if (isDid(field)) return did[field];
  if (isColourField(field)) return came.colours(browningLog)[field];
  return field === 'centreC' && atMin !== null ? came.centreAt(atMin) : came.values[field as SeenField];
}
