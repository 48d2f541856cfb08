import type { Doubt } from '@yellowmist/core';

/** What is asked about a line of a bowl, by why it is. */
export const LINE_QUESTIONS: Record<Doubt, (typed: string) => string> = {
  unknown: (typed) => `“${typed}” is nothing that is known here. Do you mean:`,
  'another-kind': (typed) => `“${typed}” is a kind that is not known here. Take it as:`,
  'two-things': (typed) => `“${typed}” names two things. Write them with a comma between, or take one:`,
  'how-much': (typed) => `How much? “${typed}” does not say. Take:`,
  nothing: (typed) => `“${typed}” is nothing. Take:`,
  'too-much': (typed) => `“${typed}” is more than a bowl holds. Do you mean:`,
  'a-food': (typed) => `“${typed}” is a food, and nothing of a bowl. Say what the bowl is made of.`,
};
