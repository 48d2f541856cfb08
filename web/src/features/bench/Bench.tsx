import { useCallback, useMemo, useState } from 'react';
import { readyPiece } from '@yellowmist/core';
import { api } from '../../state/api';
import { useAppDispatch, useAppSelector } from '../../shell/store';
import { useUnits } from '../../state/useUnits';
import { BasketBoard } from '../basket/BasketBoard';
import { AirForm, AirHeat } from '../heat/AirForm';
import { Alternatives, AlternativesInLine } from '../search/SearchBoard';
import { BenchBar } from './BenchBar';
import { laidOut, sideTurned, type Side } from '../dish/dishSlice';
import { CoatSays } from '../coat/CoatSays';
import { CoatStack } from '../coat/CoatStack';
import { CurvesBoard } from '../cutaways/CurvesBoard';
import { Cutaways } from '../cutaways/Cutaways';
import { Kitchen } from '../limits/LimitsBoard';
import { PieceForm } from '../cut/PieceForm';
import { PotForm, PotHeat } from '../heat/PotForm';
import { Reasons } from '../reasons/Reasons';
import { Schools } from '../schools/SchoolsBoard';
import { Shelf } from './Shelf';
import { Station } from '../bowls/BowlsBoard';
import { Steps } from '../steps/StepsBoard';
import { OilBoard } from '../oil/OilBoard';
import { WaterBoard } from '../water/WaterBoard';
import { useAutosave } from '../dish/useAutosave';
import { useConversion } from '../search/useSearch';
import { useEvaluation } from '../dish/useEvaluation';
import { longestOf } from '../dish/clock';
import { Versions } from '../versions/VersionsBoard';
import { FAMILY_NAMES } from '../dish/words';

/** One dish: its coat as a stack, the two cutaways, the reasons, and the shelf with other coats, bowls and steps. */
export function Bench() {
  const dispatch = useAppDispatch();
  const body = useAppSelector((s) => s.bench.dish.present);
  const { id, side } = useAppSelector((s) => s.bench.desk);
  const save = useAutosave();
  const { evaluated, error } = useEvaluation(body, true);
  const search = useConversion(body);
  const { say } = useUnits();
  const [share, setShare] = useState(1);
  const turn = useCallback((to: Side): void => void dispatch(sideTurned(to)), [dispatch]);
  const longestMin = body ? longestOf(body.fried, body.chosen?.plan ?? null) : 1;
  const scrub = useCallback((m: number): void => setShare(m / longestMin), [longestMin]);
  const layers = useMemo(() => {
    if (!body) return [];
    const specs = side === 'pot' ? body.fried.layers : (body.chosen?.plan.layers ?? []);
    return readyPiece(body.dish, specs).layers;
  }, [body, side]);

  if (!body) return null;
  const plan = body.chosen?.plan;
  const takeTheirs = async (): Promise<void> => {
    const fresh = await dispatch(
      api.endpoints.conversion.initiate(id, { forceRefetch: true, subscribe: false }),
    ).unwrap();
    dispatch(laidOut(fresh));
    save.settled();
  };
  const keepMine = async (): Promise<void> => {
    const fresh = await dispatch(
      api.endpoints.conversion.initiate(id, { forceRefetch: true, subscribe: false }),
    ).unwrap();
    await save.keepMine(fresh.version);
  };

  return (
    <>
      <h1 className="sr-only">{body.name}</h1>
      <BenchBar name={body.name} saveState={save.state} problem={save.problem} />
      {save.state === 'conflict' && (
        <div role="alert" className="flex flex-wrap items-center gap-3 border-b border-error bg-error/10 px-4 py-2">
          <span>This dish was saved from another window. Nothing is lost yet: which one stays?</span>
          <button type="button" className="btn btn-sm" onClick={() => void keepMine()}>
            Keep mine
          </button>
          <button type="button" className="btn btn-sm" onClick={() => void takeTheirs()}>
            Take the other
          </button>
        </div>
      )}
      {save.state === 'failed' && (
        <p role="alert" className="border-b border-error bg-error/10 px-4 py-1 text-sm">
          {save.problem} Your changes stay here; it is tried again.
        </p>
      )}
      <div className="grid min-h-0 grow lg:h-[calc(100dvh-9.6rem)] lg:grid-cols-[20rem_minmax(0,1fr)_18.5rem]">
        <div
          role="region"
          aria-label="Coat and cut"
          tabIndex={0}
          className="min-h-0 space-y-2 border-base-300 px-3 py-2 lg:overflow-y-auto lg:border-r"
        >
          <div
            role="group"
            aria-label="Which coat"
            className="grid grid-cols-2 rounded-field border border-base-content/50"
          >
            {(['pot', 'air'] as const).map((s) => (
              <button
                key={s}
                type="button"
                aria-pressed={side === s}
                disabled={s === 'air' && !plan}
                className={`min-h-11 font-display font-semibold ${side === s ? 'bg-base-content text-base-100' : ''}`}
                onClick={() => turn(s)}
              >
                {s === 'pot' ? 'In the pot' : 'In the air'}
              </button>
            ))}
          </div>
          {side === 'pot' || !plan ? (
            <PotHeat fried={body.fried} />
          ) : (
            <AirHeat fryer={body.fryer} settings={plan.settings} />
          )}
          {side === 'air' && body.chosen && <p className="text-sm">{FAMILY_NAMES[body.chosen.family]}</p>}
          <div>
            <CoatStack
              side={side}
              plan={side === 'air' && plan ? plan : null}
              limits={body.limits}
              specs={side === 'pot' ? body.fried.layers : (plan?.layers ?? [])}
              layers={layers}
            />
            {side === 'air' && evaluated?.air && <CoatSays air={evaluated.air} dish={body.dish} limits={body.limits} />}
            <PieceForm dish={body.dish} />
          </div>
          {side === 'pot' || !plan ? <PotForm fried={body.fried} /> : <AirForm body={body} plan={plan} />}
        </div>
        <div className="order-first min-h-0 min-w-0 px-4 py-1 lg:order-none lg:overflow-y-auto">
          {error && (
            <p role="alert" className="text-error">
              The simulation broke off: {error}. Change something, or reload the page; what is saved is safe.
            </p>
          )}
          {evaluated ? (
            <>
              <Cutaways evaluated={evaluated} share={share} onScrub={setShare} onSide={turn} />
              <CurvesBoard evaluated={evaluated} longestMin={longestMin} minutes={share * longestMin} onScrub={scrub} />
            </>
          ) : (
            <p className="p-8">Simulating the first cook…</p>
          )}
        </div>
        <div
          role="region"
          aria-label="Why"
          tabIndex={0}
          className="min-h-0 border-base-300 px-3 py-2 lg:overflow-y-auto lg:border-l"
        >
          {evaluated?.air && (
            <Reasons
              air={evaluated.air}
              dishCount={body.dish.count}
              conversion={search.conversion}
              chosen={body.chosen}
            />
          )}
        </div>
      </div>
      <Shelf
        boards={[
          {
            id: 'others',
            label: 'Air versions',
            peek: <AlternativesInLine search={search} chosen={body.chosen} />,
            content: (
              <Alternatives
                search={search}
                chosen={body.chosen}
                air={evaluated?.air ?? null}
                limits={body.limits}
                maxTempC={body.fryer.maxTempC}
              />
            ),
          },
          {
            id: 'water',
            label: 'Water',
            content: plan && <WaterBoard body={body} plan={plan} />,
          },
          {
            id: 'bowls',
            label: 'Bowls',
            content: evaluated?.air && <Station air={evaluated.air} dish={body.dish} />,
          },
          {
            id: 'oil',
            label: 'Oil',
            content: evaluated?.air && plan && (
              <OilBoard body={body} plan={plan} air={evaluated.air} fried={evaluated.fried} />
            ),
          },
          {
            id: 'basket',
            label: 'Basket',
            content: evaluated?.air && plan && <BasketBoard body={body} plan={plan} air={evaluated.air} />,
          },
          {
            id: 'steps',
            label: 'Steps',
            content: evaluated?.air && <Steps steps={evaluated.air.steps} foodId={body.dish.foodId} />,
          },
          {
            id: 'schools',
            label: 'Schools',
            content: plan && <Schools body={body} plan={plan} />,
          },
          {
            id: 'versions',
            label: 'Kept versions',
            content: body.chosen && <Versions body={body} chosen={body.chosen} />,
          },
          {
            id: 'cautions',
            label: 'Cautions',
            content: evaluated?.air && (
              <ul className="list-disc columns-1 gap-10 pl-6 lg:columns-2">
                {evaluated.air.cautions.map((c) => (
                  <li key={c.about} className="mb-1.5 break-inside-avoid">
                    {c.tempC !== undefined && <b>{say(c.tempC, 'temperature')}: </b>}
                    {c.text}
                  </li>
                ))}
              </ul>
            ),
          },
          {
            id: 'limits',
            label: 'Who eats, how hot',
            content: <Kitchen limits={body.limits} maxTempC={body.fryer.maxTempC} />,
          },
        ]}
      />
    </>
  );
}
