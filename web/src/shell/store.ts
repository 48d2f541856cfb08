import { configureStore } from '@reduxjs/toolkit';
import { useDispatch, useSelector } from 'react-redux';
import { benchReducer, dragMiddleware } from '../features/dish/dishSlice';
import { api } from '../state/api';
import { rememberSettings, settingsSlice } from '../state/settings';

export const store = configureStore({
  reducer: { settings: settingsSlice.reducer, bench: benchReducer, [api.reducerPath]: api.reducer },
  middleware: (defaults) => defaults().concat(dragMiddleware, api.middleware),
});

store.subscribe(() => rememberSettings(store.getState().settings));

export type RootState = ReturnType<typeof store.getState>;
export const useAppDispatch = useDispatch.withTypes<typeof store.dispatch>();
export const useAppSelector = useSelector.withTypes<RootState>();
