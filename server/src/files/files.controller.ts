import { Body, Controller, Get, HttpCode, Post, Query, Res } from '@nestjs/common';
import { ApiConsumes, ApiOkResponse, ApiOperation, ApiQuery, ApiTags } from '@nestjs/swagger';
import { importReportSchema, kitchenFileSchema, type ImportReport } from '@yellowmist/contract';
import type { Response } from 'express';
import { openApi, problems } from '../common/openapi.js';
import { FilesService } from './files.service.js';

const listed = (keys: string | string[] | undefined): Set<string> =>
  new Set(
    [keys ?? []]
      .flat()
      .flatMap((key) => key.split(','))
      .map((key) => key.trim())
      .filter((key) => key !== ''),
  );

@ApiTags('files')
@Controller()
export class FilesController {
  constructor(private readonly files: FilesService) {}

  @Get('export')
  @ApiOperation({
    summary:
      'The whole kitchen as one file: dishes, kitchen, pantry, evenings, cooks that are over and their photographs',
  })
  @ApiQuery({ name: 'as', enum: ['gzip', 'json'], required: false, description: 'packed (default), or plain JSON' })
  @ApiQuery({ name: 'photographs', enum: ['0', '1'], required: false, description: '0 leaves the photographs out' })
  @ApiOkResponse({
    description: 'The file',
    content: {
      'application/gzip': { schema: { type: 'string', format: 'binary' } },
      'application/json': { schema: openApi(kitchenFileSchema) },
    },
  })
  async export(
    @Query('as') as: string | undefined,
    @Query('photographs') photographs: string | undefined,
    @Res() response: Response,
  ): Promise<void> {
    const name = `yellowmist-kitchen-${new Date().toISOString().slice(0, 10)}.json`;
    const plain = as === 'json';
    const wanted = photographs !== '0';
    response.type(plain ? 'application/json' : 'application/gzip');
    response.set('Content-Disposition', `attachment; filename="${plain ? name : `${name}.gz`}"`);
    response.send(plain ? await this.files.exported(wanted) : await this.files.packed(wanted));
  }

  @Post('import')
  @HttpCode(200)
  @ApiOperation({
    summary:
      'Merge such a file into this kitchen by identity: what is here and not alike stays unless it is named in take or both; all or nothing',
  })
  @ApiConsumes('application/gzip', 'application/json', 'application/octet-stream')
  @ApiQuery({ name: 'try', enum: ['1'], required: false, description: 'only report' })
  @ApiQuery({ name: 'take', required: false, description: 'keys of conflicts in which the file’s is taken, by commas' })
  @ApiQuery({
    name: 'both',
    required: false,
    description: 'keys of dishes and evenings of which both are kept, by commas',
  })
  @ApiOkResponse({ schema: openApi(importReportSchema) })
  @problems(400, 413)
  import(
    @Body() file: unknown,
    @Query('try') rehearsal: string | undefined,
    @Query('take') take: string | string[] | undefined,
    @Query('both') both: string | string[] | undefined,
  ): Promise<ImportReport> {
    return this.files.imported(file, { take: listed(take), both: listed(both) }, rehearsal === '1');
  }
}
