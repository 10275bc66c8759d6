// `npm run faults [rounds]`: kills server, database or both again and again while a kitchen is written to, and counts what
// was acknowledged and is not there, what is there twice, and how long it takes until writes are acknowledged again.
import { spawn } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import { main, ROOT, say, Trouble } from './shell.mjs';

const PORT = 18085;
const KITCHEN = `http://127.0.0.1:${PORT}/api/kitchens/00000000-0000-4000-8000-000100000001`;
const WRITERS = 4;
const VICTIMS = ['server', 'database', 'both'];
/** Longest wait for a recovery, ms. */
const PATIENCE_MS = 30_000;

/** The server's process: the child of the start command that is node. */
const serverOf = (starter) =>
  readFileSync(`/proc/${starter}/task/${starter}/children`, 'utf8')
    .trim()
    .split(' ')
    .map(Number)
    .find((pid) => readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes('dist/main.js'));

await main(async () => {
  const rounds = Number(process.argv[2] ?? 100);
  const folder = mkdtempSync(join(tmpdir(), 'hollow-moon-faults-'));
  const starter = spawn(process.execPath, ['tools/start.mjs'], {
    cwd: ROOT,
    env: { ...process.env, HOLLOW_MOON_DATA: folder, HOLLOW_MOON_PORT: String(PORT) },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const databasePid = () => Number(readFileSync(join(folder, 'mariadb/mariadb.pid'), 'utf8'));
  const ended = new Promise((resolve) => starter.once('exit', resolve));
  try {
    await new Promise((resolve) => {
      let said = '';
      starter.stdout.on('data', (chunk) => {
        said += chunk;
        if (said.includes('Ctrl-C')) resolve();
      });
    });
    /** By oven: the last version that was acknowledged, and what it said. */
    const acknowledged = new Map();
    let answered = 0;
    let writing = true;
    const writer = async () => {
      const id = randomUUID();
      for (let version = 0; writing;) {
        const data = { name: 'Night oven', kind: 'fan', offsetK: version % 50, swingK: 0 };
        const body = JSON.stringify({ writeId: randomUUID(), version, data });
        // The same write, under the same id, until it is answered.
        for (let done = false; writing && !done;) {
          const answer = await fetch(`${KITCHEN}/ovens/${id}`, {
            method: 'PUT',
            headers: { 'Content-Type': 'application/json' },
            body,
            signal: AbortSignal.timeout(5000),
          }).catch(() => undefined);
          if (answer?.status === 200) {
            version = (await answer.json()).version;
            acknowledged.set(id, { version, offsetK: data.offsetK });
            answered += 1;
            done = true;
          } else if (answer && answer.status < 500) {
            throw new Trouble(`A write was refused: ${answer.status} ${await answer.text()}`);
          } else await sleep(20);
        }
      }
    };
    /** By bake: the readings that were acknowledged. */
    const noted = new Map();
    const noter = async () => {
      const { bakes } = await (await fetch(`${KITCHEN}/bakes`)).json();
      const pattern = (await (await fetch(`${KITCHEN}/bakes/${bakes[0].id}`)).json()).data;
      const send = async (path, method, body) => {
        while (writing) {
          const answer = await fetch(`${KITCHEN}/bakes/${path}`, {
            method,
            headers: { 'Content-Type': 'application/json' },
            body: JSON.stringify(body),
            signal: AbortSignal.timeout(5000),
          }).catch(() => undefined);
          if (answer?.status === 200) return true;
          if (answer && answer.status < 500) {
            throw new Trouble(`A note was refused: ${answer.status} ${await answer.text()}`);
          }
          await sleep(20);
        }
        return false;
      };
      while (writing) {
        const bakeId = randomUUID();
        const begun = { writeId: randomUUID(), version: 0, data: pattern };
        if (!(await send(bakeId, 'PUT', begun))) return;
        noted.set(bakeId, []);
        for (let atS = 1; atS <= 400 && writing; atS += 1) {
          const reading = { id: randomUUID(), atS, place: 'centre', celsius: atS / 8 };
          if (await send(`${bakeId}/readings`, 'POST', reading)) {
            noted.get(bakeId).push(reading);
            answered += 1;
          }
        }
      }
    };
    const writers = [...Array.from({ length: WRITERS }, writer), noter()];
    const failed = Promise.all(writers).catch((cause) => {
      writing = false;
      throw cause;
    });
    failed.catch(() => undefined);
    const recoveries = [];
    for (let round = 0; round < rounds && writing; round += 1) {
      await sleep(100 + Math.random() * 400);
      const victim = VICTIMS[round % VICTIMS.length];
      if (victim !== 'database') process.kill(serverOf(starter.pid), 'SIGKILL');
      if (victim !== 'server') process.kill(databasePid(), 'SIGKILL');
      const from = Date.now();
      const before = answered;
      // Each writer may have had one answer under way.
      while (answered <= before + WRITERS + 1 && writing) {
        if (Date.now() - from > PATIENCE_MS) throw new Trouble(`Not back after round ${round}`);
        await sleep(10);
      }
      recoveries.push(Date.now() - from);
    }
    writing = false;
    await failed;
    const stored = await (await fetch(`${KITCHEN}/ovens`)).json();
    let [lost, wrong] = [0, 0];
    for (const [id, { version, offsetK }] of acknowledged) {
      const found = stored.filter((oven) => oven.id === id);
      // A write that was done and not answered may be one ahead.
      if (found.length !== 1 || found[0].version < version) lost += 1;
      else if (found[0].version > version + 1) wrong += 1;
      else if (found[0].version === version && found[0].data.offsetK !== offsetK) wrong += 1;
    }
    for (const [bakeId, readings] of noted) {
      const bake = await (await fetch(`${KITCHEN}/bakes/${bakeId}`)).json();
      for (const reading of readings) {
        const found = bake.readings.filter(({ id }) => id === reading.id);
        if (found.length === 0) lost += 1;
        else if (found.length > 1 || found[0].celsius !== reading.celsius) wrong += 1;
      }
      // A note that was done and not answered may be one more.
      if (bake.readings.length > readings.length + 1) wrong += 1;
    }
    recoveries.sort((a, b) => a - b);
    say(
      `${recoveries.length} kills, ${answered} writes acknowledged: ${lost} lost, ${wrong} doubled or wrong; back after ${recoveries[recoveries.length >> 1]} ms (median), ${recoveries.at(-1)} ms at most`,
    );
    if (lost + wrong > 0) throw new Trouble('What was acknowledged did not hold.');
  } finally {
    starter.kill('SIGTERM');
    await ended;
    rmSync(folder, { recursive: true, force: true, maxRetries: 20, retryDelay: 250 });
  }
});
