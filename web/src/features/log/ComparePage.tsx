import { cameTo, changedBetween, plain, type Particular, type Text } from '@yellowmist/core';
import { useState, type ReactNode } from 'react';
import { Link, useSearchParams } from 'react-router';
import { TriesCurves } from '../../draw/TriesCurves';
import { photoUrl, useDiagnosisQuery } from '../../state/api';
import { useUnits } from '../../state/useUnits';
import { Check } from '../../ui/Check';
import { dayOf, triesNamed } from './rows';
import { useTries, type TryNow } from './useTries';
import { TriedSeen } from './TriedSeen';
import { likelyWord, OVERALL_WORDS, SEEN_LABELS, toldOf } from './words';

/** Some tries side by side: what was changed from one to the next, how each went, and how each came out. */
export function ComparePage() {
  const [search] = useSearchParams();
  const ids = triesNamed(search);
  const { tries, problem } = useTries(ids);
  return (
    <div className="mx-auto w-full max-w-6xl p-4">
      <p className="text-sm">
        <Link to="/log" className="link">
          Logbook
        </Link>
      </p>
      <h1 className="text-2xl">Side by side</h1>
      {ids.length < 2 && <p className="mt-2">Choose two to four cooks in the logbook, and they stand here.</p>}
      {problem && <p role="alert">One of them cannot be shown. {problem}</p>}
      {!tries && !problem && <p role="status">Opening the records…</p>}
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
                <span className="sr-only">What is compared</span>
              </th>
              {tries.map(({ letter, id, cook, name, seen }) => (
                <th key={letter} scope="col" className="p-2 font-normal">
                  <Link to={`/log/${id.cook}?dish=${id.dish}`} className="block hover:underline">
                    <b className="font-display text-lg">
                      {letter}. {dayOf(cook)}
                    </b>
                    <span className="block break-words">{name}</span>
                  </Link>
                  <span className="block font-bold">{seen.overall ? OVERALL_WORDS[seen.overall] : 'not noted'}</span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            <Row label="Cut through" tries={tries}>
              {({ seen }) => <TriedSeen seen={seen} className="h-16 w-26" />}
            </Row>
            {tries.some((t) => t.photos.length > 0) && (
              <Row label="Photographs" tries={tries}>
                {({ id, photos, letter }) =>
                  photos.length === 0 ? (
                    'none'
                  ) : (
                    <span className="flex flex-wrap gap-1">
                      {photos.map((photo, k) => (
                        <a key={photo.id} href={photoUrl(id.cook, photo.id)} target="_blank" rel="noreferrer">
                          <img
                            src={photoUrl(id.cook, photo.id)}
                            alt={`Photograph ${k + 1} of ${letter}`}
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
            <Heading tries={tries}>How it came out</Heading>
            <Outcomes tries={tries} />
            <Row label="Likeliest cause" tries={tries}>
              {(one) => <Cause one={one} />}
            </Row>
            <Heading tries={tries}>
              How it was made
              <span className="ml-4 inline-block font-sans">
                <Check label="What is alike as well" checked={all} onChange={setAll} />
              </span>
            </Heading>
            <Particulars tries={tries} all={all} />
          </tbody>
        </table>
      </div>
      {simulated.length > 1 && (
        <figure className="mt-4">
          <TriesCurves
            tries={simulated}
            say={say}
            title="Centres of the tries over their minutes, and the colour of each crust below"
          />
          <figcaption className="text-sm">
            The centre of each, simulated as it went by all that is known of it; dots were read. Below: the crust that
            lies up, as it colours.
          </figcaption>
        </figure>
      )}
    </>
  );
}

/** A line of the table: what is compared, and what each try has of it. */
function Row({
  label,
  tries,
  strong = false,
  children,
}: {
  label: string;
  tries: TryNow[];
  strong?: boolean;
  children: (one: TryNow) => ReactNode;
}) {
  return (
    <tr className="border-t border-base-300 align-top">
      <th scope="row" className="py-1 pr-2 font-normal">
        {label}
      </th>
      {tries.map((one) => (
        <td key={one.letter} className={`p-1 px-2 break-words ${strong ? 'font-bold' : ''}`}>
          {children(one)}
        </td>
      ))}
    </tr>
  );
}

function Heading({ tries, children }: { tries: TryNow[]; children: ReactNode }) {
  return (
    <tr className="border-t-2 border-base-content/60">
      <th colSpan={tries.length + 1} scope="colgroup" className="pt-3 font-display text-base">
        {children}
      </th>
    </tr>
  );
}

/** What differs is set bold. */
const unlike = (values: readonly string[]): boolean => new Set(values).size > 1;

function Outcomes({ tries }: { tries: TryNow[] }) {
  const { tell } = useUnits();
  const rows = SEEN_LABELS.flatMap(([field, label]) => {
    const told = tries.map(({ seen }) => tell(toldOf(field, seen)));
    return told.every((t) => t === '') ? [] : [{ field, label, told }];
  });
  const lines = [
    ['salt', 'Salt'],
    ['taste', 'Taste'],
    ['otherwise', 'Done otherwise'],
  ] as const;
  if (rows.length === 0)
    return (
      <Row label="All of it" tries={tries}>
        {() => 'not noted'}
      </Row>
    );
  return (
    <>
      {rows.map(({ field, label, told }) => (
        <Row key={field} label={label} tries={tries} strong={unlike(told.filter((t) => t !== ''))}>
          {(one) => told[tries.indexOf(one)] || <span className="font-normal">not noted</span>}
        </Row>
      ))}
      {lines
        .filter(([field]) => tries.some(({ seen }) => seen[field] !== undefined))
        .map(([field, label]) => (
          <Row key={field} label={label} tries={tries}>
            {({ seen }) => seen[field] ?? ''}
          </Row>
        ))}
    </>
  );
}

function Cause({ one: { id, version } }: { one: TryNow }) {
  const noted = version > 0;
  const { data, isFetching } = useDiagnosisQuery({ id: id.cook, dish: id.dish, version }, { skip: !noted });
  if (!noted) return 'not noted';
  if (isFetching) return 'Looking…';
  if (!data) return '';
  const [first] = data.causes;
  if (data.complaints.length === 0 || !first) return 'nothing amiss';
  return data.none > 0.5 ? 'none that is known here' : `${first.words}, ${likelyWord(first.share)}`;
}

const found = (particulars: readonly Particular[] | undefined, key: string): Particular | undefined =>
  particulars?.find((p) => p.key === key);

function Particulars({ tries, all }: { tries: TryNow[]; all: boolean }) {
  const { tell } = useUnits();
  if (tries.some(({ tried }) => !tried))
    return (
      <Row label="All of it" tries={tries}>
        {() => 'Simulating…'}
      </Row>
    );
  const labels = new Map(tries.flatMap(({ tried }) => tried!.particulars.map((p) => [p.key, p.label] as const)));
  const rows = [...labels].map(([key, label]) => {
    const values = tries.map(({ tried }) => {
      const one = found(tried!.particulars, key);
      return one ? plain(cameTo(one)) : '';
    });
    return { key, label, differs: unlike(values) };
  });
  const shown = rows.filter((r) => all || r.differs);
  if (shown.length === 0)
    return (
      <Row label="All of it" tries={tries}>
        {() => 'all alike'}
      </Row>
    );
  return shown.map(({ key, label, differs }) => (
    <Row key={key} label={label} tries={tries} strong={differs}>
      {({ tried }) => {
        const one = found(tried!.particulars, key);
        if (!one) return <span className="font-normal">none</span>;
        return (
          <>
            {tell(cameTo(one))}
            {one.done && <span className="font-normal">, planned: {tell(one.planned)}</span>}
          </>
        );
      }}
    </Row>
  ));
}

/** What was changed from each try to the next, in sentences. */
function Changes({ tries }: { tries: TryNow[] }) {
  const { tell } = useUnits();
  const said = (value: Text | null): string => (value ? tell(value) : 'none');
  return (
    <section aria-label="What was changed" className="mt-2">
      <h2 className="sr-only">What was changed</h2>
      {tries.slice(1).map((one, k) => {
        const before = tries[k];
        if (!one.tried || !before.tried) return null;
        const changes = changedBetween(before.tried.particulars, one.tried.particulars);
        return (
          <div key={one.letter} className="border-l-4 border-primary pl-3">
            <b>
              From {before.letter} to {one.letter}
            </b>
            {changes.length === 0 ? (
              <p>Nothing was changed that is known of.</p>
            ) : (
              <ul>
                {changes.map(({ key, label, from, to }) => (
                  <li key={key}>
                    {label}: {said(to)} instead of {said(from)}.
                  </li>
                ))}
              </ul>
            )}
          </div>
        );
      })}
    </section>
  );
}
