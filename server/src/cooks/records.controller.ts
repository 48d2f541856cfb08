import { Body, Controller, Get, Param, ParseUUIDPipe, Put, Query } from '@nestjs/common';
import { ApiBody, ApiOkResponse, ApiOperation, ApiQuery, ApiTags } from '@nestjs/swagger';
import {
  cookDiagnosisSchema,
  saveSeenSchema,
  seenRecordsSchema,
  seenRecordSchema,
  type CookDiagnosis,
  type SaveSeenRequest,
  type SeenRecord,
} from '@yellowmist/contract';
import { JoiPipe } from '../common/joi.pipe.js';
import { openApi, problems } from '../common/openapi.js';
import { RecordsService } from './records.service.js';

@ApiTags('cooks')
@Controller('cooks')
export class RecordsController {
  constructor(private readonly records: RecordsService) {}

  @Get(':id/seen')
  @ApiOperation({ summary: 'How the dishes of a cook came out, as far as it was noted' })
  @ApiOkResponse({ schema: openApi(seenRecordsSchema) })
  @problems(404, 422)
  seen(@Param('id', ParseUUIDPipe) id: string): Promise<SeenRecord[]> {
    return this.records.of(id);
  }

  @Put(':id/seen')
  @ApiOperation({
    summary:
      'Note how a dish came out; every field can be left out. `dish` names it where the cook has several, `version` the note that is changed',
  })
  @ApiBody({ schema: openApi(saveSeenSchema) })
  @ApiOkResponse({ schema: openApi(seenRecordSchema) })
  @problems(400, 404, 409, 422)
  save(
    @Param('id', ParseUUIDPipe) id: string,
    @Body(new JoiPipe<SaveSeenRequest>(saveSeenSchema)) seen: SaveSeenRequest,
  ): Promise<SeenRecord> {
    return this.records.save(id, seen);
  }

  @Get(':id/diagnosis')
  @ApiOperation({
    summary:
      'What went wrong in a dish of a cook, with this kitchen’s past, one change or a test, and whether the last change has helped',
  })
  @ApiQuery({ name: 'dish', required: false })
  @ApiOkResponse({ schema: openApi(cookDiagnosisSchema) })
  @problems(400, 404, 409, 422, 503)
  diagnosis(@Param('id', ParseUUIDPipe) id: string, @Query('dish') dish?: string): Promise<CookDiagnosis> {
    return this.records.diagnosis(id, dish);
  }
}
