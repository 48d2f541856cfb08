import { createSlice, type PayloadAction, type UnknownAction } from '@reduxjs/toolkit';
import undoable, { newHistory, type StateWithHistory } from 'redux-undo';
import type { Moved } from '@yellowmist/core';
import { useAppSelector } from '../../state/hooks';
import { rootReducer } from '../../state/store';

/** A recipe that was brought in, and what the cook has put right of its reading. */
export interface Brought {
  /** As it was pasted or dropped. */
  text: string;
  /** What a line is for, by its place, where the cook has said so. */
  moved: Record<number, Moved>;
}

const NOTHING: Brought = { text: '', moved: {} };

const slice = createSlice({
  name: 'reading',
  initialState: NOTHING,
  reducers: {
    /** Another recipe: what was put right of the last one goes with it. */
    brought: (_, { payload }: PayloadAction<string>): Brought => ({ text: payload, moved: {} }),
    lineMoved: (state, { payload }: PayloadAction<{ at: number; to: Moved }>) => {
      state.moved[payload.at] = payload.to;
    },
  },
});

const STEPS_KEPT = 100;

const stepwise = undoable(slice.reducer, { limit: STEPS_KEPT });
export type ReadingState = StateWithHistory<Brought>;

/** From the first action on: an undoable reducer would take that one for its beginning. */
export const readingReducer = (
  state: ReadingState = newHistory<Brought>([], NOTHING, []),
  action: UnknownAction,
): ReadingState => stepwise(state, action);

declare module '../../state/store' {
  interface LazySlices {
    reading: ReadingState;
  }
}

rootReducer.inject({ reducerPath: 'reading', reducer: readingReducer });

const BEFORE = readingReducer(undefined, { type: 'reading/none' });

/** The recipe that is read, and how many steps lie behind and before. */
export function useReading(): Brought & { back: number; forward: number } {
  const state = useAppSelector((all) => all.reading) ?? BEFORE;
  return { ...state.present, back: state.past.length, forward: state.future.length };
}

export const { brought, lineMoved } = slice.actions;
