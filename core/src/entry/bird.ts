/** A chicken without a word of which part of it: each is fried in its own time. Common practice, no source. */

/** One as it is, or half of one. */
const WHOLE_BIRD =
  /\b(whole|half a|half) (chicken|bird)s?\b|\bchickens?, (jointed|cut up|in pieces)|^\s*(an?|one|two|three|[1-9½])( small| large)? chickens?\s*$/;
/** So many pieces of it. */
const PIECES_SAID = /^\s*(\d+) (?:pieces (?:of )?chicken|chicken pieces)\s*$/;
const PIECES_OF_BIRD = ['chicken-thigh-on-bone', 'chicken-drumstick', 'chicken-wing', 'chicken-breast'];

/**
 * Whether words in small letters say a bird and not which of its pieces.
 * @returns foods that its pieces are, and how many were said; null where they say none, or which
 */
export function birdIn(lower: string): { ids: readonly string[]; pieces: number | null } | null {
  const pieces = PIECES_SAID.exec(lower);
  if (!pieces && !WHOLE_BIRD.test(lower)) return null;
  return { ids: PIECES_OF_BIRD, pieces: pieces && Number(pieces[1]) };
}
