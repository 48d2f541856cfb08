import { isPlanned, isWhole, RANGES, type StartCookRequest } from '@yellowmist/contract';
import { useRef, useState, type FormEvent } from 'react';
import { Link, useNavigate } from 'react-router';
import { v4 as newId } from 'uuid';
import { problemText, statusOf, useConversionsQuery, useStartCookMutation } from '../../state/api';
import { useTyped } from '../../state/typed';
import { Check } from '../../ui/Check';
import { Choice } from '../../ui/Choice';
import { NumberField } from '../../ui/NumberField';
import { noteLater } from './outgoing';
import * as texts from './texts';

/** Now, in the form that a field for date and time takes. */
const localNow = (): string => {
  const now = new Date();
  return new Date(now.getTime() - now.getTimezoneOffset() * 60_000).toISOString().slice(0, 16);
};

/** A cook that was not at the counter is noted. What there is to choose from is fetched when it is wanted. */
export function NoteCook() {
  const [open, setOpen] = useState(false);
  const summary = useRef<HTMLElement>(null);
  /** The form goes, and the keys stay where it was opened. */
  const close = (): void => {
    setOpen(false);
    summary.current?.focus();
  };
  return (
    <details className="mt-3" open={open} onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary ref={summary} className="btn btn-primary h-11">
        {texts.noteCook}
      </summary>
      {open && <NoteForm onWaits={close} />}
    </details>
  );
}

/** A cook as it is being noted. */
interface Cooked {
  dish: string | null;
  /** In the form that a field for date and time takes. */
  at: string;
  by: 'plan' | 'other';
  tempC: number;
  minutes: number;
  turned: boolean;
}

/** It was not taken, and may be later: nobody answered, or none that had looked at it. */
const isForLater = (error: unknown): boolean => (statusOf(error) ?? 500) >= 500;

/** Which dish, when, and by which recipe. What finds no server waits, and is noted by itself. */
function NoteForm({ onWaits }: { onWaits: () => void }) {
  const { data } = useConversionsQuery();
  const dishes = (data ?? []).filter(isWhole).filter((d) => isPlanned(d) && !d.archived);
  const [enter, { isLoading, error }] = useStartCookMutation();
  const go = useNavigate();
  const [cook, type, handedOver] = useTyped<Cooked>('cook', {
    dish: null,
    at: localNow(),
    by: 'plan',
    tempC: 200,
    minutes: 18,
    turned: true,
  });
  const { at, by, tempC, minutes, turned } = cook;
  const change = (part: Partial<Cooked>): void => type({ ...cook, ...part });
  if (!data) return <p role="status">{texts.lookingForDishes}</p>;
  if (dishes.length === 0) {
    return (
      <p className="mt-2">
        {texts.noDishHasAn}
        <Link className="link inline-flex min-h-6 items-center" to="/">
          {texts.beginWithOne}
        </Link>
      </p>
    );
  }
  const { id, name } = dishes.find((d) => d.id === cook.dish) ?? dishes[0];
  const note = async (event: FormEvent): Promise<void> => {
    event.preventDefault();
    const request: StartCookRequest = {
      conversionId: id,
      timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone,
      afterwards: {
        at: new Date(at).toISOString(),
        by: by === 'plan' ? { what: 'plan' } : { what: 'other', tempC, minutes, turned },
      },
    };
    // Under one key it is noted once, whether its answer was lost or it never arrived.
    const key = newId();
    const answer = await enter({ ...request, key });
    if (!answer.data) {
      if (!isForLater(answer.error)) return;
      noteLater({ key, request, name });
      handedOver();
      onWaits();
      return;
    }
    handedOver();
    await go(`/log/${answer.data.id}?dish=${id}`);
  };
  return (
    <form onSubmit={(e) => void note(e)} className="mt-2 flex flex-wrap items-end gap-3 border-l-4 border-primary pl-3">
      <Choice
        label={texts.dish}
        className="w-64 max-w-full"
        value={id}
        options={dishes.map((d) => ({ value: d.id, label: d.name }))}
        onChange={(dish) => change({ dish })}
      />
      <label className="text-xs">
        {texts.onTableAt}
        <input
          type="datetime-local"
          className="input block h-9 text-sm"
          value={at}
          max={localNow()}
          required
          onChange={(e) => change({ at: e.target.value })}
        />
      </label>
      <Choice
        label={texts.cookedBy}
        className="w-52"
        value={by}
        options={[
          { value: 'plan', label: texts.itsPlan },
          { value: 'other', label: texts.packetOrAnotherRecipe },
        ]}
        onChange={(how) => change({ by: how })}
      />
      {by === 'other' && (
        <>
          <NumberField
            label={texts.setTo}
            className="w-28"
            value={tempC}
            quantity="temperature"
            range={RANGES.airTempC}
            step={5}
            onChange={(setC) => change({ tempC: setC })}
          />
          <NumberField
            label={texts.forIt}
            className="w-28"
            value={minutes}
            quantity="minutes"
            range={RANGES.airMinutes}
            onChange={(forMin) => change({ minutes: forMin })}
          />
          <Check label={texts.turned} checked={turned} onChange={(halfWay) => change({ turned: halfWay })} />
        </>
      )}
      <button type="submit" className="btn btn-primary h-11" disabled={isLoading}>
        {texts.noteHowItCameOut}
      </button>
      {error && (
        <p role="alert" className="basis-full">
          {problemText(error)}
        </p>
      )}
    </form>
  );
}
