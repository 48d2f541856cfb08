import { createWriteStream } from 'node:fs';
import { rm } from 'node:fs/promises';
import { join } from 'node:path';
import { randomUUID } from 'node:crypto';
import { Transform, type TransformCallback } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { Controller, Delete, Get, HttpCode, Param, Post, Req, Res } from '@nestjs/common';
import {
  ApiConsumes,
  ApiCreatedResponse,
  ApiNoContentResponse,
  ApiOkResponse,
  ApiOperation,
  ApiTags,
} from '@nestjs/swagger';
import {
  backupRecordSchema,
  backupsSchema,
  restoredSchema,
  type BackupRecord,
  type Backups,
  type Restored,
} from '@yellowmist/contract';
import type { Request, Response } from 'express';
import { openApi, problems } from '../common/openapi.js';
import { ProblemException } from '../common/problem.js';
import { BackupsService } from './backups.service.js';
import { backupFile } from './places.js';
import { RestoringService } from './restoring.service.js';

const BACKUP = { schema: openApi(backupRecordSchema) };
const FILE_TYPE = 'application/vnd.sqlite3';
/** A kitchen of ten years with two photographs a week. */
const LARGEST_BYTES = 1024 ** 3;

/** Stops a stream that is longer than it may be. */
class Bounded extends Transform {
  private bytes = 0;

  override _transform(chunk: Buffer, _encoding: BufferEncoding, done: TransformCallback): void {
    this.bytes += chunk.length;
    if (this.bytes > LARGEST_BYTES) done(new ProblemException(413, 'A backup that is brought has at most 1 GB.'));
    else done(null, chunk);
  }
}

@ApiTags('backups')
@Controller('backups')
export class BackupsController {
  constructor(
    private readonly backups: BackupsService,
    private readonly restoring: RestoringService,
  ) {}

  @Get()
  @ApiOperation({ summary: 'Backups that lie beside the data, the last first, and what was set aside as damaged' })
  @ApiOkResponse({ schema: openApi(backupsSchema) })
  all(): Promise<Backups> {
    return this.backups.all();
  }

  @Post()
  @ApiOperation({ summary: 'Make a backup now; it stays until it is taken away' })
  @ApiCreatedResponse(BACKUP)
  @problems(507)
  make(): Promise<BackupRecord> {
    return this.backups.make('by-hand');
  }

  @Post('file')
  @ApiOperation({
    summary: 'Bring a backup that was downloaded, here or elsewhere: checked and kept, and nothing is restored',
  })
  @ApiConsumes(FILE_TYPE, 'application/octet-stream')
  @ApiCreatedResponse(BACKUP)
  @problems(400, 413)
  async bring(@Req() request: Request): Promise<BackupRecord> {
    const coming = join(this.backups.places.backups, `brought-${randomUUID()}`);
    try {
      await this.backups.ready();
      await pipeline(request, new Bounded(), createWriteStream(coming));
      return await this.backups.bring(coming);
    } finally {
      await rm(coming, { force: true });
    }
  }

  @Delete('aside')
  @HttpCode(204)
  @ApiOperation({ summary: 'What was set aside has been dealt with: its files stay, and are spoken of no more' })
  @ApiNoContentResponse()
  forget(): void {
    this.backups.forgetAside();
  }

  @Get(':id/file')
  @ApiOperation({ summary: 'A backup with its photographs as one file: an SQLite database' })
  @ApiOkResponse({
    description: 'The file',
    content: { [FILE_TYPE]: { schema: { type: 'string', format: 'binary' } } },
  })
  @problems(404)
  async file(@Param('id') id: string, @Res() response: Response): Promise<void> {
    await this.backups.find(id);
    const { places, thread } = this.backups;
    const packed = join(places.backups, `packed-${id}-${process.hrtime.bigint()}`);
    try {
      await thread.pack({ file: backupFile(places, id), photos: places.backupPhotos, into: packed });
      response.type(FILE_TYPE);
      response.set('Content-Disposition', `attachment; filename="yellowmist-${id}.sqlite"`);
      await new Promise<void>((resolve, reject) =>
        response.sendFile(packed, { dotfiles: 'allow' }, (error) =>
          error && !response.headersSent ? reject(error) : resolve(),
        ),
      );
    } finally {
      await rm(packed, { force: true });
    }
  }

  @Post(':id/restore')
  @HttpCode(200)
  @ApiOperation({
    summary:
      'Bring everything back as it was then. What is here now is a backup first; versions go on, so that no open page saves over it',
  })
  @ApiOkResponse({ schema: openApi(restoredSchema) })
  @problems(404, 422, 507)
  restore(@Param('id') id: string): Promise<Restored> {
    return this.restoring.restore(id);
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Take a backup away for good' })
  @ApiNoContentResponse()
  @problems(404)
  remove(@Param('id') id: string): Promise<void> {
    return this.backups.remove(id);
  }
}
