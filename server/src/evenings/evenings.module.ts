import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { ComputeModule } from '../compute/compute.module.js';
import { ConversionsModule } from '../conversions/conversions.module.js';
import { SinglesModule } from '../documents/single.module.js';
import { ShelfModule } from '../shelf/shelf.module.js';
import { EveningEntity } from './evening.entity.js';
import { EveningsController } from './evenings.controller.js';
import { EveningsService } from './evenings.service.js';
import { PlanningService } from './planning.service.js';

@Module({
  imports: [TypeOrmModule.forFeature([EveningEntity]), ConversionsModule, ComputeModule, SinglesModule, ShelfModule],
  controllers: [EveningsController],
  providers: [EveningsService, PlanningService],
  exports: [EveningsService, PlanningService],
})
export class EveningsModule {}
