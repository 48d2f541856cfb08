import { Catch, HttpException, Logger, type ArgumentsHost, type ExceptionFilter } from '@nestjs/common';
import type { Response } from 'express';
import type { Problem } from '@yellowmist/contract';
import { Refusal } from '@yellowmist/core';
import type { StandingService } from './standing.service.js';
import { troubleOf } from './troubles.js';
import { problem, ProblemException } from './problem.js';

const TOO_LARGE = 413;

interface BodyParserError {
  status?: number;
}

/** Turns everything thrown into problem details; what is unexpected is logged and told without its insides. */
@Catch()
export class ProblemFilter implements ExceptionFilter {
  private readonly log = new Logger('Problem');

  constructor(private readonly database: StandingService) {}

  catch(error: unknown, host: ArgumentsHost): void {
    const response = host.switchToHttp().getResponse<Response>();
    const body = this.describe(error);
    if (response.headersSent) return;
    if (error instanceof ProblemException && error.retryAfterS !== undefined)
      response.set('Retry-After', String(error.retryAfterS));
    response.status(body.status).type('application/problem+json').send(JSON.stringify(body));
  }

  private describe(error: unknown): Problem {
    if (error instanceof ProblemException) return error.getResponse() as Problem;
    if (error instanceof Refusal) return problem(400, error.message);
    const trouble = troubleOf(error);
    if (trouble) {
      this.log.error(error instanceof Error ? error.message : String(error));
      if (trouble.damaged) this.database.isDamaged(trouble.detail);
      return problem(trouble.status, trouble.detail);
    }
    const { status } = (error ?? {}) as BodyParserError;
    if (status === TOO_LARGE || (error instanceof HttpException && error.getStatus() === TOO_LARGE))
      return problem(
        TOO_LARGE,
        'The body is too large: at most 256 kB can be sent, 6 MB of a recipe that is to be read, 15 MB of a photograph, and 192 MB of a whole kitchen.',
      );
    if (error instanceof HttpException) {
      const unread = error.getStatus() === 400 ? 'The request could not be read: ' : '';
      return problem(error.getStatus(), unread + error.message);
    }
    if (status && status < 500) return problem(status, 'The request could not be read.');
    this.log.error(error instanceof Error ? error.stack : String(error));
    return problem(
      500,
      'The server met an error that it did not expect. What it had answered as saved before is on the disk.',
    );
  }
}
