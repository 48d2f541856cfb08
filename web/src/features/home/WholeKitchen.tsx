import { useRef, useState } from 'react';
import type { ImportAnswer, ImportReport } from '@yellowmist/contract';
import { counted } from '@yellowmist/core';
import { problemText, useCooksQuery, useImportKitchenMutation } from '../../state/api';
import { Check } from '../../ui/Check';
import { Choice } from '../../ui/Choice';
import * as texts from './texts';

const KINDS = {
  dish: texts.dish,
  fryer: texts.fryer,
  sprayer: texts.sprayer,
  bowl: texts.bowl,
  tray: texts.tray,
  ingredient: texts.ingredient,
  weight: texts.usualWeight,
  evening: texts.evening,
  experiment: texts.comparison,
  cook: texts.cook,
} as const;

const ANSWERS: { value: ImportAnswer; label: string }[] = [
  { value: 'keep', label: texts.keepWhatIsHere },
  { value: 'take', label: texts.takeFiles },
  { value: 'both', label: texts.keepBoth },
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
    <section aria-label={texts.wholeKitchenAsFile} className="mt-8 border-t border-base-300 pt-3">
      <p className="flex flex-wrap items-center gap-3">
        <b>{texts.wholeKitchen}</b>
        <a className="btn h-11" href={`/api/export${pictures ? '' : '?photographs=0'}`} download>
          {texts.saveItAsFile}
        </a>
        {photos > 0 && (
          <Check label={texts.withIt(counted(photos, 'photograph'))} checked={pictures} onChange={setPictures} />
        )}
        <button type="button" className="btn h-11" disabled={isLoading} onClick={() => input.current?.click()}>
          {texts.bringInSuchFile}
        </button>
        <input
          ref={input}
          type="file"
          accept=".gz,.json,application/gzip,application/json"
          className="sr-only"
          tabIndex={-1}
          aria-label={texts.kitchenAsFile}
          onChange={(event) => {
            choose(event.target.files?.[0]);
            event.target.value = '';
          }}
        />
        <span className="text-sm">{texts.dishesFryersPantryEvenings}</span>
      </p>
      {error && (
        <p role="alert" className="mt-2 border-l-4 border-error pl-2 font-semibold">
          {problemText(error)}
        </p>
      )}
      {report && file && (
        <div role="region" aria-label={texts.whatFileBrings} className="mt-2 rounded-box bg-base-200 p-3">
          <p>
            <b>{file.name}</b>
            {texts.brings(report.added.length === 0 ? texts.nothingNew : texts.newIt(report.added.length))}
            {report.same > 0 && texts.areHereJustSo(report.same)}.
            {report.photos.brought > 0 &&
              texts.withItBrought(counted(report.photos.brought, texts.photographComes, texts.photographsCome))}
            {report.photos.missing > 0 &&
              texts.notInFileAnd(counted(report.photos.missing, texts.photographIs, texts.photographsAre))}
          </p>
          {report.added.length > 0 && (
            <p className="text-sm break-words">
              {report.added.map(({ what, name }) => `${KINDS[what]} ${name}`).join(' · ')}
            </p>
          )}
          {report.conflicts.length > 0 && (
            <>
              <p className="mt-2 font-semibold">{texts.hereAndInFile}</p>
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
                      {texts.here(here)}
                    </p>
                    <p className="text-sm break-words">{texts.inFile(there)}</p>
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
              {texts.bringItIn}
            </button>
            <button type="button" className="btn h-11" onClick={() => setReport(null)}>
              {texts.leaveIt}
            </button>
          </p>
        </div>
      )}
    </section>
  );
}
