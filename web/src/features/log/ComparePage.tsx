import { changedBetween, type Text } from '@yellowmist/core';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { TriesCurves } from '../../draw/TriesCurves';
import { photoUrl } from '../../state/api';
import { useUnits } from '../../state/useUnits';
import { Check } from '../../ui/Check';
import { Cause, Heading, Outcomes, Particulars, Row } from './CompareRows';
import { dayOf, triesNamed } from './rows';
import { TriedSeen } from './TriedSeen';
import { useTries, type TryNow } from './useTries';
import { OVERALL_WORDS } from './words';
import { PageHeading } from '../../ui/PageHeading';
import { BackLink } from '../../ui/BackLink';
import * as texts from './texts';

/** Some tries side by side: what was changed from one to the next, how each went, and how each came out. */
export function ComparePage() {
  const [search] = useSearchParams();
  const ids = triesNamed(search);
  const { tries, problem } = useTries(ids);
  return (
    <div className="mx-auto w-full max-w-6xl p-4">
      <BackLink to="/log" label={texts.logbook} />
      <PageHeading>{texts.comparePageSideBySide}</PageHeading>
      {ids.length < 2 && <p className="mt-2">{texts.chooseTwoToFour}</p>}
      {problem && <p role="alert">{texts.oneOfThemCannot(problem)}</p>}
      {!tries && !problem && <p role="status">{texts.openingRecords}</p>}
      {tries && tries.length > 1 && <SideBySide tries={tries} />}
    </div>
  );
}

function SideBySide({ tries }: { tries: TryNow[] }) {
  const { say } = useUnits();
  const [all, setAll] = useState(false);
  const simulated = tries.flatMap(({ letter, tried }) =>
    tried?.series ? [{ letter, series: tried.series, centre: tried.centre }] : [],
  );
  return (
    <>
      <Changes tries={tries} />
      <div className="mt-3 overflow-x-auto">
        <table
          className="w-full table-fixed text-left align-top text-sm"
          style={{ minWidth: `${6 + 8 * tries.length}rem` }}
        >
          <thead>
            <tr className="align-bottom">
              <th className="w-24 md:w-40">
                <span className="sr-only">{texts.whatIsCompared}</span>
              </th>
              {tries.map(({ letter, id, cook, name, seen }) => (
                <th key={letter} scope="col" className="p-2 font-normal">
                  <Link to={`/log/${id.cook}?dish=${id.dish}`} className="block hover:underline">
                    <b className="font-display text-lg">
                      {letter}. {dayOf(cook)}
                    </b>
                    <span className="block break-words">{name}</span>
                  </Link>
                  <span className="block font-bold">{seen.overall ? OVERALL_WORDS[seen.overall] : texts.notNoted}</span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            <Row label={texts.cutThrough} tries={tries}>
              {({ seen }) => <TriedSeen seen={seen} className="h-16 w-26" />}
            </Row>
            {tries.some((t) => t.photos.length > 0) && (
              <Row label={texts.photographs} tries={tries}>
                {({ id, photos, letter }) =>
                  photos.length === 0 ? (
                    'none'
                  ) : (
                    <span className="flex flex-wrap gap-1">
                      {photos.map((photo, k) => (
                        <a key={photo.id} href={photoUrl(id.cook, photo.id)} target="_blank" rel="noreferrer">
                          <img
                            src={photoUrl(id.cook, photo.id)}
                            alt={texts.photographOf(k + 1, letter)}
                            loading="lazy"
                            className="size-24 rounded-field object-cover"
                          />
                        </a>
                      ))}
                    </span>
                  )
                }
              </Row>
            )}
            <Heading tries={tries}>{texts.howItCameOut}</Heading>
            <Outcomes tries={tries} />
            <Row label={texts.likeliestCause} tries={tries}>
              {(one) => <Cause one={one} />}
            </Row>
            <Heading tries={tries}>
              {texts.howItWasMade}
              <span className="ml-4 inline-block font-sans">
                <Check label={texts.whatIsAlikeAs} checked={all} onChange={setAll} />
              </span>
            </Heading>
            <Particulars tries={tries} all={all} />
          </tbody>
        </table>
      </div>
      {simulated.length > 1 && (
        <figure className="mt-4">
          <TriesCurves tries={simulated} say={say} title={texts.centresOfTriesOver} />
          <figcaption className="text-sm">{texts.centreOfEachSimulated}</figcaption>
        </figure>
      )}
    </>
  );
}

/** What was changed from each try to the next, in sentences. */
function Changes({ tries }: { tries: TryNow[] }) {
  const { tell } = useUnits();
  const said = (value: Text | null): string => (value ? tell(value) : 'none');
  return (
    <section aria-label={texts.whatWasChanged} className="mt-2">
      <h2 className="sr-only">{texts.whatWasChanged}</h2>
      {tries.slice(1).map((one, k) => {
        const before = tries[k];
        if (!one.tried || !before.tried) return null;
        // Of two dishes everything differs, and nothing was changed: the table below says how.
        if (one.id.dish !== before.id.dish) return null;
        const changes = changedBetween(before.tried.particulars, one.tried.particulars);
        return (
          <div key={one.letter} className="border-l-4 border-primary pl-3">
            <b>{texts.fromTo(before.letter, one.letter)}</b>
            {changes.length === 0 ? (
              <p>{texts.nothingWasChangedThat}</p>
            ) : (
              <ul>
                {changes.map(({ key, label, from, to }) => (
                  <li key={key}>{texts.insteadOf(label, said(to), said(from))}</li>
                ))}
              </ul>
            )}
          </div>
        );
      })}
    </section>
  );
}
