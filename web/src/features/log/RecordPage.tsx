import {
  batchOfDish,
  didAtCounter,
  foodOf,
  plannedDid,
  seenAtCounter,
  stateOf,
  type CookPace,
  type CounterBatch,
  type Did,
  type Programme,
} from '@yellowmist/core';
import type { CookDocument } from '@yellowmist/contract';
import { useMemo } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { problemText, useCookQuery, useCooksQuery } from '../../state/api';
import { usePantry } from '../../state/usePantry';
import { NotHere } from '../../ui/NotHere';
import { SaveNote } from '../../ui/SaveNote';
import { Diagnosis } from './Diagnosis';
import { DidForm } from './DidForm';
import { Happened } from './Happened';
import { KeepVersion } from './KeepVersion';
import { dayOf } from './rows';
import { SeenForm } from './SeenForm';
import { Tries } from './Tries';
import { useRecord } from './useRecord';
import { PageHeading } from '../../ui/PageHeading';
import * as texts from './texts';

/** How one dish of a cook came out, noted on the left; what went wrong, found on the right. */
export function RecordPage() {
  const { id = '' } = useParams();
  const { data: cook, error, refetch } = useCookQuery(id);
  if (error)
    return (
      <NotHere
        what={texts.cook}
        problem={problemText(error)}
        to="/log"
        toLabel={texts.toLogbook}
        onRetry={() => void refetch()}
      />
    );
  if (!cook)
    return (
      <p role="status" className="p-4">
        {texts.openingRecord}
      </p>
    );
  return <Record key={id} cook={cook} />;
}

const paceOf = (cook: CookDocument): CookPace => ({ startedMs: cook.startedMs, rate: cook.rehearsal?.rate ?? 1 });

function Record({ cook }: { cook: CookDocument }) {
  const [search, setSearch] = useSearchParams();
  const { dishes } = cook.programme;
  const dish = dishes.find((d) => d.id === search.get('dish')) ?? dishes[0];
  const { data: cooks = [] } = useCooksQuery();
  const record = useRecord(cook.id, dish.id);
  const pace = useMemo(() => paceOf(cook), [cook]);
  const state = useMemo(() => stateOf(cook.programme, pace, cook.events), [cook, pace]);
  const batch = batchOfDish(cook.programme, dish.id, state);
  const known = useMemo(() => (batch ? seenAtCounter(batch, state) : {}), [batch, state]);
  const done = useMemo(
    () => (batch && !cook.cookedBy ? didAtCounter(cook.programme, batch, state) : {}),
    [batch, cook, state],
  );
  const planned = usePlanned(cook.programme, batch);
  const pantry = usePantry();
  const day = new Date(cook.startedAt).toLocaleDateString('en-GB', { weekday: 'long', day: 'numeric', month: 'long' });
  const { seen, change } = record;
  return (
    <div className="mx-auto w-full max-w-7xl p-4">
      <p className="text-sm">
        <Link to="/log" className="link">
          {texts.logbook}
        </Link>
        , {day}
        {cook.rehearsal && texts.aRehearsal}
        {cook.cookedBy?.what === 'other' && texts.by(cook.cookedBy.name ?? texts.anotherRecipe)}
      </p>
      <PageHeading className="text-2xl break-words">{dish.name}</PageHeading>
      {dishes.length > 1 && (
        <nav aria-label={texts.dishesOfThisCook} className="mt-1 flex flex-wrap gap-2">
          {dishes.map((d) => (
            <button
              key={d.id}
              type="button"
              aria-pressed={d.id === dish.id}
              className="btn h-11 aria-pressed:btn-primary"
              onClick={() => setSearch({ dish: d.id })}
            >
              {d.name}
            </button>
          ))}
        </nav>
      )}
      <div key={dish.id} className="mt-2 grid gap-6 lg:grid-cols-[3fr_2fr]">
        <form aria-label={texts.howItCameOut} onSubmit={(e) => e.preventDefault()} className="min-w-0">
          <Tries cooks={cooks} dish={dish.id} id={cook.id} />
          <Happened cook={cook} dish={dish.id} pace={pace} state={state} />
          <div className="flex flex-wrap items-baseline gap-3">
            <h2 className="text-lg">{texts.howItCameOut}</h2>
            <SaveNote state={record.state} problem={record.problem} />
            <a href="#wrong" className="link ml-auto flex min-h-11 items-center text-sm lg:hidden">
              {texts.toWhatWentWrong}
            </a>
          </div>
          {seen.overall === 'keeper' && batch && <KeepVersion dish={dish.id} plan={batch.plan} day={dayOf(cook)} />}
          <SeenForm
            id={cook.id}
            dish={dish.id}
            seen={seen}
            known={known}
            food={foodOf(pantry, dish.dish.foodId)}
            change={change}
          />
          <details className="mt-3" open={seen.did !== undefined || seen.otherwise !== undefined}>
            <summary className="min-h-11 cursor-pointer py-2 font-display text-lg font-bold">
              {texts.whatWasDone}
            </summary>
            <DidForm seen={seen} planned={planned} known={done} change={change} />
          </details>
        </form>
        <section id="wrong" aria-label={texts.whatWentWrong} className="min-w-0 lg:sticky lg:top-4 lg:self-start">
          <h2 className="text-lg">{texts.whatWentWrong}</h2>
          <Diagnosis id={cook.id} dish={dish.id} version={record.version} seen={seen} change={change} />
        </section>
      </div>
    </div>
  );
}

/** What applies to a batch of what can be done, as it was planned. */
function usePlanned(programme: Programme, batch: CounterBatch | undefined): Did {
  const pantry = usePantry();
  return useMemo(() => (batch ? plannedDid(pantry, programme, batch) : {}), [pantry, programme, batch]);
}
