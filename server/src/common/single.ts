import type { Repository } from 'typeorm';
import { ProblemException } from './problem.js';

/** A row of a kind of document of which the kitchen has one. `body` is its JSON. */
export interface SingleRow {
  id: number;
  version: number;
  body: string;
}

const THE_ROW = 1;
const UNSAVED = 0;

/** A document of which there is one: read with its version, and saved over the version that it names. */
export class SingleDocument<Body extends object> {
  constructor(
    private readonly store: Repository<SingleRow>,
    /** What an error calls it. */
    private readonly name: string,
    private readonly empty: Body,
  ) {}

  async read(): Promise<Body & { version: number }> {
    const row = await this.store.findOneBy({ id: THE_ROW });
    return row
      ? { ...this.empty, ...(JSON.parse(row.body) as Body), version: row.version }
      : { ...this.empty, version: UNSAVED };
  }

  /** @throws ProblemException 409 with the stored version when `version` is not the last any more; nothing is overwritten */
  async save(version: number, body: Body): Promise<Body & { version: number }> {
    const next = { version: version + 1, body: JSON.stringify(body) };
    const { affected } = await this.store.update({ id: THE_ROW, version }, next);
    if (affected === 0 && !(version === UNSAVED && (await this.begin(next)))) {
      const stored = await this.read();
      throw new ProblemException(
        409,
        `version ${version} of the ${this.name} is not the stored one any more: it is ${stored.version}. Nothing was overwritten; read it and save again.`,
        { currentVersion: stored.version },
      );
    }
    return { ...body, version: next.version };
  }

  /** Inserts the first row; false when somebody was quicker. */
  private async begin(row: Omit<SingleRow, 'id'>): Promise<boolean> {
    await this.store
      .createQueryBuilder()
      .insert()
      .values({ id: THE_ROW, ...row })
      .orIgnore()
      .execute();
    const stored = await this.store.findOneBy({ id: THE_ROW });
    return stored?.body === row.body;
  }
}
