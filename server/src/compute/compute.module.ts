import { Module } from '@nestjs/common';
import { ShelfModule } from '../shelf/shelf.module.js';
import { ComputeController } from './compute.controller.js';
import { ComputeService } from './compute.service.js';

@Module({
  imports: [ShelfModule],
  controllers: [ComputeController],
  providers: [ComputeService],
  exports: [ComputeService],
})
export class ComputeModule {}
