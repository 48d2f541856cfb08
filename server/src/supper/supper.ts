import { EMPTY_SUPPER, FORMATS, saveSupperSchema, type SupperBody } from '@yellowmist/contract';
import { badFields } from '../common/problem.js';
import { ConversionsModule } from '../conversions/conversions.module.js';
import { ConversionsService } from '../conversions/conversions.service.js';
import type { SingleKind } from '../documents/kind.js';
import { singleModule } from '../documents/single.module.js';

/** The next supper: which dishes, and who does not eat everything. */
export const SUPPER = Symbol('supper');

export const SUPPER_KIND: SingleKind<SupperBody> = {
  path: 'supper',
  format: FORMATS.supper,
  empty: EMPTY_SUPPER,
  saveSchema: saveSupperSchema,
  summary: 'The next supper: its dishes, and guests who do not eat everything',
};

export const SupperModule = singleModule<SupperBody>({
  kind: SUPPER_KIND,
  token: SUPPER,
  imports: [ConversionsModule],
  rules: {
    inject: [ConversionsService],
    make: (conversions: ConversionsService) => ({
      /** Without dishes that have been deleted since. */
      async shown(supper) {
        const here = await conversions.ids();
        return { ...supper, dishIds: supper.dishIds.filter((id) => here.has(id)) };
      },
      /** Every dish must be there. */
      async allows(_, { dishIds }) {
        const here = await conversions.ids();
        const missing = dishIds.findIndex((id) => !here.has(id));
        if (missing < 0) return;
        const field = `dishIds[${missing}]`;
        throw badFields([{ field, message: `${field} must be the id of a dish of this kitchen` }]);
      },
    }),
  },
});
