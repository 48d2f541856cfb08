import type { ListedCook } from '@yellowmist/contract';
import { Link } from 'react-router';
import { compareAddress, dayOf, LETTERS, triesOf } from './rows';
import { TriedSeen } from './TriedSeen';
import { cameOutWords, OVERALL_WORDS } from './words';
import * as texts from './texts';

/** A dish from its first try to the last, each cut through as it came out. */
export function Tries({ cooks, dish, id }: { cooks: readonly ListedCook[]; dish: string; id: string }) {
  const tries = triesOf(cooks, dish);
  if (tries.length < 2) return null;
  const beside = tries.slice(-LETTERS.length).map(({ cook, logged }) => ({ cook: cook.id, dish: logged.dish }));
  return (
    <section aria-label={texts.allTriesOfThis} className="mb-3 flex flex-wrap items-center gap-x-6">
      <ol className="flex max-w-full gap-3 overflow-x-auto pb-1">
        {tries.map(({ cook, logged }, k) => {
          const seen = logged.record?.seen ?? {};
          return (
            <li key={cook.id} className="shrink-0">
              <Link
                to={`/log/${cook.id}?dish=${dish}`}
                aria-current={cook.id === id ? 'page' : undefined}
                className="block border-b-4 border-transparent text-center text-xs aria-[current]:border-primary hover:underline"
              >
                <TriedSeen seen={seen} className="mx-auto h-11 w-18" />
                <span className="block">{k === 0 ? texts.firstTry : dayOf(cook)}</span>
                <b className="block">{seen.overall ? OVERALL_WORDS[seen.overall] : texts.notNoted}</b>
                <span className="sr-only">{cameOutWords(logged)}</span>
              </Link>
            </li>
          );
        })}
      </ol>
      <Link to={compareAddress(beside)} className="link inline-flex min-h-11 items-center text-sm">
        {beside.length === tries.length ? texts.allSideBySide : texts.lastSideBySide(beside.length)}
      </Link>
    </section>
  );
}
