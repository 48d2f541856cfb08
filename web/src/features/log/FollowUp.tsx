import type { CookDiagnosis, SeenBody } from '@yellowmist/contract';
import { Link } from 'react-router';
import { useUnits } from '../../state/useUnits';
import { Radios } from '../../ui/Radios';
import { likelyWord } from './words';
import * as texts from './texts';

interface Props {
  diagnosis: Pick<CookDiagnosis, 'proposedBefore' | 'followUp' | 'dish'>;
  seen: SeenBody;
  change: (part: Partial<SeenBody>) => void;
}

const HELPED = {
  yes: texts.itHasHelped,
  no: texts.itHasNotHelped,
  worse: texts.itIsWorseThan,
  unknown: texts.whetherItHasHelped,
} as const;

/** What was proposed after the cook before, whether it was done, and what that teaches. */
export function FollowUp({ diagnosis: { proposedBefore, followUp, dish }, seen, change }: Props) {
  const { tell } = useUnits();
  if (!proposedBefore) return null;
  return (
    <section aria-label={texts.afterLastTime} className="mb-3 border-l-4 border-base-content/40 pl-3">
      <p>
        <Link to={`/log/${proposedBefore.cook}?dish=${dish}`} className="link">
          {texts.lastTime}
        </Link>
        {texts.oneChangeWasProposed}
        <b>{tell(proposedBefore.parts)}</b>
      </p>
      <Radios
        label={texts.wasItDone}
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
                <li key={cause}>{texts.beforeNow(words, likelyWord(before), likelyWord(after))}</li>
              ))}
          </ul>
        </>
      )}
    </section>
  );
}
