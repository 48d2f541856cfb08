import type { ListedCook } from '@yellowmist/contract';
import { Link } from 'react-router';
import { TriedPiece } from '../../draw/TriedPiece';
import { dayOf, triesOf } from './rows';
import { browningOf, cameOutWords, OVERALL_WORDS, toldWord } from './words';

const BALD = { none: 0, some: 0.3, much: 0.7 } as const;

/** A dish from its first try to the last, each cut through as it came out. */
export function Tries({ cooks, dish, id }: { cooks: readonly ListedCook[]; dish: string; id: string }) {
  const tries = triesOf(cooks, dish);
  if (tries.length < 2) return null;
  return (
    <section aria-label="All tries of this dish" className="mb-3">
      <ol className="flex gap-3 overflow-x-auto pb-1">
        {tries.map(({ cook, logged }, k) => {
          const seen = logged.record?.seen ?? {};
          const bald = toldWord('bald', seen.bald) as keyof typeof BALD | undefined;
          return (
            <li key={cook.id} className="shrink-0">
              <Link
                to={`/log/${cook.id}?dish=${dish}`}
                aria-current={cook.id === id ? 'page' : undefined}
                className="block border-b-4 border-transparent text-center text-xs aria-[current]:border-primary hover:underline"
              >
                <TriedPiece
                  top={browningOf(seen.colourTop)}
                  under={browningOf(seen.colourUnder)}
                  bald={bald ? BALD[bald] : 0}
                  soggy={['some', 'much'].includes(toldWord('soggyUnder', seen.soggyUnder) ?? '')}
                  className="mx-auto h-11 w-18"
                />
                <span className="block">{k === 0 ? 'First try' : dayOf(cook)}</span>
                <b className="block">{seen.overall ? OVERALL_WORDS[seen.overall] : 'not noted'}</b>
                <span className="sr-only">{cameOutWords(logged)}</span>
              </Link>
            </li>
          );
        })}
      </ol>
    </section>
  );
}
