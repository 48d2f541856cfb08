import { Global, Module } from '@nestjs/common';
import { LearnedStore } from './learned.store.js';

@Global()
@Module({ providers: [LearnedStore], exports: [LearnedStore] })
export class LearnedModule {}
