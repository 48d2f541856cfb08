import { Body, Controller, HttpCode, Post } from '@nestjs/common';
import { ApiBody, ApiOperation, ApiTags } from '@nestjs/swagger';
import { convertRequestSchema, simulateRequestSchema, type SimulateRequest } from '@yellowmist/contract';
import type { ConvertRequest } from '@yellowmist/core';
import { JoiPipe } from '../common/joi.pipe.js';
import { openApi } from '../common/openapi.js';
import { ComputeService } from './compute.service.js';

@ApiTags('compute')
@Controller()
export class ComputeController {
  constructor(private readonly compute: ComputeService) {}

  @Post('convert')
  @HttpCode(200)
  @ApiOperation({
    summary:
      'Convert a fried dish: the original as it comes out of the oil, and ranked air-fryer versions with reasons',
  })
  @ApiBody({ schema: openApi(convertRequestSchema) })
  convert(@Body(new JoiPipe<ConvertRequest>(convertRequestSchema)) request: ConvertRequest) {
    return this.compute.convert(request);
  }

  @Post('simulate')
  @HttpCode(200)
  @ApiOperation({ summary: 'What would this coat do in this cook: the series over time and the outcomes at the end' })
  @ApiBody({ schema: openApi(simulateRequestSchema) })
  simulate(@Body(new JoiPipe<SimulateRequest>(simulateRequestSchema)) request: SimulateRequest) {
    return this.compute.simulate(request);
  }
}
