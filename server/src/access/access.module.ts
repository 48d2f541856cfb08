import { Module, type DynamicModule } from '@nestjs/common';
import type { Settings } from '../settings.js';
import { AccessController } from './access.controller.js';
import { AccessService, SETTINGS } from './access.service.js';

@Module({})
export class AccessModule {
  /** Who is let in from the home network, as the settings say. */
  static by(settings: Settings): DynamicModule {
    return {
      module: AccessModule,
      controllers: [AccessController],
      providers: [{ provide: SETTINGS, useValue: settings }, AccessService],
      exports: [AccessService],
    };
  }
}
