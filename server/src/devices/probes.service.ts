import { Inject, Injectable } from '@nestjs/common';
import type { DeviceAbout } from '@yellowmist/contract';
import type { CookSeries, Fryer } from '@yellowmist/core';
import { KITCHEN_KIND } from '../kitchen/kitchen.js';
import { SinglesService } from '../documents/singles.service.js';
import { SimulatedProbe } from './probe.js';

/** The probes of this kitchen: one for every fryer, simulated. */
@Injectable()
export class ProbesService {
  private readonly probes = new Map<string, SimulatedProbe>();
  private readonly cooking = new Map<string, CookSeries>();

  constructor(@Inject(SinglesService) private readonly singles: SinglesService) {}

  /** The probe of a fryer, whether it is on the kitchen page any more or not. */
  of(fryer: string): SimulatedProbe {
    const known = this.probes.get(fryer) ?? new SimulatedProbe(fryer, (batch) => this.cooking.get(batch) ?? null);
    this.probes.set(fryer, known);
    return known;
  }

  /** Puts a simulated cook into a fryer, under a name that no other batch has; null takes it out. */
  put(batch: string, series: CookSeries | null): void {
    if (series) this.cooking.set(batch, series);
    else this.cooking.delete(batch);
  }

  /** What there is of probes, by the fryers of the kitchen page. */
  async about(): Promise<DeviceAbout[]> {
    const { fryers } = await this.singles.read(KITCHEN_KIND);
    return fryers.map((fryer) => aboutProbe(this.of(fryer.name), fryer));
  }
}

const aboutProbe = (probe: SimulatedProbe, { name, practice }: Fryer): DeviceAbout => ({
  id: `probe:${name}`,
  kind: 'probe',
  name: `Probe of ${name}`,
  measures: ['centre', 'air'],
  everyS: probe.everyS,
  lagS: { ...probe.lagS },
  lost: probe.lost,
  battery: probe.battery,
  connected: probe.connected,
  simulated: probe.simulated,
  tells: practice
    ? 'of every cook in this practice fryer'
    : 'of rehearsals only: it is simulated, and knows nothing of real food',
});
