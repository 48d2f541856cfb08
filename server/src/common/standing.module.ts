import { Global, Module } from '@nestjs/common';
import { StandingService } from './standing.service.js';

/** Whether the database is whole is known to everybody who meets it. */
@Global()
@Module({ providers: [StandingService], exports: [StandingService] })
export class StandingModule {}
