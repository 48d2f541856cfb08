import { useCurrentSearch } from './SearchContext';
import { useProgress } from './searchSlice';

/** How the search stands: progress that can be stopped, what broke off, or what it simulated. */
export function SearchState() {
  const search = useCurrentSearch();
  const { conversion, error, stopped, settled } = search;
  const progress = useProgress();
  if (progress) {
    return (
      <>
        <progress className="progress w-28" value={progress.done} max={progress.of} aria-label="Search" />
        <span>
          {progress.done} of about {progress.of} cooks simulated
        </span>
        <button type="button" className="btn btn-sm h-9" onClick={search.stop}>
          Stop
        </button>
      </>
    );
  }
  if (stopped || error) {
    return (
      <>
        {error ? (
          <span role="alert" className="text-error">
            The search broke off: {error}
          </span>
        ) : (
          <span>Stopped. What you see is from before.</span>
        )}
        <button type="button" className="btn btn-sm h-9" onClick={search.again}>
          {error ? 'Try again' : 'Search again'}
        </button>
      </>
    );
  }
  if (!settled) return <span>Searching…</span>;
  return conversion && <span>{conversion.simulations} cooks simulated for this dish and fryer, best first.</span>;
}
