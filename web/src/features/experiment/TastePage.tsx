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
import * as texts from './texts';

/** One taster's turn: codes alone, in the order in which they are tasted; the best is tapped first. */
export function TastePage() {
  const { id = '' } = useParams();
  const [search] = useSearchParams();
  const { experiment, error, change, saving, waiting } = useExperiment(id);
  const who = search.get('who') ?? '';
  const turn = experiment?.serve.find((s) => s.taster === who);
  if (error && !experiment)
    return <NotHere what={texts.comparison} problem={problemText(error)} to="/log" toLabel={texts.toLogbook} />;
  if (!experiment) return <p className="p-4">{texts.openingTasting}</p>;
  if (!turn)
    return (
      <NotHere
        what={texts.taster}
        problem={who ? texts.isNotAmongThose(who) : texts.nobodyIsNamed}
        to={`/experiment/${id}`}
        toLabel={texts.toComparison}
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
      <FocusedHeading>{texts.tasteInThisOrder(who)}</FocusedHeading>
      <ol className="mt-3 flex flex-wrap items-center gap-2 text-3xl tabular-nums">
        {order.map((code, at) => (
          <li key={code}>
            {at > 0 && (
              <span aria-hidden className="mr-2 text-base">
                {texts.then}
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
        {texts.sipOfWaterBefore(ASKS[asks].first)}
        {order.length > 2 && texts.andOthersAsThey}.
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
              {texts.thatIsMyAnswer}
            </button>
            <button type="button" className="btn h-14" onClick={() => setTapped([])}>
              {texts.onceMore}
            </button>
          </>
        ) : (
          <>
            <button type="button" className="btn h-14 grow" disabled={saving} onClick={() => orTell(onAnswer([]))}>
              {texts.iCannotTellThem}
            </button>
            {tapped.length > 0 && (
              <button type="button" className="btn h-14" onClick={() => setTapped([])}>
                {texts.onceMore}
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
      <FocusedHeading>{texts.thankYou(who)}</FocusedHeading>
      {next.length > 0 ? (
        <>
          <p className="mt-2">{texts.handItOnTo}</p>
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
        <p className="mt-2">{texts.everybodyHasTasted}</p>
      )}
      <div className="mt-4 flex flex-wrap gap-2">
        <Link to={`/experiment/${id}`} className={`btn h-14 ${next.length === 0 ? 'btn-primary' : ''}`}>
          {texts.whatCameOfIt}
        </Link>
        <button type="button" className="btn h-14" onClick={onAgain}>
          {texts.tastesAgain(who)}
        </button>
      </div>
    </div>
  );
}
