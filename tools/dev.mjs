// `npm run dev`: the client with fast refresh, the server restarted when its sources change.
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { EXPO_CLI, SERVER_BUILD } from './build.mjs';
import { startDatabase } from './database.mjs';
import { ensureDebianPackages, ensureNpmPackages } from './packages.mjs';
import { DATA, main, ROOT, say } from './shell.mjs';

await main(async () => {
  await ensureNpmPackages();
  await ensureDebianPackages({ mariadbd: 'mariadb-server' });
  const database = await startDatabase(join(DATA, 'mariadb'));
  const port = process.env.HOLLOW_MOON_PORT ?? '8080';
  // Bundled anew at each change of server, contract or core; node restarts what it runs.
  const esbuild = await import('esbuild');
  const bundling = await esbuild.context(SERVER_BUILD);
  await bundling.rebuild();
  await bundling.watch();
  const children = [
    spawn(
      process.execPath,
      ['--watch', '--enable-source-maps', join(SERVER_BUILD.outdir, 'main.js')],
      {
        cwd: ROOT,
        stdio: 'inherit',
        detached: true,
        env: { ...process.env, HOLLOW_MOON_DATABASE_URL: database.url, HOLLOW_MOON_PORT: port },
      },
    ),
    spawn(process.execPath, [EXPO_CLI, 'start', '--web', '--port', '8081'], {
      cwd: join(ROOT, 'client'),
      stdio: 'inherit',
      detached: true,
      env: {
        ...process.env,
        EXPO_OFFLINE: '1',
        EXPO_NO_TELEMETRY: '1',
        BROWSER: 'none',
        HOLLOW_MOON_API: `http://127.0.0.1:${port}`,
      },
    }),
  ];
  say('Client with fast refresh on http://127.0.0.1:8081, asking the server on its own port');
  const ended = children.map((child) => new Promise((resolve) => child.once('exit', resolve)));
  let wanted = true;
  const stop = async () => {
    if (!wanted) return;
    wanted = false;
    // Each child leads its own group: what it started ends with it.
    for (const child of children) if (child.exitCode === null) process.kill(-child.pid, 'SIGTERM');
    await Promise.all(ended);
    await bundling.dispose();
    await database.stop();
    process.exit(0);
  };
  process.on('SIGINT', () => void stop());
  process.on('SIGTERM', () => void stop());
  await Promise.race(ended);
  await stop();
});
