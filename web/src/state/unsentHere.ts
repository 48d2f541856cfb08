import type { StartCookRequest } from '@yellowmist/contract';
import { Unsent, type Sendable } from './unsent';

/** What goes to the server by itself, and waits in the browser meanwhile. */

export interface KeptPhoto extends Sendable {
  /** Of which cook, and of which of its dishes. */
  cook: string;
  dish: string;
  file: File;
}

/** A cook that was noted when it was over. */
export interface KeptNote extends Sendable {
  request: StartCookRequest;
  /** Name of its dish. */
  name: string;
}

export const PHOTOS = new Unsent<KeptPhoto>('yellowmist-photographs-unsent');
export const NOTES = new Unsent<KeptNote>('yellowmist-cooks-unsent');
