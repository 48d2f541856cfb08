import type { BackupReason, BackupRecord } from '@yellowmist/contract';
import { counted } from '@yellowmist/core';

/** All words of the page of backups that depend on what they tell of. */

export const WHY: Readonly<Record<BackupReason, string>> = {
  daily: 'made by itself',
  'by-hand': 'made by hand',
  'before-update': 'made before a new version changed how things are stored',
  'before-restore': 'what was here before another was brought back',
  brought: 'brought from a file',
};

const KB = 1024;

/** "340 kB", "12.4 MB". */
export function sizeOf(bytes: number): string {
  const kb = bytes / KB;
  return kb < KB ? `${Math.max(1, Math.round(kb))} kB` : `${(kb / KB).toFixed(1)} MB`;
}

/** "7 dishes, 12 cooks and 5 photographs". */
export const contentOf = ({ dishes, cooks, photographs }: Pick<BackupRecord, 'dishes' | 'cooks' | 'photographs'>) =>
  `${counted(dishes, 'dish', 'dishes')}, ${counted(cooks, 'cook')} and ${counted(photographs, 'photograph')}`;
