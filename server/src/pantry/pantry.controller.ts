import { Body, Controller, Get, Put } from '@nestjs/common';
import { ApiBody, ApiOperation, ApiTags } from '@nestjs/swagger';
import { savePantrySchema, type PantryBody, type PantryDocument } from '@yellowmist/contract';
import { shelf, type Ingredient } from '@yellowmist/core';
import { JoiPipe } from '../common/joi.pipe.js';
import { openApi } from '../common/openapi.js';
import { PantryService } from './pantry.service.js';

@ApiTags('pantry')
@Controller('pantry')
export class PantryController {
  constructor(private readonly pantry: PantryService) {}

  @Get()
  @ApiOperation({
    summary:
      'Every food and ingredient, the kitchen’s own included: composition per 100 g, density, cup weight, roles, allergens, source',
  })
  list(): readonly Ingredient[] {
    return shelf();
  }

  @Get('kitchen')
  @ApiOperation({ summary: 'What this kitchen has, never uses, and its own ingredients by their labels' })
  read(): Promise<PantryDocument> {
    return this.pantry.read();
  }

  @Put('kitchen')
  @ApiOperation({ summary: 'Save the kitchen’s pantry over a version; 409 when it is not the last any more' })
  @ApiBody({ schema: openApi(savePantrySchema) })
  save(
    @Body(new JoiPipe<PantryDocument>(savePantrySchema)) { version, ...body }: PantryBody & { version: number },
  ): Promise<PantryDocument> {
    return this.pantry.save(version, body);
  }
}
