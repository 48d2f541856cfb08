import { Controller, Get } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { PANTRY, type Ingredient } from '@yellowmist/core';

@ApiTags('pantry')
@Controller('pantry')
export class PantryController {
  @Get()
  @ApiOperation({
    summary: 'Every food and ingredient: composition per 100 g, density, cup weight, roles, allergens, source',
  })
  list(): readonly Ingredient[] {
    return PANTRY;
  }
}
