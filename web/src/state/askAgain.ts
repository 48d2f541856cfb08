import { api } from './api';

interface Asked {
  endpointName?: string;
  originalArgs?: unknown;
  status: string;
}

interface Cached {
  [api.reducerPath]: { queries: Record<string, Asked | undefined> };
}

/** What all endpoints have in common; their own types differ by what they are asked. */
type Endpoints = Record<
  string,
  { initiate: (args: unknown, how: { subscribe: boolean; forceRefetch: boolean }) => unknown }
>;

/** Asks once more for everything that was refused: somebody is signed in now. */
export const askAgain = () => (dispatch: (thunk: unknown) => unknown, getState: () => unknown) => {
  const { queries } = (getState() as Cached)[api.reducerPath];
  const endpoints = api.endpoints as unknown as Endpoints;
  for (const asked of Object.values(queries))
    if (asked?.status === 'rejected' && asked.endpointName)
      dispatch(endpoints[asked.endpointName].initiate(asked.originalArgs, { subscribe: false, forceRefetch: true }));
};
