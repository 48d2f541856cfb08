import { Link } from 'react-router';
import { useHealthQuery } from '../state/api';
import * as texts from './texts';

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
