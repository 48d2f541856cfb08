/** Evidence fades over a year: what follows from it holds for an hour, ms. */
const HOLDS_MS = 3_600_000;

/** An answer that holds until what it hangs on has changed. */
export class Kept<T> {
  private last: { at: number; answer: Promise<T> } | null = null;

  /** Something that it hangs on has changed. */
  forget(): void {
    this.last = null;
  }

  /** The answer as it was found last, or found now; one that failed is asked for again. */
  get(find: () => Promise<T>): Promise<T> {
    if (this.last && Date.now() - this.last.at < HOLDS_MS) return this.last.answer;
    const answer = find();
    const kept = { at: Date.now(), answer };
    this.last = kept;
    answer.catch(() => {
      if (this.last === kept) this.last = null;
    });
    return answer;
  }
}
