import { useEffect, useSyncExternalStore } from 'react';
import { bodyOfDocument, type ConversionDocument } from '@yellowmist/contract';
import { api } from '../../state/api';
import { notesSaid, type DishNotes } from '../../state/bodiesApart';
import { leftSaid } from '../../state/documents';
import { Edits } from '../../state/edits';
import { store } from '../../state/store';
import { useUnits } from '../../state/useUnits';

type Stored = DishNotes & { version: number };

const { conversion, save } = api.endpoints;

const stored = ({ note, tags = [], version }: ConversionDocument): Stored => ({ note, tags, version });
const read = (id: string): Promise<ConversionDocument> =>
  store.dispatch(conversion.initiate(id, { forceRefetch: true, subscribe: false })).unwrap();

/** A dish as it was read last, or as it is now. */
const wholeDish = (id: string): ConversionDocument | Promise<ConversionDocument> =>
  conversion.select(id)(store.getState()).data ?? read(id);

const KNOWN = new Map<string, Edits<DishNotes>>();

/** What is written beside one dish: tried again while the server is away, and kept in the browser until it has it. */
function editsOf(id: string): Edits<DishNotes> {
  const known = KNOWN.get(id);
  if (known) return known;
  const made = new Edits<DishNotes>(
    {
      read: async () => stored(await read(id)),
      save: async ({ note, tags, version }) => {
        const body = { ...bodyOfDocument(await wholeDish(id)), note, tags };
        return stored(await store.dispatch(save.initiate({ id, version, body })).unwrap());
      },
    },
    undefined,
    `notes.${id}`,
  );
  KNOWN.set(id, made);
  return made;
}

/** How what is written beside a dish is saved, and how that stands. */
export function useNotes(document: ConversionDocument) {
  const edits = editsOf(document.id);
  const { say } = useUnits();
  const { pending, problem, retrying, left } = useSyncExternalStore(edits.subscribe, edits.now);
  useEffect(() => edits.seen(stored(document)), [edits, document]);
  return {
    save: (notes: DishNotes) => edits.change(() => notes),
    saving: pending.length > 0 && !retrying,
    problem,
    retrying,
    left: left && leftSaid(edits, left, notesSaid, say),
  };
}
