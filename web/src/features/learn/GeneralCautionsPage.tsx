import { GENERAL_CAUTIONS } from '@yellowmist/core';
import { Link } from 'react-router';
import { useUnits } from '../../state/useUnits';
import { FocusedHeading } from '../../ui/FocusedHeading';

/** What can hurt somebody at a fryer, whatever is cooked. */
export function GeneralCautionsPage() {
  const { tell } = useUnits();
  return (
    <div className="mx-auto w-full max-w-3xl p-4">
      <p className="text-sm">
        <Link className="link inline-flex min-h-6 items-center" to="/learn">
          Learn
        </Link>
      </p>
      <FocusedHeading>What can hurt somebody</FocusedHeading>
      <p className="mt-1 border-l-4 border-warning pl-3">
        The manual of your appliance and the rules of the place where you live come first, and a professional’s advice
        where somebody is ill, very young, old or expecting. Each dish says beside it which of these concern it.
      </p>
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
