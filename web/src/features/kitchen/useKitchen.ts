import { EMPTY_KITCHEN, type KitchenBody, type KitchenDocument } from '@yellowmist/contract';
import { api, useKitchenQuery, useSaveKitchenMutation } from '../../state/api';
import { useAppDispatch } from '../../shell/store';
import { useEdits } from '../../state/useEdits';

const EMPTY: KitchenDocument = { ...EMPTY_KITCHEN, version: 0 };

/** The kitchen, to be changed. */
export function useKitchenEdits() {
  const dispatch = useAppDispatch();
  const stored = useKitchenQuery().data ?? EMPTY;
  const [save] = useSaveKitchenMutation();
  return useEdits<KitchenBody>({
    stored,
    read: () => dispatch(api.endpoints.kitchen.initiate(undefined, { forceRefetch: true, subscribe: false })).unwrap(),
    save: (document) => save(document).unwrap(),
  });
}
