import { CRAFT_WORDS, lessonOf } from '@yellowmist/core';
import { Link } from 'react-router';
import { FocusedHeading } from '../../ui/FocusedHeading';
import { BackLink } from '../../ui/BackLink';
import * as texts from './texts';

/** The words of the craft, in the order of the alphabet. */
export const WordsPage = () => (
  <div className="mx-auto w-full max-w-3xl p-4">
    <BackLink to="/learn" label={texts.learn} />
    <FocusedHeading>{texts.wordsPageWordsOfCraft}</FocusedHeading>
    <dl className="mt-3">
      {CRAFT_WORDS.map(({ id, word, means, lesson }) => (
        <div key={id} id={id} className="grid gap-x-4 border-t border-base-300 py-2 sm:grid-cols-[11rem_1fr]">
          <dt className="font-display text-lg font-semibold first-letter:uppercase">{word}</dt>
          <dd>
            {means}{' '}
            {lesson && (
              <Link className="link" to={`/learn/${lesson}`}>
                {lessonOf(lesson).title}
              </Link>
            )}
          </dd>
        </div>
      ))}
    </dl>
  </div>
);
