import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { ComputeModule } from '../compute/compute.module.js';
import { ConversionsModule } from '../conversions/conversions.module.js';
import { ShelfModule } from '../shelf/shelf.module.js';
import { ExperimentEntity } from './experiment.entity.js';
import { ExperimentsController } from './experiments.controller.js';
import { ExperimentsService } from './experiments.service.js';

@Module({
  imports: [TypeOrmModule.forFeature([ExperimentEntity]), ConversionsModule, ComputeModule, ShelfModule],
  controllers: [ExperimentsController],
  providers: [ExperimentsService],
  exports: [ExperimentsService],
})
export class ExperimentsModule {}
