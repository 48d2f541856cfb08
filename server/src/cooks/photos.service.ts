import { Injectable } from '@nestjs/common';
import type { PhotoRecord } from '@yellowmist/contract';
import { Serial } from '../common/serial.js';
import { PhotoFolder } from '../photos/folder.js';
import { smallPicture } from '../photos/picture.js';
import { CooksStore } from './cooks.store.js';
import { dishAskedFor } from './logged.js';
import { PhotosStore } from './photos.store.js';

/** Photographs of cooks: a file first, then who it belongs to, so that a kill between them loses nothing that was answered. */
@Injectable()
export class PhotosService {
  /** One picture is unpacked at a time, and no file is swept away while another is added. */
  private readonly serial = new Serial();

  constructor(
    private readonly cooks: CooksStore,
    private readonly photos: PhotosStore,
    private readonly folder: PhotoFolder,
  ) {}

  /** @throws ProblemException 404 where there is no cook */
  async of(id: string): Promise<PhotoRecord[]> {
    await this.cooks.kept(id);
    return this.photos.of(id);
  }

  /**
   * Adds a photograph to a cook.
   * @param file as it was sent
   * @param dish id of the dish that it shows; all of them without
   * @param key that the sender gave it: what was added under it before is answered, and nothing is added
   * @throws ProblemException 400 naming `photo` or `dish`, 404 for no cook, 409 where it has as many as it may, or the key is
   * another cook's
   */
  async add(id: string, file: Buffer, dish?: string, key?: string): Promise<PhotoRecord> {
    const { body } = await this.cooks.kept(id);
    const shown = dish === undefined ? null : dishAskedFor(body, dish);
    return this.serial.run(async () => {
      const known = key === undefined ? null : await this.photos.known(id, key);
      if (known) return known;
      await this.photos.room(id);
      const { bytes, ...size } = await smallPicture(file);
      const hash = await this.folder.keep(bytes);
      return this.photos.add(id, { dish: shown, hash, ...size, bytes: bytes.length }, key);
    });
  }

  /** A photograph's file. @throws ProblemException 404, or 422 where its file is gone */
  async file(id: string, photo: string): Promise<{ hash: string; bytes: Buffer }> {
    await this.cooks.kept(id);
    const { hash } = await this.photos.find(id, photo);
    return { hash, bytes: await this.folder.read(hash) };
  }

  async remove(id: string, photo: string): Promise<void> {
    await this.cooks.kept(id);
    await this.photos.remove(id, photo);
  }

  async restore(id: string, photo: string): Promise<PhotoRecord> {
    await this.cooks.kept(id);
    return this.photos.restore(id, photo);
  }

  /** Does something while no photograph is added or swept away. */
  alone<T>(task: () => Promise<T>): Promise<T> {
    return this.serial.run(task);
  }

  /** Removes the files of photographs that are gone for good. */
  sweep(): Promise<void> {
    return this.serial.run(async () => this.folder.sweep(await this.photos.hashes()));
  }
}
