import { Module } from '@nestjs/common';
import { ComputeModule } from '../compute/compute.module.js';
import { CooksModule } from '../cooks/cooks.module.js';
import { SinglesModule } from '../documents/single.module.js';
import { KitchenModule } from '../kitchen/kitchen.js';
import { LearningController } from './learning.controller.js';
import { LearningService } from './learning.service.js';

@Module({
  imports: [SinglesModule, CooksModule, ComputeModule, KitchenModule],
  controllers: [LearningController],
  providers: [LearningService],
  exports: [LearningService],
})
export class LearningModule {}
