import { Module } from '@nestjs/common';
import { SinglesModule } from '../documents/single.module.js';
import { DevicesController } from './devices.controller.js';
import { ProbesService } from './probes.service.js';
import { ScaleController } from './scale.controller.js';
import { SimulatedScale } from './scale.js';

/** Stand-ins for what stands beside the cook: they ship with Yellowmist, so that nothing has to be bought to try it. */
@Module({
  imports: [SinglesModule],
  controllers: [ScaleController, DevicesController],
  exports: [ProbesService],
  providers: [
    ProbesService,
    { provide: SimulatedScale, useFactory: () => new SimulatedScale(() => performance.now()) },
  ],
})
export class DevicesModule {}
