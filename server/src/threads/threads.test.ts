/** The pool of threads over a worker of our own making: what it draws itself is tested with the card. */
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { CardAsk } from '../card/worker';
import { createThreads } from './threads';

const folder = mkdtempSync(join(tmpdir(), 'hollow-moon-card-'));
const file = join(folder, 'worker.mjs');
// An A4 card is never done; an A5 card is its size.
writeFileSync(
  file,
  `export default async ({ size }) => size === 'A4' ? new Promise((done) => setTimeout(done, 60_000)) : new TextEncoder().encode(size);`,
);
afterAll(() => rmSync(folder, { recursive: true }));

const ask = (size: CardAsk['size']) => ({ size, needs: {} }) as CardAsk;

it('draws in a thread, gives up what takes too long, and goes on', async () => {
  const pool = createThreads<Pick<CardAsk, 'size'>, Uint8Array>(file, 1500);
  try {
    expect(new TextDecoder().decode(await pool.run(ask('A5')))).toBe('A5');
    const hung = await Promise.allSettled([pool.run(ask('A4')), pool.run(ask('A4'))]);
    expect(hung).toMatchObject(
      Array(2).fill({ status: 'rejected', reason: { status: 503, body: { code: 'busy' } } }),
    );
    expect(new TextDecoder().decode(await pool.run(ask('A5')))).toBe('A5');
  } finally {
    await pool.close();
  }
});

it('takes no more than it can draw in reason', async () => {
  const pool = createThreads<Pick<CardAsk, 'size'>, Uint8Array>(file, 3000);
  try {
    const asked = Array.from({ length: 60 }, () => pool.run(ask('A4')));
    const refusedAtOnce = await Promise.race([
      Promise.any(asked.map((each) => each.catch((cause: Error) => cause.message))),
    ]);
    expect(refusedAtOnce).toMatch(/Other cards/);
    await Promise.allSettled(asked);
  } finally {
    await pool.close();
  }
});
