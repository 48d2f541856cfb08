import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { KitchenController } from './kitchen.controller.js';
import { KitchenEntity } from './kitchen.entity.js';
import { KitchenService } from './kitchen.service.js';

@Module({
  imports: [TypeOrmModule.forFeature([KitchenEntity])],
  controllers: [KitchenController],
  providers: [KitchenService],
  exports: [KitchenService],
})
export class KitchenModule {}
