import { combineReducers, configureStore } from '@reduxjs/toolkit';
import { agendaReducer } from '../alarm/agenda';
import { bakesReducer } from '../bake/bakes';
import { believedReducer } from '../bake/believed';
import { notedReducer } from '../bake/noted';
import { draftsReducer } from '../drafts/drafts';
import { createSending } from '../outgoing/sending';
import { connectionReducer } from '../live/connection';
import { outgoingReducer } from '../outgoing/writes';
import { api } from '../wire/api';
import { deviceReducer } from '../device/device';
import { settingsReducer } from '../state/settings';
import type { RootState } from '../state/state';

const rootReducer = combineReducers({
  settings: settingsReducer,
  drafts: draftsReducer,
  agenda: agendaReducer,
  bakes: bakesReducer,
  believed: believedReducer,
  noted: notedReducer,
  outgoing: outgoingReducer,
  connection: connectionReducer,
  device: deviceReducer,
  [api.reducerPath]: api.reducer,
});

/** Makes a store; tests start it from a state of their own. */
export function createStore(preloadedState?: Partial<RootState>) {
  return configureStore({
    reducer: rootReducer,
    middleware: (defaults) => defaults().prepend(createSending()).concat(api.middleware),
    ...(preloadedState ? { preloadedState } : {}),
  });
}

export type AppStore = ReturnType<typeof createStore>;
