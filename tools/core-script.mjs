// Bundles a script of a room's bench as the product is bundled, and runs it: a loader that keeps names would slow the inner loops.
import { join } from 'node:path';
import { DATA, must, ROOT } from './shell.mjs';

export async function runCoreScript(name, args = [], room = 'core') {
  const { build } = await import('esbuild');
  const outfile = join(DATA, `bench/${name}.cjs`);
  await build({
    entryPoints: [join(ROOT, `${room}/bench/${name}.ts`)],
    outfile,
    bundle: true,
    platform: 'node',
    logLevel: 'warning',
  });
  await must(process.execPath, [outfile, ...args]);
}
