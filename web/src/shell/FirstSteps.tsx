import { useEffect } from 'react';
import { Link, useLocation } from 'react-router';
import { useAppDispatch, useAppSelector } from '../state/hooks';
import { STEPS, stepped } from '../state/settings';
import * as texts from './texts';

interface Step {
  /** Where it stands; elsewhere nothing is shown. */
  on: 'home' | 'dish';
  /** What is marked on the page; see theme.css. */
  mark: string;
  title: string;
  text: string;
}

const ALL: readonly Step[] = [
  {
    on: 'home',
    mark: 'say',
    title: texts.sayWhatYouFry,
    text: texts.foodAndCoatIn,
  },
  {
    on: 'dish',
    mark: 'answer',
    title: texts.readAnswer,
    text: texts.markedOnPageWhat,
  },
  {
    on: 'dish',
    mark: 'why',
    title: texts.seeWhy,
    text: texts.pullSliderUnderTwo,
  },
  {
    on: 'dish',
    mark: 'cook',
    title: texts.setItOutAnd,
    text: texts.belowBowlsWeighsOut,
  },
];

/** The first visit’s four steps, in a strip over the page that they are about: they cover nothing and hold nobody up. */
export function FirstSteps() {
  const at = useAppSelector((s) => s.settings.step);
  const dispatch = useAppDispatch();
  const { pathname } = useLocation();
  const step = ALL[at - 1];
  const here = step && (step.on === 'home' ? pathname === '/' : /^\/dish\/[^/]+$/.test(pathname));
  useEffect(() => {
    if (!here) return;
    document.documentElement.dataset.step = step.mark;
    return () => {
      delete document.documentElement.dataset.step;
    };
  }, [here, step]);
  if (!here) return null;
  const last = at === STEPS;
  return (
    <section
      aria-label={texts.firstSteps}
      className="flex flex-wrap items-center gap-x-3 gap-y-1 border-b-2 border-primary bg-base-200 px-3 py-1 print:hidden"
    >
      <p className="min-w-0 grow basis-80 leading-snug" aria-live="polite">
        <b>{texts.ofIt(at, STEPS, step.title)}</b> {step.text}
      </p>
      {at > 2 && (
        <button type="button" className="btn btn-ghost h-11" onClick={() => dispatch(stepped(at - 1))}>
          {texts.back}
        </button>
      )}
      {at > 1 && (
        <button type="button" className="btn btn-primary h-11" onClick={() => dispatch(stepped(last ? 0 : at + 1))}>
          {last ? texts.goOnAlone : texts.next}
        </button>
      )}
      {last ? (
        <Link className="btn btn-ghost h-11" to="/learn" onClick={() => dispatch(stepped(0))}>
          {texts.learnWhy}
        </Link>
      ) : (
        <button type="button" className="btn btn-ghost h-11" onClick={() => dispatch(stepped(0))}>
          {texts.iKnowMyWay}
        </button>
      )}
    </section>
  );
}
