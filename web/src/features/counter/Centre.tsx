import { useId, useState, type FormEvent } from 'react';
import { RANGES } from '@yellowmist/contract';
import type { CounterBatch } from '@yellowmist/core';
import { numberOf, turnOf } from '../../state/units';
import { useUnits } from '../../state/useUnits';
import { centreRead } from './words';
import type { CookNow } from './useCook';
import * as texts from './texts';

/**
 * The centre, read by hand. It begins empty: nobody tells a temperature by leaving what stands there; what cannot be a
 * centre is refused with what can, and is not told.
 */
export function Centre({ batch, tell }: { batch: CounterBatch; tell: CookNow['tell'] }) {
  const { system } = useUnits();
  const id = useId();
  const [text, setText] = useState('');
  const [error, setError] = useState('');
  const turn = turnOf('temperature', system);
  const take = (event: FormEvent): void => {
    event.preventDefault();
    const centreC = centreRead(text, turn);
    if (centreC === null) {
      const { min, max } = RANGES.centreC;
      setError(texts.enterWhatItReads(numberOf(min, turn), numberOf(max, turn), turn.unit));
      return;
    }
    setError('');
    setText('');
    tell({ what: 'centre', batch: batch.key, centreC });
  };
  return (
    <form noValidate onSubmit={take} className="mt-2 flex flex-wrap items-end gap-2">
      <div className="min-w-0 grow basis-32">
        <label htmlFor={id} className="block text-sm">
          {texts.centreReads(turn.unit)}
        </label>
        <input
          id={id}
          inputMode="decimal"
          autoComplete="off"
          className={`input h-14 w-full text-xl ${error ? 'input-error' : ''}`}
          aria-invalid={error !== ''}
          aria-describedby={`${id}error`}
          value={text}
          onChange={(e) => setText(e.target.value)}
        />
      </div>
      <button type="submit" className="btn h-14 text-lg">
        {texts.thatIsWhatIt}
      </button>
      <p id={`${id}error`} role="alert" className="basis-full text-error empty:hidden">
        {error}
      </p>
    </form>
  );
}
