import { useState } from 'react';
import { RANGES, type ConversionBody } from '@yellowmist/contract';
import {
  foodOf,
  piecesOfBatch,
  spotAdvice,
  spotFactor,
  troubleIn,
  USUAL_GAP_MM,
  type AirPlan,
  type AirResult,
  type LaidPiece,
} from '@yellowmist/core';
import { useAppDispatch } from '../../app/store';
import { BasketPicture } from '../../draw/BasketPicture';
import { NumberField } from '../../ui/NumberField';
import { useUnits } from '../../ui/useUnits';
import { askLayout, type BasketLayout } from '../../worker/core';
import { planChanged } from '../bench/benchSlice';
import { useAsked } from '../bench/useAsked';
import { Crowding } from './Crowding';
import { OtherFryers } from './OtherFryers';

/** The basket of a full batch from above: packed, or as a hand has laid it; what crowding and other fryers would change. */
export function BasketBoard({ body, plan, air }: { body: ConversionBody; plan: AirPlan; air: AirResult }) {
  const { dish, fryer } = body;
  const key = JSON.stringify([dish, plan.layers, plan.laying, fryer]);
  const { answer, error } = useAsked(key, () => askLayout(dish, plan, fryer));
  const [last, setLast] = useState<BasketLayout | null>(null);
  if (answer && answer !== last) setLast(answer);
  const layout = answer ?? last;
  return (
    <div className="grid gap-x-6 gap-y-3 lg:grid-cols-[minmax(0,1fr)_19rem_19rem]">
      <div>
        {error && <p role="alert">{error}</p>}
        {!layout && !error && <p className="text-sm">Packing the basket…</p>}
        {layout && <Racks layout={layout} body={body} plan={plan} air={air} />}
      </div>
      <Crowding body={body} plan={plan} air={air} />
      <OtherFryers body={body} plan={plan} />
    </div>
  );
}

/** All racks of a full batch side by side, each piece to be moved, turned and taken out. */
function Racks({
  layout,
  body,
  plan,
  air,
}: {
  layout: BasketLayout;
  body: ConversionBody;
  plan: AirPlan;
  air: AirResult;
}) {
  const dispatch = useAppDispatch();
  const { say } = useUnits();
  const { fryer, dish } = body;
  // While a piece is carried, the picture follows the hand; what it lets go of is the plan's.
  const [carried, setCarried] = useState<LaidPiece[][] | null>(null);
  const racks = carried ?? plan.laying?.laid ?? layout.racks;
  const [selected, setSelected] = useState<{ rack: number; piece: number } | null>(null);
  const gapMm = plan.laying?.gapMm ?? USUAL_GAP_MM;
  const byHand = Boolean(plan.laying?.laid);
  const keep = (next: LaidPiece[][]): void => {
    setCarried(null);
    dispatch(planChanged({ laying: { gapMm, laid: next } }));
  };
  const withRack = (rack: number, pieces: LaidPiece[]): LaidPiece[][] => racks.map((r, i) => (i === rack ? pieces : r));
  const footprints = Array.from({ length: RANGES.count.max }, () => layout.footprint);
  const batches = Array.from({ length: air.load.batches }, (_, b) => piecesOfBatch(air.load, dish.count, b));
  const troubles = racks.map((laid) => troubleIn(fryer.basket, footprints, laid, gapMm));
  const told = complaint(troubles);
  return (
    <>
      <div className="flex flex-wrap items-end gap-3">
        <p className="text-sm">
          <b>
            {batches.length === 1 ? 'One batch' : `${batches.length} batches`}: {batches.join(', ')}
          </b>{' '}
          {dish.count === 1 ? 'piece' : 'pieces'} in {fryer.name}
          {byHand ? ', as you have laid them' : `, ${say(gapMm, 'length')} apart or more`}.
        </p>
        {byHand && (
          <button
            type="button"
            className="btn btn-sm h-9"
            onClick={() => dispatch(planChanged({ laying: { gapMm, laid: null } }))}
          >
            Lay them anew
          </button>
        )}
        <NumberField
          className="ml-auto w-28"
          label="Air between"
          value={gapMm}
          quantity="length"
          range={RANGES.gapMm}
          onChange={(gap) => dispatch(planChanged({ laying: { gapMm: gap, laid: null } }))}
        />
      </div>
      {!air.load.fits && (
        <p role="alert" className="border-l-4 border-error pl-2 text-sm">
          One coated piece is larger than this basket. Cut it smaller, or move it to a larger fryer.
        </p>
      )}
      <p role="status" className={`min-h-5 text-sm ${told ? 'font-semibold text-error' : ''}`}>
        {told}
      </p>
      <div className={`grid gap-3 ${racks.length > 1 ? 'sm:grid-cols-2' : ''}`}>
        {racks.map((laid, rack) => (
          <figure key={rack} className="min-w-0">
            {racks.length > 1 && (
              <figcaption className="text-center text-sm font-semibold">
                {rack === 0 ? 'Upper rack' : 'Lower rack'}
              </figcaption>
            )}
            <BasketPicture
              basket={fryer.basket}
              footprint={layout.footprint}
              laid={laid}
              trouble={troubles[rack]}
              colourAt={(x, y) => (air.outcomes.colourTop?.value ?? 0) * spotFactor(fryer, x, y)}
              food={foodOf(dish.foodId).name}
              selected={selected?.rack === rack ? selected.piece : null}
              onSelect={(piece) => setSelected(piece === null ? null : { rack, piece })}
              onPlace={(placed, done) => {
                const next = withRack(
                  rack,
                  laid.map((p) => (p.piece === placed.piece ? placed : p)),
                );
                if (done) keep(next);
                else setCarried(next);
              }}
              onRemove={(piece) => {
                if (racks.flat().length > 1)
                  keep(
                    withRack(
                      rack,
                      laid.filter((p) => p.piece !== piece),
                    ),
                  );
              }}
            />
          </figure>
        ))}
      </div>
      {spotAdvice(fryer.hotSpots) && (
        <p className="text-sm">
          <b>By its bread test:</b> {spotAdvice(fryer.hotSpots)}
        </p>
      )}
      <p className="text-xs leading-snug">
        Drag a piece, or focus it: arrows move it (with Shift farther), R turns it, Delete takes it out. To scale; the
        colour is that of the tops at the end.
      </p>
    </>
  );
}

function complaint(troubles: readonly ReturnType<typeof troubleIn>[]): string {
  const count = (of: 'overlaps' | 'tooNear' | 'outside'): number => troubles.reduce((sum, t) => sum + t[of].length, 0);
  const parts = [
    [count('overlaps'), 'lie over each other'],
    [count('outside'), 'over the wall'],
    [count('tooNear'), 'nearer than the air that you asked for'],
  ].filter(([n]) => Number(n) > 0);
  return parts.map(([n, what]) => `${n} ${what}`).join('; ');
}
