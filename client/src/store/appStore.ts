import { resumeSending } from '../bake/sending';
import { keepThroughReloads } from './keeping';
import { createStore } from './store';

/** The store of the running application. */
export const appStore = createStore();
keepThroughReloads(appStore);
resumeSending(appStore.dispatch, () => appStore.getState());
