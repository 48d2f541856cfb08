import type { Chosen, ConversionBody } from '@yellowmist/contract';
import { takenAs, takenOtherwise, type TakenAs } from '@yellowmist/core';
import { requestOf, usePantryDocument } from '../../state/pantryDocument';
import { useAnswer } from '../../state/useAnswer';
import { useUnits } from '../../state/useUnits';
import { useAppDispatch } from '../../state/hooks';
import { Differences } from '../dish/Differences';
import { movedToFryer, picked } from '../dish/dishSlice';
import { Unsafe } from '../dish/Unsafe';

/** What the fryer was taken for when the plan was chosen; by its page where nobody has said. */
const thenOf = ({ fryer: { learned, offsetC, airFactor } }: ConversionBody, { meantFor }: Chosen): TakenAs =>
  meantFor ?? { ...(learned?.page ?? { offsetC, airFactor }), browning: 1 };

/**
 * A plan that the cook chose when its fryer was taken for another one: the setting that gives what was meant. What the
 * search chose is searched anew, and needs no word.
 */
export function SinceLearned({ body }: { body: ConversionBody }) {
  const { chosen, fryer } = body;
  if (!chosen || chosen.by !== 'cook') return null;
  const then = thenOf(body, chosen);
  return takenOtherwise(then, takenAs(fryer)) ? <Moved body={body} chosen={chosen} then={then} /> : null;
}

function Moved({ body, chosen, then }: { body: ConversionBody; chosen: Chosen; then: TakenAs }) {
  const dispatch = useAppDispatch();
  const { say, set } = useUnits();
  const { fryer } = body;
  const { plan } = chosen;
  const { answer } = useAnswer('meantThen', { ...requestOf(body, usePantryDocument()), plan, then });
  if (!answer) return null;
  const leave = (): void => void dispatch(picked({ ...chosen, meantFor: takenAs(fryer) }));
  const [before, now] = [plan.settings, answer.plan.settings];
  const same = before.tempC === now.tempC && before.minutes === now.minutes;
  const setting = ({ tempC, minutes }: { tempC: number; minutes: number }): string =>
    `${set(tempC, fryer.stepC)}, ${say(minutes, 'minutes')}`;
  return (
    <section aria-label="Since its fryer was learned" className="mb-3 border-l-4 border-primary pl-3 text-sm">
      <p>
        <b>{fryer.name} is known better since this was chosen.</b> Set as it is, {setting(before)}, against what you
        meant:
      </p>
      <Differences changes={answer.differs} most={3} none="Much the same." />
      {same ? (
        <p className="mt-1">No other setting comes nearer.</p>
      ) : (
        <p className="mt-1">
          <b>{setting(now)}</b> gives what you meant.
        </p>
      )}
      <Unsafe unsafe={answer.unsafe} brief />
      <p className="mt-1 flex flex-wrap gap-2">
        {!same && (
          <button
            type="button"
            className="btn btn-primary h-11"
            onClick={() => dispatch(movedToFryer({ fryer, plan: answer.plan }))}
          >
            Take it
          </button>
        )}
        <button type="button" className="btn h-11" onClick={leave}>
          Leave it as it is
        </button>
      </p>
    </section>
  );
}
