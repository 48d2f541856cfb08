import { ArrowLeft, ArrowRight } from 'lucide-react';
import {
  againstRecipe,
  batterNotes,
  foodOf,
  ingredient,
  isFlesh,
  PLAIN_STATION,
  stationOf,
  longestMm,
  vesselsFor,
  type AirResult,
  type Filled,
  type Stop,
} from '@yellowmist/core';
import { useKitchenQuery } from '../../state/api';
import { useAppDispatch, useAppSelector } from '../../state/hooks';
import { BowlPicture } from '../../draw/BowlPicture';
import { Hand } from '../../draw/Hand';
import { partAmount } from '../../state/units';
import { usePantry } from '../../state/usePantry';
import { useUnits } from '../../state/useUnits';
import type { BoardProps } from '../dish/board';
import { dishChanged } from '../dish/dishSlice';
import { Beside } from './Beside';
import { DropTest } from './DropTest';
import { Setting } from './Setting';
import { Tray } from './Tray';
import { ForkTest } from './ForkTest';
import * as texts from './texts';

/** The dipping station as the cook sets it out: bowls in the order of use, the hand for each, the tray at the end. */
export default function BowlsBoard(props: BoardProps) {
  if (props.body.dish.readyCoated) {
    return (
      <>
        <p className="py-2">{texts.noBowlsPiecesCome}</p>
        <Beside dish={props.body.dish} beside={props.air.beside} people={props.air.perServing.air.people} />
      </>
    );
  }
  return <Bowls {...props} />;
}

function Bowls({ air, body: { dish } }: BoardProps) {
  const pantry = usePantry();
  const writes = useAppSelector((s) => s.settings.writes);
  const station = air.plan.station ?? PLAIN_STATION;
  const food = foodOf(pantry, dish.foodId);
  const rawEgg = air.plan.layers.some((l) =>
    l.portions.some((p) => ingredient(pantry, p.ingredientId).origin === 'egg'),
  );
  const soils = [food, ...(dish.also ? [foodOf(pantry, dish.also.foodId)] : [])].some(isFlesh) || rawEgg;
  const stops = stationOf(air.bowls, air.layers, station, writes, soils);
  const { data: kitchen } = useKitchenQuery();
  const filled = kitchen?.bowls.length ? vesselsFor(air.bowls, air.layers, kitchen.bowls, longestMm(dish.shape)) : [];
  const Next = writes === 'right' ? ArrowRight : ArrowLeft;
  return (
    <div>
      <Setting air={air} dish={dish} writes={writes} />
      <ol
        className={`flex items-start gap-1 overflow-x-auto pb-1 ${writes === 'left' ? 'flex-row-reverse justify-end' : ''}`}
        aria-label={texts.bowlsInOrderOf}
      >
        {stops.map((stop, k) => (
          <li
            key={stop.bowl.layerAt}
            className={`flex shrink-0 items-start ${writes === 'left' ? 'flex-row-reverse' : ''}`}
          >
            <BowlStop number={k + 1} filled={filled[k]} stop={stop} air={air} soils={soils} count={dish.count} />
            <Next aria-hidden className="mt-14 size-6 opacity-70" />
          </li>
        ))}
        <li className="w-56 shrink-0 px-3">
          <Tray air={air} dish={dish} />
        </li>
      </ol>
      <Beside dish={dish} beside={air.beside} people={air.perServing.air.people} />
    </div>
  );
}

const ORDINALS = ['1st', '2nd', '3rd', '4th', '5th', '6th', '7th', '8th'];
const TIMES = ['', 'once', 'twice', texts.threeTimes, texts.fourTimes];

/** One bowl: who goes in, what is in it, and what is left of it. */
function BowlStop({
  number,
  stop,
  filled,
  air,
  soils,
  count,
}: {
  number: number;
  stop: Stop;
  filled: Filled | undefined;
  air: AirResult;
  soils: boolean;
  count: number;
}) {
  const { system, say, tell } = useUnits();
  const pantry = usePantry();
  const { bowl, visits } = stop;
  const layer = air.layers[bowl.layerAt];
  return (
    <div className={layer.batter ? 'w-60 px-2 sm:grid sm:w-[30rem] sm:grid-cols-2 sm:gap-x-4' : 'w-60 px-2'}>
      <div>
        <div className="flex items-end justify-between gap-1">
          <Hand grip={stop.grip} wet={stop.wet} />
          {visits.length > 1 && (
            <span className="mb-1 rounded-field bg-primary px-1.5 text-xs font-semibold text-primary-content">
              {texts.layer(TIMES[visits.length], visits.map((v) => ORDINALS[v - 1]).join(', '))}
            </span>
          )}
        </div>
        <BowlPicture layer={layer} />
        <h3 className="leading-tight">
          {number}. {bowl.name}
        </h3>
        {filled && (
          <p className={`text-xs leading-snug ${filled.vessel ? '' : 'font-semibold text-error'}`}>
            {filled.vessel
              ? texts.inMl(filled.vessel.name.toLowerCase(), Math.round(filled.needsMl))
              : tell(filled.text)}
          </p>
        )}
        <ul className="text-sm">
          {bowl.parts.map((part) => (
            <li key={part.ingredientId} className="flex justify-between gap-2">
              <span>{part.name}</span>
              <b className="whitespace-nowrap">{partAmount(part, system)}</b>
            </li>
          ))}
        </ul>
        <Recipe bowl={bowl} air={air} count={count} />
        {stop.portionsOut > 1 && (
          <p className="mt-1 text-xs leading-snug">
            <b>{texts.inGoes(stop.portionsOut)}</b>
            {texts.ofAboutWhatWet(say(bowl.totalG / stop.portionsOut, 'mass'))}
          </p>
        )}
        <p className="mt-1 text-xs leading-snug opacity-90">
          {texts.stayOnFoodOn(
            say(bowl.onFoodG, 'mass'),
            say(bowl.lostG, 'mass'),
            LOSES[stop.grip],
            say(bowl.leftG, 'mass'),
            soils ? texts.andThrownAway : '',
          )}
          {bowl.weighedEggG !== null && texts.weighedOfBeatenEgg(say(bowl.weighedEggG, 'mass'))}
          {bowl.reachesPieces > count && texts.sameBowlReachesPieces(bowl.reachesPieces)}
        </p>
      </div>
      {layer.batter && (
        <div className="sm:pt-2">
          <ForkTest bowl={bowl} standMin={air.plan.layers[bowl.layerAt]?.standMin ?? 0} />
          <DropTest layers={air.plan.layers} at={bowl.layerAt} />
          <ul className="mt-1 list-disc pl-4 text-xs leading-snug">
            {batterNotes(pantry, air.plan.layers[bowl.layerAt]).map((note) => (
              <li key={note}>{note}</li>
            ))}
          </ul>
        </div>
      )}
    </div>
  );
}

/** What the recipe writes for this bowl against what it takes; as many pieces as there is enough for with one touch. */
function Recipe({ bowl, air, count }: { bowl: Stop['bowl']; air: AirResult; count: number }) {
  const dispatch = useAppDispatch();
  const { tell } = useUnits();
  const against = againstRecipe(bowl, air.plan.layers, air.layers, count);
  if (!against) return null;
  const short = against.word === 'too-little';
  return (
    <div className={`mt-1 text-xs leading-snug ${short ? 'border-l-4 border-warning bg-warning/15 px-2 py-1' : ''}`}>
      <p>{tell(against.text)}</p>
      {short && against.reachesPieces > 0 && (
        <button
          type="button"
          className="btn btn-sm mt-1 h-9"
          onClick={() => dispatch(dishChanged({ count: against.reachesPieces }))}
        >
          {texts.asMuchAsI(against.reachesPieces)}
        </button>
      )}
    </div>
  );
}

const LOSES: Record<Stop['grip'], string> = {
  left: texts.theHand,
  right: texts.theHand,
  fork: texts.theFork,
  shaker: texts.theBox,
};
