import { GENERAL_CAUTIONS } from '@yellowmist/core';
import { useUnits } from '../../state/useUnits';
import { FocusedHeading } from '../../ui/FocusedHeading';
import { BackLink } from '../../ui/BackLink';
import * as texts from './texts';

/** What can hurt somebody at a fryer, whatever is cooked. */
export function GeneralCautionsPage() {
  const { tell } = useUnits();
  return (
    <div className="mx-auto w-full max-w-3xl p-4">
      <BackLink to="/learn" label={texts.learn} />
      <FocusedHeading>{texts.whatCanHurtSomebody}</FocusedHeading>
      <p className="mt-1 border-l-4 border-warning pl-3">{texts.manualOfYourAppliance}</p>
      <dl className="mt-3">
        {GENERAL_CAUTIONS.map(({ title, text, source }) => (
          <div key={title} className="border-t border-base-300 py-3">
            <dt className="font-display text-lg font-semibold">{title}</dt>
            <dd>
              {tell(text)} <span className="text-sm text-base-content/80">({source})</span>
            </dd>
          </div>
        ))}
      </dl>
    </div>
  );
}
