/** The start command itself: from nothing, after a kill, after a polite stop. */
import { expect, test } from '@playwright/test';
import mysql from 'mysql2/promise';
import { spawn, type ChildProcess } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { KITCHEN_API } from './kitchen';

const PORT = 18081;
const address = `http://127.0.0.1:${PORT}`;
const root = fileURLToPath(new URL('..', import.meta.url));

const isAlive = (pid: number): boolean => {
  try {
    process.kill(pid, 0);
    return true;
  } catch {
    return false;
  }
};

async function start(
  folder: string,
  children: ChildProcess[],
): Promise<{ child: ChildProcess; said: () => string }> {
  let output = '';
  const child = spawn(process.execPath, ['tools/start.mjs'], {
    cwd: root,
    env: { ...process.env, HOLLOW_MOON_DATA: folder, HOLLOW_MOON_PORT: String(PORT) },
  });
  children.push(child);
  for (const stream of [child.stdout, child.stderr]) {
    stream.on('data', (chunk: Buffer) => (output += chunk.toString()));
  }
  await expect
    .poll(() => output, { timeout: 150_000 })
    .toMatch(/Hollow Moon is at http:\/\/127\.0\.0\.1:18081[^]*Ctrl-C/);
  return { child, said: () => output };
}

/** Whatever a failure left running of a data folder ends, so that the folder can go and the failure is told. */
function cleanUp(folder: string, children: readonly ChildProcess[]): void {
  for (const child of children) if (child.exitCode === null) child.kill('SIGKILL');
  try {
    process.kill(Number(readFileSync(join(folder, 'mariadb/mariadb.pid'), 'utf8')), 'SIGKILL');
  } catch {
    // It has ended, as it should have.
  }
  rmSync(folder, { recursive: true, force: true, maxRetries: 20, retryDelay: 250 });
}

/** Root comes in by the socket alone, and the application's account sees its own schema alone. */
async function expectLockedAccounts(folder: string): Promise<void> {
  const read = (file: string) => readFileSync(join(folder, 'mariadb', file), 'utf8').trim();
  const [port, secret] = [Number(read('port')), read('secret')];
  for (const password of ['', secret]) {
    await expect(
      mysql.createConnection({ host: '127.0.0.1', port, user: 'root', password }),
    ).rejects.toMatchObject({ code: 'ER_ACCESS_DENIED_ERROR' });
  }
  const account = { host: '127.0.0.1', port, user: 'hollow_moon', password: secret };
  const connection = await mysql.createConnection(account);
  await expect(connection.query('SELECT * FROM mysql.global_priv')).rejects.toMatchObject({
    code: 'ER_TABLEACCESS_DENIED_ERROR',
  });
  await expect(connection.query('CREATE DATABASE hollow_moon_beside')).rejects.toMatchObject({
    code: 'ER_DBACCESS_DENIED_ERROR',
  });
  await connection.end();
}

/** The server is the one child of the start command that runs its bundle. */
function serverPid(starter: number): number {
  const children = readFileSync(`/proc/${starter}/task/${starter}/children`, 'utf8');
  const found = children
    .trim()
    .split(' ')
    .map(Number)
    .find((pid) => readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes('dist/main.js'));
  if (found === undefined) throw new Error('the server does not run');
  return found;
}

const ended = (child: ChildProcess) =>
  new Promise<number | null>((resolve) => child.once('exit', (code) => resolve(code)));

test('starts from nothing, keeps what it acknowledged through kill -9, and stops cleanly', async () => {
  test.setTimeout(400_000);
  const folder = join(tmpdir(), `hollow-moon-start-${randomUUID()}`);
  const children: ChildProcess[] = [];
  try {
    const first = await start(folder, children);
    expect(first.said()).toContain('Demonstration kitchen loaded: Lantern Row');
    const health = await fetch(`${address}/api/health`);
    expect(await health.json()).toMatchObject({ status: 'ok', database: 'ok' });

    await expectLockedAccounts(folder);

    // A second start beside it says what is the matter and touches nothing.
    const second = spawn(process.execPath, ['tools/start.mjs'], {
      cwd: root,
      env: { ...process.env, HOLLOW_MOON_DATA: folder, HOLLOW_MOON_PORT: String(PORT) },
    });
    let complaint = '';
    second.stderr.on('data', (chunk: Buffer) => (complaint += chunk.toString()));
    expect(await ended(second)).toBe(1);
    expect(complaint).toContain('running already');

    const id = randomUUID();
    const data = { name: 'Night oven', kind: 'fan', offsetK: -4, swingK: 0 };
    const written = await fetch(`${address}${KITCHEN_API}/ovens/${id}`, {
      method: 'PUT',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ writeId: randomUUID(), version: 0, data }),
    });
    expect(written.status).toBe(200);
    const databasePid = () => Number(readFileSync(join(folder, 'mariadb/mariadb.pid'), 'utf8'));
    // What is killed by itself is started again, with all that was acknowledged.
    const held = () =>
      fetch(`${address}${KITCHEN_API}/ovens/${id}`).then(
        async (response) => (response.ok ? ((await response.json()) as object) : response.status),
        () => 'down',
      );
    for (const victim of [databasePid(), serverPid(first.child.pid!)]) {
      process.kill(victim, 'SIGKILL');
      await expect.poll(() => isAlive(victim)).toBe(false);
      await expect.poll(held, { timeout: 15_000 }).toMatchObject({ version: 1, data });
    }
    expect(first.said()).toContain('The database is running again');
    expect(first.said()).toContain('The server is running again');

    process.kill(databasePid(), 'SIGKILL');
    first.child.kill('SIGKILL');
    await ended(first.child);
    // The server notices that whoever started it is gone, and frees the port.
    await expect
      .poll(() =>
        fetch(`${address}/api/health`).then(
          () => 'up',
          () => 'down',
        ),
      )
      .toBe('down');

    const again = await start(folder, children);
    expect(again.said()).not.toContain('Demonstration kitchen loaded');
    const found = await fetch(`${address}${KITCHEN_API}/ovens/${id}`);
    expect(await found.json()).toMatchObject({ version: 1, data });
    const running = Number(readFileSync(join(folder, 'mariadb/mariadb.pid'), 'utf8'));
    again.child.kill('SIGTERM');
    expect(await ended(again.child)).toBe(0);
    expect(again.said()).toContain('Stopped');
    expect(isAlive(running)).toBe(false);
  } finally {
    cleanUp(folder, children);
  }
});
