import type { SeenBody } from '@yellowmist/contract';
import { useCallback, useEffect, useRef, useState } from 'react';
import { api, problemText, statusOf, useSeenQuery } from '../../state/api';
import { useAppDispatch } from '../../state/hooks';

const SAVES_AFTER_MS = 500;
const TRIES_AGAIN_MS = 3000;

/** How a dish of a cook came out, as it is being noted: it saves itself, one save after the other. */
export interface RecordNow {
  seen: SeenBody;
  /** The version that is stored; 0 before anything was. */
  version: number;
  state: 'saved' | 'saving' | 'retrying' | 'refused';
  problem: string;
  loaded: boolean;
  error: unknown;
  change: (part: Partial<SeenBody>) => void;
}

/** What was left empty is not told. */
const told = (seen: SeenBody): SeenBody =>
  Object.fromEntries(
    Object.entries(seen).filter(
      ([, value]) => value !== undefined && value !== '' && !(Array.isArray(value) && value.length === 0),
    ),
  );

export function useRecord(id: string, dish: string | undefined): RecordNow {
  const { data, error } = useSeenQuery(id);
  const dispatch = useAppDispatch();
  const stored = data?.find((r) => r.dish === dish);
  const [draft, setDraft] = useState<SeenBody | null>(null);
  const [version, setVersion] = useState<number | null>(null);
  const [save, setSave] = useState<Pick<RecordNow, 'state' | 'problem'>>({ state: 'saved', problem: '' });
  const [again, setAgain] = useState(0);
  const latest = useRef<SeenBody | null>(null);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const saving = useRef(false);
  const known = version ?? stored?.version ?? 0;
  const at = useRef(known);
  useEffect(() => {
    at.current = known;
  }, [known]);

  const flush = useCallback(async (): Promise<void> => {
    if (dish === undefined || saving.current) return;
    saving.current = true;
    // What was changed while it was saved is saved after it.
    for (let body = latest.current; body; body = latest.current === body ? null : latest.current) {
      const answer = await dispatch(
        api.endpoints.saveSeen.initiate({ id, body: { ...told(body), dish, version: at.current } }),
      );
      if (!answer.data) {
        const status = statusOf(answer.error);
        const refused = status !== undefined && status < 500;
        setSave({ state: refused ? 'refused' : 'retrying', problem: problemText(answer.error) });
        if (!refused) setAgain((n) => n + 1);
        break;
      }
      at.current = answer.data.version;
      setVersion(answer.data.version);
      if (latest.current === body) {
        latest.current = null;
        setSave({ state: 'saved', problem: '' });
        break;
      }
    }
    saving.current = false;
  }, [dispatch, dish, id]);

  // A server that is away is asked again in a moment.
  useEffect(() => {
    if (again === 0) return;
    const later = setTimeout(() => void flush(), TRIES_AGAIN_MS);
    return () => clearTimeout(later);
  }, [again, flush]);

  // What was typed last is saved when the page is left.
  useEffect(
    () => () => {
      clearTimeout(timer.current);
      void flush();
    },
    [flush],
  );

  const seen = draft ?? stored?.seen ?? {};
  return {
    seen,
    version: known,
    ...save,
    loaded: data !== undefined,
    error,
    change(part) {
      const next = { ...seen, ...part };
      latest.current = next;
      setDraft(next);
      setSave({ state: 'saving', problem: '' });
      clearTimeout(timer.current);
      timer.current = setTimeout(() => void flush(), SAVES_AFTER_MS);
    },
  };
}
