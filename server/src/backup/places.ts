import { join } from 'node:path';
import { BACKUP_ENDING } from './ledger.js';

/** Where the files of a data folder lie. */
export interface Places {
  data: string;
  database: string;
  photos: string;
  backups: string;
  backupPhotos: string;
}

export const placesIn = (data: string): Places => {
  const backups = join(data, 'backups');
  return {
    data,
    database: join(data, 'yellowmist.sqlite'),
    photos: join(data, 'photos'),
    backups,
    backupPhotos: join(backups, 'photos'),
  };
};

/** The file of a backup. */
export const backupFile = ({ backups }: Places, id: string): string => join(backups, `${id}${BACKUP_ENDING}`);
