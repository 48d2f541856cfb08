import { memo, Suspense, useCallback, useEffect, useMemo, useState, type ReactNode } from 'react';
import { readyPiece, wholeOf, type AirPlan, type AirResult, type LayerSpec } from '@yellowmist/core';
import type { ConversionBody } from '@yellowmist/contract';
import { useAppDispatch } from '../../state/hooks';
import { usePantry } from '../../state/usePantry';
import { CoatSays } from '../coat/CoatSays';
import { CoatStack } from '../coat/CoatStack';
import { PieceForm } from '../cut/PieceForm';
import { CurvesBoard } from '../cutaways/CurvesBoard';
import { Cutaways } from '../cutaways/Cutaways';
import { longestOf } from '../dish/clock';
import { sideTurned, type Side } from '../dish/deskSlice';
import { onBench, selectBody, selectDragged, selectSide, useDish } from '../dish/dishSlice';
import { useEvaluation, type Evaluated } from '../dish/useEvaluation';
import { FAMILY_NAMES } from '../dish/words';
import { AirForm, AirHeat } from '../heat/AirForm';
import { SinceLearned } from '../heat/SinceLearned';
import { PotForm, PotHeat } from '../heat/PotForm';
import { Answer, Reasons } from '../reasons/Reasons';
import { SearchContext } from '../search/SearchContext';
import { SearchLine } from '../search/SearchLine';
import { useSearch } from '../search/useSearch';
import { BenchBar } from './BenchBar';
import { BOARDS, type Board } from './boards';
import { Leaving } from './Leaving';
import { SaveTrouble } from './SaveTrouble';
import { Shelf } from './Shelf';
import { PageHeading } from '../../ui/PageHeading';
import { useCalm } from '../../ui/useCalm';
import * as texts from './texts';

/** Boards are fetched ahead when nothing else goes on, ms after the bench stands. */
const AHEAD_MS = 1500;

const NO_LAYERS: LayerSpec[] = [];

/** A board, as soon as there is what it shows. */
function shown(board: Board, body: ConversionBody, evaluated: Evaluated | null): ReactNode {
  const air = evaluated?.air ?? null;
  if (board.early) return <board.Board body={body} air={air} />;
  const plan = body.chosen?.plan;
  if (!plan || !evaluated || !air) return <p className="text-sm">{texts.simulating}</p>;
  return <board.Board body={body} plan={plan} air={air} fried={evaluated.fried} />;
}

/** One dish: its coat as a stack, the two cutaways, the reasons, and the shelf of boards. */
export function Bench() {
  const dispatch = useAppDispatch();
  const lying = useDish(selectBody);
  const dragged = useDish(selectDragged);
  const { evaluated, of, error } = useEvaluation(lying, onBench);
  // While something is dragged the page shows the dish that its picture is of: both are drawn at once.
  const body = (dragged && of) || lying;
  // The picture follows the hand; what is read beside it waits until the hand rests.
  const [calmBody, calm] = [useCalm(body, !dragged), useCalm(evaluated, !dragged)];
  const search = useSearch(body);
  const [share, setShare] = useState(1);
  const turn = useCallback((to: Side): void => void dispatch(sideTurned(to)), [dispatch]);
  const longestMin = body ? longestOf(body.fried, body.chosen?.plan ?? null) : 1;
  const scrub = useCallback((m: number): void => setShare(m / longestMin), [longestMin]);
  useEffect(() => {
    const ahead = setTimeout(() => BOARDS.forEach(({ load }) => void load().catch(() => undefined)), AHEAD_MS);
    return () => clearTimeout(ahead);
  }, []);

  if (!body || !calmBody) return null;
  return (
    <SearchContext value={search}>
      <PageHeading className="sr-only">{body.name}</PageHeading>
      <BenchBar name={body.name} />
      <SaveTrouble />
      <Leaving />
      <div className="grid min-h-0 grow lg:h-[calc(100dvh-9.6rem)] lg:grid-cols-[20rem_minmax(0,1fr)_18.5rem]">
        <CoatAndCut body={body} plan={body.chosen?.plan ?? null} air={calm?.air ?? null} onSide={turn} />
        <div className="-order-1 min-h-0 min-w-0 px-4 py-1 lg:order-none lg:overflow-y-auto">
          {error && (
            <p role="alert" className="text-error">
              {texts.simulationBrokeOffChange(error)}
            </p>
          )}
          {evaluated ? (
            <>
              <Cutaways evaluated={evaluated} share={share} onScrub={setShare} onSide={turn} />
              <CurvesBoard evaluated={evaluated} longestMin={longestMin} minutes={share * longestMin} onScrub={scrub} />
            </>
          ) : (
            <p className="p-8">{texts.simulatingFirstCook}</p>
          )}
        </div>
        <div
          role="region"
          aria-label={texts.why}
          tabIndex={0}
          className="min-h-0 border-base-300 py-2 max-lg:contents lg:overflow-y-auto lg:border-l"
        >
          {calm?.air && (
            <>
              {/* On a small screen the answer stands above everything, and its reasons below. */}
              <div className="-order-2 px-4 pt-2 lg:order-none lg:px-3 lg:pt-0">
                <SinceLearned body={body} />
                <Answer body={calmBody} keepPot={search.conversion?.keepPot ?? null} />
              </div>
              <div className="order-1 px-4 py-2 lg:order-none lg:px-3 lg:py-0">
                <Reasons air={calm.air} body={calmBody} conversion={search.conversion} />
              </div>
            </>
          )}
        </div>
      </div>
      <Boards body={body} evaluated={evaluated} />
    </SearchContext>
  );
}

/** The shelf with its boards. */
const Boards = memo(function Boards({ body, evaluated }: { body: ConversionBody; evaluated: Evaluated | null }) {
  return (
    <Shelf
      boards={BOARDS.map((board, k) => ({
        id: board.id,
        label: board.label,
        peek: k === 0 && <SearchLine body={body} />,
        content: () => (
          <Suspense fallback={<p className="text-sm">{texts.fetchingBoard}</p>}>
            {shown(board, body, evaluated)}
          </Suspense>
        ),
      }))}
    />
  );
});

/** The left side of the bench: the coat of the pot or of the air, its heat, and the food that it stands on. */
const CoatAndCut = memo(function CoatAndCut({
  body,
  plan,
  air,
  onSide,
}: {
  body: ConversionBody;
  plan: AirPlan | null;
  air: AirResult | null;
  onSide: (side: Side) => void;
}) {
  const pantry = usePantry();
  const side = useDish(selectSide);
  const inAir = side === 'air' ? plan : null;
  const specs = side === 'pot' ? body.fried.layers : (plan?.layers ?? NO_LAYERS);
  const dish = useCalm(body.dish, !useDish(selectDragged));
  const layers = useMemo(() => readyPiece(pantry, dish, specs).layers, [pantry, dish, specs]);
  const { areaM2 } = useMemo(() => wholeOf(pantry, dish), [pantry, dish]);
  return (
    <div
      role="region"
      aria-label={texts.coatAndCut}
      tabIndex={0}
      className="min-h-0 space-y-2 border-base-300 px-3 py-2 lg:overflow-y-auto lg:border-r"
    >
      <div
        role="group"
        aria-label={texts.whichCoat}
        className="grid grid-cols-2 rounded-field border border-base-content/50"
      >
        {(['pot', 'air'] as const).map((s) => (
          <button
            key={s}
            type="button"
            aria-pressed={side === s}
            disabled={s === 'air' && !plan}
            className={`min-h-11 font-display font-semibold ${side === s ? 'bg-base-content text-base-100' : ''}`}
            onClick={() => onSide(s)}
          >
            {s === 'pot' ? texts.inPot : texts.inAir}
          </button>
        ))}
      </div>
      {inAir ? <AirHeat fryer={body.fryer} settings={inAir.settings} /> : <PotHeat fried={body.fried} />}
      {side === 'air' && body.chosen && <p className="text-sm">{FAMILY_NAMES[body.chosen.family]}</p>}
      <div>
        <CoatStack
          side={side}
          plan={inAir}
          stepC={body.fryer.stepC}
          limits={body.limits}
          specs={specs}
          layers={layers}
          areaM2={areaM2}
        />
        <PieceForm dish={body.dish} pot={body.fried} />
        {side === 'air' && air && <CoatSays air={air} dish={body.dish} limits={body.limits} />}
      </div>
      {inAir ? <AirForm body={body} plan={inAir} /> : <PotForm fried={body.fried} />}
    </div>
  );
});
