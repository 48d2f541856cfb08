import type { ConversionBody } from '@yellowmist/contract';
import { counted, type AirPlan, type Fryer } from '@yellowmist/core';
import { useAppDispatch } from '../../state/hooks';
import { useUnits } from '../../state/useUnits';
import { useAnswer } from '../../state/useAnswer';
import { movedToFryer } from '../dish/dishSlice';
import { Differences } from '../dish/Differences';
import { Unsafe } from '../dish/Unsafe';
import { useLearnedSaid } from '../dish/LearnedSaid';
import { useFryers } from '../dish/useFryers';
import { requestOf, usePantryDocument } from '../../state/pantryDocument';
import * as texts from './texts';

/** The same dish in every other fryer of the kitchen: its own minutes and batches there, and what that changes. */
export function OtherFryers({ body, plan }: { body: ConversionBody; plan: AirPlan }) {
  const others = useFryers(body.fryer).filter((f) => f.name !== body.fryer.name);
  return (
    <section aria-label={texts.inAnotherFryer}>
      <h3 className="text-base">{texts.inAnotherFryer}</h3>
      <ul>
        {others.map((fryer) => (
          <Other key={fryer.name} body={body} plan={plan} fryer={fryer} />
        ))}
      </ul>
    </section>
  );
}

function Other({ body, plan, fryer }: { body: ConversionBody; plan: AirPlan; fryer: Fryer }) {
  const dispatch = useAppDispatch();
  const { say, set, tell } = useUnits();
  const learnedSaid = useLearnedSaid();
  const { answer, error } = useAnswer('move', { ...requestOf(body, usePantryDocument()), plan, to: fryer });
  return (
    <li className="border-t border-base-300 py-1">
      <div className="flex items-center gap-2">
        <p className="grow text-sm leading-tight">
          <b>{fryer.name}</b>
          {fryer.learned && <span className="block text-xs">{learnedSaid(fryer)}</span>}
          {answer && (
            <span className="block text-xs">
              {set(answer.plan.settings.tempC, fryer.stepC)}, {say(answer.plan.settings.minutes, 'minutes')},{' '}
              {answer.fits
                ? texts.ofUpTo(counted(answer.batches, 'batch', 'batches'), answer.piecesPerBatch)
                : texts.pieceIsLargerThan}
            </span>
          )}
        </p>
        <button
          type="button"
          className="btn btn-sm h-9"
          disabled={!answer?.fits}
          aria-label={texts.moveItTo(fryer.name)}
          onClick={() => answer && dispatch(movedToFryer({ fryer, plan: answer.plan }))}
        >
          {texts.moveIt}
        </button>
      </div>
      <Unsafe unsafe={answer?.result.unsafe ?? null} brief />
      {error && <p role="alert">{error}</p>}
      {answer && answer.why.length > 0 && <p className="text-xs leading-snug">{answer.why.map(tell).join(' ')}</p>}
      {answer ? (
        <Differences changes={answer.changes} most={3} none={texts.muchSameThere} />
      ) : (
        !error && <p className="text-xs">{texts.simulating}</p>
      )}
    </li>
  );
}
