import type { PantryBody } from '@yellowmist/contract';
import { api, useSavePantryMutation } from '../../state/api';
import { useAppDispatch } from '../../shell/store';
import { useEdits } from '../../state/useEdits';
import { usePantry } from '../../state/usePantry';

/** The pantry, to be changed. */
export function usePantryEdits() {
  const dispatch = useAppDispatch();
  const stored = usePantry();
  const [save] = useSavePantryMutation();
  return useEdits<PantryBody>({
    stored,
    read: () => dispatch(api.endpoints.pantry.initiate(undefined, { forceRefetch: true, subscribe: false })).unwrap(),
    save: (document) => save(document).unwrap(),
  });
}
