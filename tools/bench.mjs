// `npm run bench`: speed and accuracy of a forecast in Node, and of the screen in Chromium.
import { runCoreScript } from './core-script.mjs';
import { ensureDebianPackages, ensureNpmPackages } from './packages.mjs';
import { main, say } from './shell.mjs';

await main(async () => {
  await ensureNpmPackages();
  await ensureDebianPackages({
    mariadbd: 'mariadb-server',
    'chromium-headless-shell': 'chromium-headless-shell',
  });
  say('The core, in Node');
  await runCoreScript('forecast');
  say('Plans drawn at random');
  await runCoreScript('randomPlans');
  say('What is read of a running bake');
  await runCoreScript('learning');
  say('A pasted list');
  await runCoreScript('reading');
  say('A plan of a day');
  await runCoreScript('day');
  say('A day bettered and proved by the solver');
  await runCoreScript('solver');
  say('Imports of texts made to be slow');
  await runCoreScript('imports', [], 'contract');
  say('The screen, in Chromium at 390x844');
  const { default: setUp, PORT } = await import('../e2e/global-setup.mjs');
  const tearDown = await setUp();
  try {
    const { benchSliders } = await import('../e2e/bench/slider.mjs');
    const { benchMove } = await import('../e2e/bench/move.mjs');
    const at = `http://127.0.0.1:${PORT}`;
    const found = { ...(await benchSliders(at)), ...(await benchMove(at)) };
    for (const [what, value] of Object.entries(found)) console.log(`${what.padEnd(62)} ${value}`);
  } finally {
    await tearDown();
  }
});
