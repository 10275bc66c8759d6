import { spawnSync } from 'node:child_process'; import { startTestDatabase } from './test-database.mjs';
const db = await startTestDatabase();
spawnSync('node_modules/.bin/jest', ['--selectProjects', 'server', '--json', '--outputFile=/tmp/w/sj.json', ...process.argv.slice(2)], { env: { ...process.env, HOLLOW_MOON_TEST_DATABASE_URL: db.url }, stdio: 'ignore' });
await db.stop();
