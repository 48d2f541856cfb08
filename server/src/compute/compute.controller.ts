import { Body, Controller, HttpCode, Post, Res } from '@nestjs/common';
import { ApiBody, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import {
  convertAnswerSchema,
  convertRequestSchema,
  diagnoseAnswerSchema,
  diagnoseRequestSchema,
  simulateAnswerSchema,
  simulateRequestSchema,
  type ConvertAnswer,
  type DiagnoseAnswer,
  type SimulateAnswer,
} from '@yellowmist/contract';
import type { Response } from 'express';
import { openApi, problems } from '../common/openapi.js';
import { whileHere } from '../common/whileHere.js';
import { ShelfService } from '../shelf/shelf.service.js';
import { ComputeService } from './compute.service.js';

@ApiTags('compute')
@Controller()
export class ComputeController {
  constructor(
    private readonly compute: ComputeService,
    private readonly shelf: ShelfService,
  ) {}

  @Post('convert')
  @HttpCode(200)
  @ApiOperation({
    summary:
      'Convert a fried dish: the original as it comes out of the oil, and ranked air-fryer versions with reasons',
  })
  @ApiBody({ schema: openApi(convertRequestSchema) })
  @ApiOkResponse({ schema: openApi(convertAnswerSchema) })
  @problems(400, 503)
  async convert(@Body() body: unknown, @Res({ passthrough: true }) response: Response): Promise<ConvertAnswer> {
    const signal = whileHere(response);
    return this.compute.convert(await this.shelf.parse(convertRequestSchema, body), signal);
  }

  @Post('simulate')
  @HttpCode(200)
  @ApiOperation({ summary: 'What would this coat do in this cook: the series over time and the outcomes at the end' })
  @ApiBody({ schema: openApi(simulateRequestSchema) })
  @ApiOkResponse({ schema: openApi(simulateAnswerSchema) })
  @problems(400, 503)
  async simulate(@Body() body: unknown, @Res({ passthrough: true }) response: Response): Promise<SimulateAnswer> {
    const signal = whileHere(response);
    return this.compute.simulate(await this.shelf.parse(simulateRequestSchema, body), signal);
  }

  @Post('diagnose')
  @HttpCode(200)
  @ApiOperation({
    summary:
      'What went wrong, by what was seen: causes with their shares and the evidence, one change, or a test that tells two apart. Nothing is stored',
  })
  @ApiBody({ schema: openApi(diagnoseRequestSchema) })
  @ApiOkResponse({ schema: openApi(diagnoseAnswerSchema) })
  @problems(400, 503)
  async diagnose(@Body() body: unknown, @Res({ passthrough: true }) response: Response): Promise<DiagnoseAnswer> {
    const signal = whileHere(response);
    return this.compute.diagnose(await this.shelf.parse(diagnoseRequestSchema, body), signal);
  }
}
