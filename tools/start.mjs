// `npm start`: sets up whatever is missing, then serves application and API until told to stop.
import { join } from 'node:path';
import { buildClient, buildServer } from './build.mjs';
import { startDatabase } from './database.mjs';
import { ensureDebianPackages, ensureNpmPackages } from './packages.mjs';
import { DATA, main, say } from './shell.mjs';
import { startServer } from './serve.mjs';

await main(async () => {
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
  try {
    server = await startServer({
      url: given ?? database.url,
      port: process.env.HOLLOW_MOON_PORT ?? 8080,
    });
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
