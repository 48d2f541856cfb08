import type { Tasted } from '@yellowmist/core';

/** What tasters are asked, as a question of two or more, and as what is tapped first. */
export const ASKS: Record<Tasted, { question: string; first: string }> = {
  crisper: { question: 'Which is crisper?', first: 'the crispest' },
  again: { question: 'Which would you have again?', first: 'the one you would have again before any other' },
  holds: { question: 'Whose coat holds better?', first: 'the one whose coat holds best' },
  taste: { question: 'Which tastes better?', first: 'the one that tastes best' },
};

/** "crisp first" names in a line, as they are typed: apart by commas, each once. */
export const namesIn = (typed: string): string[] => [
  ...new Set(
    typed
      .split(',')
      .map((name) => name.trim())
      .filter(Boolean),
  ),
];
