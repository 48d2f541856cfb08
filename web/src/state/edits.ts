import { fingerprint } from '@yellowmist/core';
import { problemText, statusOf } from './api';

/** A change of a document that comes to the same when it is made twice. */
export type Edit<Body> = (body: Body) => Body;

type Stored<Body> = Body & { version: number };

/** Where a document of which there is one is read and saved. */
export interface Place<Body> {
  read: () => Promise<Stored<Body>>;
  /** Answers the document as it is then. */
  save: (document: Stored<Body>) => Promise<Stored<Body>>;
}

/** How the changes stand. */
export interface EditState<Body> {
  /** Changes that are seen, and not saved yet, the oldest first. */
  pending: readonly Edit<Body>[];
  /** What the server said against the last change, or why it is tried again; empty when nothing is wrong. */
  problem: string;
  /** Not saved for now: it is tried again. */
  retrying: boolean;
}

/** A save that found no server is tried again after so long, ms. */
const RETRY_MS = 3000;

/**
 * The changes of one document, kept beside the pages that make them: seen at once, saved one after the other, tried again
 * until the server answers, and lost only when it refuses them.
 */
export class Edits<Body extends object> {
  private state: EditState<Body> = { pending: [], problem: '', retrying: false };
  private known: Stored<Body> | null = null;
  private running = false;
  private readonly listeners = new Set<() => void>();
  private waiters: { edit: Edit<Body>; tell: (saved: boolean) => void }[] = [];

  constructor(
    private readonly place: Place<Body>,
    private readonly retryMs = RETRY_MS,
  ) {}

  readonly subscribe = (tell: () => void): (() => void) => {
    this.listeners.add(tell);
    return () => this.listeners.delete(tell);
  };

  readonly now = (): EditState<Body> => this.state;

  /** Tells what the server is known to have. */
  seen(stored: Stored<Body>): void {
    if (!this.known || stored.version >= this.known.version) this.known = stored;
  }

  /** Answers whether it was saved, once that is known. */
  change(edit: Edit<Body>): Promise<boolean> {
    const told = new Promise<boolean>((tell) => this.waiters.push({ edit, tell }));
    this.set({ pending: [...this.state.pending, edit], problem: this.state.retrying ? this.state.problem : '' });
    void this.run();
    return told;
  }

  private set(part: Partial<EditState<Body>>): void {
    this.state = { ...this.state, ...part };
    this.listeners.forEach((tell) => tell());
  }

  private done(edits: readonly Edit<Body>[], saved: boolean): void {
    this.set({ pending: this.state.pending.filter((e) => !edits.includes(e)) });
    this.waiters = this.waiters.filter(({ edit, tell }) => {
      if (!edits.includes(edit)) return true;
      tell(saved);
      return false;
    });
  }

  private async run(): Promise<void> {
    if (this.running) return;
    this.running = true;
    while (this.state.pending.length > 0) {
      const edits = this.state.pending;
      try {
        await this.saveAll(edits);
        this.set({ problem: '', retrying: false });
        this.done(edits, true);
      } catch (error) {
        const status = statusOf(error);
        if (status !== undefined && status < 500) {
          // Refused: what was there before stands, and the reason beside it.
          this.set({ problem: problemText(error), retrying: false });
          this.done(edits, false);
          continue;
        }
        this.set({ problem: problemText(error), retrying: true });
        await new Promise((resolve) => setTimeout(resolve, this.retryMs));
      }
    }
    this.running = false;
  }

  /** Over what is known of the document; over what it is now, where somebody else has changed it. */
  private async saveAll(edits: readonly Edit<Body>[]): Promise<void> {
    const apply = (body: Stored<Body>): Stored<Body> => ({
      ...edits.reduce<Body>((b, edit) => edit(b), body),
      version: body.version,
    });
    this.known ??= await this.place.read();
    const wanted = apply(this.known);
    try {
      this.known = await this.place.save(wanted);
    } catch (error) {
      if (statusOf(error) !== 409) throw error;
      const theirs = await this.place.read();
      // A save whose answer was lost is there already.
      const same = fingerprint({ ...theirs, version: 0 }) === fingerprint({ ...wanted, version: 0 });
      this.known = same ? theirs : await this.place.save(apply(theirs));
    }
  }
}
