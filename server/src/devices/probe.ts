import type { ProbeDeed } from '@yellowmist/contract';
import { BATTERY, batteryAfter, PROBE_LOST, SENSOR_LAG_S, TELLS, toldBy, type CookSeries } from '@yellowmist/core';

/** What a probe with two sensors tells at a time, °C, and its battery, 0–1. */
export interface ProbeReading {
  centreC: number;
  airC: number;
  battery: number;
}

/**
 * A wireless probe with two sensors, its tip in the middle of a piece and the other end in the air of the fryer. A real one
 * would be one more class of this kind: Yellowmist knows nothing else of it.
 */
export interface Probe {
  readonly fryer: string;
  readonly simulated: boolean;
  /** It tells so often, s. */
  readonly everyS: number;
  /** Lag of its sensors, s, and the share of its readings that is lost. */
  readonly lagS: { centre: number; air: number };
  readonly lost: number;
  readonly battery: number;
  readonly connected: boolean;
  /** What it tells `atS` after a batch went in; null while it tells nothing. */
  read(batch: string, atS: number): ProbeReading | null;
}

/** What lies in its fryer, as it really is. */
export type ReallyIn = (batch: string) => CookSeries | null;

/** A probe that is not there: it tells of a simulated cook, with lag, noise and losses of its own. */
export class SimulatedProbe implements Probe {
  readonly simulated = true;
  readonly everyS = TELLS.everyS;
  readonly lagS = SENSOR_LAG_S;
  readonly lost = PROBE_LOST;
  private usedH = 0;
  private there = true;
  private pulledAt: ProbeReading | null = null;
  private pulled = false;
  private brokenC: number | null = null;

  constructor(
    readonly fryer: string,
    private readonly really: ReallyIn,
  ) {}

  get battery(): number {
    return batteryAfter(this.usedH);
  }

  get connected(): boolean {
    return this.there && this.battery > 0;
  }

  /** What a hand does to it. */
  hand(deed: ProbeDeed, readsC = 900): void {
    if (deed === 'lose') this.there = false;
    if (deed === 'find') this.there = true;
    if (deed === 'weaken') this.usedH = BATTERY.hours * (1 - BATTERY.weak);
    if (deed === 'charge') this.usedH = 0;
    if (deed === 'pull') this.pulled = true;
    if (deed === 'push') {
      this.pulled = false;
      this.pulledAt = null;
    }
    if (deed === 'break') this.brokenC = readsC;
    if (deed === 'mend') this.brokenC = null;
  }

  read(batch: string, atS: number): ProbeReading | null {
    if (!this.connected) return null;
    const series = this.really(batch);
    const told = series && toldBy(series, `${this.fryer}/${batch}`, atS);
    if (!told) return null;
    const now: ProbeReading = { centreC: this.brokenC ?? told.centreC, airC: told.airC, battery: this.battery };
    if (!this.pulled) return now;
    // Its tip lies on the board: it stands still at what it read last.
    this.pulledAt ??= now;
    return { ...now, centreC: this.pulledAt.centreC };
  }
}
