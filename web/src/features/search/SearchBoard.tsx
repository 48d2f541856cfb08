import type { Chosen } from '@yellowmist/contract';
import { useMemo } from 'react';
import { colourWord, differences, type AirResult, type Alternative, type Limits } from '@yellowmist/core';
import { useAppDispatch } from '../../shell/store';
import { crustCss } from '../../draw/palette';
import { Swatch } from '../../draw/Swatch';
import { useUnits } from '../../state/useUnits';
import { picked, sideTurned } from '../dish/dishSlice';
import { Differences } from '../dish/Differences';
import { Locks } from './Locks';
import { TriedCooks } from './TriedCooks';
import type { Search } from './useSearch';
import { BADGE_WORDS, FAMILY_NAMES, likenessWord } from '../dish/words';

/** How the search stands: progress that can be stopped, what broke off, or what it simulated. */
function SearchState({ search }: { search: Search }) {
  const { conversion, progress, error, stopped, settled } = search;
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

/** Whether it is the very plan that lies on the bench. */
const isTaken = (a: Alternative, chosen: Chosen | null): boolean =>
  chosen?.family === a.family && JSON.stringify(chosen.plan) === JSON.stringify(a.plan);

const keyOf = (a: Alternative): string => JSON.stringify([a.family, a.plan]);

const coatName = (a: Alternative): string => FAMILY_NAMES[a.family] + (a.variant ? `: ${a.variant}` : '');

/** How a version differs from an earlier one of the same coat, in a word or two. */
function apartFrom(a: Alternative, earlier: Alternative): string {
  const [from, to] = [earlier.plan, a.plan];
  if (to.oilGm2 !== from.oilGm2) return to.oilGm2 < from.oilGm2 ? 'less oil' : 'more oil';
  if ((to.settings.turnAtMin === null) !== (from.settings.turnAtMin === null)) {
    return to.settings.turnAtMin === null ? 'not turned' : 'turned';
  }
  if (to.settings.tempC !== from.settings.tempC) return to.settings.tempC < from.settings.tempC ? 'cooler' : 'hotter';
  return to.settings.minutes < from.settings.minutes ? 'shorter' : 'longer';
}

/** A name for each version that no other has: its coat, and what sets it apart from others of that coat. */
function namesOf(all: readonly Alternative[]): Map<Alternative, string> {
  const names = new Map<Alternative, string>();
  const taken = new Set<string>();
  for (const a of all) {
    const earlier = all.find((b) => coatName(b) === coatName(a));
    let name = coatName(a);
    if (earlier && earlier !== a) name += `, ${apartFrom(a, earlier)}`;
    for (let k = 2; taken.has(name); k++) name = `${coatName(a)}, ${k}`;
    taken.add(name);
    names.set(a, name);
  }
  return names;
}

/** Everything that was tried as a picture, and beside it what is worth showing: the original as it is, then the best. */
export function Alternatives({
  search,
  chosen,
  air,
  limits,
  maxTempC,
}: {
  search: Search;
  chosen: Chosen | null;
  air: AirResult | null;
  limits: Limits;
  maxTempC: number;
}) {
  const { conversion } = search;
  const choices = conversion ? [conversion.original, ...conversion.alternatives] : [];
  const names = namesOf(choices);
  return (
    <div>
      <div className="flex min-h-9 flex-wrap items-center gap-3 text-sm">
        <Locks limits={limits} maxTempC={maxTempC} />
        <span className="ml-auto flex flex-wrap items-center gap-3" aria-live="polite">
          <SearchState search={search} />
        </span>
      </div>
      {conversion && (
        <div className="flex flex-wrap gap-4 lg:flex-nowrap">
          <TriedCooks conversion={conversion} air={air} />
          <div className="min-w-0 grow">
            {conversion.alternatives.length === 0 && (
              <p role="status" className="mb-1 border-l-4 border-warning pl-2 text-sm">
                No coat that is known here holds all that is locked. Let one lock go.
              </p>
            )}
            <ol className="flex snap-x gap-0 overflow-x-auto pb-1" aria-label="Air versions">
              {choices.map((a) => (
                <Row key={keyOf(a)} name={names.get(a)!} alternative={a} taken={isTaken(a, chosen)} air={air} />
              ))}
            </ol>
          </div>
        </div>
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
  const names = namesOf(choices);
  return (
    <div className="flex items-center gap-2 overflow-x-auto border-b border-base-content/20 px-3 py-1">
      {choices.map((a) => {
        const taken = isTaken(a, chosen);
        const { tempC, minutes } = a.plan.settings;
        return (
          <button
            key={keyOf(a)}
            type="button"
            aria-pressed={taken}
            aria-label={`${taken ? 'In use' : 'Use'}: ${names.get(a)}`}
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
              <span className="block text-sm font-semibold whitespace-nowrap">{names.get(a)}</span>
              <span className="block text-xs whitespace-nowrap">
                {say(tempC, 'temperature')}, {say(minutes, 'minutes')}, {a.works ? a.outcomes.crispness?.word : 'fails'}
              </span>
            </span>
          </button>
        );
      })}
      {/* It keeps its place while versions come in beside it, so that Stop is where the hand aimed. */}
      <span
        className={`-right-3 ml-auto flex min-h-12 shrink-0 items-center gap-2 bg-base-200 px-2 text-sm ${search.settled ? '' : 'lg:sticky'}`}
        aria-live="polite"
      >
        <SearchState search={search} />
      </span>
    </div>
  );
}

/** What an air version gains and gives up against the one on the bench. */
function Against({ alternative, air }: { alternative: Alternative; air: AirResult }) {
  const changes = useMemo(() => differences(air, alternative), [air, alternative]);
  return (
    <div className="mt-1">
      <p className="text-xs font-semibold">Against what lies on the bench:</p>
      <Differences changes={changes} />
    </div>
  );
}

function Row({
  name,
  alternative: a,
  taken,
  air,
}: {
  name: string;
  alternative: Alternative;
  taken: boolean;
  air: AirResult | null;
}) {
  const dispatch = useAppDispatch();
  const { say, tell } = useUnits();
  const asItIs = a.family === 'as-it-is';
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
        <h3 className="grow leading-tight">{name}</h3>
        <button
          type="button"
          className={`btn h-11 px-3 ${taken ? 'btn-primary' : 'bg-base-100'}`}
          aria-pressed={taken}
          aria-label={`${taken ? 'In use' : 'Use'}: ${name}`}
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
      {!taken && air && <Against alternative={a} air={air} />}
    </li>
  );
}

const capital = (s: string): string => s.charAt(0).toUpperCase() + s.slice(1);
