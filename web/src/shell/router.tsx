import { createBrowserRouter } from 'react-router';
import { BenchPage } from '../features/bench/BenchPage';
import { KitchenPage } from '../features/kitchen/KitchenPage';
import { PantryPage } from '../features/pantry/PantryPage';
import { SupperPage } from '../features/supper/SupperPage';
import { HomePage } from '../features/home/HomePage';
import { Layout } from './Layout';
import { LostPage, RouteError } from './RouteError';

export const router = createBrowserRouter([
  {
    element: <Layout />,
    errorElement: <RouteError />,
    children: [
      { index: true, element: <HomePage /> },
      { path: 'dish/:id', element: <BenchPage /> },
      { path: 'supper', element: <SupperPage /> },
      { path: 'kitchen', element: <KitchenPage /> },
      { path: 'pantry', element: <PantryPage /> },
      { path: '*', element: <LostPage /> },
    ],
  },
]);
