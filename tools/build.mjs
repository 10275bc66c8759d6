// Builds the server and exports the client, each only when something it is made of has changed.
import {
  copyFileSync,
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  writeFileSync,
} from 'node:fs';
import { createHash } from 'node:crypto';
import { createRequire } from 'node:module';
import { join, relative } from 'node:path';
import { pathToFileURL } from 'node:url';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';
import { hashOf, main, must, ROOT, say } from './shell.mjs';

const SHARED = ['core/src', 'contract/src', 'words/src', 'package-lock.json', 'tools/build.mjs'];

async function whenChanged(what, sources, stamp, build) {
  const wanted = hashOf([...sources, ...SHARED]);
  const file = join(ROOT, stamp);
  if (existsSync(file) && readFileSync(file, 'utf8') === wanted) return;
  say(`Building the ${what}`);
  await build();
  writeFileSync(file, wanted);
}

/** How the server is bundled: its own rooms in, every package left outside. */
export const SERVER_BUILD = {
  // The server, and the threads that draw its cards and plan its calendars.
  entryPoints: [
    join(ROOT, 'server/src/main.ts'),
    join(ROOT, 'server/src/card/worker.ts'),
    join(ROOT, 'server/src/calendar/worker.ts'),
  ],
  outdir: join(ROOT, 'server/dist'),
  outbase: join(ROOT, 'server/src'),
  bundle: true,
  platform: 'node',
  format: 'esm',
  target: 'node20',
  sourcemap: true,
  packages: 'external',
  alias: {
    '@hollow-moon/core/planning': join(ROOT, 'core/planning.ts'),
    '@hollow-moon/contract/planning': join(ROOT, 'contract/planning.ts'),
    '@hollow-moon/core': join(ROOT, 'core/src/index.ts'),
    '@hollow-moon/contract': join(ROOT, 'contract/src/index.ts'),
    '@hollow-moon/words': join(ROOT, 'words/src/index.ts'),
  },
  logLevel: 'warning',
};

export async function buildServer() {
  await whenChanged('server', ['server/src'], 'server/dist/.built-from', async () => {
    mkdirSync(join(ROOT, 'server/dist'), { recursive: true });
    const esbuild = await import('esbuild');
    await esbuild.build(SERVER_BUILD);
  });
}

const CLIENT_SOURCES = [
  'client/app',
  'client/src',
  'client/assets',
  'client/public',
  'client/app.json',
  'client/babel.config.js',
  'client/metro.config.js',
  'client/tailwind.config.js',
];

/** The Expo CLI's own file: started through npx it would leave a child behind. */
export const EXPO_CLI = join(ROOT, 'node_modules/expo/bin/cli');
export const EXPO_ENV = { EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1', CI: '1' };

/** Files of the client that a device keeps: all that a page needs but the solver, which is fetched when it is asked for. */
const KEPT = /\.(?:js|css|html|ttf|png|svg|ico|webmanifest)$/;

/** Bundles what keeps the application on a device, with the list of all files of this version in it. */
async function layServiceWorker(folder) {
  const files = readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile() && KEPT.test(entry.name))
    .map((entry) => relative(folder, join(entry.parentPath ?? entry.path, entry.name)))
    .filter((name) => !name.startsWith('solver/') && name !== 'sw.js')
    .sort();
  const precache = files.map((name) => ({
    url: `/${name}`,
    // What is exported carries a hash in its name.
    revision: /^(?:_expo|assets)\//.test(name)
      ? null
      : createHash('sha256')
          .update(readFileSync(join(folder, name)))
          .digest('hex')
          .slice(0, 20),
  }));
  const esbuild = await import('esbuild');
  await esbuild.build({
    entryPoints: [join(ROOT, 'client/src/offline/serviceWorker.ts')],
    outfile: join(folder, 'sw.js'),
    bundle: true,
    minify: true,
    format: 'iife',
    target: 'es2022',
    define: { PRECACHE: JSON.stringify(precache), 'process.env.NODE_ENV': '"production"' },
    logLevel: 'warning',
  });
}

/** Lays a Brotli and a gzip copy beside each text of a folder, which the server sends in its place. */
function compressTexts(folder) {
  for (const entry of readdirSync(folder, { recursive: true, withFileTypes: true })) {
    if (!entry.isFile() || !/\.(?:js|css|html|json|svg|ttf|wasm)$/.test(entry.name)) continue;
    const file = join(entry.parentPath ?? entry.path, entry.name);
    const text = readFileSync(file);
    const params = {
      // The last percent of the solver's many megabytes would take half a minute.
      [constants.BROTLI_PARAM_QUALITY]: text.length > 5e6 ? 6 : constants.BROTLI_MAX_QUALITY,
      [constants.BROTLI_PARAM_SIZE_HINT]: text.length,
    };
    writeFileSync(`${file}.br`, brotliCompressSync(text, { params }));
    writeFileSync(`${file}.gz`, gzipSync(text, { level: 9 }));
  }
}

/** The solver's own files, as they are: it fetches them itself when a plan is to be proved. */
function laySolver(folder) {
  const { resolve } = createRequire(join(ROOT, 'core/package.json'));
  mkdirSync(folder, { recursive: true });
  for (const name of ['minizinc-worker.js', 'minizinc.wasm', 'minizinc.data']) {
    copyFileSync(resolve(`minizinc/${name}`), join(folder, name));
  }
}

export async function buildClient() {
  await whenChanged(
    'client (about a minute the first time)',
    CLIENT_SOURCES,
    'client/dist/.built-from',
    async () => {
      await must(
        process.execPath,
        [EXPO_CLI, 'export', '--platform', 'web', '--output-dir', 'dist'],
        { cwd: join(ROOT, 'client'), env: { ...EXPO_ENV, NODE_ENV: 'production' } },
      );
      laySolver(join(ROOT, 'client/dist/solver'));
      await layServiceWorker(join(ROOT, 'client/dist'));
      compressTexts(join(ROOT, 'client/dist'));
    },
  );
}

if (process.argv[1] && import.meta.url === pathToFileURL(process.argv[1]).href) {
  await main(async () => {
    await buildServer();
    await buildClient();
  });
}
