import { useEffect, useRef } from 'react';
import { Link, useMatch } from 'react-router';
import { api, LISTS, useHealthQuery } from '../state/api';
import { useServerAway } from '../state/away';
import { useAppDispatch } from '../state/hooks';
import * as texts from './texts';

/** Over every page while no server answers: what is seen is not what others may have made of it since. Once one does, lists are read anew. */
export function Away() {
  const away = useServerAway();
  // A cook at the counter says it itself, with its timers.
  const isAtCounter = useMatch('/cook/:id') !== null;
  const dispatch = useAppDispatch();
  const wasAway = useRef(false);
  useEffect(() => {
    if (wasAway.current && !away) dispatch(api.util.invalidateTags([...LISTS]));
    wasAway.current = away;
  }, [away, dispatch]);
  return (
    <p role="status" className={away && !isAtCounter ? 'border-b-4 border-warning bg-base-200 px-3 py-2' : 'sr-only'}>
      {away && !isAtCounter && texts.nobodyAnswers}
    </p>
  );
}

/** Over every page where the database is damaged, or was: nobody should cook on without knowing. */
export function Standing() {
  const { data } = useHealthQuery();
  if (!data || (data.status === 'ok' && !data.setAside)) return null;
  return (
    <p role="alert" className="border-b-4 border-error bg-base-200 px-3 py-2">
      {data.problem ?? (
        <>
          {texts.whatWasKeptHere}
          <Link to="/backups" className="link">
            {texts.seeWhatWasFound}
          </Link>
          .
        </>
      )}
    </p>
  );
}
