import { Injectable, type OnApplicationBootstrap, type OnModuleDestroy } from '@nestjs/common';
import { CooksService } from './cooks.service.js';
import { PhotosService } from './photos.service.js';

const DAY_MS = 86_400_000;

/** Forgets for good what was put aside long ago: at the start, and once a day. */
@Injectable()
export class BinService implements OnApplicationBootstrap, OnModuleDestroy {
  private daily: ReturnType<typeof setInterval> | undefined;

  constructor(
    private readonly cooks: CooksService,
    private readonly photos: PhotosService,
  ) {}

  async onApplicationBootstrap(): Promise<void> {
    this.daily = setInterval(() => void this.forget(), DAY_MS).unref();
    await this.forget();
  }

  onModuleDestroy(): void {
    clearInterval(this.daily);
  }

  /** Forgets all that was put aside, now. */
  empty(): Promise<void> {
    return this.forget(Date.now() + DAY_MS);
  }

  private async forget(beforeMs?: number): Promise<void> {
    await this.cooks.forget(beforeMs);
    await this.photos.sweep();
  }
}
