import { Module } from '@nestjs/common';
import { ComputeModule } from '../compute/compute.module.js';
import { ShelfModule } from '../shelf/shelf.module.js';
import { RecipesController } from './recipes.controller.js';

@Module({ imports: [ShelfModule, ComputeModule], controllers: [RecipesController] })
export class RecipesModule {}
