import { useRef, useState } from 'react';
import type { ImportAnswer, ImportReport } from '@yellowmist/contract';
import { counted } from '@yellowmist/core';
import { problemText, useCooksQuery, useImportKitchenMutation } from '../../state/api';
import { Check } from '../../ui/Check';
import { Choice } from '../../ui/Choice';

const KINDS = {
  dish: 'Dish',
  fryer: 'Fryer',
  sprayer: 'Sprayer',
  bowl: 'Bowl',
  tray: 'Tray',
  ingredient: 'Ingredient',
  weight: 'Usual weight',
  evening: 'Evening',
  experiment: 'Comparison',
  cook: 'Cook',
} as const;

const ANSWERS: { value: ImportAnswer; label: string }[] = [
  { value: 'keep', label: 'keep what is here' },
  { value: 'take', label: 'take the file’s' },
  { value: 'both', label: 'keep both' },
];

/** The whole kitchen out of the house and in again: one file, rehearsed before anything is changed. */
export function WholeKitchen() {
  const input = useRef<HTMLInputElement>(null);
  const [file, setFile] = useState<File | null>(null);
  const [report, setReport] = useState<ImportReport | null>(null);
  const [answers, setAnswers] = useState<Record<string, ImportAnswer>>({});
  const [pictures, setPictures] = useState(true);
  const { data: cooks = [] } = useCooksQuery();
  const photos = cooks.reduce((sum, c) => sum + c.photos, 0);
  const [bring, { isLoading, error }] = useImportKitchenMutation();
  const keysOf = (answer: ImportAnswer): string[] => Object.keys(answers).filter((key) => answers[key] === answer);
  const send = async (from: File, rehearsal: boolean): Promise<void> => {
    const told = await bring({ file: from, rehearsal, take: keysOf('take'), both: keysOf('both') }).unwrap();
    if (rehearsal) setReport(told);
    // Every page knows its documents anew.
    else window.location.reload();
  };
  const choose = (chosen: File | undefined): void => {
    if (!chosen) return;
    setFile(chosen);
    setAnswers({});
    setReport(null);
    void send(chosen, true).catch(() => undefined);
  };
  return (
    <section aria-label="The whole kitchen as a file" className="mt-8 border-t border-base-300 pt-3">
      <p className="flex flex-wrap items-center gap-3">
        <b>The whole kitchen</b>
        <a className="btn h-11" href={`/api/export${pictures ? '' : '?photographs=0'}`} download>
          Save it as a file
        </a>
        {photos > 0 && (
          <Check label={`with ${counted(photos, 'photograph')}`} checked={pictures} onChange={setPictures} />
        )}
        <button type="button" className="btn h-11" disabled={isLoading} onClick={() => input.current?.click()}>
          Bring in such a file
        </button>
        <input
          ref={input}
          type="file"
          accept=".gz,.json,application/gzip,application/json"
          className="sr-only"
          tabIndex={-1}
          aria-label="A kitchen as a file"
          onChange={(event) => {
            choose(event.target.files?.[0]);
            event.target.value = '';
          }}
        />
        <span className="text-sm">
          Dishes, fryers, pantry, evenings and the logbook. Nothing here is overwritten unasked.
        </span>
      </p>
      {error && (
        <p role="alert" className="mt-2 border-l-4 border-error pl-2 font-semibold">
          {problemText(error)}
        </p>
      )}
      {report && file && (
        <div role="region" aria-label="What the file brings" className="mt-2 rounded-box bg-base-200 p-3">
          <p>
            <b>{file.name}</b> brings {report.added.length === 0 ? 'nothing new' : `${report.added.length} new`}
            {report.same > 0 && `; ${report.same} are here just so`}.
            {report.photos.brought > 0 &&
              ` ${counted(report.photos.brought, 'photograph comes', 'photographs come')} with it.`}
            {report.photos.missing > 0 &&
              ` ${counted(report.photos.missing, 'photograph is', 'photographs are')} not in the file, and left out.`}
          </p>
          {report.added.length > 0 && (
            <p className="text-sm break-words">
              {report.added.map(({ what, name }) => `${KINDS[what]} ${name}`).join(' · ')}
            </p>
          )}
          {report.conflicts.length > 0 && (
            <>
              <p className="mt-2 font-semibold">Here and in the file, and not alike:</p>
              <ul>
                {report.conflicts.map(({ key, what, name, here, there }) => (
                  <li
                    key={key}
                    className="grid items-end gap-x-4 border-t border-base-300 py-2 sm:grid-cols-[1fr_1fr_12rem]"
                  >
                    <p className="text-sm break-words">
                      <b>
                        {KINDS[what]} {name}
                      </b>
                      , here: {here}
                    </p>
                    <p className="text-sm break-words">in the file: {there}</p>
                    <Choice
                      label={`${KINDS[what]} ${name}`}
                      hideLabel
                      value={answers[key] ?? 'keep'}
                      options={
                        what === 'dish' || what === 'evening' || what === 'experiment' ? ANSWERS : ANSWERS.slice(0, 2)
                      }
                      onChange={(answer) => setAnswers({ ...answers, [key]: answer })}
                    />
                  </li>
                ))}
              </ul>
            </>
          )}
          <p className="mt-2 flex gap-3">
            <button
              type="button"
              className="btn btn-primary h-11"
              disabled={isLoading}
              onClick={() => void send(file, false).catch(() => undefined)}
            >
              Bring it in
            </button>
            <button type="button" className="btn h-11" onClick={() => setReport(null)}>
              Leave it
            </button>
          </p>
        </div>
      )}
    </section>
  );
}
