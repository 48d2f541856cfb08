import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { Conversion } from '@yellowmist/core';
import { useAppSelector } from '../../state/hooks';
import { rootReducer } from '../../state/store';
import type { Progress } from '../../worker/core';

/** How the search for one question stands. */
export interface SearchState {
  /** Fingerprint of the question. */
  asked: string;
  /** null while nothing is searched. */
  progress: Progress | null;
  /** What is found so far; from before while the new question has nothing yet. */
  conversion: Conversion | null;
  /** What stands in `conversion` is the whole answer to what was asked. */
  settled: boolean;
  stopped: boolean;
  error: string;
}

const NOTHING: SearchState = {
  asked: '',
  progress: null,
  conversion: null,
  settled: false,
  stopped: false,
  error: '',
};

const searchSlice = createSlice({
  name: 'search',
  initialState: NOTHING,
  reducers: {
    /** Another dish lies on the bench. */
    cleared: () => NOTHING,
    begun: (state, { payload }: PayloadAction<string>) => ({
      ...NOTHING,
      asked: payload,
      conversion: state.conversion as Conversion | null,
      progress: { done: 0, of: 1 },
    }),
    progressed: (state, { payload }: PayloadAction<{ asked: string; progress: Progress }>) => {
      if (state.asked === payload.asked && !state.settled && !state.stopped) state.progress = payload.progress;
    },
    found: (state, { payload }: PayloadAction<{ asked: string; conversion: Conversion; settled: boolean }>) => {
      if (state.asked !== payload.asked || state.stopped) return;
      state.conversion = payload.conversion as never;
      state.settled = payload.settled;
      if (payload.settled) state.progress = null;
    },
    stopped: (state) => {
      state.progress = null;
      state.stopped = true;
    },
    failed: (state, { payload }: PayloadAction<{ asked: string; error: string }>) => {
      if (state.asked !== payload.asked) return;
      state.progress = null;
      state.error = payload.error;
    },
  },
});

export const { cleared, begun, progressed, found, stopped, failed } = searchSlice.actions;
export const searchReducer = searchSlice.reducer;

declare module '../../state/store' {
  interface LazySlices {
    search: SearchState;
  }
}

rootReducer.inject(searchSlice);

/** How the search stands. */
export const useSearchState = (): SearchState => useAppSelector((state) => state.search ?? NOTHING);
