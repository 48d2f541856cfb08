import { Module, type DynamicModule } from '@nestjs/common';
import { CooksModule } from '../cooks/cooks.module.js';
import { SinglesModule } from '../documents/single.module.js';
import { BackupsController } from './backups.controller.js';
import { BackupsService, PLACES_OF_DATA } from './backups.service.js';
import { BackupThread } from './backupThread.service.js';
import type { Places } from './places.js';
import { RestoringService } from './restoring.service.js';

@Module({})
export class BackupModule {
  /** Backups of the data that lies there. */
  static of(places: Places): DynamicModule {
    return {
      module: BackupModule,
      imports: [CooksModule, SinglesModule],
      controllers: [BackupsController],
      providers: [{ provide: PLACES_OF_DATA, useValue: places }, BackupThread, BackupsService, RestoringService],
      exports: [BackupsService, PLACES_OF_DATA],
    };
  }
}
