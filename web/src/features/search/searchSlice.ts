import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { Conversion } from '@yellowmist/core';
import { useAppSelector } from '../../state/hooks';
import { rootReducer } from '../../state/store';
import type { Progress } from '../../worker/core';

/** How the search for one question stands. */
export interface SearchState {
  /** Fingerprint of the question. */
  asked: string;
  /** What is found so far; from before while the new question has nothing yet. */
  conversion: Conversion | null;
  /** What stands in `conversion` is the whole answer to what was asked. */
  settled: boolean;
  stopped: boolean;
  error: string;
}

export interface SearchSlice {
  standing: SearchState;
  /** Null while nothing is searched. Apart from the rest, so that what tells of it alone is drawn anew. */
  progress: Progress | null;
}

const NOTHING: SearchSlice = {
  standing: { asked: '', conversion: null, settled: false, stopped: false, error: '' },
  progress: null,
};

const searchSlice = createSlice({
  name: 'search',
  initialState: NOTHING,
  reducers: {
    /** Another dish lies on the bench. */
    cleared: () => NOTHING,
    begun: (state, { payload }: PayloadAction<string>) => ({
      standing: {
        ...NOTHING.standing,
        asked: payload,
        conversion: state.standing.conversion as Conversion | null,
      },
      progress: { done: 0, of: 1 },
    }),
    progressed: (state, { payload }: PayloadAction<{ asked: string; progress: Progress }>) => {
      const { asked, settled, stopped } = state.standing;
      if (asked === payload.asked && !settled && !stopped) state.progress = payload.progress;
    },
    found: (state, { payload }: PayloadAction<{ asked: string; conversion: Conversion; settled: boolean }>) => {
      const { standing } = state;
      if (standing.asked !== payload.asked || standing.stopped) return;
      // Frozen at its door, it is not walked through to be frozen piece by piece.
      standing.conversion = Object.freeze(payload.conversion) as never;
      standing.settled = payload.settled;
      if (payload.settled) state.progress = null;
    },
    /** What lies on the bench has joined what was found. */
    joined: ({ standing }, { payload }: PayloadAction<{ asked: string; conversion: Conversion }>) => {
      if (standing.asked === payload.asked) standing.conversion = Object.freeze(payload.conversion) as never;
    },
    stopped: (state) => {
      state.progress = null;
      state.standing.stopped = true;
    },
    failed: (state, { payload }: PayloadAction<{ asked: string; error: string }>) => {
      if (state.standing.asked !== payload.asked) return;
      state.progress = null;
      state.standing.error = payload.error;
    },
  },
});

export const { cleared, begun, progressed, found, joined, stopped, failed } = searchSlice.actions;
export const searchReducer = searchSlice.reducer;

declare module '../../state/store' {
  interface LazySlices {
    search: SearchSlice;
  }
}

rootReducer.inject(searchSlice);

/** How the search stands. */
export const useSearchState = (): SearchState => useAppSelector((state) => (state.search ?? NOTHING).standing);

/** How far the search is; null while nothing is searched. */
export const useProgress = (): Progress | null => useAppSelector((state) => (state.search ?? NOTHING).progress);
