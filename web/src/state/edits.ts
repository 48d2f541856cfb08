import { fingerprint } from '@yellowmist/core';
import { problemText, statusOf } from './api';
import { forgetUnsaved, keepUnsaved, leftOf } from './outbox';
import { tell } from './toast';
import * as texts from './texts';

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
  /** What a window that is gone has left, where others have saved since; null where there is nothing to choose. */
  left: { mine: Body; theirs: Body } | null;
}

/** What found no server, a save or a first reading, is tried again after so long, ms. */
export const RETRY_MS = 3000;

/**
 * The changes of one document, kept beside the pages that make them: seen at once, saved one after the other, tried again
 * until the server answers, and lost only when it refuses them.
 */
export class Edits<Body extends object> {
  private state: EditState<Body> = { pending: [], problem: '', retrying: false, left: null };
  private known: Stored<Body> | null = null;
  private running = false;
  private readonly listeners = new Set<() => void>();
  private waiters: { edit: Edit<Body>; tell: (saved: boolean) => void }[] = [];

  /** @param id under which what is not saved yet is kept in the browser; not kept without */
  constructor(
    private readonly place: Place<Body>,
    private readonly retryMs = RETRY_MS,
    private readonly id: string | null = null,
  ) {}

  readonly subscribe = (tell: () => void): (() => void) => {
    this.listeners.add(tell);
    return () => this.listeners.delete(tell);
  };

  readonly now = (): EditState<Body> => this.state;

  /** Tells what the server is known to have. */
  seen(stored: Stored<Body>): void {
    const first = this.known === null;
    if (!this.known || stored.version >= this.known.version) this.known = stored;
    if (first && this.id !== null) void this.recover(this.id, stored);
  }

  /** What a window that is gone has left: made again, or offered where others have saved meanwhile. */
  private async recover(id: string, stored: Stored<Body>): Promise<void> {
    const left = await leftOf<Body>(id);
    if (!left) return;
    const bare = { ...stored, version: 0 };
    if (fingerprint({ ...left.body, version: 0 }) === fingerprint(bare)) {
      await forgetUnsaved(id);
      return;
    }
    if (left.version === stored.version) {
      void this.change(() => left.body);
      await tell(texts.whatWasChangedHere);
      return;
    }
    this.set({ left: { mine: left.body, theirs: stored } });
  }

  /** Takes what a window that is gone has left over what others have saved. */
  takeLeft(): void {
    const { left } = this.state;
    this.set({ left: null });
    if (left) void this.change(() => left.mine);
  }

  /** Leaves it as others have saved it. */
  dropLeft(): void {
    this.set({ left: null });
    if (this.id !== null && this.state.pending.length === 0) void forgetUnsaved(this.id);
  }

  /** Keeps in the browser what is not saved yet, as it would be saved. */
  private keep(): void {
    if (this.id === null || !this.known) return;
    const { pending } = this.state;
    const { version, ...known } = this.known;
    const body = pending.reduce<Body>((b, edit) => edit(b), known as unknown as Body);
    void (pending.length > 0 ? keepUnsaved(this.id, { version, body, at: Date.now() }) : forgetUnsaved(this.id));
  }

  /** Answers whether it was saved, once that is known. */
  change(edit: Edit<Body>): Promise<boolean> {
    const told = new Promise<boolean>((tell) => this.waiters.push({ edit, tell }));
    this.set({ pending: [...this.state.pending, edit], problem: this.state.retrying ? this.state.problem : '' });
    this.keep();
    void this.run();
    return told;
  }

  private set(part: Partial<EditState<Body>>): void {
    this.state = { ...this.state, ...part };
    this.listeners.forEach((tell) => tell());
  }

  private done(edits: readonly Edit<Body>[], saved: boolean): void {
    this.set({ pending: this.state.pending.filter((e) => !edits.includes(e)) });
    this.keep();
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
