import { createListenerMiddleware } from '@reduxjs/toolkit';
import { v4 as uuid } from 'uuid';
import { api, refusalFrom } from '../store/api';
import type { AppDispatch, RootState } from '../store/store';
import { acknowledged, begun, mineKept, noted, refused, sending } from './bakes';

/** How long to wait before a bake is sent again after the server could not be reached, ms. */
const AGAIN_MS = 5000;

/** Refusals that sending the same again may overcome. */
const PASSING = new Set(['away', 'database-away', 'internal']);

/**
 * Sends what is noted at the stove, in order, until the server has it: one bake at a time, the same
 * write under the same id, so that an answer lost on the way does no harm.
 */
export const bakeSending = createListenerMiddleware();
const start = bakeSending.startListening.withTypes<RootState, AppDispatch>();

const underWay = new Set<string>();

async function send(
  id: string,
  getState: () => RootState,
  dispatch: AppDispatch,
  delay: (ms: number) => Promise<void>,
): Promise<void> {
  if (underWay.has(id)) return;
  underWay.add(id);
  try {
    for (;;) {
      const bake = getState().bakes[id];
      if (!bake?.unsent || bake.stale) return;
      const writeId = bake.writeId ?? uuid();
      if (bake.writeId === null) dispatch(sending({ id, writeId }));
      const { kitchenId, version, data } = bake;
      const result = await dispatch(
        api.endpoints.putBake.initiate({ kitchenId, id, writeId, version, data }),
      );
      if ('data' in result && result.data) {
        dispatch(acknowledged({ id, version: result.data.version, writeId }));
      } else {
        const refusal = refusalFrom('error' in result ? (result.error as never) : undefined);
        dispatch(refused({ id, refusal }));
        if (!PASSING.has(refusal.code)) return;
        await delay(AGAIN_MS);
      }
    }
  } finally {
    underWay.delete(id);
  }
}

start({
  predicate: (action) => begun.match(action) || noted.match(action) || mineKept.match(action),
  effect: async (action, of) => {
    const payload = (action as ReturnType<typeof noted> | ReturnType<typeof mineKept>).payload;
    const id = typeof payload === 'string' ? payload : payload.id;
    await send(
      id,
      () => of.getState(),
      of.dispatch,
      (ms) => of.delay(ms),
    );
  },
});

/** After a reload: sends what was left unsent. */
export function resumeSending(dispatch: AppDispatch, getState: () => RootState): void {
  const wait = (ms: number) => new Promise<void>((resolve) => setTimeout(resolve, ms));
  for (const [id, bake] of Object.entries(getState().bakes)) {
    if (bake.unsent) void send(id, getState, dispatch, wait);
  }
}
