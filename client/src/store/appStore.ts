import { resumeSending } from '../bake/sending';
import { createStore, keepThroughReloads } from './store';

/** The store of the running application. */
export const appStore = createStore();
keepThroughReloads(appStore);
resumeSending(appStore.dispatch, () => appStore.getState());
