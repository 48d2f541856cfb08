import { isBroken } from '@yellowmist/contract';
import { counted } from '@yellowmist/core';
import { Link } from 'react-router';
import { useExperimentsQuery } from '../../state/api';
import { dayOf } from './rows';
import * as texts from './texts';

/** Comparisons in one batch, each with what came of it. */
export function Experiments() {
  const { data: all = [] } = useExperimentsQuery(undefined, { refetchOnMountOrArgChange: true });
  if (all.length === 0) return null;
  return (
    <section aria-label={texts.comparisons} className="mt-6 border-t-2 border-base-content/60 pt-2">
      <h2 className="text-xl">{texts.comparisonsInOneBatch}</h2>
      <ul>
        {all.map((one) =>
          isBroken(one) ? (
            <li key={one.id} className="border-t border-base-300 py-2 text-sm">
              <b>{one.name}</b>
              {texts.cannotBeOpenedHere(one.problem)}
            </li>
          ) : (
            <li key={one.id} className="border-t border-base-300">
              <Link to={`/experiment/${one.id}`} className="block min-h-11 py-2 hover:underline">
                <b className="break-words">{one.name}</b>
                <span className="block text-sm">
                  {dayOf({ startedAt: one.createdAt })}, {one.fryer}, {counted(one.tastings, 'tasting')}: {one.says}
                </span>
              </Link>
            </li>
          ),
        )}
      </ul>
    </section>
  );
}
