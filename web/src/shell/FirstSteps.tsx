import { useEffect } from 'react';
import { Link, useLocation } from 'react-router';
import { useAppDispatch, useAppSelector } from '../state/hooks';
import { STEPS, stepped } from '../state/settings';

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
    title: 'Say what you fry',
    text: 'Food and coat in your own words, or the example as it stands. Then: Show me the air version.',
  },
  {
    on: 'dish',
    mark: 'answer',
    title: 'Read the answer',
    text: 'Marked on the page: what to change in your own coat, and what each change buys. It is read from the top.',
  },
  {
    on: 'dish',
    mark: 'why',
    title: 'See why',
    text: 'Pull the slider under the two pieces: the pot and the fryer, minute by minute, from the simulation.',
  },
  {
    on: 'dish',
    mark: 'cook',
    title: 'Set it out and cook it',
    text: 'Below: Bowls weighs out, Basket packs, Steps has the button that cooks. This dish is yours, and is kept on the first page.',
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
      aria-label="First steps"
      className="flex flex-wrap items-center gap-x-3 gap-y-1 border-b-2 border-primary bg-base-200 px-3 py-1 print:hidden"
    >
      <p className="min-w-0 grow basis-80 leading-snug" aria-live="polite">
        <b>
          {at} of {STEPS}: {step.title}.
        </b>{' '}
        {step.text}
      </p>
      {at > 2 && (
        <button type="button" className="btn btn-ghost h-11" onClick={() => dispatch(stepped(at - 1))}>
          Back
        </button>
      )}
      {at > 1 && (
        <button type="button" className="btn btn-primary h-11" onClick={() => dispatch(stepped(last ? 0 : at + 1))}>
          {last ? 'Go on alone' : 'Next'}
        </button>
      )}
      {last ? (
        <Link className="btn btn-ghost h-11" to="/learn" onClick={() => dispatch(stepped(0))}>
          Learn why
        </Link>
      ) : (
        <button type="button" className="btn btn-ghost h-11" onClick={() => dispatch(stepped(0))}>
          I know my way
        </button>
      )}
    </section>
  );
}
