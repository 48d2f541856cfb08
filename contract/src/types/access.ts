/** How the home network is served: with a certificate made here, with one that was given, or in the clear. */
export const TRANSPORTS = ['https', 'http'] as const;
export type Transport = (typeof TRANSPORTS)[number];

/** A browser that somebody is signed in with. */
export interface SignedIn {
  id: string;
  /** What the cook called it. */
  name: string;
  /** The address from which it signed in. */
  from: string;
  /** ISO 8601. */
  since: string;
  lastSeen: string;
  until: string;
  /** The browser that asks. */
  current: boolean;
}

/** The certificate that the home network is served with. */
export interface HouseCertificate {
  /** Made here, and to be trusted once on each device; or given at the start. */
  kind: 'made' | 'given';
  /** SHA-256 of what is to be trusted, in pairs of hexadecimal digits with colons. */
  fingerprint: string;
  /** Until when the one in use is good, ISO 8601; one that was made is made anew before. */
  until: string;
}

/** Who is let in from the home network. */
export interface Access {
  on: boolean;
  /** A passphrase is set; it is never told. */
  hasPassphrase: boolean;
  transport: Transport;
  /** Where it is found from another device, the likeliest first; none while it is off. */
  addresses: string[];
  certificate: HouseCertificate | null;
  /** Why it is on and does not answer; null where it does. */
  problem: string | null;
  /** Asked at the machine itself, where it is turned on and off. */
  atMachine: boolean;
  signedIn: SignedIn[];
}

/** `PUT /api/access`, at the machine alone. */
export interface AccessChange {
  on: boolean;
  transport?: Transport;
  /** A new one: everybody is signed out. */
  passphrase?: string;
}

/** `PUT /api/access/passphrase`, from a browser that is signed in. */
export interface PassphraseChange {
  current: string;
  next: string;
}

/** `POST /api/access/session`. */
export interface SignInRequest {
  passphrase: string;
  /** What this browser is called in the list. */
  name?: string;
}
