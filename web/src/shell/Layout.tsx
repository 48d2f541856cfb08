import { Moon, Sun } from 'lucide-react';
import { lazy, Suspense, useEffect } from 'react';
import { Link, Outlet } from 'react-router';
import { api, usePantryQuery } from '../state/api';
import { useSignedOut } from '../state/asking';
import { FirstSteps } from './FirstSteps';
import { Keys } from './Keys';
import { Away, Standing } from './Standing';
import { themeSet, unitsSwitched, type Theme } from '../state/settings';
import { useAppDispatch, useAppSelector } from '../state/hooks';
import type { Dispatch } from '../state/store';
import { AT_FIRST } from '../ui/More';
import * as texts from './texts';

const Toaster = lazy(async () => ({ default: (await import('sonner')).Toaster }));

const SignIn = lazy(async () => ({ default: (await import('../features/access/SignIn')).SignIn }));

const deviceTheme = (): Theme => (window.matchMedia('(prefers-color-scheme: dark)').matches ? 'iron' : 'steam');

interface Place {
  to: string;
  label: string;
  wide?: boolean;
  /** Fetches what it shows first, while a hand is still on its way to it. */
  ahead?: (dispatch: Dispatch) => void;
}

function logAhead(dispatch: Dispatch): void {
  void import('../features/log/LogPage');
  dispatch(api.util.prefetch('latestCooks', AT_FIRST, {}));
}

const PLACES: readonly Place[] = [
  { to: '/evening', label: texts.evening },
  { to: '/cook', label: texts.cook },
  { to: '/log', label: texts.log, ahead: logAhead },
  { to: '/kitchen', label: texts.kitchen },
  { to: '/pantry', label: texts.pantry },
  // On a telephone the first page leads there.
  { to: '/learn', label: texts.learn, wide: true },
];

/** The thin bar over every page: where home is, units in one click, light or dark. The bench puts its dish into `#bar`. */
export function Layout() {
  const { units, theme } = useAppSelector((s) => s.settings);
  const dispatch = useAppDispatch();
  const { isLoading } = usePantryQuery();
  const signedOut = useSignedOut();
  const shown = theme ?? deviceTheme();
  useEffect(() => {
    document.documentElement.dataset.theme = shown;
  }, [shown]);
  return (
    <div className="flex min-h-dvh flex-col">
      <a className="btn btn-primary sr-only focus:not-sr-only focus:absolute focus:z-50" href="#main">
        {texts.skipToPage}
      </a>
      <header className="print:hidden flex min-h-12 flex-wrap items-center gap-x-3 border-b border-base-300 bg-base-200 px-3 max-sm:gap-x-0 max-sm:px-1">
        <Link to="/" className="flex min-h-11 items-center gap-2 font-display text-lg font-bold">
          <img src="/mark.svg" alt="" className="size-7" />
          <span className="max-sm:sr-only">{texts.yellowmist}</span>
        </Link>
        {PLACES.map(({ to, label, wide, ahead }: Place) => (
          <Link
            key={to}
            to={to}
            onPointerEnter={ahead && (() => ahead(dispatch))}
            onFocus={ahead && (() => ahead(dispatch))}
            className={`btn btn-ghost h-11 px-2 font-normal max-lg:px-1.5 max-sm:px-1 ${wide ? 'max-sm:hidden' : ''}`}
          >
            {label}
          </Link>
        ))}
        <div
          id="bar"
          className="order-last flex min-w-0 basis-full items-center gap-3 lg:order-none lg:grow lg:basis-0"
        />
        <button
          type="button"
          className="btn btn-ghost relative ml-auto h-11 px-3 font-normal max-sm:px-1.5 lg:ml-0"
          onClick={() => dispatch(unitsSwitched())}
        >
          <span
            className={
              units === 'metric'
                ? 'font-bold underline decoration-primary decoration-4 underline-offset-4'
                : 'opacity-80 max-sm:hidden'
            }
          >
            g °C<span className="max-sm:sr-only">{texts.mm}</span>
          </span>
          <span
            className={
              units === 'us'
                ? 'font-bold underline decoration-primary decoration-4 underline-offset-4'
                : 'opacity-80 max-sm:hidden'
            }
          >
            {texts.cupsF}
            <span className="max-sm:sr-only">{texts.inIt}</span>
          </span>
          <span className="sr-only">({units === 'metric' ? texts.switchToCupsF : texts.switchToGramsC})</span>
        </button>
        <Keys />
        <button
          type="button"
          className="btn btn-ghost btn-square size-11"
          onClick={() => dispatch(themeSet(shown === 'iron' ? 'steam' : 'iron'))}
          aria-label={shown === 'iron' ? texts.lightTheme : texts.darkTheme}
        >
          {shown === 'iron' ? <Sun aria-hidden className="size-5" /> : <Moon aria-hidden className="size-5" />}
        </button>
      </header>
      <Standing />
      <Away />
      {!signedOut && <FirstSteps />}
      <main id="main" className="flex min-h-0 grow flex-col">
        {signedOut && (
          <Suspense>
            <SignIn />
          </Suspense>
        )}
        {/* What is under way there goes on once somebody is signed in. */}
        <div className={signedOut ? 'hidden' : 'contents'}>{!isLoading && <Outlet />}</div>
      </main>
      <Suspense>
        <Toaster theme={shown === 'iron' ? 'dark' : 'light'} position="bottom-right" />
      </Suspense>
    </div>
  );
}
