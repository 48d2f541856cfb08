/** Numbers from 0 to 1 that look random and are the same for the same seed (mulberry32). */
export function seeded(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** A seed for a name: the same for the same letters (FNV-1a, 32 bit). */
export function seedOf(name: string): number {
  let hash = 0x811c9dc5;
  for (const letter of name) hash = Math.imul(hash ^ letter.codePointAt(0)!, 0x01000193) >>> 0;
  return hash;
}

/** A normal deviate, mean 0 and variance 1, from two even ones (Box and Muller). */
export const normal = (random: () => number): number =>
  Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
