import type { SeenBody } from '@yellowmist/contract';
import { useCallback, useEffect, useRef, useState } from 'react';
import { api, problemText, statusOf, useSeenQuery } from '../../state/api';
import { useAppDispatch } from '../../state/hooks';
import { forgetUnsaved, keepUnsaved, leftOf } from '../../state/outbox';
import { tell } from '../../state/toast';
import * as texts from './texts';

const SAVES_AFTER_MS = 500;
const TRIES_AGAIN_MS = 3000;
const STALE = 409;

/** How a dish of a cook came out, as it is being noted: it saves itself, one save after the other. */
export interface RecordNow {
  seen: SeenBody;
  /** The version that is stored; 0 before anything was. */
  version: number;
  state: 'saved' | 'saving' | 'retrying' | 'refused';
  problem: string;
  change: (part: Partial<SeenBody>) => void;
}

interface Stored {
  seen: SeenBody;
  version: number;
}

const NOTHING: Stored = { seen: {}, version: 0 };

/** What was left empty is not told. */
const told = (seen: SeenBody): SeenBody =>
  Object.fromEntries(
    Object.entries(seen).filter(
      ([, value]) => value !== undefined && value !== '' && !(Array.isArray(value) && value.length === 0),
    ),
  );

/** What is not saved yet: what was changed again while it was sent stays. */
const without = (mine: Partial<SeenBody>, sent: Partial<SeenBody>): Partial<SeenBody> =>
  Object.fromEntries(
    Object.entries(mine).filter(([key, value]) => !(key in sent) || sent[key as keyof SeenBody] !== value),
  );

export function useRecord(id: string, dish: string): RecordNow {
  const { data } = useSeenQuery(id);
  const dispatch = useAppDispatch();
  const fetched = data?.find((r) => r.dish === dish) ?? NOTHING;
  /** What was stored or read last; null until then. */
  const [stored, setStored] = useState<Stored | null>(null);
  /** Answers that are not saved yet. */
  const [mine, setMine] = useState<Partial<SeenBody>>({});
  const [save, setSave] = useState<Pick<RecordNow, 'state' | 'problem'>>({ state: 'saved', problem: '' });
  const [again, setAgain] = useState(0);
  const known = stored ?? fetched;
  const at = useRef(known);
  const pending = useRef(mine);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const saving = useRef(false);
  useEffect(() => {
    at.current = known;
  }, [known]);

  /** Takes what is stored now as what the answers that are not saved stand on. */
  const keep = useCallback((now: Stored, left: Partial<SeenBody>): void => {
    at.current = now;
    pending.current = left;
    setStored(now);
    setMine(left);
  }, []);

  const flush = useCallback(async (): Promise<void> => {
    if (saving.current) return;
    saving.current = true;
    // What was changed while it was saved is saved after it.
    while (Object.keys(pending.current).length > 0) {
      const sent = pending.current;
      const base = at.current;
      const body = told({ ...base.seen, ...sent });
      const answer = await dispatch(
        api.endpoints.saveSeen.initiate({ id, body: { ...body, dish, version: base.version } }),
      );
      if (answer.data) {
        keep({ seen: body, version: answer.data.version }, without(pending.current, sent));
        setSave({ state: 'saved', problem: '' });
        continue;
      }
      const status = statusOf(answer.error);
      if (status === STALE) {
        // Somebody noted something in another window: what they answered stays, and what was answered here goes over it.
        const now = await dispatch(api.endpoints.seen.initiate(id, { forceRefetch: true, subscribe: false }));
        const theirs = now.data?.find((r) => r.dish === dish);
        if (theirs && theirs.version !== base.version) {
          keep(theirs, pending.current);
          continue;
        }
      }
      const refused = status !== undefined && status < 500;
      setSave({ state: refused ? 'refused' : 'retrying', problem: problemText(answer.error) });
      if (!refused) setAgain((n) => n + 1);
      break;
    }
    saving.current = false;
  }, [dispatch, dish, id, keep]);

  // A server that is away is asked again in a moment.
  useEffect(() => {
    if (again === 0) return;
    const later = setTimeout(() => void flush(), TRIES_AGAIN_MS);
    return () => clearTimeout(later);
  }, [again, flush]);

  // What is not saved yet outlives the page; a window that is gone may have left some.
  const box = `record.${id}.${dish}`;
  const waits = Object.keys(mine).length > 0;
  useEffect(() => {
    if (waits) void keepUnsaved(box, { version: at.current.version, body: mine, at: Date.now() });
  }, [box, mine, waits]);
  useEffect(() => {
    if (!waits) return;
    return () => {
      if (Object.keys(pending.current).length === 0) void forgetUnsaved(box);
    };
  }, [box, waits]);
  useEffect(() => {
    let here = true;
    void leftOf<Partial<SeenBody>>(box).then((left) => {
      if (!left || !here) return;
      pending.current = { ...left.body, ...pending.current };
      setMine(pending.current);
      void flush();
      void tell(texts.whatWasNotedHere);
    });
    return () => {
      here = false;
    };
  }, [box, flush]);

  // What was typed last is saved when the page is left.
  useEffect(
    () => () => {
      clearTimeout(timer.current);
      void flush();
    },
    [flush],
  );

  return {
    seen: { ...known.seen, ...mine },
    version: known.version,
    ...save,
    change(part) {
      const next = { ...pending.current, ...part };
      pending.current = next;
      setMine(next);
      setSave({ state: 'saving', problem: '' });
      clearTimeout(timer.current);
      timer.current = setTimeout(() => void flush(), SAVES_AFTER_MS);
    },
  };
}
