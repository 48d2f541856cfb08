/** Why a backup was made. */
export const BACKUP_REASONS = ['daily', 'by-hand', 'before-update', 'before-restore', 'brought'] as const;
export type BackupReason = (typeof BACKUP_REASONS)[number];

/** A backup that lies beside the data. */
export interface BackupRecord {
  id: string;
  /** When it was made, ISO 8601. */
  at: string;
  why: BackupReason;
  /** Bytes of its file, and of the photographs that it names; a photograph in several backups lies there once. */
  bytes: number;
  photoBytes: number;
  dishes: number;
  cooks: number;
  photographs: number;
  /** What is wrong with it; null for one that can be restored. */
  problem: string | null;
}

/** A damaged database that was found at a start and set aside: it is not touched any more. */
export interface SetAside {
  at: string;
  /** Where it lies now. */
  folder: string;
  /** What was wrong with it. */
  problem: string;
}

/** All that is kept against a bad day. */
export interface Backups {
  /** The last first. */
  backups: BackupRecord[];
  /** What was set aside and nobody has dealt with yet. */
  setAside: SetAside | null;
  /** Where the data and its backups lie. */
  folder: string;
}

/** What a restore did: what was there before is a backup itself. */
export interface Restored {
  from: string;
  before: BackupRecord;
  dishes: number;
  cooks: number;
  photographs: number;
  /** Photographs that the backup names and that lie nowhere now. */
  photographsGone: number;
}

/** Whether the server and its database answer. */
export interface Health {
  status: 'ok' | 'damaged';
  /** What is wrong with the database; null where it is well. */
  problem: string | null;
  /** A damaged database was set aside, and nobody has dealt with it yet. */
  setAside: boolean;
}
