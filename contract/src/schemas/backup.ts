import {
  BACKUP_REASONS,
  type BackupRecord,
  type Backups,
  type Health,
  type Restored,
  type SetAside,
} from '../types.js';
import { allOf, oneOf } from './fields.js';
import { Joi } from './joi.js';

const count = Joi.number().integer().min(0);

export const backupRecordSchema = allOf<BackupRecord>({
  id: Joi.string(),
  at: Joi.string().isoDate(),
  why: oneOf(...BACKUP_REASONS),
  bytes: count,
  photoBytes: count,
  dishes: count,
  cooks: count,
  photographs: count,
  problem: Joi.string().allow(null),
});

/** What `GET /api/backups` answers. */
export const backupsSchema = allOf<Backups>({
  backups: Joi.array().items(backupRecordSchema),
  setAside: allOf<SetAside>({ at: Joi.string().isoDate(), folder: Joi.string(), problem: Joi.string() }).allow(null),
  folder: Joi.string(),
});

/** What `POST /api/backups/{id}/restore` answers. */
export const restoredSchema = allOf<Restored>({
  from: Joi.string(),
  before: backupRecordSchema,
  dishes: count,
  cooks: count,
  photographs: count,
  photographsGone: count,
});

/** What `GET /api/health` answers. */
export const healthSchema = allOf<Health>({
  status: oneOf('ok', 'damaged'),
  problem: Joi.string().allow(null),
  setAside: Joi.boolean(),
});
