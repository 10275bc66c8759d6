// `npm run forecast -- case.json [--csv]`: computes a bake case and prints what it comes to.
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ensureNpmPackages } from './packages.mjs';
import { fromRooms } from './rooms.mjs';
import { main, ROOT, Trouble } from './shell.mjs';

/** What it takes of each room. */
const ROOMS = `
export { fromBakeCase, resultToCsv } from '@hollow-moon/contract';
export { runBakeCase } from '@hollow-moon/core';
export { wordsIn } from '@hollow-moon/words';
`;

await main(async () => {
  const files = process.argv.slice(2).filter((each) => !each.startsWith('--'));
  const csv = process.argv.includes('--csv');
  if (files.length !== 1) {
    throw new Trouble(
      'Name one bake case: npm run forecast -- case.json [--csv]. See docs/bake-case.md.',
    );
  }
  // What is printed is the answer and nothing else, so a set-up that is there is not looked over.
  if (!existsSync(join(ROOT, 'node_modules/esbuild'))) await ensureNpmPackages();
  const { fromBakeCase, resultToCsv, runBakeCase, wordsIn } = await fromRooms('forecast', ROOMS);
  const found = fromBakeCase(readFileSync(files[0], 'utf8'));
  if (!found.ok) {
    const { path } = found.problem;
    const says = wordsIn('C').tell(found.problem);
    throw new Trouble(path ? `${path}: ${says}` : says);
  }
  const result = runBakeCase(found.value);
  process.stdout.write(csv ? resultToCsv(result) : `${JSON.stringify(result, null, 2)}\n`);
});
