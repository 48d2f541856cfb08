import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { ComputeModule } from '../compute/compute.module.js';
import { ConversionsModule } from '../conversions/conversions.module.js';
import { DevicesModule } from '../devices/devices.module.js';
import { EveningsModule } from '../evenings/evenings.module.js';
import { BinService } from './bin.service.js';
import { CookEntity, CookEventEntity, CookPhotoEntity, CookSeenEntity } from './cook.entity.js';
import { CooksController } from './cooks.controller.js';
import { CooksService } from './cooks.service.js';
import { CooksStore } from './cooks.store.js';
import { EventsStore } from './events.store.js';
import { FoodsService } from './foods.service.js';
import { HeadsStore } from './heads.store.js';
import { PhotosController } from './photos.controller.js';
import { PhotosService } from './photos.service.js';
import { PhotosStore } from './photos.store.js';
import { PracticeService } from './practice.service.js';
import { RecordsController } from './records.controller.js';
import { RecordsService } from './records.service.js';
import { RecordsStore } from './records.store.js';
import { StartingService } from './starting.service.js';
import { WholeCooksService } from './wholeCooks.service.js';

@Module({
  imports: [
    TypeOrmModule.forFeature([CookEntity, CookEventEntity, CookSeenEntity, CookPhotoEntity]),
    ConversionsModule,
    EveningsModule,
    ComputeModule,
    DevicesModule,
  ],
  controllers: [CooksController, RecordsController, PhotosController],
  providers: [
    CooksStore,
    HeadsStore,
    CooksService,
    StartingService,
    EventsStore,
    FoodsService,
    PracticeService,
    RecordsStore,
    RecordsService,
    PhotosStore,
    PhotosService,
    WholeCooksService,
    BinService,
  ],
  exports: [CooksStore, EventsStore, StartingService, RecordsService, PhotosService, WholeCooksService],
})
export class CooksModule {}
