import { readFileSync, existsSync } from 'node:fs';
import { createServer } from 'node:http';
import { fileURLToPath } from 'node:url';
import { LOOPBACK_NAMES } from './access';
import { createApp } from './app';
import type { CalendarAsk } from './calendar/worker';
import type { CardAsk } from './card/worker';
import { migrate } from './database/migrate';
import { closeDatabase, openDatabase } from './database/pool';
import { loadDemo } from './demo/load';
import { createChanges } from './services/changes';
import { createThreads } from './threads/threads';

/** Until there is a sign-in, only this machine may ask. */
const HOST = '127.0.0.1';
/** How long open requests may take to finish once the server is told to stop. */
const DRAIN_MS = 8000;

const pathOf = (relative: string) => fileURLToPath(new URL(relative, import.meta.url));

const url = process.env.HOLLOW_MOON_DATABASE_URL;
if (!url) throw new Error('HOLLOW_MOON_DATABASE_URL is not set; start with `npm start`');
const port = Number(process.env.HOLLOW_MOON_PORT ?? 8080);
/** Other names under which this machine is reached, as through a proxy of its own. */
const otherHosts = (process.env.HOLLOW_MOON_HOSTS ?? '').split(',').flatMap((name) => {
  const plain = name.trim().toLowerCase();
  return plain ? [plain] : [];
});
const print = (text: string) => process.stdout.write(`${text}\n`);

const ran = await migrate(url, pathOf('../migrations'));
if (ran.length > 0) print(`Database brought up to date: ${ran.join(', ')}`);
const database = openDatabase(url);
if (await loadDemo(database, () => new Date())) print('Demonstration kitchen loaded: Lantern Row');

const clientFolder = pathOf('../../client/dist');
const { version } = JSON.parse(readFileSync(pathOf('../../package.json'), 'utf8')) as {
  version: string;
};
/** A card takes a part of a second, a night of twelve bakes some seconds; what takes this long is given up, ms. */
const CARD_PATIENCE_MS = 20_000;
const CALENDAR_PATIENCE_MS = 60_000;
const cards = createThreads<CardAsk, Uint8Array>(pathOf('./card/worker.js'), CARD_PATIENCE_MS);
const calendars = createThreads<CalendarAsk, string>(
  pathOf('./calendar/worker.js'),
  CALENDAR_PATIENCE_MS,
);
const changes = createChanges();
const app = createApp({
  database,
  changes,
  version,
  now: () => new Date(),
  drawCards: cards.run,
  makeCalendar: calendars.run,
  hosts: [...LOOPBACK_NAMES, ...otherHosts],
  report: (cause) => console.error(cause),
  ...(existsSync(clientFolder) ? { clientFolder } : {}),
});
const server = createServer(app);
server.on('error', (cause: NodeJS.ErrnoException) => {
  console.error(
    cause.code === 'EADDRINUSE'
      ? `Port ${port} is taken. Choose another: HOLLOW_MOON_PORT=8090 npm start`
      : cause,
  );
  process.exit(1);
});
server.listen(port, HOST, () => {
  print(`Hollow Moon is at http://${HOST}:${port}`);
  process.send?.('ready');
});

let stopping = false;
function stop(): void {
  if (stopping) return;
  stopping = true;
  const giveUp = setTimeout(() => server.closeAllConnections(), DRAIN_MS);
  giveUp.unref();
  server.close(() => {
    void Promise.all([cards.close(), calendars.close(), closeDatabase(database)]).finally(() =>
      process.exit(0),
    );
  });
  // Whoever listens would never be idle.
  changes.end();
  server.closeIdleConnections();
}
process.on('SIGTERM', stop);
process.on('SIGINT', stop);
// Whoever started the server is gone: do not outlive them.
process.on('disconnect', stop);
