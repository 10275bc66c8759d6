import { createListenerMiddleware, isAnyOf } from '@reduxjs/toolkit';
import { refusalFrom } from '../wire/resources';
import { sendApi } from './send';
import { settled } from '../device/storage';
import type { AppDispatch, RootState } from '../state/state';
import {
  acknowledged,
  blended,
  insisted,
  isUnasked,
  nextToSend,
  notReached,
  overtaken,
  putsWithdrawn,
  putTogether,
  queued,
  refused,
  saysTheSame,
  sentAgain,
  staleOf,
  trying,
  unqueued,
  withdrawn,
  writeArrived,
} from './writes';

/** How long to wait before the book is tried again, ms; each time twice as long, up to the most. */
const AGAIN_MS = { first: 2000, most: 60_000 } as const;

/** Refusals that sending the same again may overcome. */
const PASSING: ReadonlySet<string> = new Set(['away', 'database-away', 'internal', 'busy']);

/** One tab at a time sends; the others see what it has done. */
const alone = <T>(work: () => Promise<T>): Promise<T> =>
  globalThis.navigator?.locks
    ? globalThis.navigator.locks.request('hollow-moon/outgoing', work)
    : work();

interface Store {
  readonly getState: () => RootState;
  readonly dispatch: AppDispatch;
}

/** Sends what waits, in order, until there is nothing more that can be sent. Made once for each store. */
function createSender() {
  let running = false;
  let more = false;
  let wake: () => void = () => undefined;

  /** Sends one write; says whether the book could be asked. */
  async function sendOne(
    write: NonNullable<ReturnType<typeof nextToSend>>,
    { dispatch }: Store,
  ): Promise<boolean> {
    const { id } = write;
    if (!write.tried) dispatch(trying(id));
    // Written down before it is sent: after a reload it must not be mistaken for one that nobody has sent.
    await settled();
    const result = await dispatch(sendApi.endpoints.send.initiate(write, { track: false }));
    if (result.error === undefined) {
      dispatch(acknowledged({ id, stored: result.data }));
      return true;
    }
    const refusal = refusalFrom(result.error);
    if (PASSING.has(refusal.code)) {
      dispatch(notReached(refusal));
      return false;
    }
    const current = staleOf({ refused: refusal });
    if (current && (isUnasked(write) || saysTheSame(write, current))) {
      dispatch(overtaken({ id, stored: current }));
      return true;
    }
    const data = current && putTogether(write, current);
    dispatch(
      data === undefined ? refused({ id, refusal }) : blended({ id, stored: current!, data }),
    );
    return true;
  }

  async function sendAll(store: Store): Promise<void> {
    let patienceMs: number = AGAIN_MS.first;
    for (;;) {
      const write = nextToSend(store.getState().outgoing);
      if (!write) return;
      const reached = await alone(async () => {
        // Another tab may have sent it while this one waited for its turn.
        const now = store.getState().outgoing.writes[write.id];
        return now ? sendOne(now, store) : true;
      });
      if (reached) {
        patienceMs = AGAIN_MS.first;
        continue;
      }
      await new Promise<void>((resolve) => {
        wake = resolve;
        setTimeout(resolve, patienceMs);
      });
      patienceMs = Math.min(2 * patienceMs, AGAIN_MS.most);
    }
  }

  return {
    /** Begins to send, or tries at once what waits for its time. */
    async send(store: Store): Promise<void> {
      wake();
      more = true;
      if (running) return;
      running = true;
      try {
        // What comes while the last look has found nothing is looked for once more.
        while (more) {
          more = false;
          await sendAll(store);
        }
      } finally {
        running = false;
      }
    },
  };
}

/** Sends what is written, as it is written. */
export function createSending() {
  const listener = createListenerMiddleware();
  const sender = createSender();
  const start = listener.startListening.withTypes<RootState, AppDispatch>();
  start({
    // What waited behind a write that is given up can go as well.
    matcher: isAnyOf(
      ...[queued, insisted, writeArrived, sentAgain, withdrawn, putsWithdrawn, unqueued],
    ),
    effect: (_, store) => sender.send(store),
  });
  return listener.middleware;
}
