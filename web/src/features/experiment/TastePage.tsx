import type { ExperimentDocument } from '@yellowmist/contract';
import { useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { orTell } from '../../state/acting';
import { problemText } from '../../state/api';
import { FocusedHeading } from '../../ui/FocusedHeading';
import { NotHere } from '../../ui/NotHere';
import { Holds } from './Holds';
import { useExperiment } from './useExperiment';
import { Waiting } from './Waiting';
import { ASKS } from './words';

/** One taster's turn: codes alone, in the order in which they are tasted; the best is tapped first. */
export function TastePage() {
  const { id = '' } = useParams();
  const [search] = useSearchParams();
  const { experiment, error, change, saving, waiting } = useExperiment(id);
  const who = search.get('who') ?? '';
  const turn = experiment?.serve.find((s) => s.taster === who);
  if (error && !experiment)
    return <NotHere what="comparison" problem={problemText(error)} to="/log" toLabel="To the logbook" />;
  if (!experiment) return <p className="p-4">Opening the tasting…</p>;
  if (!turn)
    return (
      <NotHere
        what="taster"
        problem={who ? `${who} is not among those who taste.` : 'Nobody is named.'}
        to={`/experiment/${id}`}
        toLabel="To the comparison"
      />
    );
  const answers = experiment.tastings.filter((t) => t.taster === who).length;
  return (
    <Turn
      // The next turn begins from nothing.
      key={`${who} ${answers}`}
      experiment={experiment}
      who={who}
      order={turn.order}
      saving={saving}
      waiting={waiting}
      onAnswer={(order) => {
        const answer = { taster: who, at: new Date().toISOString(), order };
        const isThis = (t: { taster: string; at: string }): boolean => t.taster === who && t.at === answer.at;
        return change((now) => ({ ...now, tastings: [...now.tastings.filter((t) => !isThis(t)), answer] }));
      }}
      answered={answers > 0}
    />
  );
}

const PLACES = ['first', 'second', 'third', 'fourth'];

interface TurnProps {
  experiment: ExperimentDocument;
  who: string;
  order: string[];
  saving: boolean;
  answered: boolean;
  /** Why what was answered is not on the server yet; empty when it is. */
  waiting: string;
  onAnswer: (order: string[]) => Promise<void>;
}

function Turn({ experiment, who, order, saving, answered, waiting, onAnswer }: TurnProps) {
  const [tapped, setTapped] = useState<string[]>([]);
  const [again, setAgain] = useState(!answered);
  const { asks } = experiment.planned;
  const left = order.filter((code) => !tapped.includes(code));
  const tap = (code: string): void => {
    const next = [...tapped, code];
    // What is left alone is the last.
    setTapped(left.length === 2 ? [...next, ...left.filter((c) => c !== code)] : next);
  };
  if (!again)
    return (
      <>
        <Waiting why={waiting} />
        <Thanks experiment={experiment} who={who} onAgain={() => setAgain(true)} />
      </>
    );
  return (
    <div className="mx-auto w-full max-w-xl p-4">
      <FocusedHeading>{who}, taste in this order</FocusedHeading>
      <ol className="mt-3 flex flex-wrap items-center gap-2 text-3xl tabular-nums">
        {order.map((code, at) => (
          <li key={code}>
            {at > 0 && (
              <span aria-hidden className="mr-2 text-base">
                then
              </span>
            )}
            <b>{code}</b>
          </li>
        ))}
      </ol>
      <div className="mt-2">
        <Holds planned={experiment.planned} />
      </div>
      <p className="mt-2">
        A sip of water before each. Then tap {ASKS[asks].first}
        {order.length > 2 && ', and the others as they follow'}.
      </p>
      <div
        role="group"
        aria-label={ASKS[asks].question}
        className="mt-4 grid gap-3"
        style={{ gridTemplateColumns: `repeat(${Math.min(order.length, 2)}, 1fr)` }}
      >
        {order.map((code) => {
          const place = tapped.indexOf(code);
          return (
            <button
              key={code}
              type="button"
              // Not disabled: whoever pressed it by key stays on it.
              aria-disabled={place >= 0}
              className={`btn h-28 flex-col gap-1 text-4xl tabular-nums ${place === 0 ? 'btn-primary' : 'btn-outline'}`}
              onClick={() => place < 0 && tap(code)}
            >
              {code}
              {place >= 0 && <span className="text-base">{PLACES[place]}</span>}
            </button>
          );
        })}
      </div>
      <div className="mt-4 flex flex-wrap gap-2">
        {left.length === 0 ? (
          <>
            <button
              type="button"
              className="btn btn-primary h-14 grow"
              disabled={saving}
              onClick={() => orTell(onAnswer(tapped))}
            >
              That is my answer
            </button>
            <button type="button" className="btn h-14" onClick={() => setTapped([])}>
              Once more
            </button>
          </>
        ) : (
          <>
            <button type="button" className="btn h-14 grow" disabled={saving} onClick={() => orTell(onAnswer([]))}>
              I cannot tell them apart
            </button>
            {tapped.length > 0 && (
              <button type="button" className="btn h-14" onClick={() => setTapped([])}>
                Once more
              </button>
            )}
          </>
        )}
      </div>
    </div>
  );
}

/** Who has answered sees nothing of what came of it: the next one is handed the telephone. */
function Thanks({ experiment, who, onAgain }: { experiment: ExperimentDocument; who: string; onAgain: () => void }) {
  const { id, tasters, tastings } = experiment;
  const next = tasters.filter((t) => t !== who && !tastings.some((a) => a.taster === t));
  return (
    <div className="mx-auto w-full max-w-xl p-4">
      <FocusedHeading>Thank you, {who}.</FocusedHeading>
      {next.length > 0 ? (
        <>
          <p className="mt-2">Hand it on to:</p>
          <div className="mt-2 grid gap-2">
            {next.map((taster) => (
              <Link
                key={taster}
                to={`/experiment/${id}/taste?who=${encodeURIComponent(taster)}`}
                className="btn btn-primary h-14 text-lg"
              >
                {taster}
              </Link>
            ))}
          </div>
        </>
      ) : (
        <p className="mt-2">Everybody has tasted.</p>
      )}
      <div className="mt-4 flex flex-wrap gap-2">
        <Link to={`/experiment/${id}`} className={`btn h-14 ${next.length === 0 ? 'btn-primary' : ''}`}>
          What came of it
        </Link>
        <button type="button" className="btn h-14" onClick={onAgain}>
          {who} tastes again
        </button>
      </div>
    </div>
  );
}
