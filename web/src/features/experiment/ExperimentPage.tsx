import type { ExperimentDocument } from '@yellowmist/contract';
import { counted } from '@yellowmist/core';
import { Link, useNavigate, useParams } from 'react-router';
import { orTell, tellUndoable } from '../../state/acting';
import { problemText, useRemoveExperimentMutation, useRestoreExperimentMutation } from '../../state/api';
import { useUnits } from '../../state/useUnits';
import { NotHere } from '../../ui/NotHere';
import { ComparedBowls } from './ComparedBowls';
import { Found } from './Found';
import { Laid } from './Laid';
import { Tasters } from './Tasters';
import { useExperiment } from './useExperiment';
import { WayMark } from './WayMark';
import { ASKS } from './words';
import { PageHeading } from '../../ui/PageHeading';
import { LeftBehind } from '../../ui/SaveNote';
import { Waiting } from './Waiting';
import * as texts from './texts';

/** A comparison: how it is laid and cooked, who tastes, and what came of it. */
export function ExperimentPage() {
  const { id = '' } = useParams();
  const { experiment, error, change, waiting, left } = useExperiment(id);
  if (error && !experiment)
    return <NotHere what={texts.comparison} problem={problemText(error)} to="/log" toLabel={texts.toLogbook} />;
  if (!experiment) return <p className="p-4">{texts.openingComparison}</p>;
  const { planned, name, dishName, conversionId, asked } = experiment;
  const unsafe = planned.ways.find((w) => w.unsafe);
  return (
    <div className="mx-auto w-full max-w-6xl p-4">
      <Waiting why={waiting} />
      {left && <LeftBehind {...left} />}
      <p className="text-sm print:hidden">
        <Link to="/log" className="link">
          {texts.logbook}
        </Link>{' '}
        ·{' '}
        <Link to={`/dish/${conversionId}`} className="link">
          {dishName}
        </Link>
      </p>
      <div className="flex flex-wrap items-start gap-x-4">
        <PageHeading className="min-w-0 grow text-2xl break-words">{name}</PageHeading>
        <div className="flex gap-2 print:hidden">
          <button type="button" className="btn h-11" onClick={() => window.print()}>
            {texts.print}
          </button>
          <PutAside experiment={experiment} />
        </div>
      </div>
      <p className="mt-1 flex flex-wrap items-center gap-x-5 gap-y-1">
        {planned.ways.map((way, at) => (
          <span key={way.mark} className="flex items-center gap-2">
            <WayMark mark={way.mark} at={at} />
            <span>
              <b>{way.name}</b>, {counted(way.pieces, 'piece')}
            </span>
          </span>
        ))}
        <span>{texts.inIt(asked.fryer.name, ASKS[planned.asks].question)}</span>
      </p>
      {unsafe && <UnsafeWay experiment={experiment} />}
      <div className="mt-3 grid gap-x-8 gap-y-6 lg:grid-cols-[minmax(0,6fr)_minmax(0,6fr)]">
        <Laid experiment={experiment} />
        {/* On a small screen what came of it stands first. */}
        <div className="grid content-start gap-6 max-lg:contents">
          <div className="max-lg:order-first">
            <Found experiment={experiment} change={change} />
          </div>
          <Tasters experiment={experiment} change={change} />
          <ComparedBowls planned={planned} />
        </div>
      </div>
    </div>
  );
}

/** The usual caution, where a centre stays below what is safe. */
function UnsafeWay({ experiment }: { experiment: ExperimentDocument }) {
  const { set } = useUnits();
  const way = experiment.planned.ways.find((w) => w.unsafe)!;
  return (
    <p role="alert" className="mt-2 border-l-4 border-error pl-2">
      {texts.centreOfComesTo(way.mark, set(way.unsafe!.centreC, 1), set(way.unsafe!.minimumC, 1))}
    </p>
  );
}

function PutAside({ experiment: { id, name } }: { experiment: ExperimentDocument }) {
  const go = useNavigate();
  const [remove] = useRemoveExperimentMutation();
  const [restore] = useRestoreExperimentMutation();
  const put = async (): Promise<void> => {
    await remove(id).unwrap();
    await go('/log');
    await tellUndoable(texts.isPutAside(name), texts.bringItBack, () => restore(id).unwrap());
  };
  return (
    <button type="button" className="btn h-11" onClick={() => orTell(put())}>
      {texts.putAside}
    </button>
  );
}
