import { counted, differences, USUAL_GAP_MM, type AirPlan, type AirResult } from '@yellowmist/core';
import type { ConversionBody } from '@yellowmist/contract';
import { useAppDispatch } from '../../state/hooks';
import { useAnswer } from '../../state/useAnswer';
import { usePantryDocument } from '../../state/pantryDocument';
import { planChanged } from '../dish/dishSlice';
import { Differences } from '../dish/Differences';
import { Unsafe } from '../dish/Unsafe';
import * as texts from './texts';

const TOUCHING_MM = 0;

/** What it would cost to crowd the basket, or gain to give it air again. */
export function Crowding({ body, plan, air }: { body: ConversionBody; plan: AirPlan; air: AirResult }) {
  const dispatch = useAppDispatch();
  const { dish, fried, fryer } = body;
  const crowded = plan.laying?.gapMm === TOUCHING_MM;
  const laying = { ...plan.laying, gapMm: crowded ? USUAL_GAP_MM : TOUCHING_MM, laid: null };
  const other: AirPlan = { ...plan, laying };
  const { own } = usePantryDocument();
  const { answer: evaluated, error } = useAnswer('evaluate', {
    dish,
    fried,
    fryer,
    plan: other,
    profiles: false,
    waits: false,
    own,
  });
  const answer = evaluated?.air;
  return (
    <section aria-label={texts.crowding}>
      <h3 className="text-base">{crowded ? texts.whatIfIGive : texts.whatIfICrowd}</h3>
      <p className="text-sm">{texts.nowOf100Parts(Math.round(air.load.coverage * 100))}</p>
      {error && <p role="alert">{error}</p>}
      {!answer && !error && <p className="text-xs">{texts.simulating}</p>}
      {answer && (
        <>
          <p className="text-sm">
            {texts.atTimeCovered(
              crowded ? texts.apart : texts.touching,
              answer.load.piecesPerBatch,
              counted(answer.load.batches, 'batch', 'batches'),
              Math.round(answer.load.coverage * 100),
            )}
          </p>
          <Differences changes={differences(air, answer)} most={6} none={texts.cookItselfHardlyChanges} />
          <Unsafe unsafe={answer.unsafe} brief />
          {!crowded && <p className="mt-1 text-xs leading-snug">{texts.piecesThatTouchStay}</p>}
          <button type="button" className="btn btn-sm mt-1 h-9" onClick={() => dispatch(planChanged({ laying }))}>
            {crowded ? texts.giveItAir : texts.crowdIt}
          </button>
        </>
      )}
    </section>
  );
}
