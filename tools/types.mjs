// Type-checks every room; each has its own settings.
import { join } from 'node:path';
import { main, ROOT, run, Trouble } from './shell.mjs';

const ROOMS = ['core', 'contract', 'words', 'server', 'client', 'e2e'];
const TSC = join(ROOT, 'node_modules/typescript/bin/tsc');

await main(async () => {
  const failed = [];
  for (const room of ROOMS) {
    if ((await run(process.execPath, [TSC, '-p', room])) !== 0) failed.push(room);
  }
  if (failed.length > 0) throw new Trouble(`Types do not hold in ${failed.join(', ')}`);
});
