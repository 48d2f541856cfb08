import { Module } from '@nestjs/common';
import { ScaleController } from './scale.controller.js';
import { SimulatedScale } from './scale.js';

/** Stand-ins for what stands beside the cook: they ship with Yellowmist, so that nothing has to be bought to try it. */
@Module({
  controllers: [ScaleController],
  providers: [{ provide: SimulatedScale, useFactory: () => new SimulatedScale(() => performance.now()) }],
})
export class DevicesModule {}
