// Type-checks every room; each has its own settings.
import { join } from 'node:path';
import { bin, DATA, main, ROOMS, run, Trouble } from './shell.mjs';

const TSC = bin('typescript/bin/tsc');

/** What was found the last time, so that only what changed is checked again. */
const remembered = (room) => [
  '--incremental',
  '--tsBuildInfoFile',
  join(DATA, 'types', `${room}.tsbuildinfo`),
];

await main(async () => {
  const failed = [];
  for (const room of [...ROOMS, 'e2e']) {
    if ((await run(process.execPath, [TSC, '-p', room, ...remembered(room)])) !== 0)
      failed.push(room);
  }
  if (failed.length > 0) throw new Trouble(`Types do not hold in ${failed.join(', ')}`);
});
