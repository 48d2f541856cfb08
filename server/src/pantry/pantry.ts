import { Controller, Get, Module } from '@nestjs/common';
import { ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { ingredientListSchema, type PantryBody } from '@yellowmist/contract';
import type { Ingredient } from '@yellowmist/core';
import { openApi } from '../common/openapi.js';
import { badFields } from '../common/problem.js';
import { ConversionsModule } from '../conversions/conversions.module.js';
import { ConversionsService } from '../conversions/conversions.service.js';
import { singleModule } from '../documents/single.module.js';
import { ShelfModule } from '../shelf/shelf.module.js';
import { PANTRY_KIND, ShelfService } from '../shelf/shelf.service.js';

@ApiTags('pantry')
@Controller('pantry')
class ShelfController {
  constructor(private readonly shelf: ShelfService) {}

  @Get()
  @ApiOperation({
    summary:
      'Every food and ingredient, the kitchen’s own included: composition per 100 g, density, cup weight, roles, allergens, source',
  })
  @ApiOkResponse({ schema: openApi(ingredientListSchema) })
  async list(): Promise<readonly Ingredient[]> {
    return (await this.shelf.pantry()).shelf;
  }
}

/** The stored pantry of the kitchen. */
export const PANTRY = Symbol('pantry');

const StoredPantryModule = singleModule<PantryBody>({
  kind: PANTRY_KIND,
  token: PANTRY,
  imports: [ConversionsModule],
  rules: {
    inject: [ConversionsService],
    make: (conversions: ConversionsService) => ({
      /** An own ingredient stays while a dish uses it. */
      async allows(before, after) {
        for (const gone of before.own.filter((b) => !after.own.some((a) => a.id === b.id))) {
          const users = await conversions.namesUsing(gone.id);
          if (users.length === 0) continue;
          const message = `own must keep "${gone.name}" while a dish uses it: ${users.join(', ')}`;
          throw badFields([{ field: 'own', message }]);
        }
      },
    }),
  },
});

@Module({ imports: [ShelfModule, StoredPantryModule], controllers: [ShelfController], exports: [StoredPantryModule] })
export class PantryModule {}
