import { Module } from '@nestjs/common';
import { ComputeController } from './compute.controller.js';
import { PantryModule } from '../pantry/pantry.module.js';
import { ComputeService } from './compute.service.js';

@Module({
  imports: [PantryModule],
  controllers: [ComputeController],
  providers: [ComputeService],
  exports: [ComputeService],
})
export class ComputeModule {}
