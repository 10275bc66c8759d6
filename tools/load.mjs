// `npm run load [seconds] [connections] [route]`: reads of a kitchen at 50 and 200 connections, each beside a bare Express route that asks the same
// of the same database, in turns. Errors, medians and 97.5 % percentiles, and their ratios.
import { spawn } from 'node:child_process';
import { mkdirSync, rmSync, mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { buildServer, SERVER_BUILD } from './build.mjs';
import { startDatabase } from './database.mjs';
import { startServer } from './serve.mjs';
import { ensureDebianPackages, ensureNpmPackages } from './packages.mjs';
import { DATA, main, ROOT, say, Trouble } from './shell.mjs';

const PORT = 18086;
const BARE_PORT = 18087;
const KITCHEN = '/api/kitchens/00000000-0000-4000-8000-000100000001';
const ROUTES = ['formulas', 'ovens', 'bakes'];
const CONNECTIONS = [50, 200];
/** Each is measured in so many turns, so that a busy moment of the machine falls on both. */
const TURNS = 3;

async function startBare(url) {
  const folder = join(DATA, 'load');
  mkdirSync(folder, { recursive: true });
  const esbuild = await import('esbuild');
  const outfile = join(folder, 'bare.mjs');
  await esbuild.build({
    ...SERVER_BUILD,
    entryPoints: [join(ROOT, 'server/bench/bare.ts')],
    outdir: undefined,
    outbase: undefined,
    outfile,
  });
  const child = spawn(process.execPath, [outfile], {
    cwd: ROOT,
    stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
    env: { ...process.env, HOLLOW_MOON_DATABASE_URL: url, HOLLOW_MOON_PORT: String(BARE_PORT) },
  });
  await new Promise((resolve, reject) => {
    child.once('message', resolve);
    child.once('exit', () => reject(new Trouble('The bare server ended before it was ready.')));
  });
  return child;
}

const median = (values) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)];

await main(async () => {
  const [seconds = 10, only, route] = process.argv.slice(2);
  const routes = route ? [route] : ROUTES;
  const counts = only ? [Number(only)] : CONNECTIONS;
  await ensureNpmPackages();
  await ensureDebianPackages({ mariadbd: 'mariadb-server' });
  const { default: autocannon } = await import('autocannon');
  await buildServer();
  const folder = mkdtempSync(join(tmpdir(), 'hollow-moon-load-'));
  const database = await startDatabase(join(folder, 'mariadb'));
  const server = await startServer({ url: database.url, port: PORT, quiet: true });
  const bare = await startBare(database.url);
  const run = async (port, route, connections) => {
    const result = await autocannon({
      url: `http://127.0.0.1:${port}${KITCHEN}/${route}`,
      connections,
      duration: Number(seconds),
    });
    return {
      p50: result.latency.p50,
      late: result.latency.p97_5,
      perSecond: result.requests.average,
      errors: result.errors + result.timeouts + result.non2xx,
    };
  };
  try {
    let errors = 0;
    for (const route of routes) {
      for (const connections of counts) {
        const turns = { ours: [], bare: [] };
        for (let turn = 0; turn < TURNS; turn += 1) {
          turns.bare.push(await run(BARE_PORT, route, connections));
          turns.ours.push(await run(PORT, route, connections));
        }
        const of = (who, what) => median(turns[who].map((each) => each[what]));
        errors += turns.ours.reduce((sum, each) => sum + each.errors, 0);
        const ratio = (what) => (of('ours', what) / of('bare', what)).toFixed(2);
        say(
          `${route}, ${connections} connections: median ${of('ours', 'p50')} ms (bare ${of('bare', 'p50')}, ratio ${ratio('p50')}), ` +
            `97.5 % under ${of('ours', 'late')} ms (bare ${of('bare', 'late')}, ratio ${ratio('late')}), ` +
            `${Math.round(of('ours', 'perSecond'))} a second (bare ${Math.round(of('bare', 'perSecond'))})`,
        );
      }
    }
    say(`${errors} errors`);
    if (errors > 0) process.exitCode = 1;
  } finally {
    bare.kill();
    await server.stop();
    await database.stop();
    rmSync(folder, { recursive: true, force: true });
  }
});
