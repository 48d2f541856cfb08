import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { ShelfModule } from '../shelf/shelf.module.js';
import { AnswerEntity } from './answer.entity.js';
import { AnswersService } from './answers.service.js';
import { ConversionEntity } from './conversion.entity.js';
import { ConversionsController } from './conversions.controller.js';
import { RecipeController } from './recipe.controller.js';
import { ComputeModule } from '../compute/compute.module.js';
import { ConversionsService } from './conversions.service.js';

@Module({
  imports: [TypeOrmModule.forFeature([ConversionEntity, AnswerEntity]), ShelfModule, ComputeModule],
  controllers: [ConversionsController, RecipeController],
  providers: [ConversionsService, AnswersService],
  exports: [ConversionsService],
})
export class ConversionsModule {}
