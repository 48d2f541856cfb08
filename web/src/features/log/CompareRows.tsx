import { cameTo, plain, type Particular } from '@yellowmist/core';
import type { ReactNode } from 'react';
import { useDiagnosisQuery } from '../../state/api';
import { useUnits } from '../../state/useUnits';
import type { TryNow } from './useTries';
import { likelyWord, SEEN_LABELS, toldOf } from './words';
import * as texts from './texts';

/** A line of the table: what is compared, and what each try has of it. */
export function Row({
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

export function Heading({ tries, children }: { tries: TryNow[]; children: ReactNode }) {
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

export function Outcomes({ tries }: { tries: TryNow[] }) {
  const { tell } = useUnits();
  const rows = SEEN_LABELS.flatMap(([field, label]) => {
    const told = tries.map(({ seen }) => tell(toldOf(field, seen)));
    return told.every((t) => t === '') ? [] : [{ field, label, told }];
  });
  const lines = [
    ['salt', texts.salt],
    ['taste', texts.taste],
    ['otherwise', texts.doneOtherwise],
  ] as const;
  if (rows.length === 0)
    return (
      <Row label={texts.allOfIt} tries={tries}>
        {() => texts.notNoted}
      </Row>
    );
  return (
    <>
      {rows.map(({ field, label, told }) => (
        <Row key={field} label={label} tries={tries} strong={unlike(told.filter((t) => t !== ''))}>
          {(one) => told[tries.indexOf(one)] || <span className="font-normal">{texts.notNoted}</span>}
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

export function Cause({ one: { id, version } }: { one: TryNow }) {
  const noted = version > 0;
  const { data, isFetching } = useDiagnosisQuery({ id: id.cook, dish: id.dish, version }, { skip: !noted });
  if (!noted) return texts.notNoted;
  if (isFetching) return 'Looking…';
  if (!data) return '';
  const [first] = data.causes;
  if (data.complaints.length === 0 || !first) return texts.nothingAmiss;
  return data.none > 0.5 ? texts.noneThatIsKnown : `${first.words}, ${likelyWord(first.share)}`;
}

const found = (particulars: readonly Particular[] | undefined, key: string): Particular | undefined =>
  particulars?.find((p) => p.key === key);

export function Particulars({ tries, all }: { tries: TryNow[]; all: boolean }) {
  const { tell } = useUnits();
  if (tries.some(({ tried }) => !tried))
    return (
      <Row label={texts.allOfIt} tries={tries}>
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
      <Row label={texts.allOfIt} tries={tries}>
        {() => texts.allAlike}
      </Row>
    );
  return shown.map(({ key, label, differs }) => (
    <Row key={key} label={label} tries={tries} strong={differs}>
      {({ tried }) => {
        const one = found(tried!.particulars, key);
        if (!one) return <span className="font-normal">{texts.none}</span>;
        return (
          <>
            {tell(cameTo(one))}
            {one.done && <span className="font-normal">{texts.planned(tell(one.planned))}</span>}
          </>
        );
      }}
    </Row>
  ));
}
