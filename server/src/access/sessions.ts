import { createHash, createHmac, randomBytes, timingSafeEqual } from 'node:crypto';
import { RANGES, type SignedIn } from '@yellowmist/contract';
import type { Session } from './house.js';

/** Who is signed in: 30 days each, and until somebody ends it. */

export const SESSION_DAYS = 30;
const DAY_MS = 24 * 3600_000;
const TOKEN_BYTES = 32;
/** How often it is written down that a browser was seen, ms. */
const SEEN_EACH_MS = 10 * 60_000;

const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex');

/** What a page must send beside its cookie with everything that it changes: nobody has it who cannot read that page. */
export const pageToken = (token: string): string =>
  createHmac('sha256', token).update('a page of this house').digest('base64url');

/** Whether what a page sent is the token of its session. */
export function isPageToken(sent: unknown, token: string): boolean {
  const [mine, theirs] = [Buffer.from(pageToken(token)), Buffer.from(typeof sent === 'string' ? sent : '')];
  return mine.length === theirs.length && timingSafeEqual(mine, theirs);
}

/** The sessions of a house. */
export class Sessions {
  constructor(
    private sessions: Session[],
    /** Told whenever they are others than before. */
    private readonly changed: (sessions: Session[]) => void,
    private readonly now: () => number = Date.now,
  ) {}

  private isGood = ({ since }: Session): boolean => {
    const age = this.now() - since;
    // A clock that was set back makes nobody's time longer than a day's error.
    return age > -DAY_MS && age < SESSION_DAYS * DAY_MS;
  };

  private set(sessions: Session[]): void {
    this.sessions = sessions;
    this.changed(sessions);
  }

  /** Signs a browser in. @returns what its cookie holds; it is told once and kept nowhere */
  begin(name: string, from: string): string {
    const token = randomBytes(TOKEN_BYTES).toString('base64url');
    const since = this.now();
    const session: Session = {
      id: randomBytes(9).toString('base64url'),
      hash: hashOf(token),
      name,
      from,
      since,
      lastSeen: since,
    };
    const others = this.sessions.filter(this.isGood).sort((a, b) => b.lastSeen - a.lastSeen);
    this.set([session, ...others.slice(0, RANGES.signedIn.max - 1)]);
    return token;
  }

  /** The session of a cookie; null where there is none, or its time is over. */
  of(token: string | null): Session | null {
    if (!token) return null;
    const hash = hashOf(token);
    const session = this.sessions.find((s) => s.hash === hash && this.isGood(s));
    if (!session) return null;
    if (this.now() - session.lastSeen > SEEN_EACH_MS) {
      session.lastSeen = this.now();
      this.changed(this.sessions);
    }
    return session;
  }

  /** Ends one. @returns whether there was one of that id */
  end(id: string): boolean {
    const left = this.sessions.filter((s) => s.id !== id);
    const was = left.length < this.sessions.length;
    if (was) this.set(left);
    return was;
  }

  /** Ends all, but for one. */
  endAll(except: string | null = null): void {
    this.set(this.sessions.filter((s) => s.id === except));
  }

  /** Those that are signed in, who was seen last first. */
  shown(current: string | null): SignedIn[] {
    const iso = (ms: number): string => new Date(ms).toISOString();
    return this.sessions
      .filter(this.isGood)
      .sort((a, b) => b.lastSeen - a.lastSeen)
      .map(({ id, name, from, since, lastSeen }) => ({
        id,
        name,
        from,
        since: iso(since),
        lastSeen: iso(lastSeen),
        until: iso(since + SESSION_DAYS * DAY_MS),
        current: id === current,
      }));
  }
}
