import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { ComputeModule } from '../compute/compute.module.js';
import { ConversionsModule } from '../conversions/conversions.module.js';
import { DevicesModule } from '../devices/devices.module.js';
import { EveningsModule } from '../evenings/evenings.module.js';
import { CookEntity, CookEventEntity } from './cook.entity.js';
import { CooksController } from './cooks.controller.js';
import { CooksService } from './cooks.service.js';
import { EventsStore } from './events.store.js';
import { FoodsService } from './foods.service.js';
import { PracticeService } from './practice.service.js';

@Module({
  imports: [
    TypeOrmModule.forFeature([CookEntity, CookEventEntity]),
    ConversionsModule,
    EveningsModule,
    ComputeModule,
    DevicesModule,
  ],
  controllers: [CooksController],
  providers: [CooksService, EventsStore, FoodsService, PracticeService],
})
export class CooksModule {}
