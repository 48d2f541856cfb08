import { RANGES, type ConversionBody } from '@yellowmist/contract';
import { foodOf, wayMinutes, wayOf, type WaterAdvice, type WaterWay } from '@yellowmist/core';
import { useAppDispatch } from '../../state/hooks';
import { CardTable } from '../../ui/CardTable';
import { NumberField } from '../../ui/NumberField';
import { useUnits } from '../../state/useUnits';
import type { BoardProps } from '../dish/board';
import { dishChanged, schoolTaken } from '../dish/dishSlice';
import { Differences } from '../dish/Differences';
import { useAnswer } from '../../state/useAnswer';
import { requestOf, usePantryDocument } from '../../state/pantryDocument';
import { usePantry } from '../../state/usePantry';
import * as texts from './texts';

/** The food's water before the coat: every way that suits it with what it does and costs, and the one worth its work. */
export default function WaterBoard({ body, plan }: BoardProps) {
  const { answer, error } = useAnswer('water', { ...requestOf(body, usePantryDocument()), plan });
  if (error) return <p role="alert">{error}</p>;
  if (!answer) return <p className="text-sm">{texts.simulatingEveryWayTo}</p>;
  return (
    <div className="grid gap-x-8 gap-y-3 lg:grid-cols-[17rem_minmax(0,1fr)]">
      <Advice advice={answer} body={body} />
      <Ways advice={answer} />
    </div>
  );
}

const inHours = (minutes: number): string =>
  minutes < 90 ? texts.min(Math.round(minutes)) : `${Math.round(minutes / 60)} h`;

/** What the model would do, why, and what leaving it out costs. */
function Advice({ advice, body }: { advice: WaterAdvice; body: ConversionBody }) {
  const dispatch = useAppDispatch();
  const best = advice.ways.find((w) => w.id === advice.best)!;
  const pantry = usePantry();
  const { dish } = body;
  const { minutes: range, label } = wayOf(dish.preparation);
  return (
    <section aria-label={texts.adviceOnWater}>
      <h3 className="text-base">{best.now ? texts.goodAsItIs : texts.worthWork}</h3>
      <p className="leading-snug">
        <b>{best.label}.</b> {best.reason}
      </p>
      {!best.now && <Take way={best} primary />}
      {advice.skipping.length > 0 && (
        <>
          <h4 className="mt-2 text-sm font-semibold">{texts.leavingItOutCosts}</h4>
          <Differences changes={advice.skipping} most={4} />
        </>
      )}
      {range && (
        <NumberField
          className="mt-2 w-40"
          label={texts.forIt(label)}
          value={wayMinutes(foodOf(pantry, dish.foodId), dish.shape, dish.preparation, dish.prepMin ?? null)}
          quantity="minutes"
          range={{ min: Math.max(RANGES.prepMin.min, range.min), max: range.max }}
          onChange={(prepMin) => dispatch(dishChanged({ prepMin }))}
        />
      )}
      <p className="mt-2 text-xs leading-snug">{texts.blanchingAndRoastingAre}</p>
    </section>
  );
}

function Take({ way, primary = false }: { way: WaterWay; primary?: boolean }) {
  const dispatch = useAppDispatch();
  return (
    <button
      type="button"
      className={`btn btn-sm h-9 ${primary ? 'btn-primary mt-1' : 'btn-outline'}`}
      aria-label={texts.take(way.label)}
      onClick={() => dispatch(schoolTaken(way.changed))}
    >
      {texts.waterBoardTake}
    </button>
  );
}

const SKIN_WORDS = { dry: 'dry', damp: 'damp', wet: 'wet' } as const;

/** All ways in a table, the least work first; the one on the bench is marked. */
function Ways({ advice }: { advice: WaterAdvice }) {
  const { say } = useUnits();
  const judged = advice.ways.some((w) => w.firmness !== null);
  const cellsOf = (way: WaterWay) => [
    <div className="md:w-48">
      <span className="font-semibold">{way.label}</span>
      {way.id === advice.best && <span className="ml-1 text-xs font-semibold text-success">{texts.advised}</span>}
      <span className="block text-xs leading-snug">{way.does}</span>
    </div>,
    <WorkAndWait way={way} />,
    <span className="whitespace-nowrap">
      {Math.abs(way.waterLostG) < 0.05
        ? texts.none
        : texts.aPiece(say(Math.abs(way.waterLostG), 'mass'), way.waterLostG < 0 ? texts.takenUp : '')}
      <span className="block text-xs">{texts.skin(SKIN_WORDS[way.skin])}</span>
    </span>,
    ...(judged ? [<Firmness share={way.firmness ?? 1} />] : []),
    <span className="whitespace-nowrap">{say(way.startC, 'temperature')}</span>,
    <span className={`whitespace-nowrap ${way.works ? 'font-semibold' : 'text-error'}`}>
      {say(way.minutes, 'minutes')}
      {!way.works && <span className="block text-xs">{texts.fails}</span>}
    </span>,
    <div className="md:min-w-44">
      {way.now ? <span className="text-xs">{texts.thisIsWhatLies}</span> : <Differences changes={way.costs} most={3} />}
    </div>,
    way.now ? null : <Take way={way} />,
  ];
  return (
    <div className="overflow-x-auto">
      <CardTable
        heads={[
          texts.way,
          texts.workAndWait,
          texts.waterLost,
          ...(judged ? [texts.firmnessLeft] : []),
          texts.coatedAt,
          texts.inFryer,
          texts.whatItChanges,
          texts.takeIt,
        ]}
        hiddenHeads={[texts.takeIt]}
        rows={advice.ways.map((way) => ({ key: way.id, marked: way.now, cells: cellsOf(way) }))}
      />
    </div>
  );
}

function WorkAndWait({ way }: { way: WaterWay }) {
  if (way.handsMin + way.waitMin === 0) return 'none';
  return (
    <span className="whitespace-nowrap">
      {way.handsMin > 0 && texts.minOfWork(way.handsMin)}
      {way.waitMin > 0 && <span className="block text-xs">{texts.andOfWaiting(inHours(way.waitMin))}</span>}
    </span>
  );
}

/** Firmness as a bar that gets shorter as the vegetable gets softer. */
function Firmness({ share }: { share: number }) {
  const percent = Math.round(share * 100);
  return (
    <span className="flex items-center gap-1 whitespace-nowrap">
      <span aria-hidden className="inline-block h-2.5 w-14 border border-base-content/60">
        <span className="block h-full bg-base-content/70" style={{ width: `${percent}%` }} />
      </span>
      {percent} %
    </span>
  );
}
