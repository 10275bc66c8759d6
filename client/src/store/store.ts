import { combineReducers, configureStore } from '@reduxjs/toolkit';
import { useDispatch, useSelector } from 'react-redux';
import { bakesReducer } from '../bake/bakes';
import { bakeSending } from '../bake/sending';
import { draftsReducer } from '../formulas/drafts';
import { api } from './api';
import { settingsReducer } from './settings';
import { deviceReducer } from './device';

const rootReducer = combineReducers({
  settings: settingsReducer,
  drafts: draftsReducer,
  bakes: bakesReducer,
  device: deviceReducer,
  [api.reducerPath]: api.reducer,
});

export type RootState = ReturnType<typeof rootReducer>;

/** Makes a store; tests start it from a state of their own. */
export function createStore(preloadedState?: Partial<RootState>) {
  return configureStore({
    reducer: rootReducer,
    middleware: (defaults) => defaults().prepend(bakeSending.middleware).concat(api.middleware),
    ...(preloadedState ? { preloadedState } : {}),
  });
}

export type AppStore = ReturnType<typeof createStore>;
export type AppDispatch = AppStore['dispatch'];

export const useAppDispatch = useDispatch.withTypes<AppDispatch>();
export const useAppSelector = useSelector.withTypes<RootState>();
