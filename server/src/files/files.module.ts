import { Module } from '@nestjs/common';
import { ConversionsModule } from '../conversions/conversions.module.js';
import { SinglesModule } from '../documents/single.module.js';
import { FilesController } from './files.controller.js';
import { FilesService } from './files.service.js';

@Module({ imports: [ConversionsModule, SinglesModule], controllers: [FilesController], providers: [FilesService] })
export class FilesModule {}
