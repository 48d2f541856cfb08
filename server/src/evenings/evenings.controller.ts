import { Body, Controller, Delete, Get, HttpCode, Param, ParseUUIDPipe, Post, Put, Query, Res } from '@nestjs/common';
import {
  ApiBody,
  ApiCreatedResponse,
  ApiNoContentResponse,
  ApiOkResponse,
  ApiOperation,
  ApiQuery,
  ApiTags,
} from '@nestjs/swagger';
import {
  copyEveningSchema,
  EVENING_FORMS,
  eveningAnswerSchema,
  eveningBodySchema,
  eveningDocumentSchema,
  eveningListSchema,
  planEveningSchema,
  plannedEveningSchema,
  saveEveningSchema,
  type CopyEveningRequest,
  type EveningAnswer,
  type EveningBody,
  type EveningDocument,
  type ListedEvening,
  type PlannedEvening,
  type SaveEveningRequest,
} from '@yellowmist/contract';
import { Refusal } from '@yellowmist/core';
import type { Response } from 'express';
import { fileName } from '../common/fileName.js';
import { JoiPipe } from '../common/joi.pipe.js';
import { openApi, problems } from '../common/openapi.js';
import { ApiPage, pageAsked } from '../common/page.js';
import { badFields, ProblemException } from '../common/problem.js';
import { whileHere } from '../common/whileHere.js';
import { ShelfService } from '../shelf/shelf.service.js';
import { EveningsService } from './evenings.service.js';
import { answered, PlanningService, written } from './planning.service.js';

const EVENING = { schema: openApi(eveningDocumentSchema) };

const FILES = {
  ics: { type: 'text/calendar; charset=utf-8', ending: 'ics' },
  markdown: { type: 'text/markdown; charset=utf-8', ending: 'md' },
  text: { type: 'text/plain; charset=utf-8', ending: 'txt' },
} as const;

@ApiTags('evenings')
@Controller('evenings')
export class EveningsController {
  constructor(
    private readonly evenings: EveningsService,
    private readonly planning: PlanningService,
    private readonly shelf: ShelfService,
  ) {}

  @Get()
  @ApiOperation({
    summary: 'All evenings, planned and done, the last touched first; one that cannot be opened says why',
  })
  @ApiPage()
  @ApiOkResponse({ schema: openApi(eveningListSchema) })
  @problems(400, 404)
  async list(@Query() query: unknown): Promise<ListedEvening[]> {
    return this.evenings.list(pageAsked(query));
  }

  @Post()
  @ApiOperation({ summary: 'Begin an evening' })
  @ApiBody({ schema: openApi(eveningBodySchema) })
  @ApiCreatedResponse(EVENING)
  @problems(400)
  create(@Body(new JoiPipe<EveningBody>(eveningBodySchema)) body: EveningBody): Promise<EveningDocument> {
    return this.evenings.create(body);
  }

  @Post('plan')
  @HttpCode(200)
  @ApiOperation({
    summary:
      'Plan an evening: dishes by id or whole, pairs of hands, a kitchen, when it is on the table or begun; tasks that work back from the table, how every batch stands when it is eaten, what cannot be done and the cheapest change',
  })
  @ApiBody({ schema: openApi(planEveningSchema) })
  @ApiOkResponse({ schema: openApi(eveningAnswerSchema) })
  @problems(400, 503)
  async plan(@Body() body: unknown, @Res({ passthrough: true }) response: Response): Promise<EveningAnswer> {
    const signal = whileHere(response);
    return this.planning.answer(await this.shelf.parse(planEveningSchema, body), signal);
  }

  @Get(':id')
  @ApiOperation({
    summary:
      'One evening with its plan, its shopping and its measuring list; as a calendar, Markdown or text; or the document alone',
  })
  @ApiQuery({ name: 'as', enum: EVENING_FORMS, required: false })
  @ApiOkResponse({
    description: 'The evening, or a file of it',
    content: {
      'application/json': { schema: openApi(plannedEveningSchema) },
      ...Object.fromEntries(Object.values(FILES).map(({ type }) => [type, { schema: { type: 'string' } }])),
    },
  })
  @problems(400, 404, 422, 503)
  async read(
    @Param('id', ParseUUIDPipe) id: string,
    @Query('as') as: string | undefined,
    @Res({ passthrough: true }) response: Response,
  ): Promise<PlannedEvening | EveningDocument | string> {
    const form = as === undefined ? null : EVENING_FORMS.find((f) => f === as);
    if (form === undefined)
      throw badFields([{ field: 'as', message: `as must be one of ${EVENING_FORMS.join(', ')}` }]);
    const document = await this.evenings.read(id);
    if (form === 'document') return document;
    if (form === null) return this.withPlan(document);
    const text = written(await this.planning.of(document), document, form);
    response.type(FILES[form].type);
    response.set(
      'Content-Disposition',
      `attachment; filename="${fileName(document.name, 'evening')}.${FILES[form].ending}"`,
    );
    return text;
  }

  @Put(':id')
  @ApiOperation({ summary: 'Save over a version; 409 when it is not the last any more' })
  @ApiBody({ schema: openApi(saveEveningSchema) })
  @ApiOkResponse(EVENING)
  @problems(400, 404, 409)
  save(
    @Param('id', ParseUUIDPipe) id: string,
    @Body(new JoiPipe<SaveEveningRequest>(saveEveningSchema)) { version, ...body }: SaveEveningRequest,
  ): Promise<EveningDocument> {
    return this.evenings.save(id, version, body);
  }

  @Post(':id/copy')
  @ApiOperation({ summary: 'The same evening for another time' })
  @ApiBody({ schema: openApi(copyEveningSchema) })
  @ApiCreatedResponse(EVENING)
  @problems(400, 404)
  copy(
    @Param('id', ParseUUIDPipe) id: string,
    @Body(new JoiPipe<CopyEveningRequest>(copyEveningSchema)) { serveAt }: CopyEveningRequest,
  ): Promise<EveningDocument> {
    return this.evenings.copy(id, serveAt);
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Put aside; restore brings it back' })
  @ApiNoContentResponse()
  @problems(404)
  remove(@Param('id', ParseUUIDPipe) id: string): Promise<void> {
    return this.evenings.remove(id);
  }

  @Post(':id/restore')
  @HttpCode(200)
  @ApiOperation({ summary: 'Undo a delete' })
  @ApiOkResponse(EVENING)
  @problems(404)
  restore(@Param('id', ParseUUIDPipe) id: string): Promise<EveningDocument> {
    return this.evenings.restore(id);
  }

  /** An evening that cannot be planned is shown all the same, with the reason. */
  private async withPlan(document: EveningDocument): Promise<PlannedEvening> {
    try {
      return { ...document, plan: answered(await this.planning.of(document)), problem: '' };
    } catch (error) {
      const busy = error instanceof ProblemException && error.getStatus() === 503;
      if (busy || !(error instanceof ProblemException || error instanceof Refusal)) throw error;
      return { ...document, plan: null, problem: error instanceof ProblemException ? detailOf(error) : error.message };
    }
  }
}

const detailOf = (error: ProblemException): string => (error.getResponse() as { detail: string }).detail;
