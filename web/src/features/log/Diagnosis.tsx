import { DID_FIELDS, FIELD_SCALES, type DidField } from '@yellowmist/core';
import type { CauseAnswer, CookDiagnosis, SeenBody, TestAnswer } from '@yellowmist/contract';
import { useState } from 'react';
import { problemText, useDiagnosisQuery } from '../../state/api';
import { useUnits } from '../../state/useUnits';
import { FollowUp } from './FollowUp';
import { OptionalNumber } from './OptionalNumber';
import { Radios } from '../../ui/Radios';
import { TakeChange } from './TakeChange';
import { likelyWord } from './words';
import * as texts from './texts';

interface Props {
  id: string;
  dish: string;
  version: number;
  seen: SeenBody;
  change: (part: Partial<SeenBody>) => void;
}

/** What went wrong: the likeliest cause with its evidence, one change, or what tells two causes apart. */
export function Diagnosis({ id, dish, version, seen, change }: Props) {
  const { data, error, isFetching } = useDiagnosisQuery({ id, dish, version }, { skip: version === 0 });
  if (version === 0) return <p>{texts.noteHowItCame}</p>;
  if (error && !data) return <p role="alert">{problemText(error)}</p>;
  if (!data) return <p role="status">{texts.puttingEveryCauseInto}</p>;
  return (
    <div aria-busy={isFetching} className={isFetching ? 'opacity-70' : ''}>
      <FollowUp diagnosis={data} seen={seen} change={change} />
      {data.complaints.length === 0 ? (
        <p className="text-lg">{texts.nothingThatWasNoted}</p>
      ) : (
        <Found dish={dish} data={data} seen={seen} change={change} />
      )}
    </div>
  );
}

interface FoundProps {
  dish: string;
  data: CookDiagnosis;
  seen: SeenBody;
  change: Props['change'];
}

function Found({ dish, data, seen, change }: FoundProps) {
  const [first, ...others] = data.causes;
  const unknown = data.none > 0.5;
  return (
    <>
      <p>{texts.notAsItShould(data.complaints.join(', '))}</p>
      {unknown ? (
        <p className="mt-2 text-lg">{texts.noCauseThatIs}</p>
      ) : (
        <>
          <h3 className="mt-2 text-xl">{first.words}.</h3>
          <p className="text-sm">
            {texts.itIsThis(
              first.known ? texts.youSaidSoAnd : '',
              first.known ? likelyWord(first.share) : capital(likelyWord(first.share)),
            )}
          </p>
          <EvidenceOf cause={first} />
        </>
      )}
      {data.test && <Test test={data.test} seen={seen} change={change} />}
      {data.change && !unknown && <TakeChange dish={dish} proposed={data.change} later={data.test !== null} />}
      {others.length > 0 && (
        <details className="mt-3">
          <summary className="min-h-11 cursor-pointer py-2">{texts.whatElseItMay}</summary>
          <ul className="grid gap-3">
            {others.map((cause) => (
              <li key={cause.cause}>
                <b>{cause.words}</b>, {likelyWord(cause.share)}
                <EvidenceOf cause={cause} />
              </li>
            ))}
          </ul>
        </details>
      )}
    </>
  );
}

const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

function EvidenceOf({ cause: { parts } }: { cause: CauseAnswer }) {
  const { tell } = useUnits();
  const list = (title: string, texts: CauseAnswer['parts']['for'], mark: string) =>
    texts.length > 0 && (
      <div className="mt-1">
        <h4 className="font-sans text-sm font-bold">{title}</h4>
        <ul className="text-sm">
          {texts.map((said, k) => (
            <li key={k} className="flex gap-2">
              <span aria-hidden>{mark}</span>
              {tell(said)}
            </li>
          ))}
        </ul>
      </div>
    );
  return (
    <>
      {list(texts.speaksForIt, parts.for, '+')}
      {list(texts.speaksAgainstIt, parts.against, '−')}
    </>
  );
}

const isDone = (field: string): field is DidField => (DID_FIELDS as readonly string[]).includes(field);

/** What tells two causes apart: asked here where memory can answer it, and kept for next time otherwise. */
function Test({ test, seen, change }: { test: TestAnswer; seen: SeenBody; change: Props['change'] }) {
  const { tell } = useUnits();
  const { field } = test;
  const answer = (value: number | boolean | undefined): void => change({ did: { ...seen.did, [field]: value } });
  const asked = test.when === 'now' && isDone(field);
  const yesNo = asked && FIELD_SCALES[field].words.length > 0;
  return (
    <section aria-label={texts.whatTellsThemApart} className="mt-3 border-l-4 border-info pl-3">
      <h4 className="text-lg">{asked ? texts.oneQuestionFirst : texts.whatWouldTell}</h4>
      <p>{tell(test.parts)}</p>
      {yesNo && (
        <Radios
          label={texts.answer}
          hideLabel
          value={undefined as string | undefined}
          options={[
            { value: 'yes', label: 'yes' },
            { value: 'no', label: 'no' },
          ]}
          onChange={(value) => answer(value === 'yes')}
        />
      )}
      {asked && !yesNo && <Answer field={field} onAnswer={answer} />}
    </section>
  );
}

/** A number is taken when it is said to be the answer: its first digit is none. */
function Answer({ field, onAnswer }: { field: DidField; onAnswer: (value: number) => void }) {
  const [value, setValue] = useState<number | undefined>(undefined);
  const [min, max] = FIELD_SCALES[field].range;
  return (
    <form
      noValidate
      className="flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (value !== undefined) onAnswer(value);
      }}
    >
      <OptionalNumber label={texts.answer} value={value} quantity="plain" range={{ min, max }} onChange={setValue} />
      <button type="submit" className="btn h-11" disabled={value === undefined}>
        {texts.soItWas}
      </button>
    </form>
  );
}
