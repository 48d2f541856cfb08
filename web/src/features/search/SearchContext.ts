import { createContext, useContext } from 'react';
import type { Search } from './useSearch';

/** The search of the dish on the bench: what runs it stands above all that shows it. */
export const SearchContext = createContext<Search | null>(null);

/** The search of the dish on the bench. @throws Error outside of a bench */
export function useCurrentSearch(): Search {
  const search = useContext(SearchContext);
  if (!search) throw new Error('There is no search outside of a bench.');
  return search;
}
