import { useEffect } from 'react';
import { Link } from 'react-router';
import { isWhole, isPlanned, type ListedCook } from '@yellowmist/contract';
import { problemText, useConversionsQuery, useCooksQuery, useEveningsQuery } from '../../state/api';
import { giveUp, useCooksBegunHere } from '../../state/handingOver';
import { StartCook } from '../dish/StartCook';
import { PageHeading } from '../../ui/PageHeading';
import * as texts from './texts';

/** All cooks: those that go on, and how to begin another. */
export function CooksPage() {
  const { data: cooks, error } = useCooksQuery(undefined, { refetchOnMountOrArgChange: true });
  const { data: evenings = [] } = useEveningsQuery();
  const { data: conversions = [] } = useConversionsQuery();
  const planned = evenings.filter(isWhole).filter((e) => e.state === 'planned' && e.dishes.length > 0);
  const dishes = conversions.filter(isWhole).filter((d) => isPlanned(d) && !d.archived);
  // Where a press leads is here before: it may be that no server is there then.
  useEffect(() => void import('./CookPage').catch(() => undefined), []);
  const begun = useCooksBegunHere();
  const known = new Set(begun.map(({ cook }) => cook.id));
  const there = (cooks ?? []).filter((c) => !known.has(c.id));
  const on = there.filter((c) => c.endedAt === null);
  const over = there.filter((c) => c.endedAt !== null && c.cookedBy === null);
  return (
    <div className="mx-auto w-full max-w-3xl p-4">
      <PageHeading className="text-3xl">{texts.atCounter}</PageHeading>
      <p className="mt-1 text-sm">{texts.oneInstructionAtTime}</p>
      {error && <p role="alert">{problemText(error)}</p>}
      <BegunHere cooks={begun} />
      <List title={texts.goingOn} cooks={on} />
      <section aria-label={texts.begin} className="mt-5">
        <h2 className="text-lg">{texts.begin}</h2>
        {planned.length + dishes.length === 0 && (
          <p>
            {texts.nothingCanBeCooked}
            <Link to="/" className="link">
              {texts.convertDish}
            </Link>
            {texts.first}
          </p>
        )}
        <ul>
          {planned.map((e) => (
            <li key={e.id} className="border-b border-base-300 py-2">
              <b className="font-display text-lg">{e.name}</b>{' '}
              <span className="text-sm">
                {texts.eveningOf(e.dishes.length === 1 ? texts.oneDish : texts.dishes(e.dishes.length))}
              </span>
              <StartCook of={{ evening: e }} />
            </li>
          ))}
          {dishes.map((d) => (
            <li key={d.id} className="border-b border-base-300 py-2">
              <b className="font-display text-lg break-words">{d.name}</b>{' '}
              <span className="text-sm">{texts.inIt(d.fryer.name)}</span>
              <StartCook of={{ dish: d }} />
            </li>
          ))}
        </ul>
      </section>
      <List title={texts.over} cooks={over} />
    </div>
  );
}

/** Cooks that began here while the server was away, until it has them. */
function BegunHere({ cooks }: { cooks: ReturnType<typeof useCooksBegunHere> }) {
  if (cooks.length === 0) return null;
  return (
    <section aria-label={texts.begunWithoutServer} className="mt-5 border-l-4 border-warning bg-base-200 p-3">
      <h2 className="text-lg">{texts.begunWithoutServer}</h2>
      <ul>
        {cooks.map(({ cook, over, refusal }) => (
          <li key={cook.id} className="flex flex-wrap items-center gap-x-3">
            <Link to={`/cook/${cook.id}`} className="block min-h-14 min-w-0 grow py-2 hover:underline">
              <b className="font-display text-lg break-words">{cook.name}</b>
              <span className="block text-sm">{texts.since(day(cook.startedAt), over)}</span>
            </Link>
            {refusal !== null && (
              <>
                <span role="alert" className="min-w-0 basis-full text-sm break-words">
                  {texts.couldNotBeHandedOver(refusal)}
                </span>
                <button type="button" className="btn btn-outline my-1 h-11" onClick={() => giveUp(cook.id)}>
                  {texts.leaveIt}
                  <span className="sr-only"> {cook.name}</span>
                </button>
              </>
            )}
          </li>
        ))}
      </ul>
      {cooks.some(({ refusal }) => refusal === null) && <p className="text-sm">{texts.isHandedOverByItself}</p>}
    </section>
  );
}

const day = (iso: string): string =>
  new Date(iso).toLocaleString('en-GB', {
    weekday: 'long',
    day: 'numeric',
    month: 'long',
    hour: '2-digit',
    minute: '2-digit',
  });

function List({ title, cooks }: { title: string; cooks: readonly ListedCook[] }) {
  if (cooks.length === 0) return null;
  return (
    <section aria-label={title} className="mt-5">
      <h2 className="text-lg">{title}</h2>
      <ul>
        {cooks.map((c) => (
          <li key={c.id} className="border-b border-base-300">
            <Link to={`/cook/${c.id}`} className="block min-h-14 py-2 hover:underline">
              <b className="font-display text-lg break-words">{c.name}</b>
              {c.rehearsal && (
                <span className="ml-2 rounded-field bg-secondary px-2 text-sm text-secondary-content">
                  {texts.rehearsal}
                </span>
              )}
              <span className="block text-sm">{texts.inDay(day(c.startedAt), c.fryers.join(texts.and))}</span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
