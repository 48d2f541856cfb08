import { Module } from '@nestjs/common';
import { ConversionsModule } from '../conversions/conversions.module.js';
import { CooksModule } from '../cooks/cooks.module.js';
import { SinglesModule } from '../documents/single.module.js';
import { EveningsModule } from '../evenings/evenings.module.js';
import { ExperimentsModule } from '../experiments/experiments.module.js';
import { FilesController } from './files.controller.js';
import { FilesService } from './files.service.js';

@Module({
  imports: [ConversionsModule, SinglesModule, EveningsModule, ExperimentsModule, CooksModule],
  controllers: [FilesController],
  providers: [FilesService],
})
export class FilesModule {}
