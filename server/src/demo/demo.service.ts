import { Injectable } from '@nestjs/common';
import { ComputeService } from '../compute/compute.service.js';
import { ConversionsService } from '../conversions/conversions.service.js';
import { KitchenService } from '../kitchen/kitchen.service.js';
import { SupperService } from '../supper/supper.service.js';
import { KITCHEN, SCENARIO, SUPPER } from './scenario.js';

/** Fills an empty database with the demo scenario, each dish really converted. */
@Injectable()
export class DemoService {
  constructor(
    private readonly conversions: ConversionsService,
    private readonly compute: ComputeService,
    private readonly kitchen: KitchenService,
    private readonly supper: SupperService,
  ) {}

  /** Does nothing when there are conversions already. `say` hears of the progress. */
  async fill(say: (line: string) => void): Promise<void> {
    if ((await this.conversions.list()).length > 0) return;
    const { version } = await this.kitchen.read();
    await this.kitchen.save(version, KITCHEN);
    const dishIds: string[] = [];
    for (const [at, body] of SCENARIO.entries()) {
      const chosen = await this.compute.choose(body);
      const { id } = await this.conversions.create({ ...body, chosen });
      if (SUPPER.dishes.includes(body.name)) dishIds.push(id);
      say(`Demo dish ${at + 1} of ${SCENARIO.length}: ${body.name}`);
    }
    const { name, guests } = SUPPER;
    await this.supper.save((await this.supper.read()).version, { name, guests, dishIds });
  }
}
