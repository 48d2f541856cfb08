import { randomLcg } from 'd3';

/** The same scatter every time for the same name, so that a drawing does not flicker. */
export function scatter(name: string): () => number {
  let hash = 7;
  for (const char of name) hash = (hash * 31 + char.charCodeAt(0)) % 1_000_003;
  return randomLcg((hash % 9973) / 9973);
}
