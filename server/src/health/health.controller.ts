import { Controller, Get } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { DataSource } from 'typeorm';

@ApiTags('health')
@Controller('health')
export class HealthController {
  constructor(private readonly database: DataSource) {}

  @Get()
  @ApiOperation({ summary: 'Whether the server and its database answer' })
  async health(): Promise<{ status: 'ok' }> {
    await this.database.query('SELECT 1');
    return { status: 'ok' };
  }
}
