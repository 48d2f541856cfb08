import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { ConversionsModule } from '../conversions/conversions.module.js';
import { SupperController } from './supper.controller.js';
import { SupperEntity } from './supper.entity.js';
import { SupperService } from './supper.service.js';

@Module({
  imports: [TypeOrmModule.forFeature([SupperEntity]), ConversionsModule],
  controllers: [SupperController],
  providers: [SupperService],
  exports: [SupperService],
})
export class SupperModule {}
