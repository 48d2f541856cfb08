import { Body, Controller, Get, Put } from '@nestjs/common';
import { ApiBody, ApiOperation, ApiTags } from '@nestjs/swagger';
import { saveSupperSchema, type SupperDocument } from '@yellowmist/contract';
import { JoiPipe } from '../common/joi.pipe.js';
import { openApi } from '../common/openapi.js';
import { SupperService } from './supper.service.js';

@ApiTags('supper')
@Controller('supper')
export class SupperController {
  constructor(private readonly supper: SupperService) {}

  @Get()
  @ApiOperation({ summary: 'The next supper: its dishes, and guests who do not eat everything' })
  read(): Promise<SupperDocument> {
    return this.supper.read();
  }

  @Put()
  @ApiOperation({ summary: 'Save the supper over a version; 409 when it is not the last any more' })
  @ApiBody({ schema: openApi(saveSupperSchema) })
  save(
    @Body(new JoiPipe<SupperDocument>(saveSupperSchema)) { version, ...body }: SupperDocument,
  ): Promise<SupperDocument> {
    return this.supper.save(version, body);
  }
}
