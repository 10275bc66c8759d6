// Type-checks every room; each has its own settings.
import { bin, main, ROOMS, run, Trouble } from './shell.mjs';

const TSC = bin('typescript/bin/tsc');

await main(async () => {
  const failed = [];
  for (const room of [...ROOMS, 'e2e']) {
    if ((await run(process.execPath, [TSC, '-p', room])) !== 0) failed.push(room);
  }
  if (failed.length > 0) throw new Trouble(`Types do not hold in ${failed.join(', ')}`);
});
