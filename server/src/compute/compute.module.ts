import { Module } from '@nestjs/common';
import { ComputeController } from './compute.controller.js';
import { ComputeService } from './compute.service.js';

@Module({ controllers: [ComputeController], providers: [ComputeService], exports: [ComputeService] })
export class ComputeModule {}
