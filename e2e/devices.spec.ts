/** A probe that reads by itself: what the stand-in says, and what the application makes of it. */
import { expect, type Page } from '@playwright/test';
import { spawn } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import { between, cyclingOven, probeOf } from '../tools/devices/signal.mjs';
import { serveDevice } from '../tools/devices/serve.mjs';
import { figure, FORMULA, openFormula } from './kitchen';
import { test } from './warm';

const PORT = 17420;
const ADDRESS = `ws://127.0.0.1:${PORT}/stream`;

test.describe('the stand-in', () => {
  const steady = { lagS: 0, noiseK: 0, driftKPerH: 0, gapShare: 0, gapS: 20, seed: 1 };
  const every = (probe: (timeS: number) => number | undefined, stepS: number, untilS: number) =>
    Array.from({ length: untilS / stepS + 1 }, (_, index) => probe(index * stepS));

  // First order: after one time constant 1 - 1/e of a step has been followed, 63 of 100 K.
  test('follows a step with its lag', () => {
    const probe = probeOf((timeS: number) => (timeS > 0 ? 100 : 0), { ...steady, lagS: 10 });
    const read = every(probe, 1, 30) as number[];
    expect(read[10]).toBeGreaterThan(100 * (1 - Math.exp(-1)) - 0.5);
    expect(read[10]).toBeLessThan(100 * (1 - Math.exp(-1)) + 0.5);
  });

  test('has the noise and the drift it is said to have', () => {
    const probe = probeOf(() => 60, { ...steady, noiseK: 0.5, driftKPerH: 2 });
    const read = every(probe, 1, 3600) as number[];
    const off = read.map((celsius, timeS) => celsius - 60 - (2 * timeS) / 3600);
    const mean = off.reduce((sum, each) => sum + each, 0) / off.length;
    const spread = Math.sqrt(off.reduce((sum, each) => sum + each ** 2, 0) / off.length);
    expect(Math.abs(mean)).toBeLessThan(0.05);
    expect(Math.abs(spread - 0.5)).toBeLessThan(0.03);
  });

  test('drops out for the share of time it is said to, and the same for the same seed', () => {
    const probe = () => probeOf(() => 60, { ...steady, gapShare: 0.1, noiseK: 0.3 });
    const read = every(probe(), 2, 36_000);
    const gone = read.filter((celsius) => celsius === undefined).length / read.length;
    expect(gone).toBeGreaterThan(0.06);
    expect(gone).toBeLessThan(0.14);
    expect(every(probe(), 2, 36_000)).toEqual(read);
  });

  test('reads between the times of a table, and an oven cycles about its setting', () => {
    const table = [
      [0, 20],
      [100, 30],
    ];
    expect([-5, 0, 25, 100, 200].map((timeS) => between(table, timeS))).toEqual([
      20, 20, 22.5, 30, 30,
    ]);
    const air = cyclingOven({ setC: 140, swingK: 5, everyS: 400 });
    expect([0, 100, 200, 300].map((timeS) => Math.round(air(timeS)))).toEqual([140, 145, 140, 135]);
  });

  test('begins by a command, with a bake in an oven that gives less', async ({ page }) => {
    const root = fileURLToPath(new URL('..', import.meta.url));
    const port = String(PORT + 1);
    const child = spawn(
      process.execPath,
      [
        'tools/device.mjs',
        'probe',
        '--port',
        port,
        '--colder',
        '12',
        '--from',
        '20',
        '--each',
        '0.2',
      ],
      { cwd: root },
    );
    try {
      let said = '';
      child.stdout.on('data', (chunk: Buffer) => (said += chunk.toString()));
      await expect.poll(() => said, { timeout: 60_000 }).toContain(`ws://127.0.0.1:${port}/stream`);
      const device = await (await fetch(`http://127.0.0.1:${port}/device`)).json();
      expect(device).toMatchObject({ protocol: 'hollow-moon/device', version: 1 });
      await page.goto('/');
      const told = await page.evaluate(
        (address) =>
          new Promise<{ channel?: string; celsius?: number }[]>((done) => {
            const heard: { channel?: string; celsius?: number }[] = [];
            const socket = new WebSocket(address);
            socket.onmessage = ({ data }: MessageEvent<string>) => {
              heard.push(JSON.parse(data) as { channel?: string });
              if (heard.length > 20) done(heard);
            };
          }),
        `ws://127.0.0.1:${port}/stream`,
      );
      // Twenty minutes into a custard tart: warm, and not done.
      const { celsius } = told.find(({ channel }) => channel === 'centre')!;
      expect(celsius).toBeGreaterThan(50);
      expect(celsius).toBeLessThan(80);
    } finally {
      child.kill('SIGTERM');
    }
  });
});

async function begin(page: Page): Promise<void> {
  await page.clock.install();
  await openFormula(page, FORMULA.bay);
  await page.getByTestId('bake-it').click();
  await expect(page.getByTestId('bake-says')).toHaveText(/^Look in \d+ min$/);
  await page.getByTestId('live-probe').click();
}

test('a probe is read, noted and believed; lost, it is said and found again', async ({ page }) => {
  test.slow();
  await begin(page);
  await page.clock.fastForward('15:00');
  const foreseen = await figure(page.getByTestId('probe-now'));
  const probe = {
    name: 'Test probe',
    channels: [
      { id: 'a', name: 'Centre' },
      { id: 'b', name: 'Oven air' },
    ],
    read: () => ({ a: foreseen - 5, b: 139 }),
    everyMs: 200,
    port: PORT,
  };
  let device = await serveDevice(probe);
  await page.getByTestId('probe-address').fill(ADDRESS);
  await page.getByTestId('connect-probe').click();
  await expect(page.getByTestId('probe-state')).toHaveText('Connected: Test probe');
  await expect(page.getByTestId('channel-a')).toContainText(`${foreseen - 5}`);
  await expect(page.getByTestId('place-of-b')).toHaveValue('oven');
  // Noted at once, and again after five minutes; believed like a reading by hand.
  const readings = page.getByRole('button', { name: /^Delete: Centre/ });
  await expect(readings).toHaveCount(1);
  await expect(page.getByTestId('learnt')).toBeVisible({ timeout: 60_000 });
  await page.clock.fastForward('05:05');
  await expect(readings).toHaveCount(2);
  await device.stop();
  await expect(page.getByTestId('probe-state')).toContainText('Lost');
  await page.clock.fastForward('00:20');
  await expect(page.getByText(/^nothing for \d+ s$/).first()).toBeVisible();
  await page.clock.fastForward('05:05');
  // What is not heard is not noted.
  await expect(readings).toHaveCount(2);
  device = await serveDevice(probe);
  await page.clock.fastForward('00:20');
  await expect(page.getByTestId('probe-state')).toHaveText('Connected: Test probe');
  await expect(readings).toHaveCount(3);
  await device.stop();
});

test('what is no probe, and no address, is said to be none', async ({ page }) => {
  await begin(page);
  await page.getByTestId('probe-address').fill('http://somewhere/else');
  await expect(page.getByText(/An address looks like ws:/)).toBeVisible();
  await expect(page.getByTestId('connect-probe')).toBeDisabled();
  const other = await serveDevice({
    name: 'x',
    channels: [],
    read: () => ({}),
    everyMs: 1000,
    port: PORT,
  });
  await page.getByTestId('probe-address').fill(ADDRESS);
  await page.getByTestId('connect-probe').click();
  await expect(page.getByTestId('probe-state')).toContainText('that is no probe');
  await other.stop();
});
