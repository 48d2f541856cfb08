/** Wrong passphrases: five are free, then each takes longer; for the address that tries, and for all together. */

export const FREE = 5;
/** The first wait, s; each further wrong try doubles it. */
const FIRST_WAIT_S = 2;
/** No wait is longer: somebody who really forgot it comes in again, and whoever guesses gets nowhere, s. */
const LONGEST_S = { address: 15 * 60, all: 60 } as const;
/** So long after the last wrong one it is forgotten, ms. */
const FORGOTTEN_MS = 24 * 3600_000;
/** So many addresses are remembered; more than these are many computers, and all of them wait together. */
const MOST_ADDRESSES = 500;

interface Wrong {
  count: number;
  at: number;
}

/** How long after so many wrong tries the next one is looked at, s. */
export const waitAfter = (wrong: number, longestS: number): number =>
  wrong < FREE ? 0 : Math.min(longestS, FIRST_WAIT_S * 2 ** Math.min(30, wrong - FREE));

/** A house has one network of IPv6 addresses: whoever has one of it has them all. */
export const networkOf = (address: string): string =>
  address.includes(':') ? `${address.split('%')[0]!.split(':').slice(0, 4).join(':')}::/64` : address;

/** Counts wrong tries. What is being looked at counts as wrong until it was right, so that many at once gain nothing. */
export class Tries {
  private readonly by = new Map<string, Wrong>();
  private all: Wrong = { count: 0, at: 0 };

  constructor(private readonly now: () => number = Date.now) {}

  private left({ count, at }: Wrong, longestS: number): number {
    const since = (this.now() - at) / 1000;
    // A clock that was set back must not lock anybody out.
    return since < 0 ? 0 : Math.max(0, waitAfter(count, longestS) - since);
  }

  /** How many seconds this address has yet to wait; 0 where it may try now. */
  waitS(address: string): number {
    const wrong = this.known(networkOf(address));
    return Math.ceil(Math.max(this.left(wrong, LONGEST_S.address), this.left(this.all, LONGEST_S.all)));
  }

  private known(key: string): Wrong {
    const wrong = this.by.get(key);
    return wrong && this.now() - wrong.at < FORGOTTEN_MS ? wrong : { count: 0, at: 0 };
  }

  /** A try begins. */
  begins(address: string): void {
    const key = networkOf(address);
    const at = this.now();
    const { count } = this.known(key);
    this.by.delete(key);
    this.by.set(key, { count: count + 1, at });
    if (this.by.size > MOST_ADDRESSES) this.by.delete(this.by.keys().next().value!);
    this.all = { count: (at - this.all.at < FORGOTTEN_MS ? this.all.count : 0) + 1, at };
  }

  /** It was the right one: this address begins anew, and what it did is no longer counted against all. */
  wasRight(address: string): void {
    const key = networkOf(address);
    this.all.count = Math.max(0, this.all.count - (this.by.get(key)?.count ?? 0));
    this.by.delete(key);
  }
}
