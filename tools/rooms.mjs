// What a command takes of the rooms of the house: bundled as the product is, and imported.
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { SERVER_BUILD } from './build.mjs';
import { DATA, ROOT } from './shell.mjs';

/** Imports what `contents`, a module that only exports from the rooms, gives; it is kept under `name`. */
export async function fromRooms(name, contents) {
  const { build } = await import('esbuild');
  const outfile = join(DATA, 'rooms', `${name}.mjs`);
  await build({
    ...SERVER_BUILD,
    entryPoints: undefined,
    stdin: { contents, resolveDir: ROOT, loader: 'ts' },
    outdir: undefined,
    outbase: undefined,
    outfile,
    packages: 'bundle',
    sourcemap: false,
  });
  return import(pathToFileURL(outfile).href);
}
