import { useEffect, useSyncExternalStore } from 'react';
import {
  EMPTY_EVENING,
  EMPTY_KITCHEN,
  EMPTY_PANTRY,
  type EveningBody,
  type KitchenBody,
  type PantryBody,
} from '@yellowmist/contract';
import { api, problemText } from './api';
import { Edits, RETRY_MS, type Edit, type Place } from './edits';
import { bodiesApart, eveningSaid, kitchenSaid, pantrySaid, type Apart, type Say, type Saying } from './bodiesApart';
import { store } from './store';
import { useUnits } from './useUnits';

type Name = 'kitchen' | 'pantry';
const SAVES = { kitchen: 'saveKitchen', pantry: 'savePantry' } as const;

/** Where a document stands on the server; what is saved is known to all pages at once. */
function placeOf<Body extends object>(name: Name): Place<Body> {
  const query = api.endpoints[name] as typeof api.endpoints.kitchen;
  const mutation = api.endpoints[SAVES[name]] as typeof api.endpoints.saveKitchen;
  return {
    read: async () =>
      (await store
        .dispatch(query.initiate(undefined, { forceRefetch: true, subscribe: false }))
        .unwrap()) as unknown as Body & { version: number },
    save: async (document) => {
      const saved = await store.dispatch(mutation.initiate(document as never)).unwrap();
      // Known before the change counts as saved, so that nothing that is shown goes away in between.
      await store.dispatch(api.util.upsertQueryData(name as 'kitchen', undefined, saved));
      return saved as unknown as Body & { version: number };
    },
  };
}

const KITCHEN = new Edits<KitchenBody>(placeOf('kitchen'), undefined, 'kitchen');
const PANTRY = new Edits<PantryBody>(placeOf('pantry'), undefined, 'pantry');

/** Where an evening stands on the server. */
const eveningAt = (id: string): Place<EveningBody> => ({
  read: () => store.dispatch(api.endpoints.evening.initiate(id, { forceRefetch: true, subscribe: false })).unwrap(),
  save: async (body) => {
    const saved = await store.dispatch(api.endpoints.saveEvening.initiate({ id, body })).unwrap();
    const stored = { ...body, version: saved.version };
    await store.dispatch(api.util.upsertQueryData('evening', id, stored));
    store.dispatch(
      api.util.updateQueryData('evenings', undefined, (all) => {
        const at = all.findIndex((e) => e.id === id);
        if (at >= 0) all[at] = saved;
      }),
    );
    return stored;
  },
});

const EVENINGS = new Map<string, Edits<EveningBody>>();
const eveningEdits = (id: string): Edits<EveningBody> => {
  const known = EVENINGS.get(id) ?? new Edits<EveningBody>(eveningAt(id), undefined, `evening.${id}`);
  EVENINGS.set(id, known);
  return known;
};

/** How a document stands to be changed. */
export interface Changing<Body> {
  /** With all changes, the unsaved ones included. */
  shown: Body;
  /** Whether it has been read: before that nothing is to be changed, as a window that dies would take the change along. */
  known: boolean;
  /** Answers whether it was saved, once that is known. */
  change: (edit: Edit<Body>) => Promise<boolean>;
  note: SaveNoteState;
}

/** What there is to say about saving. */
export interface SaveNoteState {
  state: 'reading' | 'saved' | 'saving' | 'retrying' | 'refused' | 'unread';
  problem: string;
  left?: Left;
}

/** What was changed here before and not saved, beside what others have saved since, and what can be done. */
export interface Left {
  apart: readonly Apart[];
  take: () => void;
  drop: () => void;
}

/** The same in words. */
export const leftSaid = <Body extends object>(
  edits: Edits<Body>,
  { mine, theirs }: { mine: Body; theirs: Body },
  saying: Saying<Body>,
  say: Say,
): Left => ({
  apart: bodiesApart(mine, theirs, saying, say),
  take: () => edits.takeLeft(),
  drop: () => edits.dropLeft(),
});

interface Read<Body> {
  data?: Body & { version: number };
  error?: unknown;
  refetch: () => unknown;
}

function useEdited<Body extends object>(
  edits: Edits<Body>,
  { data, error, refetch }: Read<Body>,
  empty: Body,
  saying: Saying<Body>,
): Changing<Body> {
  const { say } = useUnits();
  const { pending, problem, retrying, left } = useSyncExternalStore(edits.subscribe, edits.now);
  useEffect(() => {
    if (data) edits.seen(data);
  }, [edits, data]);
  useEffect(() => {
    if (data || !error) return;
    const again = setTimeout(() => void refetch(), RETRY_MS);
    return () => clearTimeout(again);
  }, [data, error, refetch]);
  // One save goes on when the page is left; what is tried again would be lost.
  const unsaved = pending.length > 1 || retrying;
  useEffect(() => {
    if (!unsaved) return;
    const warn = (event: BeforeUnloadEvent): void => event.preventDefault();
    window.addEventListener('beforeunload', warn);
    return () => window.removeEventListener('beforeunload', warn);
  }, [unsaved]);
  const shown = pending.reduce<Body>((body, edit) => edit(body), data ?? empty);
  const standing = ((): SaveNoteState => {
    if (retrying) return { state: 'retrying', problem };
    if (pending.length > 0) return { state: 'saving', problem: '' };
    if (problem) return { state: 'refused', problem };
    if (!data && error) return { state: 'unread', problem: problemText(error) };
    return { state: data ? 'saved' : 'reading', problem: '' };
  })();
  const note: SaveNoteState = left ? { ...standing, left: leftSaid(edits, left, saying, say) } : standing;
  return { shown, known: data !== undefined, change: (edit) => edits.change(edit), note };
}

/** The kitchen, to be changed. */
export const useKitchenEdits = (): Changing<KitchenBody> =>
  useEdited(KITCHEN, api.endpoints.kitchen.useQuery(), EMPTY_KITCHEN, kitchenSaid);

/** The pantry, to be changed. */
export const usePantryEdits = (): Changing<PantryBody> =>
  useEdited(PANTRY, api.endpoints.pantry.useQuery(), EMPTY_PANTRY, pantrySaid);

/** An evening, to be changed. */
export function useEveningEdits(id: string): Changing<EveningBody> & { error: unknown } {
  const query = api.endpoints.evening.useQuery(id);
  return { ...useEdited(eveningEdits(id), query, EMPTY_EVENING, eveningSaid), error: query.error };
}
