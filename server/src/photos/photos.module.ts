import { Module, type DynamicModule } from '@nestjs/common';
import { PHOTO_FOLDER, PhotoFolder } from './folder.js';

@Module({})
export class PhotosModule {
  /** Photographs in a folder. */
  static in(folder: string): DynamicModule {
    return {
      module: PhotosModule,
      global: true,
      providers: [{ provide: PHOTO_FOLDER, useValue: folder }, PhotoFolder],
      exports: [PhotoFolder],
    };
  }
}
