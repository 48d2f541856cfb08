import { createBrowserRouter, Navigate } from 'react-router';
import { HomePage } from '../features/home/HomePage';
import { Layout } from './Layout';
import { LostPage, RouteError } from './RouteError';

const bench = () => import('../features/bench/BenchPage');
const card = () => import('../features/card/CardPage');
const reading = () => import('../features/reading/ReadingPage');
const evenings = () => import('../features/evening/EveningsPage');
const evening = () => import('../features/evening/EveningPage');
const sheet = () => import('../features/evening/SheetPage');
const cooks = () => import('../features/counter/CooksPage');
const cook = () => import('../features/counter/CookPage');
const log = () => import('../features/log/LogPage');
const record = () => import('../features/log/RecordPage');
const compare = () => import('../features/log/ComparePage');
const planExperiment = () => import('../features/experiment/PlanPage');
const experiment = () => import('../features/experiment/ExperimentPage');
const taste = () => import('../features/experiment/TastePage');
const kitchen = () => import('../features/kitchen/KitchenPage');
const backup = () => import('../features/backup/BackupPage');
const access = () => import('../features/access/AccessPage');
const learn = () => import('../features/learn/LearnPage');
const lesson = () => import('../features/learn/LessonPage');
const words = () => import('../features/learn/WordsPage');
const cautions = () => import('../features/learn/GeneralCautionsPage');
const pantry = () => import('../features/pantry/PantryPage');

/** The first page is there at once; the others are fetched when they are gone to. */
export const router = createBrowserRouter([
  {
    element: <Layout />,
    errorElement: <RouteError />,
    HydrateFallback: () => null,
    children: [
      { index: true, element: <HomePage /> },
      { path: 'dish/:id', lazy: async () => ({ Component: (await bench()).BenchPage }) },
      { path: 'dish/:id/card', lazy: async () => ({ Component: (await card()).CardPage }) },
      { path: 'recipe', lazy: async () => ({ Component: (await reading()).ReadingPage }) },
      // Where the supper stood before there were evenings.
      { path: 'supper', element: <Navigate to="/evening" replace /> },
      { path: 'evening', lazy: async () => ({ Component: (await evenings()).EveningsPage }) },
      { path: 'evening/:id', lazy: async () => ({ Component: (await evening()).EveningPage }) },
      { path: 'evening/:id/sheet', lazy: async () => ({ Component: (await sheet()).SheetPage }) },
      { path: 'cook', lazy: async () => ({ Component: (await cooks()).CooksPage }) },
      { path: 'cook/:id', lazy: async () => ({ Component: (await cook()).CookPage }) },
      { path: 'log', lazy: async () => ({ Component: (await log()).LogPage }) },
      { path: 'log/compare', lazy: async () => ({ Component: (await compare()).ComparePage }) },
      { path: 'log/:id', lazy: async () => ({ Component: (await record()).RecordPage }) },
      { path: 'experiment/new', lazy: async () => ({ Component: (await planExperiment()).PlanPage }) },
      { path: 'experiment/:id', lazy: async () => ({ Component: (await experiment()).ExperimentPage }) },
      { path: 'experiment/:id/taste', lazy: async () => ({ Component: (await taste()).TastePage }) },
      { path: 'kitchen', lazy: async () => ({ Component: (await kitchen()).KitchenPage }) },
      { path: 'backups', lazy: async () => ({ Component: (await backup()).BackupPage }) },
      { path: 'access', lazy: async () => ({ Component: (await access()).AccessPage }) },
      { path: 'learn', lazy: async () => ({ Component: (await learn()).LearnPage }) },
      { path: 'learn/words', lazy: async () => ({ Component: (await words()).WordsPage }) },
      { path: 'learn/cautions', lazy: async () => ({ Component: (await cautions()).GeneralCautionsPage }) },
      { path: 'learn/:id', lazy: async () => ({ Component: (await lesson()).LessonPage }) },
      { path: 'pantry', lazy: async () => ({ Component: (await pantry()).PantryPage }) },
      { path: '*', element: <LostPage /> },
    ],
  },
]);

/** Fetches the other pages ahead, the bench first: every dish leads there. */
export const fetchAhead = (): void => {
  for (const page of [
    bench,
    card,
    reading,
    evenings,
    evening,
    sheet,
    cooks,
    cook,
    log,
    record,
    compare,
    planExperiment,
    experiment,
    taste,
    kitchen,
    backup,
    access,
    learn,
    lesson,
    words,
    cautions,
    pantry,
  ])
    page().catch(() => undefined);
};
