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
  experimentDocumentSchema,
  experimentListSchema,
  saveExperimentSchema,
  startExperimentSchema,
  type ExperimentDocument,
  type ExperimentInList,
  type SaveExperimentRequest,
  type StartExperimentRequest,
} from '@yellowmist/contract';
import { JoiPipe } from '../common/joi.pipe.js';
import { ApiPage, pageAsked } from '../common/page.js';
import { openApi, problems } from '../common/openapi.js';
import { ShelfService } from '../shelf/shelf.service.js';
import { ExperimentsService } from './experiments.service.js';

const EXPERIMENT = { schema: openApi(experimentDocumentSchema) };

@ApiTags('experiments')
@Controller('experiments')
export class ExperimentsController {
  constructor(
    private readonly experiments: ExperimentsService,
    private readonly shelf: ShelfService,
  ) {}

  @Get()
  @ApiOperation({ summary: 'All comparisons, the last touched first, each with what came of it in a sentence' })
  @ApiPage()
  @ApiOkResponse({ schema: openApi(experimentListSchema) })
  @problems(400, 404)
  async list(@Query() query: unknown): Promise<ExperimentInList[]> {
    return this.experiments.list(pageAsked(query));
  }

  @Post()
  @ApiOperation({
    summary:
      'Plan a fair comparison of two to four ways in one batch of a stored dish: places that hot spots do not decide, bowls for each way, codes, and orders of a blind tasting',
  })
  @ApiBody({ schema: openApi(startExperimentSchema) })
  @ApiCreatedResponse(EXPERIMENT)
  @problems(400, 503)
  async create(@Body() input: unknown): Promise<ExperimentDocument> {
    return this.experiments.create(await this.shelf.parse<StartExperimentRequest>(startExperimentSchema, input));
  }

  @Get(':id')
  @ApiOperation({ summary: 'A comparison as it was planned, and what its tastings come to: how sure one may be' })
  @ApiOkResponse(EXPERIMENT)
  @problems(404, 422)
  read(@Param('id', ParseUUIDPipe) id: string): Promise<ExperimentDocument> {
    return this.experiments.read(id);
  }

  @Put(':id')
  @ApiOperation({ summary: 'Save its name, note, tasters and what they answered over a version' })
  @ApiBody({ schema: openApi(saveExperimentSchema) })
  @ApiOkResponse(EXPERIMENT)
  @problems(400, 404, 409, 422)
  save(
    @Param('id', ParseUUIDPipe) id: string,
    @Body(new JoiPipe<SaveExperimentRequest>(saveExperimentSchema)) { version, ...notes }: SaveExperimentRequest,
  ): Promise<ExperimentDocument> {
    return this.experiments.save(id, version, notes);
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Put a comparison aside; it can be brought back' })
  @ApiNoContentResponse()
  @problems(404)
  remove(@Param('id', ParseUUIDPipe) id: string): Promise<void> {
    return this.experiments.remove(id);
  }

  @Post(':id/restore')
  @HttpCode(200)
  @ApiOperation({ summary: 'Bring back a comparison that was put aside' })
  @ApiOkResponse(EXPERIMENT)
  @problems(404)
  restore(@Param('id', ParseUUIDPipe) id: string): Promise<ExperimentDocument> {
    return this.experiments.restore(id);
  }
}
