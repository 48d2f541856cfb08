import { Injectable } from '@nestjs/common';
import { asItsPage, asLearned, type Fryer, type LearnedFryer } from '@yellowmist/core';
import { Subject } from 'rxjs';

/** What was learned of the fryers, where it is used: dishes are read with it, and stored without. */
@Injectable()
export class LearnedStore {
  private used: ReadonlyMap<string, LearnedFryer> = new Map();
  /** Settled once what is used is known after a start. */
  private ready: Promise<void> = Promise.resolve();
  private readonly told = new Subject<void>();

  /** Cooks have changed of which something may be learned. */
  readonly stale = this.told.asObservable();

  /** Says that cooks have changed. */
  tell(): void {
    this.told.next();
  }

  use(learned: ReadonlyMap<string, LearnedFryer>): void {
    this.used = learned;
  }

  /** Whoever reads waits for this. */
  waitFor(first: Promise<void>): void {
    this.ready = first.catch(() => undefined);
  }

  /** A body with its fryer as it was learned; as its page has it where learning is off. */
  async into<B extends { fryer: Fryer }>(body: B): Promise<B> {
    return { ...body, fryer: (await this.fryers([body.fryer]))[0] };
  }

  /** Fryers as they were learned; as their pages have them where learning is off, or nothing was cooked in them. */
  async fryers(fryers: readonly Fryer[]): Promise<Fryer[]> {
    await this.ready;
    return fryers.map((fryer) => {
      const page = asItsPage(fryer);
      const learned = this.used.get(page.name);
      return learned ? asLearned(page, learned) : page;
    });
  }

  /** The same as it is stored: what was learned is no part of it. */
  outOf<B extends { fryer: Fryer }>(body: B): B {
    return { ...body, fryer: asItsPage(body.fryer) };
  }
}
