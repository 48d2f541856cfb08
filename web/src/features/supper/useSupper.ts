import { EMPTY_SUPPER, type ConversionDocument, type SupperBody, type SupperDocument } from '@yellowmist/contract';
import { supperDish, supperOf, type Supper, type SupperDish } from '@yellowmist/core';
import { api, useConversionsQuery, useSaveSupperMutation, useSupperQuery } from '../../state/api';
import { useAppDispatch } from '../../shell/store';
import { useEdits } from '../../state/useEdits';
import { evaluate } from '../../worker/core';
import { useAsked } from '../dish/useAsked';

const EMPTY: SupperDocument = { ...EMPTY_SUPPER, version: 0 };

/** The next supper, to be changed. */
export function useSupperEdits() {
  const dispatch = useAppDispatch();
  const stored = useSupperQuery().data ?? EMPTY;
  const [save] = useSaveSupperMutation();
  return useEdits<SupperBody>({
    stored,
    read: () => dispatch(api.endpoints.supper.initiate(undefined, { forceRefetch: true, subscribe: false })).unwrap(),
    save: (document) => save(document).unwrap(),
  });
}

async function simulated({ id, name, dish, fried, fryer, chosen }: ConversionDocument): Promise<SupperDish> {
  const { plan } = chosen!;
  const { air } = await evaluate({ dish, fried, fryer, plan, profiles: false, waits: true });
  return supperDish(id, name, dish, fryer, air!);
}

/** The evening of the chosen dishes, each simulated; null while that goes on. */
export function useEvening(body: SupperBody): { supper: Supper | null; error: string } {
  const documents = useConversionsQuery().data ?? [];
  const cooked = documents.filter((d) => d.chosen && body.dishIds.includes(d.id));
  const key = JSON.stringify(cooked.map(({ id, version }) => [id, version]));
  const { answer, error } = useAsked(cooked.length > 0 ? key : '', () => Promise.all(cooked.map(simulated)));
  if (cooked.length === 0) return { supper: supperOf([], body.guests), error: '' };
  return { supper: answer && supperOf(answer, body.guests), error };
}
