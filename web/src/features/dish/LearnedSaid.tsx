import { counted, kelvins, text, type Fryer } from '@yellowmist/core';
import { Link } from 'react-router';
import { useUnits } from '../../state/useUnits';

/** By what a fryer is other than its page says, in a few words: "runs 9 °C hot, ± 4 °C, by 6 cooks". Empty where nothing was learned. */
export function useLearnedSaid(): (fryer: Fryer) => string {
  const { tell } = useUnits();
  return ({ learned, offsetC }) => {
    if (!learned) return '';
    const runs =
      Math.abs(offsetC) < 1
        ? text`keeps its setting`
        : text`runs ${kelvins(Math.abs(offsetC))} ${offsetC > 0 ? 'hot' : 'cool'}`;
    return `${tell(text`${runs}, ± ${kelvins(learned.offK)}`)}, by ${counted(learned.cooks, 'cook')}`;
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
        what the cooks taught
      </Link>
      .
    </p>
  );
}
