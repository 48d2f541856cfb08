import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import type { SeenBody, SeenRecord } from '@yellowmist/contract';
import type { Repository } from 'typeorm';
import { ProblemException } from '../common/problem.js';
import { CookSeenEntity } from './cook.entity.js';

const read = ({ dishId, version, savedAt, body }: CookSeenEntity): SeenRecord => ({
  dish: dishId,
  version,
  savedAt,
  seen: JSON.parse(body) as SeenBody,
});

/** How the dishes of all cooks came out. */
@Injectable()
export class RecordsStore {
  constructor(@InjectRepository(CookSeenEntity) private readonly rows: Repository<CookSeenEntity>) {}

  /** All records by cook. */
  async all(): Promise<Map<string, SeenRecord[]>> {
    const found = new Map<string, SeenRecord[]>();
    for (const row of await this.rows.find()) found.set(row.cookId, [...(found.get(row.cookId) ?? []), read(row)]);
    return found;
  }

  /** The records of one cook. */
  async of(cookId: string): Promise<SeenRecord[]> {
    return (await this.rows.findBy({ cookId })).map(read);
  }

  /**
   * Notes how a dish came out, over whatever was noted, or over `version` of it.
   * @throws ProblemException 409 with the stored version when it is not the last any more
   */
  async save(cookId: string, dishId: string, seen: SeenBody, version?: number): Promise<SeenRecord> {
    const before = await this.rows.findOneBy({ cookId, dishId });
    const stored = before?.version ?? 0;
    const next = { version: stored + 1, body: JSON.stringify(seen), savedAt: new Date().toISOString() };
    if (version === undefined || version === stored) {
      if (!before) {
        await this.rows.insert({ cookId, dishId, ...next });
        return read({ cookId, dishId, ...next });
      }
      const { affected } = await this.rows.update({ cookId, dishId, version: stored }, next);
      if (affected !== 0) return read({ cookId, dishId, ...next });
    }
    throw new ProblemException(
      409,
      `version ${version ?? stored} is not the stored one any more: it is ${stored}. Nothing was overwritten; read it and save again.`,
      { currentVersion: stored },
    );
  }
}
