import { Inject, Injectable } from '@nestjs/common';
import type { KitchenBody, SupperBody } from '@yellowmist/contract';
import { ComputeService } from '../compute/compute.service.js';
import { ConversionsService } from '../conversions/conversions.service.js';
import type { SingleDocument } from '../documents/single.module.js';
import { KITCHEN } from '../kitchen/kitchen.js';
import { SUPPER } from '../supper/supper.js';
import { NET_LOFT, SCENARIO, THURSDAY } from './scenario.js';

/** Fills an empty database with the demo scenario, each dish really converted. */
@Injectable()
export class DemoService {
  constructor(
    private readonly conversions: ConversionsService,
    private readonly compute: ComputeService,
    @Inject(KITCHEN) private readonly kitchen: SingleDocument<KitchenBody>,
    @Inject(SUPPER) private readonly supper: SingleDocument<SupperBody>,
  ) {}

  /** Does nothing when there are conversions already. `say` hears of the progress. */
  async fill(say: (line: string) => void): Promise<void> {
    if ((await this.conversions.list()).length > 0) return;
    const { version } = await this.kitchen.read();
    await this.kitchen.save(version, NET_LOFT);
    const dishIds: string[] = [];
    for (const [at, body] of SCENARIO.entries()) {
      const chosen = await this.compute.choose(body);
      const { id } = await this.conversions.create({ ...body, chosen });
      if (THURSDAY.dishes.includes(body.name)) dishIds.push(id);
      say(`Demo dish ${at + 1} of ${SCENARIO.length}: ${body.name}`);
    }
    const { name, guests } = THURSDAY;
    await this.supper.save((await this.supper.read()).version, { name, guests, dishIds });
  }
}
