import type { RequestHandler } from 'express';
import type { Changes } from '../services/changes';
import { idFrom, type MustExist } from './resource';

/** So often something is sent though nothing has changed, ms: what lies between would take silence for the end. */
const BEAT_MS = 15_000;
/** So soon the browser tries again when it has lost us, ms. */
const AGAIN_MS = 1000;

/** What changes in a kitchen, told as it happens. Source of the form: server-sent events, WHATWG HTML. */
export const eventsRoute =
  (changes: Pick<Changes, 'listen'>, kitchenMustExist: MustExist): RequestHandler =>
  async (request, response) => {
    const kitchenId = idFrom(request, 'kitchenId', 'kitchen');
    await kitchenMustExist(kitchenId);
    response.writeHead(200, { 'Content-Type': 'text/event-stream', 'X-Accel-Buffering': 'no' });
    response.write(`retry: ${AGAIN_MS}\n\n`);
    const quiet = changes.listen(
      kitchenId,
      (change) => response.write(`data: ${JSON.stringify(change)}\n\n`),
      () => response.end(),
    );
    const beat = setInterval(() => response.write(':\n\n'), BEAT_MS);
    response.on('close', () => {
      clearInterval(beat);
      quiet();
    });
  };
