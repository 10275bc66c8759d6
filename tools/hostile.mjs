// `npm run hostile [requests] [seed]`: ten thousand requests made up out of sound ones, with a seed that is printed.
import { join } from 'node:path';
import { ensureDebianPackages, ensureNpmPackages } from './packages.mjs';
import { main, must, ROOT } from './shell.mjs';
import { startTestDatabase } from './test-database.mjs';

await main(async () => {
  await ensureNpmPackages();
  await ensureDebianPackages({ mariadbd: 'mariadb-server' });
  const [requests = '10000', seed = String(Date.now() % 1e9)] = process.argv.slice(2);
  const database = await startTestDatabase();
  try {
    await must(
      process.execPath,
      [
        join(ROOT, 'node_modules/jest/bin/jest.js'),
        ...['--selectProjects', 'server', '--testPathPattern', 'hostile', '--silent=false'],
      ],
      {
        env: {
          HOLLOW_MOON_TEST_DATABASE_URL: database.url,
          HOLLOW_MOON_HOSTILE: requests,
          HOLLOW_MOON_SEED: seed,
        },
      },
    );
  } finally {
    await database.stop();
  }
});
