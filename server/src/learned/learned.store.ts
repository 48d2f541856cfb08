import { Injectable } from '@nestjs/common';
import type { KitchenBody } from '@yellowmist/contract';
import { asItsPage, asLearned, type Dish, type Fryer, type Hands, type LearnedFryer } from '@yellowmist/core';
import { Subject } from 'rxjs';

/** What is used of all that was learned. */
export interface LearnedInUse {
  fryers: ReadonlyMap<string, LearnedFryer>;
  /** What hands pick up; null for usual ones. */
  hands: Hands | null;
  /** Seconds of a piece through three bowls; null for the usual. */
  coatPieceS: number | null;
}

/** So long a dish is not read while something is learned that it may hang on, ms: then as it was known before. */
const PATIENCE_MS = 3000;

/** Nothing was learned, or none of it is wanted. */
export const NOTHING_LEARNED: LearnedInUse = { fryers: new Map(), hands: null, coatPieceS: null };

/** What was learned of fryers and hands, where it is used: dishes are read with it, and stored without. */
@Injectable()
export class LearnedStore {
  private used = NOTHING_LEARNED;
  /** Settled once what is used is known after a start. */
  private ready: Promise<void> = Promise.resolve();
  private settle: (() => void) | null = null;
  private readonly told = new Subject<void>();

  /** Cooks have changed of which something may be learned. */
  readonly stale = this.told.asObservable();

  /** Says that cooks have changed: whoever reads from now on waits a little for what follows from that. */
  tell(): void {
    // Where nothing of it is wanted, nothing follows.
    if (!this.settle && this.used !== NOTHING_LEARNED) {
      const settled = new Promise<void>((resolve) => (this.settle = resolve));
      this.waitFor(Promise.all([this.ready, settled]));
    }
    this.told.next();
  }

  use(learned: LearnedInUse): void {
    this.used = learned;
    this.settled();
  }

  /** What was to follow has followed, or cannot be had. */
  settled(): void {
    this.settle?.();
    this.settle = null;
  }

  /** Whoever reads waits for this, as long as anybody has patience. */
  waitFor(what: Promise<unknown>): void {
    const patience = new Promise<void>((resolve) => setTimeout(resolve, PATIENCE_MS).unref());
    this.ready = Promise.race([what.then(() => undefined).catch(() => undefined), patience]);
  }

  /** A body with its fryer and the hands as they were learned; as its page has them where learning is off. */
  async into<B extends { fryer: Fryer; dish: Dish }>(body: B): Promise<B> {
    await this.ready;
    const fryer = this.fryerNow(body.fryer);
    const stored = asItIsStored(body);
    const { hands } = this.used;
    return { ...stored, fryer, dish: { ...stored.dish, ...(hands && { hand: hands }) } };
  }

  /** A kitchen with its fryers and its pace as they were learned; what was put in by hand stands before what was timed. */
  async kitchen<K extends KitchenBody>(kitchen: K): Promise<K> {
    await this.ready;
    const fryers = kitchen.fryers.map((fryer) => this.fryerNow(fryer));
    const { coatPieceS } = this.used;
    return { ...kitchen, fryers, ...(coatPieceS !== null && { paces: { coatPieceS, ...kitchen.paces } }) };
  }

  /** A fryer as it is taken at this moment, without waiting: as learned, or as its page has it. */
  fryerNow(fryer: Fryer): Fryer {
    const page = asItsPage(fryer);
    const learned = this.used.fryers.get(page.name);
    return learned ? asLearned(page, learned) : page;
  }
}

/** The same as it is stored: what was learned is no part of it. */
export function asItIsStored<B extends { fryer: Fryer; dish: Dish }>(body: B): B {
  const { hand: _, ...dish } = body.dish;
  return { ...body, fryer: asItsPage(body.fryer), dish };
}
