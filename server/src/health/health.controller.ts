import { Controller, Get, Inject, Res } from '@nestjs/common';
import { ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { healthSchema, type Health } from '@yellowmist/contract';
import type { Response } from 'express';
import { DataSource } from 'typeorm';
import { asideIn } from '../backup/aside.js';
import { PLACES_OF_DATA } from '../backup/backups.service.js';
import type { Places } from '../backup/places.js';
import { openApi } from '../common/openapi.js';
import { StandingService } from '../common/standing.service.js';

@ApiTags('health')
@Controller('health')
export class HealthController {
  constructor(
    private readonly database: DataSource,
    private readonly standing: StandingService,
    @Inject(PLACES_OF_DATA) private readonly places: Places,
  ) {}

  @Get()
  @ApiOperation({ summary: 'Whether the server and its database answer; 503 where the database is damaged' })
  @ApiOkResponse({ schema: openApi(healthSchema) })
  async health(@Res({ passthrough: true }) response: Response): Promise<Health> {
    await this.database.query('SELECT 1');
    const { problem } = this.standing;
    if (problem) response.status(503);
    return { status: problem ? 'damaged' : 'ok', problem, setAside: asideIn(this.places.data) !== null };
  }
}
