/** What was worked out lately, by a key of all that it depends on: the same is asked for again and again. */
export class Remembered<T> {
  private readonly known = new Map<string, T>();
  /** @param most so many are kept; then all are forgotten */
  constructor(private readonly most: number) {}

  get(key: string, make: () => T): T {
    const found = this.known.get(key);
    if (found !== undefined) return found;
    const made = make();
    if (this.known.size >= this.most) this.known.clear();
    this.known.set(key, made);
    return made;
  }
}
