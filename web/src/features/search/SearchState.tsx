import { useCurrentSearch } from './SearchContext';
import { useProgress } from './searchSlice';
import * as texts from './texts';

/** How the search stands: progress that can be stopped, what broke off, or what it simulated. */
export function SearchState() {
  const search = useCurrentSearch();
  const { conversion, error, stopped, settled } = search;
  const progress = useProgress();
  if (progress) {
    return (
      <>
        <progress className="progress w-28" value={progress.done} max={progress.of} aria-label={texts.search} />
        <span>{texts.ofAboutCooksSimulated(progress.done, progress.of)}</span>
        <button type="button" className="btn btn-sm h-9" onClick={search.stop}>
          {texts.stop}
        </button>
      </>
    );
  }
  if (stopped || error) {
    return (
      <>
        {error ? (
          <span role="alert" className="text-error">
            {texts.searchBrokeOff(error)}
          </span>
        ) : (
          <span>{texts.stoppedWhatYouSee}</span>
        )}
        <button type="button" className="btn btn-sm h-9" onClick={search.again}>
          {error ? texts.tryAgain : texts.searchAgain}
        </button>
      </>
    );
  }
  if (!settled) return <span>{texts.searching}</span>;
  return conversion && <span>{texts.cooksSimulatedForThis(conversion.simulations, conversion.candidates.length)}</span>;
}
