import { Body, Controller, Delete, Get, HttpCode, Param, ParseUUIDPipe, Post, Put } from '@nestjs/common';
import { ApiBody, ApiOperation, ApiTags } from '@nestjs/swagger';
import {
  conversionBodySchema,
  saveRequestSchema,
  type ConversionBody,
  type ConversionDocument,
} from '@yellowmist/contract';
import { JoiPipe } from '../common/joi.pipe.js';
import { openApi } from '../common/openapi.js';
import { ConversionsService } from './conversions.service.js';

@ApiTags('conversions')
@Controller('conversions')
export class ConversionsController {
  constructor(private readonly conversions: ConversionsService) {}

  @Get()
  @ApiOperation({ summary: 'All conversions, the last touched first' })
  list(): Promise<ConversionDocument[]> {
    return this.conversions.list();
  }

  @Post()
  @ApiOperation({ summary: 'Begin a conversion' })
  @ApiBody({ schema: openApi(conversionBodySchema) })
  create(@Body(new JoiPipe<ConversionBody>(conversionBodySchema)) body: ConversionBody): Promise<ConversionDocument> {
    return this.conversions.create(body);
  }

  @Get(':id')
  @ApiOperation({ summary: 'One conversion' })
  read(@Param('id', ParseUUIDPipe) id: string): Promise<ConversionDocument> {
    return this.conversions.read(id);
  }

  @Put(':id')
  @ApiOperation({ summary: 'Save over a version; 409 when it is not the last any more' })
  @ApiBody({ schema: openApi(saveRequestSchema) })
  save(
    @Param('id', ParseUUIDPipe) id: string,
    @Body(new JoiPipe<ConversionBody & { version: number }>(saveRequestSchema))
    { version, ...body }: ConversionBody & { version: number },
  ): Promise<ConversionDocument> {
    return this.conversions.save(id, version, body);
  }

  @Post(':id/duplicate')
  @ApiOperation({ summary: 'A copy of its own' })
  duplicate(@Param('id', ParseUUIDPipe) id: string): Promise<ConversionDocument> {
    return this.conversions.duplicate(id);
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Put aside; restore brings it back' })
  remove(@Param('id', ParseUUIDPipe) id: string): Promise<void> {
    return this.conversions.remove(id);
  }

  @Post(':id/restore')
  @HttpCode(200)
  @ApiOperation({ summary: 'Undo a delete' })
  restore(@Param('id', ParseUUIDPipe) id: string): Promise<ConversionDocument> {
    return this.conversions.restore(id);
  }
}
