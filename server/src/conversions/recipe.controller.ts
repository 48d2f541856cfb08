import { Controller, Get, Param, ParseUUIDPipe, Query, Res } from '@nestjs/common';
import { ApiOkResponse, ApiOperation, ApiQuery, ApiTags } from '@nestjs/swagger';
import {
  bodyOfDocument,
  dishFileOf,
  RECIPE_FORMS,
  type ConversionDocument,
  type RecipeForm,
} from '@yellowmist/contract';
import type { Response } from 'express';
import { fileName } from '../common/fileName.js';
import { problems } from '../common/openapi.js';
import { badFields, ProblemException } from '../common/problem.js';
import { ComputeService } from '../compute/compute.service.js';
import { asItIsStored } from '../learned/learned.store.js';
import { ShelfService } from '../shelf/shelf.service.js';
import { ConversionsService } from './conversions.service.js';

const KINDS: Record<RecipeForm, { type: string; ending: string }> = {
  'json-ld': { type: 'application/ld+json', ending: 'jsonld' },
  markdown: { type: 'text/markdown; charset=utf-8', ending: 'md' },
  text: { type: 'text/plain; charset=utf-8', ending: 'txt' },
  yellowmist: { type: 'application/json', ending: 'yellowmist.json' },
};

@ApiTags('recipes')
@Controller('conversions')
export class RecipeController {
  constructor(
    private readonly conversions: ConversionsService,
    private readonly compute: ComputeService,
    private readonly shelf: ShelfService,
  ) {}

  @Get(':id/recipe')
  @ApiOperation({
    summary:
      'The converted dish as a recipe of schema.org (JSON-LD), as Markdown, as plain text, or as a dish of Yellowmist',
  })
  @ApiQuery({ name: 'as', enum: RECIPE_FORMS })
  @ApiOkResponse({
    description: 'The recipe as a file',
    content: Object.fromEntries(Object.values(KINDS).map(({ type }) => [type, { schema: { type: 'string' } }])),
  })
  @problems(400, 404, 422, 503)
  async recipe(
    @Param('id', ParseUUIDPipe) id: string,
    @Query('as') as: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<string> {
    const form = RECIPE_FORMS.find((f) => f === as);
    if (!form) throw badFields([{ field: 'as', message: `as must be one of ${RECIPE_FORMS.join(', ')}` }]);
    const document = await this.conversions.read(id);
    const written = await this.written(document, form);
    response.type(KINDS[form].type);
    response.set(
      'Content-Disposition',
      `attachment; filename="${fileName(document.name, 'dish')}.${KINDS[form].ending}"`,
    );
    return written;
  }

  private async written(document: ConversionDocument, form: RecipeForm): Promise<string> {
    const body = bodyOfDocument(document);
    const { name, note, dish, fried, fryer, limits, chosen } = body;
    if (form === 'yellowmist') {
      // What this kitchen's fryer and hands were learned to be is nothing for another kitchen.
      const filed = dishFileOf(asItIsStored(body), await this.shelf.own());
      return `${JSON.stringify(filed, null, 2)}\n`;
    }
    if (!chosen) {
      throw new ProblemException(404, `“${name}” has no air version yet: open it on the bench, and one is found.`);
    }
    return this.compute.writeRecipe({ name, note, dish, fried, fryer, limits, plan: chosen.plan, form });
  }
}
