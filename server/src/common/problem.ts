import { HttpException } from '@nestjs/common';
import type { FieldError, Problem } from '@yellowmist/contract';

/** What each status means here. */
export const TITLES: Record<number, string> = {
  400: 'Some fields are not allowed as they are',
  401: 'Sign in first',
  403: 'Not allowed from there',
  404: 'Not found',
  409: 'Somebody saved a newer version',
  413: 'Too much at once',
  415: 'Send JSON',
  422: 'What is stored cannot be read here',
  429: 'Too many tries',
  500: 'Something broke on our side',
  503: 'Not just now',
  507: 'No room to save',
};

/** Problem details (RFC 9457) for a status. */
export const problem = (status: number, detail: string, more: Partial<Problem> = {}): Problem => ({
  type: 'about:blank',
  title: TITLES[status] ?? 'The request failed',
  status,
  detail,
  ...more,
});

/** An error that reaches the client as problem details. */
export class ProblemException extends HttpException {
  constructor(
    status: number,
    detail: string,
    more: Partial<Problem> = {},
    /** After how many seconds it may be worth trying again. */
    readonly retryAfterS?: number,
  ) {
    super(problem(status, detail, more), status);
    // What a log shows of it; without, it is the name of the class.
    this.message = detail;
  }
}

/** 400, naming every field and what is allowed there. */
export const badFields = (errors: FieldError[]): ProblemException =>
  new ProblemException(400, errors.map((e) => e.message).join('; '), { errors });
