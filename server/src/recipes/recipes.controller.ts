import { Body, Controller, HttpCode, Post } from '@nestjs/common';
import { ApiBody, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { readRecipeSchema, recipeReadingSchema } from '@yellowmist/contract';
import { Refusal, type RecipeReading } from '@yellowmist/core';
import { openApi, problems } from '../common/openapi.js';
import { badFields } from '../common/problem.js';
import { ComputeService } from '../compute/compute.service.js';
import { ShelfService } from '../shelf/shelf.service.js';

@ApiTags('recipes')
@Controller('recipes')
export class RecipesController {
  constructor(
    private readonly compute: ComputeService,
    private readonly shelf: ShelfService,
  ) {}

  @Post('read')
  @HttpCode(200)
  @ApiOperation({
    summary: 'Read a fried recipe: what each line is for, the bowls, the dish and the pot, and what had to be guessed',
  })
  @ApiBody({ schema: openApi(readRecipeSchema) })
  @ApiOkResponse({ schema: openApi(recipeReadingSchema) })
  @problems(400, 413, 503)
  async read(@Body() body: unknown): Promise<RecipeReading> {
    const asked = await this.shelf.parse(readRecipeSchema, body);
    const [field] = Object.keys(asked);
    try {
      return await this.compute.readRecipe(asked);
    } catch (error) {
      if (error instanceof Refusal) throw badFields([{ field, message: error.message }]);
      throw error;
    }
  }
}
