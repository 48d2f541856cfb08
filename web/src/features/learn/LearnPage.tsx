import { LESSONS } from '@yellowmist/core';
import { Link } from 'react-router';
import { useAppDispatch } from '../../state/hooks';
import { stepped } from '../../state/settings';
import { useUnits } from '../../state/useUnits';
import { PageHeading } from '../../ui/PageHeading';
import * as texts from './texts';

/** All lessons on one page: a question each, answered in a sentence, and played with behind it. */
export function LearnPage() {
  const { tell } = useUnits();
  const dispatch = useAppDispatch();
  return (
    <div className="mx-auto w-full max-w-3xl p-4">
      <PageHeading>{texts.learn}</PageHeading>
      <p>
        {texts.sevenShortPagesEach}
        <Link className="link" to="/learn/words">
          {texts.wordsOfCraft}
        </Link>
        {texts.and}
        <Link className="link" to="/learn/cautions">
          {texts.learnPageWhatCanHurtSomebody}
        </Link>
        .
      </p>
      <p className="mt-3">
        <Link className="btn h-11" to="/" onClick={() => dispatch(stepped(1))}>
          {texts.takeFirstStepsAgain}
        </Link>
      </p>
      <ol className="mt-4">
        {LESSONS.map(({ id, title, lead }, at) => (
          <li key={id} className="grid grid-cols-[2.5rem_1fr] border-t border-base-300 py-3">
            <span aria-hidden className="font-display text-2xl leading-8 font-bold text-base-content/70">
              {at + 1}
            </span>
            <div>
              <h2 className="text-lg leading-8">
                <Link className="link inline-block min-h-6" to={`/learn/${id}`}>
                  {title}
                </Link>
              </h2>
              <p>{tell(lead)}</p>
            </div>
          </li>
        ))}
      </ol>
    </div>
  );
}
