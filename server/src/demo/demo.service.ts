import { Inject, Injectable } from '@nestjs/common';
import type { DishAtEvening, KitchenBody } from '@yellowmist/contract';
import { ComputeService } from '../compute/compute.service.js';
import { ConversionsService } from '../conversions/conversions.service.js';
import type { SingleDocument } from '../documents/single.module.js';
import { KITCHEN } from '../kitchen/kitchen.js';
import { EveningsService } from '../evenings/evenings.service.js';
import { nextThursday, NET_LOFT, SCENARIO, THURSDAY } from './scenario.js';

/** Fills an empty database with the demo scenario, each dish really converted. */
@Injectable()
export class DemoService {
  constructor(
    private readonly conversions: ConversionsService,
    private readonly compute: ComputeService,
    @Inject(KITCHEN) private readonly kitchen: SingleDocument<KitchenBody>,
    private readonly evenings: EveningsService,
  ) {}

  /** Does nothing when there are conversions already. `say` hears of the progress. */
  async fill(say: (line: string) => void): Promise<void> {
    if ((await this.conversions.list()).length > 0) return;
    const { version } = await this.kitchen.read();
    await this.kitchen.save(version, NET_LOFT);
    const ids = new Map<string, string>();
    for (const [at, body] of SCENARIO.entries()) {
      const chosen = await this.compute.choose(body);
      const { id } = await this.conversions.create({ ...body, chosen });
      ids.set(body.name, id);
      say(`Demo dish ${at + 1} of ${SCENARIO.length}: ${body.name}`);
    }
    const dishes = THURSDAY.dishes.map(({ name, ...options }): DishAtEvening => ({ id: ids.get(name)!, ...options }));
    await this.evenings.create({ ...THURSDAY, dishes, serveAt: nextThursday(Date.now()) });
  }
}
