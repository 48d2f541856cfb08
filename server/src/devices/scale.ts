import type { ScaleHand } from '@yellowmist/contract';
import type { ScaleReading } from '@yellowmist/core';

type ScaleDeed = ScaleHand['deed'];

/** The bottle that stands beside the scale, g, and what a stroke of its pump takes. */
const BOTTLE_G = 251.3;
const STROKE_G = 0.21;
/** The plate settles with this time constant, ms; a knock shakes it for so long, by so much, g. */
const SETTLES_MS = 250;
const KNOCK = { ms: 4000, grams: 3, swingMs: 450 } as const;
const RESOLUTION_G = 0.1;

/**
 * A kitchen scale that is not there: it settles, shakes when the table is knocked, and goes away. Time comes from
 * outside, so that a test can hold it.
 */
export class SimulatedScale {
  private bottleG = BOTTLE_G;
  private fromG = 0;
  private onPlate = false;
  private changedMs = -Infinity;
  private knockedMs = -Infinity;
  private plugged = true;

  constructor(private readonly nowMs: () => number) {}

  /** @param strokes of the pump, for 'press' */
  hand(deed: ScaleDeed, strokes = 0): void {
    const now = this.nowMs();
    const before = this.restingG(now);
    if (deed === 'put') this.onPlate = true;
    if (deed === 'take') this.onPlate = false;
    if (deed === 'press') this.bottleG = Math.max(0, this.bottleG - strokes * STROKE_G);
    if (deed === 'knock') this.knockedMs = now;
    if (deed === 'unplug') this.plugged = false;
    if (deed === 'plug') this.plugged = true;
    if (deed === 'put' || deed === 'take' || deed === 'press') {
      this.fromG = before;
      this.changedMs = now;
    }
  }

  /** What it shows now, in steps of 0.1 g; null while it is switched off. */
  read(): ScaleReading | null {
    if (!this.plugged) return null;
    const now = this.nowMs();
    const grams = Math.round((this.restingG(now) + this.shakingG(now)) / RESOLUTION_G) * RESOLUTION_G;
    return { grams: Number(grams.toFixed(1)), atMs: now };
  }

  /** A swing that dies away; slower than two readings, so that they cannot miss it. */
  private shakingG(now: number): number {
    const since = now - this.knockedMs;
    if (since >= KNOCK.ms) return 0;
    return KNOCK.grams * (1 - since / KNOCK.ms) * Math.sin((2 * Math.PI * since) / KNOCK.swingMs);
  }

  private restingG(now: number): number {
    const to = this.onPlate ? this.bottleG : 0;
    return to + (this.fromG - to) * Math.exp(-(now - this.changedMs) / SETTLES_MS);
  }
}
