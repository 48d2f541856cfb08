import { Controller, Get } from '@nestjs/common';
import { ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { healthSchema } from '@yellowmist/contract';
import { DataSource } from 'typeorm';
import { openApi } from '../common/openapi.js';

@ApiTags('health')
@Controller('health')
export class HealthController {
  constructor(private readonly database: DataSource) {}

  @Get()
  @ApiOperation({ summary: 'Whether the server and its database answer' })
  @ApiOkResponse({ schema: openApi(healthSchema) })
  async health(): Promise<{ status: 'ok' }> {
    await this.database.query('SELECT 1');
    return { status: 'ok' };
  }
}
