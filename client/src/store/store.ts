import { combineReducers, configureStore, type Action, type ThunkAction } from '@reduxjs/toolkit';
import { useDispatch, useSelector } from 'react-redux';
import { bakesReducer } from '../bake/bakes';
import { notedReducer } from '../bake/noted';
import { draftsReducer } from '../formulas/drafts';
import { createSending } from '../outgoing/sending';
import { outgoingReducer } from '../outgoing/writes';
import { api } from './api';
import { deviceReducer } from './device';
import { settingsReducer } from './settings';

const rootReducer = combineReducers({
  settings: settingsReducer,
  drafts: draftsReducer,
  bakes: bakesReducer,
  noted: notedReducer,
  outgoing: outgoingReducer,
  device: deviceReducer,
  [api.reducerPath]: api.reducer,
});

export type RootState = ReturnType<typeof rootReducer>;

/** Makes a store; tests start it from a state of their own. */
export function createStore(preloadedState?: Partial<RootState>) {
  return configureStore({
    reducer: rootReducer,
    middleware: (defaults) => defaults().prepend(createSending()).concat(api.middleware),
    ...(preloadedState ? { preloadedState } : {}),
  });
}

export type AppStore = ReturnType<typeof createStore>;
export type AppDispatch = AppStore['dispatch'];
export type AppThunk<T = void> = ThunkAction<T, RootState, unknown, Action>;

export const useAppDispatch = useDispatch.withTypes<AppDispatch>();
export const useAppSelector = useSelector.withTypes<RootState>();
