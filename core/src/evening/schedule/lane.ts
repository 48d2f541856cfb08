/** What somebody or something is busy with, as intervals that do not overlap, the earliest first. */
export class Lane {
  private readonly from: number[] = [];
  private readonly to: number[] = [];

  /** The latest beginning of an interval that overlaps [from, to); null where it is free. */
  clash(from: number, to: number): number | null {
    for (let k = this.from.length - 1; k >= 0; k--) {
      if (this.from[k] < to - TOUCH && this.to[k] > from + TOUCH) return this.from[k];
    }
    return null;
  }

  /** The earliest end of an interval that overlaps [from, to); null where it is free. */
  clashEnd(from: number, to: number): number | null {
    const k = this.from.findIndex((f, i) => f < to - TOUCH && this.to[i] > from + TOUCH);
    return k < 0 ? null : this.to[k];
  }

  take(from: number, to: number): void {
    let k = this.from.length;
    while (k > 0 && this.from[k - 1] > from) k -= 1;
    this.from.splice(k, 0, from);
    this.to.splice(k, 0, to);
  }

  /** Gives back what was taken from `from` on. */
  release(from: number): void {
    const k = this.from.indexOf(from);
    if (k < 0) return;
    this.from.splice(k, 1);
    this.to.splice(k, 1);
  }
}

/** Intervals that only touch do not overlap, min. */
const TOUCH = 1e-6;
