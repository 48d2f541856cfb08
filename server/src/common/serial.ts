/** Does one thing after the other, in the order in which they were asked for. */
export class Serial {
  private last: Promise<unknown> = Promise.resolve();

  run<T>(task: () => Promise<T>): Promise<T> {
    const next = this.last.then(task);
    this.last = next.catch(() => undefined);
    return next;
  }
}
