import type { Handle } from './sqlite.js';

/** Tables whose rows have a version that a save names, and what tells one of their rows. */
const VERSIONED: Readonly<Record<string, readonly string[]>> = {
  conversion: ['id'],
  evening: ['id'],
  experiment: ['id'],
  single: ['kind'],
  cook_seen: ['cook_id', 'dish_id'],
};

const NOT_NOW_MS = 20;
const TRIES = 250;

const namesOf = (db: Handle, sql: string): string[] => (db.prepare(sql).all() as { name: string }[]).map((r) => r.name);

/**
 * Puts everything that another database of the same schema holds in the place of everything here, at once or not at all.
 * Versions go on from the higher of the two, so that a page that still shows what was here cannot save over what is here
 * now. It runs in one turn of the server: nobody sees half of it.
 * @throws Error where the connection is never free
 */
export async function replaceAll(db: Handle, file: string): Promise<void> {
  for (let tries = 0; ; tries++) {
    try {
      db.prepare('ATTACH ? AS kept').run(file);
      break;
    } catch (error) {
      // In the middle of somebody's transaction.
      if (tries >= TRIES) throw error;
      await new Promise((resolve) => setTimeout(resolve, NOT_NOW_MS));
    }
  }
  try {
    exchange(db);
  } finally {
    db.exec('DETACH kept');
  }
}

function exchange(db: Handle): void {
  const tables = namesOf(
    db,
    `SELECT name FROM main.sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%' AND name <> 'migrations'`,
  );
  db.exec('BEGIN IMMEDIATE');
  try {
    db.exec('PRAGMA defer_foreign_keys = ON');
    for (const [table, keys] of Object.entries(VERSIONED))
      db.exec(`CREATE TEMP TABLE was_${table} AS SELECT ${keys.join(', ')}, version FROM main.${table}`);
    for (const table of tables) db.exec(`DELETE FROM main.${table}`);
    for (const table of tables) {
      const columns = namesOf(db, `SELECT name FROM pragma_table_info('${table}')`).join(', ');
      db.exec(`INSERT INTO main.${table} (${columns}) SELECT ${columns} FROM kept.${table}`);
    }
    for (const [table, keys] of Object.entries(VERSIONED)) {
      const same = keys.map((key) => `was.${key} = main.${table}.${key}`).join(' AND ');
      db.exec(
        `UPDATE main.${table} SET version = 1 + max(version, coalesce((SELECT was.version FROM temp.was_${table} AS was WHERE ${same}), 0))`,
      );
    }
    db.exec('COMMIT');
  } catch (error) {
    db.exec('ROLLBACK');
    throw error;
  } finally {
    for (const table of Object.keys(VERSIONED)) db.exec(`DROP TABLE IF EXISTS temp.was_${table}`);
  }
}
