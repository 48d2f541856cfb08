import { Module } from '@nestjs/common';
import { SinglesModule } from '../documents/single.module.js';
import { ShelfService } from './shelf.service.js';

@Module({ imports: [SinglesModule], providers: [ShelfService], exports: [ShelfService] })
export class ShelfModule {}
