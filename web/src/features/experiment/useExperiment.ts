import { useEffect, useSyncExternalStore } from 'react';
import type { ExperimentDocument, ExperimentNotes } from '@yellowmist/contract';
import { api, useExperimentQuery } from '../../state/api';
import { Edits } from '../../state/edits';
import { experimentSaid } from '../../state/bodiesApart';
import { leftSaid } from '../../state/documents';
import { store } from '../../state/store';
import { useUnits } from '../../state/useUnits';

type Stored = ExperimentNotes & { version: number };

const notesOf = ({ name, tasters, tastings, note }: ExperimentNotes): ExperimentNotes => ({
  name,
  tasters,
  tastings,
  note,
});
const stored = (document: ExperimentDocument): Stored => ({ ...notesOf(document), version: document.version });

const KNOWN = new Map<string, Edits<ExperimentNotes>>();

/** The changes of one comparison: tried again while the server is away, and kept in the browser until it has them. */
function editsOf(id: string): Edits<ExperimentNotes> {
  const known = KNOWN.get(id);
  if (known) return known;
  const made = new Edits<ExperimentNotes>(
    {
      read: async () =>
        stored(
          await store
            .dispatch(api.endpoints.experiment.initiate(id, { forceRefetch: true, subscribe: false }))
            .unwrap(),
        ),
      save: async (body) => {
        const saved = await store.dispatch(api.endpoints.saveExperiment.initiate({ id, body })).unwrap();
        await store.dispatch(api.util.upsertQueryData('experiment', id, saved));
        return stored(saved);
      },
    },
    undefined,
    `experiment.${id}`,
  );
  KNOWN.set(id, made);
  return made;
}

/** A stored experiment, and how it is changed: what another window saved meanwhile stays, and the change is made to that. */
export function useExperiment(id: string) {
  const { data, error } = useExperimentQuery(id, { refetchOnMountOrArgChange: true });
  const edits = editsOf(id);
  const { say } = useUnits();
  const { pending, problem, retrying, left } = useSyncExternalStore(edits.subscribe, edits.now);
  useEffect(() => {
    if (data) edits.seen(stored(data));
  }, [edits, data]);
  const change = async (make: (notes: ExperimentNotes) => ExperimentNotes): Promise<void> => {
    const saved = await edits.change((notes) => ({ ...notes, ...make(notesOf(notes)) }));
    // Said where it was refused; what waits for the server is no failure.
    if (!saved) throw { data: { detail: edits.now().problem } };
  };
  const experiment = data && {
    ...data,
    ...pending.reduce<ExperimentNotes>((notes, edit) => edit(notes), notesOf(data)),
  };
  return {
    experiment,
    error,
    change,
    saving: pending.length > 0,
    waiting: retrying ? problem : '',
    left: left && leftSaid(edits, left, experimentSaid, say),
  };
}
