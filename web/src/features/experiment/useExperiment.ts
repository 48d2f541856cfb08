import type { ExperimentDocument, ExperimentNotes } from '@yellowmist/contract';
import { useExperimentQuery, useSaveExperimentMutation } from '../../state/api';

const notesOf = ({ name, tasters, tastings, note }: ExperimentNotes): ExperimentNotes => ({
  name,
  tasters,
  tastings,
  note,
});

const isStale = (error: unknown): boolean => (error as { status?: unknown }).status === 409;

/** A stored experiment, and how it is changed: what another window saved meanwhile stays, and the change is made to that. */
export function useExperiment(id: string) {
  const { data, error, refetch } = useExperimentQuery(id, { refetchOnMountOrArgChange: true });
  const [save, { isLoading }] = useSaveExperimentMutation();
  const change = async (make: (notes: ExperimentNotes) => ExperimentNotes): Promise<void> => {
    const put = (now: ExperimentDocument): Promise<unknown> =>
      save({ id, body: { ...make(notesOf(now)), version: now.version } }).unwrap();
    if (!data) return;
    try {
      await put(data);
    } catch (stale) {
      if (!isStale(stale)) throw stale;
      await put(await refetch().unwrap());
    }
  };
  return { experiment: data, error, change, saving: isLoading };
}
