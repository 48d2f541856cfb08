import { closeSync, fsyncSync, openSync, readFileSync, renameSync, writeSync } from 'node:fs';
import { join } from 'node:path';
import { TRANSPORTS, type Transport } from '@yellowmist/contract';
import Joi from 'joi';
import type { KeptPassphrase } from './passphrase.js';

/** What is kept of who is let in: a file of its own beside the data, for no backup and no restore may bring it back. */

const FILE = 'access.json';

/** A browser that is signed in. */
export interface Session {
  id: string;
  /** SHA-256 of what its cookie holds, hexadecimal: who reads the file is not let in by it. */
  hash: string;
  name: string;
  from: string;
  /** ms since 1970. */
  since: number;
  lastSeen: number;
}

export interface House {
  on: boolean;
  transport: Transport;
  passphrase: KeptPassphrase | null;
  sessions: Session[];
}

const houseSchema = Joi.object<House>({
  on: Joi.boolean().required(),
  transport: Joi.valid(...TRANSPORTS).required(),
  passphrase: Joi.object<KeptPassphrase>({
    salt: Joi.string().base64().required(),
    sum: Joi.string().base64().required(),
    cost: Joi.object({ N: Joi.number().required(), r: Joi.number().required(), p: Joi.number().required() }).required(),
  })
    .required()
    .allow(null),
  sessions: Joi.array()
    .items(
      Joi.object<Session>({
        id: Joi.string().required(),
        hash: Joi.string().hex().required(),
        name: Joi.string().required(),
        from: Joi.string().required(),
        since: Joi.number().required(),
        lastSeen: Joi.number().required(),
      }),
    )
    .required(),
});

export const CLOSED: House = { on: false, transport: 'https', passphrase: null, sessions: [] };

/** What is kept; closed where nothing is, or where it cannot be read: a door that is in doubt is shut. */
export function readHouse(dataFolder: string): House {
  try {
    const kept: unknown = JSON.parse(readFileSync(join(dataFolder, FILE), 'utf8'));
    return houseSchema.validate(kept, { convert: false }).error ? CLOSED : (kept as House);
  } catch {
    return CLOSED;
  }
}

/** Keeps it: all of it or what was there before. For its owner alone. */
export function writeHouse(dataFolder: string, house: House): void {
  writeWhole(join(dataFolder, FILE), JSON.stringify(house));
}

/** Writes a file for its owner alone: all of it or what was there before. */
export function writeWhole(file: string, text: string): void {
  const coming = `${file}.new`;
  const handle = openSync(coming, 'w', 0o600);
  try {
    writeSync(handle, text);
    fsyncSync(handle);
  } finally {
    closeSync(handle);
  }
  renameSync(coming, file);
}
