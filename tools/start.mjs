// `npm start`: sets up whatever is missing, then serves application and API until told to stop.
import { join } from 'node:path';
import { buildClient, buildServer } from './build.mjs';
import { isFree, startDatabase } from './database.mjs';
import { ensureDebianPackages, ensureNpmPackages } from './packages.mjs';
import { DATA, main, say, Trouble } from './shell.mjs';
import { startServer } from './serve.mjs';

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
  const database = given ? undefined : await startDatabase(join(DATA, 'mariadb'));
  let wanted = true;
  let server;
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
  try {
    server = await startServer({ url: given ?? database.url, port });
    say('Press Ctrl-C to stop');
    const code = await server.ended;
    if (wanted) {
      await database?.stop();
      process.exitCode = code;
    }
  } catch (cause) {
    await database?.stop();
    throw cause;
  }
});
