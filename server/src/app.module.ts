import { Module, type DynamicModule } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { AccessModule } from './access/access.module.js';
import { BackupModule } from './backup/backup.module.js';
import { placesIn } from './backup/places.js';
import { ComputeModule } from './compute/compute.module.js';
import { ConversionsModule } from './conversions/conversions.module.js';
import { CooksModule } from './cooks/cooks.module.js';
import { CheckpointService } from './database/checkpoint.service.js';
import { databaseOptions } from './database/options.js';
import { StandingModule } from './common/standing.module.js';
import { DemoProgress } from './demo/progress.service.js';
import { DemoService } from './demo/demo.service.js';
import { DevicesModule } from './devices/devices.module.js';
import { EveningsModule } from './evenings/evenings.module.js';
import { ExperimentsModule } from './experiments/experiments.module.js';
import { FilesModule } from './files/files.module.js';
import { HealthController } from './health/health.controller.js';
import { KitchenModule } from './kitchen/kitchen.js';
import { LearnedModule } from './learned/learned.module.js';
import { LearningModule } from './learning/learning.module.js';
import { PantryModule } from './pantry/pantry.js';
import { PhotosModule } from './photos/photos.module.js';
import { RecipesModule } from './recipes/recipes.module.js';
import type { Settings } from './settings.js';

@Module({})
export class AppModule {
  /** The application over a folder of data: one SQLite file, and photographs beside it. */
  static over(settings: Settings): DynamicModule {
    const places = placesIn(settings.dataFolder);
    return {
      module: AppModule,
      imports: [
        TypeOrmModule.forRoot(databaseOptions(places.database)),
        PhotosModule.in(places.photos),
        StandingModule,
        LearnedModule,
        ConversionsModule,
        PantryModule,
        KitchenModule,
        EveningsModule,
        ExperimentsModule,
        ComputeModule,
        RecipesModule,
        FilesModule,
        CooksModule,
        DevicesModule,
        LearningModule,
        BackupModule.of(places),
        AccessModule.by(settings),
      ],
      controllers: [HealthController],
      providers: [DemoService, DemoProgress, CheckpointService],
    };
  }
}
