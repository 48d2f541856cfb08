import { learningSchema, type LearningDocument, type Problem } from '@yellowmist/contract';
import { valid } from './counter.js';
import type { RunningServer } from './running.js';

const DAY_MS = 86_400_000;
/** What is learned of a cook fades with the years: those of a test are always of the last weeks. */
export const daysAgo = (days: number): string => new Date(Date.now() - days * DAY_MS).toISOString();

/** What is asked of the learning of a running server. */
export function teachingOf(server: RunningServer) {
  const learning = async (): Promise<LearningDocument> => {
    const { status, body } = await server.ask<LearningDocument>('GET', '/learning');
    expect(status).toBe(200);
    valid(learningSchema, body);
    return body;
  };
  const save = (more: object) => server.ask<LearningDocument & Problem>('PUT', '/learning', more);
  return {
    learning,
    save,
    /** Changes a part of what is asked of it. */
    async put(more: object): Promise<LearningDocument> {
      const { version, on, leftOut, since, handsSince } = await learning();
      const { status, body } = await save({ version, on, leftOut, since, handsSince, ...more });
      expect(status).toBe(200);
      return body;
    },
  };
}

/** Asks until something is so: what is learned is taken over a moment after a record is saved. */
export async function until<T>(ask: () => Promise<T>, so: (answer: T) => boolean): Promise<T> {
  for (let k = 0; k < 50; k++) {
    const answer = await ask();
    if (so(answer)) return answer;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  return ask();
}
