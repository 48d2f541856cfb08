import { Injectable } from '@nestjs/common';

/** Whether the database is whole, as far as anybody has met it. */
@Injectable()
export class StandingService {
  /** What is wrong with it; null where it is well. */
  problem: string | null = null;

  isDamaged(problem: string): void {
    this.problem = problem;
  }
}
