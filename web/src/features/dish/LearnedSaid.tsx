import { counted, kelvins, text, type Fryer } from '@yellowmist/core';
import { Link } from 'react-router';
import { useUnits } from '../../state/useUnits';
import * as texts from './texts';
import { runsBy } from './words';

/** By what a fryer is other than its page says, in a few words: "runs 9 °C hot, ± 4 °C, by 6 cooks". Empty where nothing was learned. */
export function useLearnedSaid(): (fryer: Fryer) => string {
  const { tell } = useUnits();
  return ({ learned, offsetC }) => {
    if (!learned) return '';
    return texts.by(tell(text`${runsBy(offsetC)}, ± ${kelvins(learned.offK)}`), counted(learned.cooks, 'cook'));
  };
}

/** Fryers that are taken otherwise than their pages say, each in a line. */
export function LearnedFryers({ fryers }: { fryers: readonly Fryer[] }) {
  const said = useLearnedSaid();
  const learned = fryers.filter((f) => f.learned);
  if (learned.length === 0) return null;
  return (
    <p className="text-sm">
      {learned.map((f) => `${f.name} ${said(f)}`).join('; ')}:{' '}
      <Link to="/kitchen" className="link">
        {texts.whatCooksTaught}
      </Link>
      .
    </p>
  );
}
