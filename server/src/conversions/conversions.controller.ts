import { Body, Controller, Delete, Get, HttpCode, Param, ParseUUIDPipe, Post, Put, Query } from '@nestjs/common';
import {
  ApiBody,
  ApiCreatedResponse,
  ApiNoContentResponse,
  ApiOkResponse,
  ApiOperation,
  ApiTags,
} from '@nestjs/swagger';
import {
  binSchema,
  conversionBodySchema,
  conversionDocumentSchema,
  conversionListSchema,
  keptAnswerSchema,
  saveRequestSchema,
  searchAnswerSchema,
  type BinnedConversion,
  type ConversionDocument,
  type KeptAnswer,
  type ListedConversion,
} from '@yellowmist/contract';
import { openApi, problems } from '../common/openapi.js';
import { ApiPage, pageAsked } from '../common/page.js';
import { ShelfService } from '../shelf/shelf.service.js';
import { AnswersService } from './answers.service.js';
import { ConversionsService } from './conversions.service.js';

const DISH = { schema: openApi(conversionDocumentSchema) };

@ApiTags('conversions')
@Controller('conversions')
export class ConversionsController {
  constructor(
    private readonly conversions: ConversionsService,
    private readonly answers: AnswersService,
    private readonly shelf: ShelfService,
  ) {}

  @Get()
  @ApiOperation({
    summary:
      'All conversions, the last touched first, without the versions that each has kept; one that cannot be opened says why',
  })
  @ApiPage()
  @ApiOkResponse({ schema: openApi(conversionListSchema) })
  @problems(400, 404)
  async list(@Query() query: unknown): Promise<ListedConversion[]> {
    return this.conversions.list(pageAsked(query));
  }

  @Post()
  @ApiOperation({ summary: 'Begin a conversion' })
  @ApiBody({ schema: openApi(conversionBodySchema) })
  @ApiCreatedResponse(DISH)
  @problems(400)
  async create(@Body() body: unknown): Promise<ConversionDocument> {
    return this.conversions.create(await this.shelf.parse(conversionBodySchema, body));
  }

  @Get('bin')
  @ApiOperation({ summary: 'Conversions that were put aside, the last first; restore brings one back' })
  @ApiOkResponse({ schema: openApi(binSchema) })
  bin(): Promise<BinnedConversion[]> {
    return this.conversions.bin();
  }

  @Get(':id')
  @ApiOperation({ summary: 'One conversion' })
  @ApiOkResponse(DISH)
  @problems(404, 422)
  read(@Param('id', ParseUUIDPipe) id: string): Promise<ConversionDocument> {
    return this.conversions.read(id);
  }

  @Put(':id')
  @ApiOperation({ summary: 'Save over a version; 409 when it is not the last any more' })
  @ApiBody({ schema: openApi(saveRequestSchema) })
  @ApiOkResponse(DISH)
  @problems(400, 404, 409)
  async save(@Param('id', ParseUUIDPipe) id: string, @Body() body: unknown): Promise<ConversionDocument> {
    const { version, ...rest } = await this.shelf.parse(saveRequestSchema, body);
    return this.conversions.save(id, version, rest);
  }

  @Post(':id/duplicate')
  @ApiOperation({ summary: 'A copy of its own' })
  @ApiCreatedResponse(DISH)
  @problems(404, 422)
  async duplicate(@Param('id', ParseUUIDPipe) id: string): Promise<ConversionDocument> {
    const copy = await this.conversions.duplicate(id);
    await this.answers.copy(id, copy.id);
    return copy;
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Put aside; restore brings it back' })
  @ApiNoContentResponse()
  @problems(404)
  remove(@Param('id', ParseUUIDPipe) id: string): Promise<void> {
    return this.conversions.remove(id);
  }

  @Post(':id/restore')
  @HttpCode(200)
  @ApiOperation({ summary: 'Undo a delete' })
  @ApiOkResponse(DISH)
  @problems(404, 422)
  restore(@Param('id', ParseUUIDPipe) id: string): Promise<ConversionDocument> {
    return this.conversions.restore(id);
  }

  @Get(':id/answer')
  @ApiOperation({ summary: 'The last search that was kept with it: stale where it answers something else' })
  @ApiOkResponse({ schema: openApi(keptAnswerSchema) })
  @problems(404)
  readAnswer(@Param('id', ParseUUIDPipe) id: string): Promise<KeptAnswer> {
    return this.answers.read(id);
  }

  @Put(':id/answer')
  @HttpCode(204)
  @ApiOperation({ summary: 'Keep a search with it' })
  @ApiBody({ schema: openApi(searchAnswerSchema) })
  @ApiNoContentResponse()
  @problems(400, 404)
  async keepAnswer(@Param('id', ParseUUIDPipe) id: string, @Body() body: unknown): Promise<void> {
    await this.answers.keep(id, await this.shelf.parse(searchAnswerSchema, body));
  }
}
