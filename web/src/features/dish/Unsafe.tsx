import type { ConversionBody } from '@yellowmist/contract';
import type { AirResult } from '@yellowmist/core';
import { useAnswer } from '../../state/useAnswer';
import { usePantryDocument } from '../../state/pantryDocument';
import { useUnits } from '../../state/useUnits';
import * as texts from './texts';

/** The warning that belongs wherever the minutes of a plan stand: by the model they leave the centre unsafe. */
export function Unsafe({ unsafe, brief = false }: { unsafe: AirResult['unsafe']; brief?: boolean }) {
  const { say } = useUnits();
  if (!unsafe) return null;
  const centre = say(unsafe.centreC, 'temperature');
  const minimum = say(unsafe.minimumC, 'temperature');
  if (brief) return <span className="block text-xs font-semibold text-error">{texts.notSafeInside(centre)}</span>;
  return (
    <p role="alert" className="my-1 border-l-4 border-error bg-error/10 px-2 py-1 text-sm leading-snug">
      <b>{texts.notSafeInThese}</b>
      {texts.centreComesToAbout(centre, minimum)}
    </p>
  );
}

/** The same for a stored dish, simulated for it. */
export function UnsafeOf({ body }: { body: Pick<ConversionBody, 'dish' | 'fried' | 'fryer' | 'chosen'> }) {
  const { own } = usePantryDocument();
  const { dish, fried, fryer, chosen } = body;
  const { answer } = useAnswer(
    'evaluate',
    chosen && { dish, fried, fryer, plan: chosen.plan, profiles: true, waits: false, own },
  );
  return <Unsafe unsafe={answer?.air?.unsafe ?? null} />;
}
