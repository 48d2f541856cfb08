import { Injectable, type OnApplicationBootstrap, type OnModuleDestroy } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import type { BinnedCook } from '@yellowmist/contract';
import { IsNull, LessThan, Not, type Repository } from 'typeorm';
import { ProblemException } from '../common/problem.js';
import { CookEntity } from './cook.entity.js';
import { CooksStore } from './cooks.store.js';
import { PhotosService } from './photos.service.js';
import { PhotosStore } from './photos.store.js';

const DAY_MS = 86_400_000;
/** What was put aside can be brought back for so long, ms. */
const KEPT_MS = 30 * DAY_MS;

/** Puts cooks aside and brings them back; what was put aside long ago is forgotten for good at the start, and once a day. */
@Injectable()
export class BinService implements OnApplicationBootstrap, OnModuleDestroy {
  private daily: ReturnType<typeof setInterval> | undefined;

  constructor(
    @InjectRepository(CookEntity) private readonly rows: Repository<CookEntity>,
    private readonly store: CooksStore,
    private readonly photos: PhotosStore,
    private readonly files: PhotosService,
  ) {}

  async onApplicationBootstrap(): Promise<void> {
    const forget = (): Promise<void> => this.forget(Date.now() - KEPT_MS);
    this.daily = setInterval(() => void forget(), DAY_MS).unref();
    await forget();
  }

  onModuleDestroy(): void {
    clearInterval(this.daily);
  }

  /**
   * Puts a cook aside with its record and photographs; `restore` brings it back.
   * @throws ProblemException 404 where there is none, 409 where it still goes on
   */
  async remove(id: string): Promise<void> {
    const { endedAt } = await this.store.kept(id);
    if (endedAt === null) throw new ProblemException(409, 'This cook goes on. End it at the counter first.');
    await this.rows.update({ id }, { deletedAt: new Date().toISOString() });
    this.store.changed();
  }

  /** @throws ProblemException 404 where none was put aside under that id */
  async restore(id: string): Promise<void> {
    const { affected } = await this.rows.update({ id, deletedAt: Not(IsNull()) }, { deletedAt: null });
    if (affected === 0) throw new ProblemException(404, `There is no deleted cook ${id}.`);
    this.store.changed();
  }

  /** Cooks that were put aside, the last first. */
  async list(): Promise<BinnedCook[]> {
    const rows = await this.rows.find({ where: { deletedAt: Not(IsNull()) }, order: { deletedAt: 'DESC' } });
    const photos = await this.photos.counts();
    return rows.map(({ id, name, startedAt, deletedAt }) => ({
      id,
      name,
      startedAt,
      deletedAt: deletedAt!,
      goneAt: new Date(Date.parse(deletedAt!) + KEPT_MS).toISOString(),
      photos: photos.get(id) ?? 0,
    }));
  }

  /** Forgets all that was put aside, now. */
  empty(): Promise<void> {
    return this.forget(Date.now() + DAY_MS);
  }

  /** Forgets for good what was put aside before a moment, with its records and photographs. */
  private async forget(beforeMs: number): Promise<void> {
    const at = new Date(beforeMs).toISOString();
    await this.rows.delete({ deletedAt: LessThan(at) });
    await this.photos.forget(at);
    await this.files.sweep();
  }
}
