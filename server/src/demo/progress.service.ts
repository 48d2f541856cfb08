import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { SingleEntity } from '../documents/single.entity.js';

const KIND = 'demo';
const ROW = { kind: KIND, version: 1, format: 1 } as const;

/** How far the demo has come: a fill that was killed half-way is begun anew at the next start. */
@Injectable()
export class DemoProgress {
  constructor(private readonly database: DataSource) {}

  /** Nothing yet, begun and not ended, or done. */
  async read(): Promise<'none' | 'half' | 'done'> {
    const row = await this.database.getRepository(SingleEntity).findOneBy({ kind: KIND });
    if (!row) return 'none';
    return (JSON.parse(row.body) as { done: boolean }).done ? 'done' : 'half';
  }

  async begin(): Promise<void> {
    await this.database.getRepository(SingleEntity).insert({ ...ROW, body: JSON.stringify({ done: false }) });
  }

  /** Takes away what a fill left that did not come to its end: nobody but it has written yet. */
  async takeBack(): Promise<void> {
    await this.database.transaction(async (manager) => {
      const tables = (await manager.query(
        `SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%' AND name <> 'migrations'`,
      )) as { name: string }[];
      await manager.query('PRAGMA defer_foreign_keys = ON');
      for (const { name } of tables) await manager.query(`DELETE FROM ${name}`);
    });
  }

  async end(): Promise<void> {
    await this.database.getRepository(SingleEntity).update({ kind: KIND }, { body: JSON.stringify({ done: true }) });
  }
}
