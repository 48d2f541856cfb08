import { Link } from 'react-router';
import { PageHeading } from './PageHeading';

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
      <PageHeading className="text-3xl">This {what} is not here</PageHeading>
      <p className="mt-3">{problem}</p>
      <p className="mt-6 flex gap-3">
        {onRetry && (
          <button type="button" className="btn" onClick={onRetry}>
            Try again
          </button>
        )}
        <Link className="btn btn-primary" to={to}>
          {toLabel}
        </Link>
      </p>
    </div>
  );
}
