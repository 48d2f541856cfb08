import { Link } from 'react-router';
import { PageHeading } from './PageHeading';
import * as texts from './texts';

interface Props {
  /** What is missing, "dish". */
  what: string;
  problem: string;
  /** Where to go on. */
  to: string;
  toLabel: string;
  onRetry?: () => void;
}

/** The page in the place of a document that is not there, or cannot be read: why, and a way on. */
export function NotHere({ what, problem, to, toLabel, onRetry }: Props) {
  return (
    <div className="mx-auto max-w-xl p-8">
      <PageHeading className="text-3xl">{texts.thisIsNotHere(what)}</PageHeading>
      <p className="mt-3">{problem}</p>
      <p className="mt-6 flex gap-3">
        {onRetry && (
          <button type="button" className="btn" onClick={onRetry}>
            {texts.tryAgain}
          </button>
        )}
        <Link className="btn btn-primary" to={to}>
          {toLabel}
        </Link>
      </p>
    </div>
  );
}
