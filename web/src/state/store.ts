import { combineSlices, configureStore, createDynamicMiddleware } from '@reduxjs/toolkit';
import { api } from './api';
import { questions } from './questions';
import { rememberSettings, settingsSlice } from './settings';

/** Slices of features that are loaded when they are gone to; each names itself here. */
// eslint-disable-next-line @typescript-eslint/no-empty-object-type
export interface LazySlices {}

/** Settings, documents and answers from the start on; a feature adds its slice when it is loaded. */
export const rootReducer = combineSlices(settingsSlice, api, questions).withLazyLoadedSlices<LazySlices>();

/** A feature adds its middleware when it is loaded. */
export const lazyMiddleware = createDynamicMiddleware();

export const store = configureStore({
  reducer: rootReducer,
  // Answers hold typed arrays, and are large.
  middleware: (defaults) =>
    defaults({ serializableCheck: false, immutableCheck: false })
      .prepend(lazyMiddleware.middleware)
      .concat(api.middleware, questions.middleware),
});

let remembered = store.getState().settings;
store.subscribe(() => {
  const { settings } = store.getState();
  if (settings === remembered) return;
  remembered = settings;
  rememberSettings(settings);
});

export type RootState = ReturnType<typeof store.getState>;
export type Dispatch = typeof store.dispatch;
