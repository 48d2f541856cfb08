import { EMPTY_KITCHEN, type KitchenBody, type KitchenDocument } from '@yellowmist/contract';
import { api, useKitchenQuery, useSaveKitchenMutation } from '../../app/api';
import { useAppDispatch } from '../../app/store';
import { useEdits } from '../../app/useEdits';

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
