import type { Chosen } from '@yellowmist/contract';
import { colourWord, type Alternative } from '@yellowmist/core';
import { useAppDispatch } from '../../app/store';
import { crustCss } from '../../draw/palette';
import { Swatch } from '../../draw/Swatch';
import { useUnits } from '../../ui/useUnits';
import { picked, sideTurned } from './benchSlice';
import type { Search } from './useConversion';
import { BADGE_WORDS, FAMILY_NAMES, likenessWord } from './words';

/** How the search stands: progress that can be stopped, what broke off, or what it simulated. */
function SearchState({ search }: { search: Search }) {
  const { conversion, progress, error, stopped } = search;
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
  return conversion && <span>{conversion.simulations} cooks simulated for this dish and fryer, best first.</span>;
}

/** The original put in as it is, with why it fails, then what the search found, best first. */
export function Alternatives({ search, chosen }: { search: Search; chosen: Chosen | null }) {
  const { conversion } = search;
  return (
    <div>
      <div className="flex min-h-9 flex-wrap items-center gap-3 text-sm" aria-live="polite">
        <SearchState search={search} />
      </div>
      {conversion && (
        <ol className="flex snap-x gap-0 overflow-x-auto pb-1" aria-label="Air versions">
          {[conversion.original, ...conversion.alternatives].map((a) => (
            <Row key={a.family} alternative={a} chosen={chosen} />
          ))}
        </ol>
      )}
    </div>
  );
}

/** The same in one line: what there is to choose from, always in sight. */
export function AlternativesInLine({ search, chosen }: { search: Search; chosen: Chosen | null }) {
  const dispatch = useAppDispatch();
  const { say } = useUnits();
  const { conversion } = search;
  const choices = conversion ? [conversion.original, ...conversion.alternatives] : [];
  return (
    <div className="flex items-center gap-2 overflow-x-auto border-b border-base-content/20 px-3 py-1">
      {choices.map((a) => {
        const taken = chosen?.family === a.family;
        const { tempC, minutes } = a.plan.settings;
        return (
          <button
            key={a.family}
            type="button"
            aria-pressed={taken}
            aria-label={`${taken ? 'In use' : 'Use'}: ${FAMILY_NAMES[a.family]}`}
            className={`flex min-h-12 shrink-0 items-center gap-2 rounded-field border px-2 text-left ${taken ? 'border-base-content bg-primary text-primary-content' : 'border-base-content/30 bg-base-100'}`}
            onClick={() => {
              dispatch(picked({ family: a.family, by: 'cook', plan: a.plan }));
              dispatch(sideTurned('air'));
            }}
          >
            <span
              aria-hidden
              className="h-8 w-3 rounded-xs border border-base-content/40"
              style={{ background: crustCss(a.outcomes.colourTop?.value ?? 0) }}
            />
            <span className="leading-tight">
              <span className="block text-sm font-semibold whitespace-nowrap">{FAMILY_NAMES[a.family]}</span>
              <span className="block text-xs whitespace-nowrap">
                {say(tempC, 'temperature')}, {say(minutes, 'minutes')}, {a.works ? a.outcomes.crispness?.word : 'fails'}
              </span>
            </span>
          </button>
        );
      })}
      <span className="flex shrink-0 items-center gap-2 text-sm" aria-live="polite">
        <SearchState search={search} />
      </span>
    </div>
  );
}

function Row({ alternative: a, chosen }: { alternative: Alternative; chosen: Chosen | null }) {
  const dispatch = useAppDispatch();
  const { say, tell } = useUnits();
  const asItIs = a.family === 'as-it-is';
  const taken = chosen?.family === a.family;
  const [worst] = a.reasons;
  const { tempC, minutes, turnAtMin } = a.plan.settings;
  const colour = a.outcomes.colourTop?.value ?? 0;
  return (
    <li
      className={`w-80 shrink-0 snap-start border-l-4 px-3 ${taken ? 'border-primary bg-primary/15' : asItIs ? 'border-error/60' : 'border-base-300'}`}
    >
      <div className="flex items-center gap-2">
        <span className="flex h-11 w-12 shrink-0 flex-row-reverse overflow-clip rounded-sm border border-base-content/30">
          {a.layers.map((l, i) => (
            <Swatch key={i} layer={l} className="w-3 grow" />
          ))}
        </span>
        <h3 className="grow leading-tight">{FAMILY_NAMES[a.family]}</h3>
        <button
          type="button"
          className={`btn h-11 px-3 ${taken ? 'btn-primary' : 'bg-base-100'}`}
          aria-pressed={taken}
          aria-label={`${taken ? 'In use' : 'Use'}: ${FAMILY_NAMES[a.family]}`}
          onClick={() => {
            dispatch(picked({ family: a.family, by: 'cook', plan: a.plan }));
            dispatch(sideTurned('air'));
          }}
        >
          {taken ? 'In use' : 'Use'}
        </button>
      </div>
      <p className="mt-1 text-sm font-semibold">
        {say(tempC, 'temperature')}, {say(minutes, 'minutes')}
        {turnAtMin !== null && ', turned'}
        {' · '}
        <span
          aria-hidden
          className="inline-block h-2.5 w-3.5 rounded-xs border border-base-content/30"
          style={{ background: crustCss(colour) }}
        />{' '}
        {colourWord(colour)}, {a.outcomes.crispness?.word}
      </p>
      <p className="text-sm">
        {a.works
          ? capital(likenessWord(a.likeness))
          : asItIs
            ? 'Put in as it is, it fails'
            : 'Does not come right here'}
        {a.badges.length > 0 && `: ${a.badges.map((b) => BADGE_WORDS[b]).join(', ')}`}.
      </p>
      <p className="mt-1 text-sm leading-snug">{!a.works && worst ? tell(worst.text) : a.idea}</p>
      {a.works && a.against[0] && <p className="mt-1 text-sm leading-snug opacity-90">{tell(a.against[0])}</p>}
    </li>
  );
}

const capital = (s: string): string => s.charAt(0).toUpperCase() + s.slice(1);
