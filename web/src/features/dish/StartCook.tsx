import { useState } from 'react';
import { useNavigate } from 'react-router';
import { HELPS, RATES, type Help, type Rate } from '@yellowmist/contract';
import { ABOUT_SURPRISE, SURPRISES, type Surprise } from '@yellowmist/core';
import { problemText, useStartCookMutation } from '../../state/api';
import { Check } from '../../ui/Check';
import { Choice } from '../../ui/Choice';
import * as texts from './texts';

interface Props {
  of: { conversionId: string } | { eveningId: string };
  name: string;
  timeZone?: string;
}

const HELP_WORDS: Record<Help, string> = {
  all: texts.watchItsOwnHands,
  'all-but-looks': texts.itsHandsWorkYou,
  none: texts.youDoEverything,
};

const RATE_WORDS: Record<Rate, string> = { 1: texts.asFastAsIt, 20: '×20', 60: texts.with60EveningIn };

/** Begins a cook, or rehearses it first. */
export function StartCook({ of, name, timeZone = Intl.DateTimeFormat().resolvedOptions().timeZone }: Props) {
  const [start, { isLoading, error }] = useStartCookMutation();
  const go = useNavigate();
  const [rate, setRate] = useState<Rate>(60);
  const [help, setHelp] = useState<Help>('all');
  const [surprises, setSurprises] = useState<Surprise[]>([]);
  const begin = async (rehearsed: boolean): Promise<void> => {
    const answer = await start({ ...of, timeZone, ...(rehearsed ? { rehearsal: { rate, help, surprises } } : {}) });
    if (answer.data) await go(`/cook/${answer.data.id}`);
  };
  return (
    <div className="flex flex-wrap items-start gap-2 py-1">
      <button type="button" className="btn btn-primary h-11" disabled={isLoading} onClick={() => void begin(false)}>
        {texts.cook}
        <span className="sr-only"> {name}</span>
      </button>
      <details className="min-w-0">
        <summary className="btn h-11">
          {texts.rehearse}
          <span className="sr-only"> {name}</span>
        </summary>
        <div className="mt-2 grid max-w-md gap-2 border-l-4 border-primary pl-3">
          <Choice
            label={texts.howFast}
            value={String(rate)}
            options={RATES.map((r) => ({ value: String(r), label: RATE_WORDS[r] }))}
            onChange={(r) => setRate(Number(r) as Rate)}
          />
          <Choice
            label={texts.whoWorks}
            value={help}
            options={HELPS.map((h) => ({ value: h, label: HELP_WORDS[h] }))}
            onChange={setHelp}
          />
          <fieldset>
            <legend className="text-xs">{texts.surprises}</legend>
            {SURPRISES.map((s) => (
              <Check
                key={s}
                label={ABOUT_SURPRISE[s].name}
                checked={surprises.includes(s)}
                onChange={(on) => setSurprises(on ? [...surprises, s] : surprises.filter((other) => other !== s))}
              />
            ))}
          </fieldset>
          <p className="text-sm">{texts.simulatedFryersNothingGets}</p>
          <button type="button" className="btn btn-primary h-11" disabled={isLoading} onClick={() => void begin(true)}>
            {texts.beginRehearsal}
          </button>
        </div>
      </details>
      {error && (
        <p role="alert" className="basis-full border-l-4 border-error pl-2">
          {problemText(error)}
        </p>
      )}
    </div>
  );
}
