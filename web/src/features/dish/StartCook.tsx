import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { v4 as newId } from 'uuid';
import { HELPS, RATES, type Help, type Rate } from '@yellowmist/contract';
import { ABOUT_SURPRISE, SURPRISES, type Surprise } from '@yellowmist/core';
import { problemText, statusOf, useKitchenInUseQuery, usePantryQuery, useStartCookMutation } from '../../state/api';
import { beginHere, type Cooked } from '../../state/beginHere';
import { warmUp } from '../../worker/core';
import { Check } from '../../ui/Check';
import { Choice } from '../../ui/Choice';
import * as texts from './texts';

interface Props {
  of: Cooked;
}

const HELP_WORDS: Record<Help, string> = {
  all: texts.watchItsOwnHands,
  'all-but-looks': texts.itsHandsWorkYou,
  none: texts.youDoEverything,
};

const RATE_WORDS: Record<Rate, string> = { 1: texts.asFastAsIt, 20: '×20', 60: texts.with60EveningIn };

/** Begins a cook, or rehearses it first. While the server is away a cook begins here, and is handed over when it is back. */
export function StartCook({ of }: Props) {
  const [start, { isLoading, error, reset }] = useStartCookMutation();
  const [isBeginning, setBeginning] = useState(false);
  const [notHere, setNotHere] = useState('');
  const go = useNavigate();
  const [rate, setRate] = useState<Rate>(60);
  const [help, setHelp] = useState<Help>('all');
  const [surprises, setSurprises] = useState<Surprise[]>([]);
  // What a cook needs in a time without its server is here before.
  useKitchenInUseQuery();
  usePantryQuery();
  useEffect(warmUp, []);
  const { name } = 'dish' in of ? of.dish : of.evening;
  const timeZone = 'dish' in of ? Intl.DateTimeFormat().resolvedOptions().timeZone : of.evening.timeZone;
  const asked = 'dish' in of ? { conversionId: of.dish.id } : { eveningId: of.evening.id };
  const begin = async (rehearsed: boolean): Promise<void> => {
    setNotHere('');
    // Under one key it begins once, here and there.
    const key = newId();
    const rehearsal = rehearsed ? { rehearsal: { rate, help, surprises } } : {};
    const answer = await start({ ...asked, timeZone, ...rehearsal, key });
    if (answer.data) return go(`/cook/${answer.data.id}`);
    if (rehearsed || statusOf(answer.error) !== undefined) return;
    setBeginning(true);
    try {
      await beginHere(of, key, timeZone);
    } catch (problem) {
      return setNotHere((problem as Error).message);
    } finally {
      reset();
      setBeginning(false);
    }
    await go(`/cook/${key}`);
  };
  const busy = isLoading || isBeginning;
  return (
    <div className="flex flex-wrap items-start gap-2 py-1">
      <button type="button" className="btn btn-primary h-11" disabled={busy} onClick={() => void begin(false)}>
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
          <button type="button" className="btn btn-primary h-11" disabled={busy} onClick={() => void begin(true)}>
            {texts.beginRehearsal}
          </button>
        </div>
      </details>
      {(notHere || (error && !busy)) && (
        <p role="alert" className="basis-full border-l-4 border-error pl-2">
          {notHere || problemText(error)}
        </p>
      )}
    </div>
  );
}
