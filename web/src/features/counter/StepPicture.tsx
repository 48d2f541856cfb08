import { useMemo } from 'react';
import {
  lyingUp,
  PLAIN_STATION,
  stationOf,
  type AirResult,
  type CoatLayer,
  type CounterBatch,
  type CounterDish,
  type Step,
} from '@yellowmist/core';
import { BasketPicture } from '../../draw/BasketPicture';
import { BowlPicture } from '../../draw/BowlPicture';
import { Cutaway } from '../../draw/Cutaway';
import { Hand } from '../../draw/Hand';
import { momentOf, sampleAt } from '../../draw/moment';
import { ProbeNeedle } from '../../draw/Probe';
import { Swatch } from '../../draw/Swatch';
import { useAppSelector } from '../../state/hooks';
import { usePantryDocument } from '../../state/pantryDocument';
import { useAnswer } from '../../state/useAnswer';
import { useUnits } from '../../state/useUnits';
import type { Evaluation } from '../../worker/questions';
import type { CookNow } from './useCook';
import { batchOf } from './words';
import * as texts from './texts';

const COAT_PX = 44;
const MOST_PX_PER_MM = 30;

/** What of a step there is to see: the bowl, the row of bowls, the piece as it should be by then, where the probe goes. */
export function StepPicture({ step, cook }: { step: Step; cook: CookNow }) {
  const { own } = usePantryDocument();
  const { programme } = cook.document;
  const dish = programme.dishes.find((d) => d.id === step.dishId);
  const batch = batchOf(step.batch, programme) ?? programme.batches.find((b) => b.dishId === step.dishId);
  const question = useMemo(
    () =>
      dish && batch && DRAWN.includes(step.picture)
        ? {
            dish: dish.dish,
            fried: dish.fried,
            fryer: batch.fryer,
            plan: batch.plan,
            profiles: true,
            waits: false,
            own,
          }
        : null,
    [dish, batch, own, step.picture],
  );
  const { answer } = useAnswer('evaluate', question);
  if (step.picture === 'basket' && dish && batch && step.kind === 'load') return <Basket dish={dish} batch={batch} />;
  if (!answer?.air || !batch) return null;
  const { layers } = answer.air;
  if (step.picture === 'bowl' || step.picture === 'bowls' || step.picture === 'hand') {
    const layer = layerOf(step, layers);
    return layer ? <BowlPicture layer={layer} /> : <Row air={answer.air} hands={step.picture === 'hand'} />;
  }
  return <Piece step={step} cook={cook} answer={answer} turnAtMin={batch.plan.settings.turnAtMin} />;
}

const DRAWN: readonly Step['picture'][] = ['bowl', 'bowls', 'hand', 'piece', 'probe'];

/** How the pieces lie in their basket, or on the first of its racks. */
function Basket({ dish, batch }: { dish: CounterDish; batch: CounterBatch }) {
  const { own } = usePantryDocument();
  const question = useMemo(() => ({ dish: dish.dish, plan: batch.plan, fryer: batch.fryer, own }), [dish, batch, own]);
  const { answer } = useAnswer('layout', question);
  if (!answer || answer.racks.length === 0) return null;
  const [laid] = answer.racks;
  return (
    <figure inert className="mx-auto max-w-56">
      <BasketPicture
        torn={dish.dish.shape.kind === 'irregular'}
        basket={batch.fryer.basket}
        footprints={answer.footprints[0]}
        laid={laid.slice(0, Math.ceil(batch.pieces / answer.racks.length))}
        trouble={NO_TROUBLE}
        colourAt={() => 0}
        food={dish.name}
        selected={null}
        onSelect={nothing}
        onPlace={nothing}
        onRemove={nothing}
      />
    </figure>
  );
}
const nothing = (): void => undefined;
const NO_TROUBLE = { overlaps: [], tooNear: [], outside: [] };

/** The layer that a bowl is mixed for, by its number. */
const layerOf = ({ id }: Step, layers: readonly CoatLayer[]): CoatLayer | undefined => {
  const number = /:mix:(\d+)/.exec(id);
  return number ? layers[Number(number[1]) - 1] : undefined;
};

/** All bowls of a coat in the order of dipping; for coating, with the hand that goes into each. */
function Row({ air, hands }: { air: AirResult; hands: boolean }) {
  const { writes } = useAppSelector((state) => state.settings);
  const stops = stationOf(air.bowls, air.layers, air.plan.station ?? PLAIN_STATION, writes, false);
  return (
    <ol className="flex flex-col gap-1" aria-label={texts.bowlsInTheirOrder}>
      {stops.map(({ bowl, grip, wet }) => (
        <li key={bowl.layerAt} className="flex min-h-11 items-center gap-2">
          <Swatch layer={air.layers[bowl.layerAt]} className="w-16" />
          <span className="min-w-0 grow leading-tight break-words">
            {bowl.name}
            {hands && <Hand grip={grip} wet={wet} />}
          </span>
        </li>
      ))}
    </ol>
  );
}

interface PieceProps {
  step: Step;
  cook: CookNow;
  answer: Evaluation;
  turnAtMin: number | null;
}

/** The piece as the plan has it at that moment. */
function Piece({ step, cook, answer, turnAtMin }: PieceProps) {
  const { say } = useUnits();
  const { air, food, foodMm } = answer;
  const { series, layers, sauce } = air!;
  const endMin = series.timeS[series.timeS.length - 1] / 60;
  const inS = step.batch === null ? null : (cook.state.batches.get(step.batch)?.inS ?? null);
  const nowMin = inS === null ? 0 : Math.min(endMin, (cook.nowS - inS) / 60);
  const minutes = step.kind === 'oil' || step.kind === 'load' ? 0 : inS === null ? endMin : nowMin;
  const turned = turnAtMin !== null && step.kind === 'look' ? Math.max(turnAtMin, minutes + 1) : turnAtMin;
  const moment = momentOf(series, layers, sampleAt(series, minutes), turned, sauce);
  const coatMm = layers.reduce((sum, l) => sum + l.thicknessM * 1000, 0);
  const up = lyingUp(turned, minutes) === 'up' ? texts.asItLies : 'turned';
  return (
    <figure className="relative mx-auto aspect-[204/262] max-h-[34dvh] w-full max-w-64 max-sm:max-h-[20dvh] max-sm:max-w-36">
      <Cutaway
        food={food}
        foodMm={foodMm}
        moment={moment}
        medium="air"
        coatScale={Math.min(MOST_PX_PER_MM, COAT_PX / Math.max(coatMm, 0.2))}
        labelled={false}
        say={say}
        title={texts.asItShouldBe(food.name, up, say(moment.centreC, 'temperature'))}
      />
      {step.picture === 'probe' && <ProbeNeedle label={texts.tipOfProbeIn} />}
    </figure>
  );
}
