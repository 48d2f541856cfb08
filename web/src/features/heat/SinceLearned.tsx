import { memo } from 'react';
import type { Chosen, ConversionBody } from '@yellowmist/contract';
import { takenAs, takenOtherwise, type TakenAs } from '@yellowmist/core';
import { requestOf, usePantryDocument } from '../../state/pantryDocument';
import { useAnswer } from '../../state/useAnswer';
import { useAppDispatch } from '../../state/hooks';
import { Differences } from '../dish/Differences';
import { picked } from '../dish/dishSlice';
import { GivesMeant, useSetting } from '../dish/GivesMeant';
import * as texts from './texts';

/** What the fryer was taken for when the plan was chosen; by its page where nobody has said. */
const thenOf = ({ fryer: { learned, offsetC, airFactor } }: ConversionBody, { meantFor }: Chosen): TakenAs =>
  meantFor ?? { ...(learned?.page ?? { offsetC, airFactor }), browning: 1 };

/**
 * A plan that the cook chose when its fryer was taken for another one: the setting that gives what was meant. What the
 * search chose is searched anew, and needs no word.
 */
export const SinceLearned = memo(function SinceLearned({ body }: { body: ConversionBody }) {
  const { chosen, fryer } = body;
  if (!chosen || chosen.by !== 'cook') return null;
  const then = thenOf(body, chosen);
  return takenOtherwise(then, takenAs(fryer)) ? <Moved body={body} chosen={chosen} then={then} /> : null;
});

function Moved({ body, chosen, then }: { body: ConversionBody; chosen: Chosen; then: TakenAs }) {
  const dispatch = useAppDispatch();
  const setting = useSetting();
  const { fryer } = body;
  const { plan } = chosen;
  const { answer, error } = useAnswer('meantThen', { ...requestOf(body, usePantryDocument()), plan, then });
  if (error) return <p role="alert">{error}</p>;
  if (!answer) return null;
  const [before, now] = [plan.settings, answer.plan.settings];
  const leave = (
    <button
      type="button"
      className="btn h-11"
      onClick={() => dispatch(picked({ ...chosen, meantFor: takenAs(fryer) }))}
    >
      {texts.leaveItAsIt}
    </button>
  );
  return (
    <section aria-label={texts.sinceItsFryerWas} className="mb-3 border-l-4 border-primary pl-3 text-sm">
      <p>
        <b>{texts.isKnownBetterSince(fryer.name)}</b>
        {texts.setAsItIs(setting(before, fryer))}
      </p>
      <Differences changes={answer.differs} most={3} none={texts.muchSame} />
      {before.tempC === now.tempC && before.minutes === now.minutes ? (
        <p className="mt-1 flex flex-wrap items-center gap-2">
          {texts.noOtherSettingComes}
          {leave}
        </p>
      ) : (
        <GivesMeant answer={answer} fryer={fryer}>
          {leave}
        </GivesMeant>
      )}
    </section>
  );
}
