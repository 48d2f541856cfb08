import { createListenerMiddleware, createSlice, type PayloadAction, type UnknownAction } from '@reduxjs/toolkit';
import undoable, { newHistory, type StateWithHistory } from 'redux-undo';
import type { Moved } from '@yellowmist/core';
import { useAppSelector } from '../../state/hooks';
import { lazyMiddleware, rootReducer, type RootState } from '../../state/store';
import { keepTyped, typedAs } from '../../state/typed';

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

/** Under which name this browser keeps it. */
const TYPED = 'recipe';

/** A page that is loaded anew begins with what was read last. */
const BEFORE: ReadingState = newHistory<Brought>([], { ...NOTHING, ...typedAs<Brought>(TYPED) }, []);

/** From the first action on: an undoable reducer would take that one for its beginning. */
export const readingReducer = (state: ReadingState = BEFORE, action: UnknownAction): ReadingState =>
  stepwise(state, action);

declare module '../../state/store' {
  interface LazySlices {
    reading: ReadingState;
  }
}

rootReducer.inject({ reducerPath: 'reading', reducer: readingReducer });

const listener = createListenerMiddleware<RootState>();
lazyMiddleware.addMiddleware(listener.middleware as never);
listener.startListening({
  // That the page is there is nothing typed yet.
  predicate: (_, now, before) => (now.reading ?? BEFORE).present !== (before.reading ?? BEFORE).present,
  effect: (_, { getState }) => keepTyped(TYPED, getState().reading!.present),
});

/** The recipe lies on the bench: it is not read again. */
export const laidOnBench = (): void => keepTyped(TYPED, null);

/** The recipe that is read, and how many steps lie behind and before. */
export function useReading(): Brought & { back: number; forward: number } {
  const state = useAppSelector((all) => all.reading) ?? BEFORE;
  return { ...state.present, back: state.past.length, forward: state.future.length };
}

export const { brought, lineMoved } = slice.actions;
