// `npm run practice`: bakes as cooks bake them, what is foreseen of each, and the score.
import { runCoreScript } from './core-script.mjs';
import { ensureNpmPackages } from './packages.mjs';
import { main } from './shell.mjs';

await main(async () => {
  await ensureNpmPackages();
  await runCoreScript('practice');
});
