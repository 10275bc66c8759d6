// `npm run device -- probe | oven | replay file.csv`: a simulated device to read from, on loopback. See docs/devices.md.
import { existsSync, readFileSync } from 'node:fs';
import { basename, join } from 'node:path';
import { parseArgs } from 'node:util';
import { between, cyclingOven, probeOf } from './devices/signal.mjs';
import { ensureNpmPackages } from './packages.mjs';
import { fromRooms } from './rooms.mjs';
import { main, ROOT, say, Trouble } from './shell.mjs';

const ROOMS = `
export { fromBakeCase, probeRecord, probeTable } from '@hollow-moon/contract';
export { runBakeCase } from '@hollow-moon/core';
`;

const rooms = () => fromRooms('device', ROOMS);

const textOf = (file) => {
  try {
    return readFileSync(file, 'utf8');
  } catch {
    throw new Trouble(`${file} cannot be read.`);
  }
};

/** The bake of a case in an oven that gives so much less than it says, as each of its probes would read it. */
async function bakedCase(file, colderK) {
  const { fromBakeCase, runBakeCase } = await rooms();
  const found = fromBakeCase(textOf(file));
  if (!found.ok) throw new Trouble(`${file} is no bake case (docs/bake-case.md).`);
  const colder = (face) =>
    face && {
      ...face,
      ...(face.airC > 100 ? { airC: face.airC - colderK } : {}),
      ...(face.wallC > 100 ? { wallC: face.wallC - colderK } : {}),
    };
  const stages = found.value.stages.map((stage) => ({
    ...stage,
    top: colder(stage.top),
    side: colder(stage.side),
    base: colder(stage.base),
  }));
  const endS = stages.at(-1).untilS;
  const outputTimesS = Array.from({ length: Math.floor(endS / 30) + 1 }, (_, index) => index * 30);
  const { timesS, probes } = runBakeCase({ ...found.value, stages, outputTimesS });
  return probes.map(({ name, temperatureC }) => ({
    name,
    points: timesS.map((at, index) => [at, temperatureC[index]]),
  }));
}

const KINDS = {
  async probe(given, options) {
    const file = options.case ?? join(ROOT, 'docs/cases/tart.json');
    const baked = await bakedCase(file, Number(options.colder));
    const probes = baked.map(({ points }, index) =>
      probeOf((timeS) => between(points, timeS), {
        lagS: Number(options.lag),
        noiseK: Number(options.noise),
        driftKPerH: Number(options.drift),
        gapShare: Number(options.gaps),
        gapS: 20,
        seed: Number(options.seed) + index,
      }),
    );
    return {
      name: 'Simulated probe',
      channels: baked.map(({ name }) => ({ id: name, name })),
      read: (timeS) =>
        Object.fromEntries(baked.map(({ name }, index) => [name, probes[index](timeS)])),
    };
  },
  oven(given, options) {
    const air = cyclingOven({
      setC: Number(options.set),
      swingK: Number(options.swing),
      everyS: 60 * Number(options.every),
    });
    return {
      name: 'Simulated oven',
      channels: [{ id: 'oven', name: 'Oven' }],
      read: (timeS) => ({ oven: air(timeS) }),
    };
  },
  async replay([file]) {
    if (!file) throw new Trouble('Name the record: npm run device -- replay record.csv');
    const { probeRecord, probeTable } = await rooms();
    const table = probeTable(textOf(file));
    const record = table.ok ? probeRecord(table.value, table.value.reading) : table;
    if (!record.ok) throw new Trouble(`${file} has no readings with their times.`);
    const { points } = record.value;
    return {
      name: basename(file),
      channels: [{ id: 'record', name: 'Record' }],
      // After its last reading there is nothing to read.
      read: (timeS) => (timeS > points.at(-1)[0] ? {} : { record: between(points, timeS) }),
    };
  },
};

await main(async () => {
  const { values, positionals } = parseArgs({
    allowPositionals: true,
    options: {
      port: { type: 'string', default: '7420' },
      from: { type: 'string', default: '0' },
      each: { type: 'string', default: '2' },
      case: { type: 'string' },
      colder: { type: 'string', default: '0' },
      noise: { type: 'string', default: '0.3' },
      lag: { type: 'string', default: '8' },
      drift: { type: 'string', default: '0.5' },
      gaps: { type: 'string', default: '0.02' },
      seed: { type: 'string', default: '1' },
      set: { type: 'string', default: '140' },
      swing: { type: 'string', default: '5' },
      every: { type: 'string', default: '7' },
    },
  });
  const [kind, ...given] = positionals;
  if (!Object.hasOwn(KINDS, kind ?? '')) {
    throw new Trouble(
      'Say which: npm run device -- probe, oven, or replay record.csv. See docs/devices.md.',
    );
  }
  // A device that is set up already begins at once.
  if (!existsSync(join(ROOT, 'node_modules/esbuild'))) await ensureNpmPackages();
  const { serveDevice } = await import('./devices/serve.mjs');
  const device = await KINDS[kind](given, values);
  const { address, stop } = await serveDevice({
    ...device,
    everyMs: 1000 * Number(values.each),
    fromS: 60 * Number(values.from),
    port: Number(values.port),
  });
  say(`${device.name} is at ${address}`);
  say('Press Ctrl-C to stop');
  for (const signal of ['SIGINT', 'SIGTERM'])
    process.on(signal, () => void stop().then(() => process.exit(0)));
});
