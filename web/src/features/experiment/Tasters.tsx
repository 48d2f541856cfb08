import { RANGES, type ExperimentDocument, type ExperimentNotes } from '@yellowmist/contract';
import { listed } from '@yellowmist/core';
import { Link } from 'react-router';
import { orTell, tellUndoable } from '../../state/acting';
import { AddByName } from '../../ui/AddByName';
import { Holds } from './Holds';
import { WayMark } from './WayMark';
import * as texts from './texts';

interface Props {
  experiment: ExperimentDocument;
  change: (make: (notes: ExperimentNotes) => ExperimentNotes) => Promise<void>;
}

/** Who tastes, in which order each is served, and what each has answered; the key of the codes stays folded away. */
export function Tasters({ experiment, change }: Props) {
  const { id, tasters, tastings, serve, codes, planned } = experiment;
  const answersOf = (taster: string): number => tastings.filter((t) => t.taster === taster).length;
  const remove = async (taster: string): Promise<void> => {
    const { tastings: before } = experiment;
    await change((now) => ({
      ...now,
      tasters: now.tasters.filter((t) => t !== taster),
      tastings: now.tastings.filter((t) => t.taster !== taster),
    }));
    await tellUndoable(texts.tastesNoMore(taster), texts.bringBack, () =>
      change((now) => ({
        ...now,
        tasters: [...now.tasters, taster],
        tastings: [...now.tastings, ...before.filter((t) => t.taster === taster)],
      })),
    );
  };
  return (
    <section aria-label={texts.whoTastes}>
      <h2 className="text-xl">{texts.theTasting}</h2>
      <Holds planned={planned} />
      {tasters.length === 0 && <p className="text-sm">{texts.nobodyIsNamedYet}</p>}
      <ul>
        {serve.map(({ taster, order }) => (
          <li key={taster} className="flex flex-wrap items-center gap-x-3 border-t border-base-300">
            <span className="min-w-0 grow break-words">
              <b>{taster}</b> <span className="text-sm">{texts.isServed(order.join(texts.tastersThen))}</span>
            </span>
            <span className="text-sm">
              {answersOf(taster) === 0
                ? ''
                : answersOf(taster) === 1
                  ? texts.hasAnswered
                  : texts.answeredTimes(answersOf(taster))}
            </span>
            <span className="flex gap-1 print:hidden">
              <Link
                to={`/experiment/${id}/taste?who=${encodeURIComponent(taster)}`}
                className="btn h-11"
                aria-label={`${answersOf(taster) === 0 ? texts.taste : texts.again}, ${taster}`}
              >
                {answersOf(taster) === 0 ? texts.taste : texts.again}
              </Link>
              <button
                type="button"
                className="btn btn-ghost h-11"
                aria-label={texts.doesNotTaste(taster)}
                onClick={() => orTell(remove(taster))}
              >
                ×
              </button>
            </span>
          </li>
        ))}
      </ul>
      <div className="print:hidden">
        <AddByName
          label={texts.somebodyElseWhoTastes}
          taken={tasters}
          most={RANGES.tasters.max}
          onAdd={(name) => orTell(change((now) => ({ ...now, tasters: [...now.tasters, name] })))}
        />
      </div>
      <details className="mt-2">
        <summary className="min-h-11 cursor-pointer py-2">{texts.onlyForWhoeverServes}</summary>
        <ul>
          {planned.ways.map((way, at) => (
            <li key={way.mark} className="flex items-center gap-2 py-1">
              <b className="tabular-nums">{codes[at]}</b>
              {texts.isIt}
              <WayMark mark={way.mark} at={at} /> {way.name}
            </li>
          ))}
        </ul>
      </details>
      {tastings.length > 0 && (
        <details>
          <summary className="min-h-11 cursor-pointer py-2">{texts.whatWasAnswered(tastings.length)}</summary>
          <ul className="text-sm">
            {tastings.map((tasting, k) => (
              <li key={k} className="flex flex-wrap items-center gap-x-3 border-t border-base-300">
                <span className="grow">
                  {tasting.taster}:{' '}
                  {tasting.order.length === 0
                    ? texts.couldNotTellThem
                    : listed(tasting.order.map((code) => planned.ways[codes.indexOf(code)].name)).replace(
                        / and (?=[^,]*$)/,
                        texts.tastersThen,
                      )}
                </span>
                <button
                  type="button"
                  className="btn btn-ghost h-11"
                  onClick={() =>
                    orTell(
                      change((now) => ({
                        ...now,
                        tastings: now.tastings.filter((t) => t.at !== tasting.at || t.taster !== tasting.taster),
                      })),
                    )
                  }
                >
                  {texts.takeBack}
                </button>
              </li>
            ))}
          </ul>
        </details>
      )}
    </section>
  );
}
