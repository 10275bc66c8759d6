// Type-checks every room, or those that are named; each has its own settings.
import { join } from 'node:path';
import { bin, DATA, main, ROOMS, run, Trouble } from './shell.mjs';

// The native compiler is six times as fast; lint and Expo still want the one that is written in JavaScript.
const TSC = bin('typescript-native/bin/tsc');

/** What was found the last time, so that only what changed is checked again. */
const remembered = (room) => [
  '--incremental',
  '--tsBuildInfoFile',
  join(DATA, 'types', `${room}.tsbuildinfo`),
];

await main(async () => {
  const failed = [];
  const named = process.argv.slice(2);
  for (const room of named.length > 0 ? named : [...ROOMS, 'e2e']) {
    if ((await run(process.execPath, [TSC, '-p', room, ...remembered(room)])) !== 0)
      failed.push(room);
  }
  if (failed.length > 0) throw new Trouble(`Types do not hold in ${failed.join(', ')}`);
});
