import type { CookDiagnosis, SeenBody } from '@yellowmist/contract';
import { Link } from 'react-router';
import { useUnits } from '../../state/useUnits';
import { Radios } from '../../ui/Radios';
import { likelyWord } from './words';

interface Props {
  diagnosis: Pick<CookDiagnosis, 'proposedBefore' | 'followUp' | 'dish'>;
  seen: SeenBody;
  change: (part: Partial<SeenBody>) => void;
}

const HELPED = {
  yes: 'It has helped.',
  no: 'It has not helped.',
  worse: 'It is worse than before.',
  unknown: 'Whether it has helped shows when it is noted how this came out.',
} as const;

/** What was proposed after the cook before, whether it was done, and what that teaches. */
export function FollowUp({ diagnosis: { proposedBefore, followUp, dish }, seen, change }: Props) {
  const { tell } = useUnits();
  if (!proposedBefore) return null;
  return (
    <section aria-label="After the last time" className="mb-3 border-l-4 border-base-content/40 pl-3">
      <p>
        <Link to={`/log/${proposedBefore.cook}?dish=${dish}`} className="link">
          Last time
        </Link>{' '}
        one change was proposed: <b>{tell(proposedBefore.parts)}</b>
      </p>
      <Radios
        label="Was it done?"
        value={seen.didChange === undefined ? undefined : seen.didChange ? 'yes' : 'no'}
        options={[
          { value: 'yes', label: 'yes' },
          { value: 'no', label: 'no' },
        ]}
        onChange={(value) => change({ didChange: value === undefined ? undefined : value === 'yes' })}
      />
      {followUp && (
        <>
          <p className="mt-1 text-lg">{HELPED[followUp.helped]}</p>
          <ul className="text-sm">
            {followUp.moved
              .filter(({ before, after }) => likelyWord(before) !== likelyWord(after))
              .map(({ cause, words, before, after }) => (
                <li key={cause}>
                  {words}: {likelyWord(before)} before, {likelyWord(after)} now.
                </li>
              ))}
          </ul>
        </>
      )}
    </section>
  );
}
