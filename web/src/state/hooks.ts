import { useDispatch, useSelector, useStore } from 'react-redux';
import type { Dispatch, RootState, store } from './store';

export const useAppDispatch = useDispatch.withTypes<Dispatch>();
export const useAppStore = useStore.withTypes<typeof store>();
export const useAppSelector = useSelector.withTypes<RootState>();
