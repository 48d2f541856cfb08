import { EMPTY_KITCHEN, FORMATS, saveKitchenSchema, type KitchenBody } from '@yellowmist/contract';
import type { SingleKind } from '../documents/kind.js';
import { singleModule } from '../documents/single.module.js';

/** The cook's own kitchen: what it fries with and how it oils. */
export const KITCHEN = Symbol('kitchen');

export const KITCHEN_KIND: SingleKind<KitchenBody> = {
  path: 'kitchen',
  format: FORMATS.kitchen,
  empty: EMPTY_KITCHEN,
  saveSchema: saveKitchenSchema,
  summary: 'Fryers, sprayers, bowls and trays of this kitchen, with what was measured of them',
};

export const KitchenModule = singleModule<KitchenBody>({ kind: KITCHEN_KIND, token: KITCHEN });
