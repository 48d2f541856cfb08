import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { ConversionEntity } from './conversion.entity.js';
import { ConversionsController } from './conversions.controller.js';
import { ConversionsService } from './conversions.service.js';

@Module({
  imports: [TypeOrmModule.forFeature([ConversionEntity])],
  controllers: [ConversionsController],
  providers: [ConversionsService],
  exports: [ConversionsService],
})
export class ConversionsModule {}
