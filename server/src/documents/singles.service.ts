import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { formatNumber, upgrade } from '@yellowmist/contract';
import { Subject } from 'rxjs';
import { Repository } from 'typeorm';
import { ProblemException } from '../common/problem.js';
import type { SingleKind } from './kind.js';
import { SingleEntity } from './single.entity.js';

const UNSAVED = 0;

type Stored<Body> = Body & { version: number };

/** Documents of which there is one of each kind: read with its version, and saved over the version that it names. */
@Injectable()
export class SinglesService {
  private readonly changed = new Subject<string>();

  /** The path of each document when it was saved. */
  readonly saved = this.changed.asObservable();

  constructor(@InjectRepository(SingleEntity) private readonly store: Repository<SingleEntity>) {}

  /** @throws ProblemException 422 when what is stored cannot be read here */
  async read<Body extends object>(kind: SingleKind<Body>): Promise<Stored<Body>> {
    const row = await this.store.findOneBy({ kind: kind.path });
    if (!row) return { ...kind.empty, version: UNSAVED };
    try {
      return { ...kind.empty, ...upgrade(kind.format, row.format, JSON.parse(row.body)), version: row.version };
    } catch (error) {
      throw new ProblemException(
        422,
        `What is stored as the ${kind.format.what} cannot be read: ${(error as Error).message}`,
      );
    }
  }

  /** @throws ProblemException 409 with the stored version when `version` is not the last any more; nothing is overwritten */
  async save<Body extends object>(kind: SingleKind<Body>, version: number, body: Body): Promise<Stored<Body>> {
    const next = { version: version + 1, format: formatNumber(kind.format), body: JSON.stringify(body) };
    const { affected } = await this.store.update({ kind: kind.path, version }, next);
    if (affected === 0 && !(version === UNSAVED && (await this.begin(kind.path, next)))) {
      const stored = await this.read(kind);
      throw new ProblemException(
        409,
        `version ${version} of the ${kind.format.what} is not the stored one any more: it is ${stored.version}. Nothing was overwritten; read it and save again.`,
        { currentVersion: stored.version },
      );
    }
    this.changed.next(kind.path);
    return { ...body, version: next.version };
  }

  /** Says that all of them may be others than before. */
  async announceAll(): Promise<void> {
    for (const { kind } of await this.store.find({ select: { kind: true } })) this.changed.next(kind);
  }

  /** Inserts the first row; false when somebody was quicker. */
  private async begin(kind: string, row: Omit<SingleEntity, 'kind'>): Promise<boolean> {
    await this.store
      .createQueryBuilder()
      .insert()
      .values({ kind, ...row })
      .orIgnore()
      .execute();
    const stored = await this.store.findOneBy({ kind });
    return stored?.body === row.body;
  }
}
