import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { RANGES, type ConversionBody } from '@yellowmist/contract';
import {
  foodOf,
  PLAIN_AIR,
  spotAdvice,
  spotFactor,
  spotFactorTurned,
  troubleIn,
  USUAL_GAP_MM,
  type AirPlan,
  type AirResult,
  type Footprint,
  type LaidPiece,
  type Layout,
} from '@yellowmist/core';
import { useAppDispatch } from '../../state/hooks';
import { BasketPicture } from '../../draw/BasketPicture';
import { Check } from '../../ui/Check';
import { NumberField } from '../../ui/NumberField';
import { useUnits } from '../../state/useUnits';
import { RackFigure } from '../../ui/RackFigure';
import type { BoardProps } from '../dish/board';
import { planChanged } from '../dish/dishSlice';
import { useAnswer } from '../../state/useAnswer';
import { usePantryDocument } from '../../state/pantryDocument';
import { usePantry } from '../../state/usePantry';
import { Crowding } from './Crowding';
import { OtherFryers } from './OtherFryers';
import { PacketWord } from './PacketWord';
import * as texts from './texts';

/** Of a plan what the packing looks at: heat and minutes move no piece. */
const packedBy = ({ layers, laying }: AirPlan): AirPlan => ({
  layers,
  laying,
  restMin: 0,
  oilGm2: 0,
  second: null,
  settings: { ...PLAIN_AIR, tempC: 180, minutes: 10, preheated: false, turnAtMin: null, under: 'basket' },
});

/** The basket of a full batch from above: packed, or as a hand has laid it; what crowding and other fryers would change. */
export default function BasketBoard({ body, plan, air }: BoardProps) {
  const { id } = useParams();
  const { dish, fryer } = body;
  const { own } = usePantryDocument();
  const { answer, error } = useAnswer('layout', { dish, plan: packedBy(plan), fryer, own });
  const [last, setLast] = useState<Layout | null>(null);
  if (answer && answer !== last) setLast(answer);
  const layout = answer ?? last;
  return (
    <div className="grid gap-x-6 gap-y-3 lg:grid-cols-[minmax(0,1fr)_19rem_19rem]">
      <div>
        {/* Before the pieces: each of them is a stop of the keyboard. */}
        <Link to={`/experiment/new?dish=${id}`} className="btn btn-sm mb-1 h-11">
          {texts.compareTwoToFour}
        </Link>
        {error && <p role="alert">{error}</p>}
        {!layout && !error && <p className="text-sm">{texts.packingBasket}</p>}
        {layout && <Racks layout={layout} body={body} plan={plan} air={air} />}
      </div>
      <Crowding body={body} plan={plan} air={air} />
      <OtherFryers body={body} plan={plan} />
      <PacketWord body={body} plan={plan} />
    </div>
  );
}

/** All racks of a full batch side by side, each piece to be moved, turned and taken out. */
function Racks({ layout, body, plan, air }: { layout: Layout; body: ConversionBody; plan: AirPlan; air: AirResult }) {
  const dispatch = useAppDispatch();
  const { say } = useUnits();
  const pantry = usePantry();
  const { fryer, dish } = body;
  // While a piece is carried, the picture follows the hand; what it lets go of is the plan's.
  const [carried, setCarried] = useState<LaidPiece[][] | null>(null);
  const racks = carried ?? plan.laying?.laid ?? layout.racks;
  const [selected, setSelected] = useState<{ rack: number; piece: number } | null>(null);
  const gapMm = plan.laying?.gapMm ?? USUAL_GAP_MM;
  const factorAt = plan.settings.basketTurned ? spotFactorTurned : spotFactor;
  const byHand = Boolean(plan.laying?.laid);
  const keep = (next: LaidPiece[][]): void => {
    setCarried(null);
    dispatch(planChanged({ laying: { ...plan.laying, gapMm, laid: next } }));
  };
  const withRack = (rack: number, pieces: LaidPiece[]): LaidPiece[][] => racks.map((r, i) => (i === rack ? pieces : r));
  // Until a new packing is there, what was laid may be more than the new batch holds.
  const footprints = racks.map((laid, rack) => knownFor(laid, layout.footprints[rack] ?? layout.footprints[0]));
  const batches = air.load.perBatch;
  const troubles = racks.map((laid, rack) => troubleIn(fryer.basket, footprints[rack], laid, gapMm));
  const told = complaint(troubles);
  return (
    <>
      <div className="flex flex-wrap items-end gap-3">
        <p className="text-sm">
          <b>
            {batches.length === 1 ? texts.oneBatch : texts.batches(batches.length)}: {inRuns(batches)}
          </b>
          {texts.inIt(
            dish.count === 1 ? texts.piece : texts.pieces,
            fryer.name,
            byHand ? texts.asYouHaveLaid : texts.apartOrMore(say(gapMm, 'length')),
          )}
        </p>
        {byHand && (
          <button
            type="button"
            className="btn btn-sm h-9"
            onClick={() => dispatch(planChanged({ laying: { ...plan.laying, gapMm, laid: null } }))}
          >
            {texts.layThemAnew}
          </button>
        )}
        {dish.shape.kind === 'ring' && dish.smaller && (
          <Check
            label={texts.smallOnesInHoles}
            checked={plan.laying?.nest ?? false}
            onChange={(nest) => dispatch(planChanged({ laying: { gapMm, laid: null, nest } }))}
          />
        )}
        <NumberField
          className="ml-auto w-28"
          label={texts.airBetween}
          value={gapMm}
          quantity="length"
          range={RANGES.gapMm}
          onChange={(gap) => dispatch(planChanged({ laying: { ...plan.laying, gapMm: gap, laid: null } }))}
        />
      </div>
      {!air.load.fits && (
        <p role="alert" className="border-l-4 border-error pl-2 text-sm">
          {texts.oneCoatedPieceIs}
        </p>
      )}
      <p role="status" className={`min-h-5 text-sm ${told ? 'font-semibold text-error' : ''}`}>
        {told}
      </p>
      <div className={`grid gap-3 ${racks.length > 1 ? 'sm:grid-cols-2' : ''}`}>
        {racks.map((laid, rack) => (
          <RackFigure key={rack} racks={racks.length} rack={rack} name={fryer.name}>
            <BasketPicture
              torn={dish.shape.kind === 'irregular'}
              basket={fryer.basket}
              footprints={footprints[rack]}
              laid={laid}
              trouble={troubles[rack]}
              colourAt={(x, y) => (air.outcomes.colourTop?.value ?? 0) * factorAt(fryer, x, y)}
              food={foodOf(pantry, dish.foodId).name}
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
          </RackFigure>
        ))}
      </div>
      {spotAdvice(fryer.hotSpots) && (
        <p className="text-sm">
          <b>{texts.byItsBreadTest}</b> {spotAdvice(fryer.hotSpots)}
        </p>
      )}
      <p className="text-xs leading-snug">{texts.dragPieceOrFocus}</p>
    </>
  );
}

/** "12, 12, 11" where there are few, "10 times 4, 2" where there are many. */
function inRuns(counts: readonly number[]): string {
  if (counts.length <= 6) return counts.join(', ');
  const runs = [...new Set(counts)].map((n) => [n, counts.filter((c) => c === n).length]);
  return runs.map(([n, times]) => (times === 1 ? `${n}` : texts.times(times, n))).join(', ');
}

/** A footprint for every piece of a rack. */
const knownFor = (laid: readonly LaidPiece[], list: readonly Footprint[]): Footprint[] =>
  Array.from({ length: Math.max(0, ...laid.map((p) => p.piece)) + 1 }, (_, i) => list[i] ?? list[0]);

function complaint(troubles: readonly ReturnType<typeof troubleIn>[]): string {
  const count = (of: 'overlaps' | 'tooNear' | 'outside'): number => troubles.reduce((sum, t) => sum + t[of].length, 0);
  const parts = [
    [count('overlaps'), texts.lieOverEachOther],
    [count('outside'), texts.overWall],
    [count('tooNear'), texts.nearerThanAirThat],
  ].filter(([n]) => Number(n) > 0);
  return parts.map(([n, what]) => `${n} ${what}`).join('; ');
}
