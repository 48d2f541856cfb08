import { firstValues, isLessonId, lessonOf, LESSONS, type Lesson, type Played, type Values } from '@yellowmist/core';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { useAnswer } from '../../state/useAnswer';
import { useUnits } from '../../state/useUnits';
import { FocusedHeading } from '../../ui/FocusedHeading';
import { NotHere } from '../../ui/NotHere';
import { LessonControls } from './LessonControls';
import { LessonPicture } from './LessonPicture';
import { BackLink } from '../../ui/BackLink';
import * as texts from './texts';

/** One lesson by its address. */
export function LessonPage() {
  const { id = '' } = useParams();
  if (!isLessonId(id))
    return <NotHere what={texts.lesson} problem={texts.thereIsNoneOf} to="/learn" toLabel={texts.allLessons} />;
  return <Played key={id} lesson={lessonOf(id)} />;
}

/** What came of the controls as they stand; what came of them before, until that is there. */
function usePlayed(lesson: Lesson, values: Values): { played: Played | null; error: string } {
  const { answer, error } = useAnswer('lesson', { id: lesson.id, values });
  const [last, setLast] = useState<Played | null>(null);
  if (answer && answer !== last) setLast(answer);
  return { played: answer ?? last, error };
}

function Played({ lesson }: { lesson: Lesson }) {
  const { tell } = useUnits();
  const [values, setValues] = useState<Values>(() => firstValues(lesson));
  const { played, error } = usePlayed(lesson, values);
  const { title, lead, controls, picture, why, figures } = lesson;
  return (
    <article className="mx-auto w-full max-w-6xl p-4">
      <BackLink to="/learn" label={texts.learn} />
      <FocusedHeading>{title}</FocusedHeading>
      <p className="max-w-3xl text-lg">{tell(lead)}</p>
      <div className="mt-3 grid gap-6 lg:grid-cols-[3fr_2fr]">
        <section aria-label={texts.thePicture} className="min-h-64 min-w-0">
          {error && <p role="alert">{error}</p>}
          {played ? <LessonPicture kind={picture} played={played} /> : !error && <p>{texts.cookingIt}</p>}
        </section>
        <section aria-label={texts.playWithIt} className="min-w-0">
          <div className="space-y-3">
            <LessonControls controls={controls} values={values} onChange={setValues} />
          </div>
          <ul
            aria-live="polite"
            aria-label={texts.whatComesOfIt}
            className="mt-4 space-y-2 border-l-4 border-primary pl-3"
          >
            {played?.said.map((line, k) => (
              <li key={k} className={k === 0 ? 'font-semibold' : ''}>
                {tell(line)}
              </li>
            ))}
          </ul>
        </section>
      </div>
      <div className="mt-6 grid gap-6 lg:grid-cols-[3fr_2fr]">
        <section aria-label={texts.why}>
          <h2 className="text-lg">{texts.whyItIsSo}</h2>
          {why.map((line, k) => (
            <p key={k} className="mt-2 max-w-prose">
              {tell(line)}
            </p>
          ))}
        </section>
        <section aria-label={texts.figures}>
          <h2 className="text-lg">{texts.figuresAndWhereThey}</h2>
          <ul className="mt-2 space-y-2 text-sm">
            {figures.map(({ text, source }, k) => (
              <li key={k}>
                {tell(text)} <span className="block text-base-content/80">{source}</span>
              </li>
            ))}
          </ul>
          <p className="mt-2 text-sm">{texts.picturesAndSentencesAbove}</p>
        </section>
      </div>
      <Onward lesson={lesson} />
    </article>
  );
}

function Onward({ lesson }: { lesson: Lesson }) {
  const at = LESSONS.indexOf(lesson);
  const next = LESSONS[(at + 1) % LESSONS.length];
  return (
    <p className="mt-6 flex flex-wrap gap-3">
      <Link className="btn h-auto min-h-11 max-w-full whitespace-normal" to={`/learn/${next.id}`}>
        {texts.next(next.title)}
      </Link>
      <Link className="btn btn-primary h-11" to="/">
        {texts.tryItOnDish}
      </Link>
    </p>
  );
}
