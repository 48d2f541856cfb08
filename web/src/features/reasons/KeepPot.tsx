import type { KeepPot as Kept } from '@yellowmist/core';
import { useUnits } from '../../state/useUnits';
import * as texts from './texts';

/** A dish that is better left in the oil: said first, with the reason, and what air can do instead. */
export function KeepPot({ keepPot }: { keepPot: Kept }) {
  const { tell } = useUnits();
  return (
    <section aria-label={texts.keepPot} className="mb-3 border-y-2 border-base-content/70 py-2">
      <h2 className="text-xl leading-tight font-bold">{texts.keepPotForThis}</h2>
      <p className="mt-1 leading-snug">{tell(keepPot.reason)}</p>
      <p className="mt-1 leading-snug font-semibold">{tell(keepPot.nearest)}</p>
    </section>
  );
}
