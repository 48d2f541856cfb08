import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { ShelfModule } from '../shelf/shelf.module.js';
import { AnswerEntity } from './answer.entity.js';
import { AnswersService } from './answers.service.js';
import { ConversionEntity } from './conversion.entity.js';
import { ConversionsController } from './conversions.controller.js';
import { ConversionsService } from './conversions.service.js';

@Module({
  imports: [TypeOrmModule.forFeature([ConversionEntity, AnswerEntity]), ShelfModule],
  controllers: [ConversionsController],
  providers: [ConversionsService, AnswersService],
  exports: [ConversionsService],
})
export class ConversionsModule {}
