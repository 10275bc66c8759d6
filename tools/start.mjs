// `npm start`: sets up whatever is missing, then serves application and API until told to stop.
import { join } from 'node:path';
import { buildClient, buildServer } from './build.mjs';
import { endOf, isFree, startDatabase } from './database.mjs';
import { ensureDebianPackages, ensureNpmPackages } from './packages.mjs';
import { DATA, main, say, Trouble } from './shell.mjs';
import { startServer } from './serve.mjs';
import { supervise } from './supervise.mjs';

/** Whoever holds the port: ourselves from another terminal, or something else. */
async function refuseTakenPort(port) {
  if (await isFree(port)) return;
  const address = `http://127.0.0.1:${port}`;
  const health = await fetch(`${address}/api/health`, { signal: AbortSignal.timeout(2000) })
    .then((response) => response.json())
    .catch(() => undefined);
  throw new Trouble(
    health && 'database' in health
      ? `Hollow Moon is running already, at ${address}`
      : `Port ${port} is taken. Choose another: HOLLOW_MOON_PORT=8090 npm start`,
  );
}

await main(async () => {
  const port = Number(process.env.HOLLOW_MOON_PORT ?? 8080);
  if (!(Number.isInteger(port) && port > 0 && port < 65536)) {
    throw new Trouble('HOLLOW_MOON_PORT must be a number from 1 to 65535.');
  }
  // Asked first: a second start must not touch the database of the first.
  await refuseTakenPort(port);
  const given = process.env.HOLLOW_MOON_DATABASE_URL;
  await ensureNpmPackages();
  if (!given) await ensureDebianPackages({ mariadbd: 'mariadb-server' });
  await buildServer();
  await buildClient();
  if (given) say('Using the database of HOLLOW_MOON_DATABASE_URL');
  let url = given;
  let database;
  let server;
  let wanted = true;
  const stop = async (signal) => {
    if (!wanted) return;
    wanted = false;
    say(`${signal}: finishing open requests`);
    await server?.stop();
    await database?.stop();
    say('Stopped');
    process.exit(0);
  };
  process.on('SIGINT', () => void stop('Stopping'));
  process.on('SIGTERM', () => void stop('Stopping'));
  process.on('SIGHUP', () => void stop('Stopping'));
  if (!given) {
    database = await supervise('The database', async () => {
      const started = await startDatabase(join(DATA, 'mariadb'));
      // The server goes on with the address it was given: a database that starts again keeps its port.
      url = started.url;
      return { ended: endOf(started.pid), stop: started.stop };
    });
  }
  try {
    server = await supervise('The server', () => startServer({ url, port }));
    say('Press Ctrl-C to stop');
  } catch (cause) {
    await database?.stop();
    throw cause;
  }
});
