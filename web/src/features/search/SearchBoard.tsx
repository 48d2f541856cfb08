import { useMemo } from 'react';
import { capitalised, colourWord, differences, type AirResult, type Alternative } from '@yellowmist/core';
import { useAppDispatch } from '../../state/hooks';
import { crustCss } from '../../draw/palette';
import { Swatch } from '../../draw/Swatch';
import { useUnits } from '../../state/useUnits';
import type { EarlyBoardProps } from '../dish/board';
import { sideTurned } from '../dish/deskSlice';
import { picked } from '../dish/dishSlice';
import { Differences } from '../dish/Differences';
import { Unsafe } from '../dish/Unsafe';
import { BADGE_WORDS, likenessWord } from '../dish/words';
import { Locks } from './Locks';
import { choicesIn, isTaken, keyOf, namesOf } from './names';
import { useCurrentSearch } from './SearchContext';
import { SearchState } from './SearchState';
import { TriedCooks } from './TriedCooks';
import * as texts from './texts';

/** Everything that was tried as a picture, and beside it what is worth showing: the original as it is, then the best. */
export default function SearchBoard({ body, air }: EarlyBoardProps) {
  const { chosen, fryer, limits } = body;
  const { conversion } = useCurrentSearch();
  const choices = choicesIn(conversion);
  const names = namesOf(choices);
  return (
    <div>
      <div className="flex min-h-9 flex-wrap items-center gap-3 text-sm">
        <Locks limits={limits} fryer={fryer} />
        <span className="ml-auto flex flex-wrap items-center gap-3" aria-live="polite">
          <SearchState />
        </span>
      </div>
      {conversion && (
        <div className="flex flex-wrap gap-4 lg:flex-nowrap">
          <TriedCooks conversion={conversion} air={air} stepC={fryer.stepC} />
          <div className="min-w-0 grow">
            {conversion.alternatives.length === 0 && (
              <p role="status" className="mb-1 border-l-4 border-warning pl-2 text-sm">
                {texts.noCoatThatIs}
              </p>
            )}
            <ol className="flex snap-x gap-0 overflow-x-auto pb-1" aria-label={texts.airVersions}>
              {choices.map((a) => (
                <Row
                  key={keyOf(a)}
                  name={names.get(a)!}
                  alternative={a}
                  taken={isTaken(a, chosen)}
                  air={air}
                  stepC={fryer.stepC}
                />
              ))}
            </ol>
          </div>
        </div>
      )}
    </div>
  );
}

/** What an air version gains and gives up against the one on the bench. */
function Against({ alternative, air }: { alternative: Alternative; air: AirResult }) {
  const changes = useMemo(() => differences(air, alternative), [air, alternative]);
  return (
    <div className="mt-1">
      <p className="text-xs font-semibold">{texts.againstWhatLiesOn}</p>
      <Differences changes={changes} />
    </div>
  );
}

function Row({
  name,
  alternative: a,
  taken,
  air,
  stepC,
}: {
  name: string;
  alternative: Alternative;
  taken: boolean;
  air: AirResult | null;
  stepC: number;
}) {
  const dispatch = useAppDispatch();
  const { say, set, tell } = useUnits();
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
          aria-label={`${taken ? texts.inUse : texts.use}: ${name}`}
          onClick={() => {
            dispatch(picked({ family: a.family, by: 'cook', plan: a.plan }));
            dispatch(sideTurned('air'));
          }}
        >
          {taken ? texts.inUse : texts.use}
        </button>
      </div>
      <p className="mt-1 text-sm font-semibold">
        {set(tempC, stepC)}, {say(minutes, 'minutes')}
        {turnAtMin !== null && texts.turned}
        {' · '}
        <span
          aria-hidden
          className="inline-block h-2.5 w-3.5 rounded-xs border border-base-content/30"
          style={{ background: crustCss(colour) }}
        />{' '}
        {colourWord(colour)}, {a.outcomes.crispness?.word}
      </p>
      <Unsafe unsafe={a.unsafe} brief />
      <p className="text-sm">
        {a.works ? capitalised(likenessWord(a.likeness)) : asItIs ? texts.putInAsIt : texts.doesNotComeRight}
        {a.badges.length > 0 && `: ${a.badges.map((b) => BADGE_WORDS[b]).join(', ')}`}.
      </p>
      <p className="mt-1 text-sm leading-snug">{!a.works && worst ? tell(worst.text) : a.idea}</p>
      {a.works && a.against[0] && <p className="mt-1 text-sm leading-snug opacity-90">{tell(a.against[0])}</p>}
      {!taken && air && <Against alternative={a} air={air} />}
    </li>
  );
}
