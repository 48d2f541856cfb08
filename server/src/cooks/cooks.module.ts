import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { ComputeModule } from '../compute/compute.module.js';
import { ConversionsModule } from '../conversions/conversions.module.js';
import { DevicesModule } from '../devices/devices.module.js';
import { EveningsModule } from '../evenings/evenings.module.js';
import { CookEntity, CookEventEntity, CookSeenEntity } from './cook.entity.js';
import { CooksController } from './cooks.controller.js';
import { CooksService } from './cooks.service.js';
import { EventsStore } from './events.store.js';
import { FoodsService } from './foods.service.js';
import { PracticeService } from './practice.service.js';
import { RecordsController } from './records.controller.js';
import { RecordsService } from './records.service.js';
import { RecordsStore } from './records.store.js';

@Module({
  imports: [
    TypeOrmModule.forFeature([CookEntity, CookEventEntity, CookSeenEntity]),
    ConversionsModule,
    EveningsModule,
    ComputeModule,
    DevicesModule,
  ],
  controllers: [CooksController, RecordsController],
  providers: [CooksService, EventsStore, FoodsService, PracticeService, RecordsStore, RecordsService],
  exports: [CooksService, RecordsService],
})
export class CooksModule {}
