import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { ConversionsModule } from '../conversions/conversions.module.js';
import { PantryController } from './pantry.controller.js';
import { PantryEntity } from './pantry.entity.js';
import { PantryService } from './pantry.service.js';

@Module({
  imports: [TypeOrmModule.forFeature([PantryEntity]), ConversionsModule],
  controllers: [PantryController],
  providers: [PantryService],
  exports: [PantryService],
})
export class PantryModule {}
