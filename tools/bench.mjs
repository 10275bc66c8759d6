// `npm run bench`: speed and accuracy of a forecast in Node, and of the screen in Chromium.
import { join } from 'node:path';
import { ensureDebianPackages, ensureNpmPackages } from './packages.mjs';
import { DATA, main, must, ROOT, say } from './shell.mjs';

await main(async () => {
  await ensureNpmPackages();
  await ensureDebianPackages({ mariadbd: 'mariadb-server', chromium: 'chromium' });
  say('The core, in Node');
  // Bundled as the product is: a loader that keeps names would slow the inner loops.
  const { build } = await import('esbuild');
  const outfile = join(DATA, 'bench/forecast.cjs');
  await build({
    entryPoints: [join(ROOT, 'core/bench/forecast.ts')],
    outfile,
    bundle: true,
    platform: 'node',
    logLevel: 'warning',
  });
  await must(process.execPath, [outfile]);
  say('The screen, in Chromium at 390x844');
  const { default: setUp, PORT } = await import('../e2e/global-setup.mjs');
  const tearDown = await setUp();
  try {
    const { benchSliders } = await import('../e2e/bench/slider.mjs');
    const found = await benchSliders(`http://127.0.0.1:${PORT}`);
    for (const [what, value] of Object.entries(found)) console.log(`${what.padEnd(62)} ${value}`);
  } finally {
    await tearDown();
  }
});
