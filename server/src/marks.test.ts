/** What is tapped while a day is worked: kept once, taken back, and told to everybody who listens. */
import {
  changeEventSchema,
  markSchema,
  type ChangeEvent,
  type MarkData,
} from '@hollow-moon/contract';
import { TIMED } from '@hollow-moon/core';
import { randomUUID } from 'node:crypto';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import request from 'supertest';
import type TestAgent from 'supertest/lib/agent';
import { DEMO_DAY_ID } from './demo/days';
import { DEMO_KITCHEN_ID } from './demo/kitchen';
import { loadDemo } from './demo/load';
import { createChanges } from './services/changes';
import { createTestApp, createTestDatabase } from './testing/database';

const kitchen = `/api/kitchens/${DEMO_KITCHEN_ID}`;
const marks = `${kitchen}/days/${DEMO_DAY_ID}/marks`;
const changes = createChanges();

let drop: () => Promise<void>;
let agent: TestAgent;
let server: Server;

beforeAll(async () => {
  const made = await createTestDatabase();
  drop = made.drop;
  await loadDemo(made.database, () => new Date('2026-11-24T03:00:00.000Z'));
  const { app } = createTestApp(made.database, { changes });
  agent = request(app);
  server = createServer(app).listen(0, '127.0.0.1');
}, 60_000);
afterAll(async () => {
  changes.end();
  server.closeAllConnections();
  await new Promise((done) => server.close(done));
  await drop();
});

const tap = (more: Partial<MarkData> = {}): MarkData => ({
  id: randomUUID(),
  tap: randomUUID(),
  task: 'bake-1:filling/cook',
  kind: 'begun',
  at: '2026-11-24T03:00:00.123Z',
  ...more,
});

const all = async (): Promise<MarkData[]> =>
  markSchema.array().parse((await agent.get(marks).expect(200)).body);

it('comes back as it was tapped, by time, with all that was said of it', async () => {
  const later = tap({
    kind: 'done',
    at: '2026-11-24T03:30:00.000Z',
    grams: 412.5,
    celsius: 165,
    note: 'Poured all the milk.',
  });
  const first = tap({ by: randomUUID(), bakeId: randomUUID() });
  const more = tap({ kind: 'more', minutes: 5, at: '2026-11-24T03:20:00.000Z' });
  for (const mark of [later, first, more]) await agent.post(marks).send(mark).expect(200);
  expect(await all()).toEqual([first, more, later]);
});

it('is kept once however often it is sent, and under one id there is one', async () => {
  const mark = tap();
  const before = (await all()).length;
  await agent.post(marks).send(mark).expect(200);
  await agent.post(marks).send(mark).expect(200);
  expect((await all()).length).toBe(before + 1);
  const other = await agent
    .post(marks)
    .send({ ...mark, kind: 'done' })
    .expect(409);
  expect(other.body.error.code).toBe('id-taken');
  await agent.delete(`${marks}/${mark.id}`).set('Content-Type', 'application/json').expect(204);
  expect((await all()).length).toBe(before);
});

it('the pull of a bake is one, though two tap it at once: the first holds', async () => {
  const pull = tap({ kind: 'done', bakeId: randomUUID() });
  await agent.post(marks).send(pull).expect(200);
  const later = { ...pull, at: '2026-11-24T03:00:02.000Z', by: randomUUID() };
  expect((await agent.post(marks).send(later).expect(200)).body.at).toBe(pull.at);
  await agent
    .post(marks)
    .send({ ...later, task: 'another' })
    .expect(409);
});

it.each([
  ['no kind of tap', { kind: 'burnt' }, 'kind'],
  ['more minutes than a day has', { minutes: 2000 }, 'minutes'],
  ['a time that is none', { at: 'at three' }, 'at'],
  ['what no mark has', { colour: 'red' }, ''],
  ['what it took of nothing', { kind: 'done', tookMin: 12 }, 'tookMin'],
  ['work that nobody knows', { verb: 'juggle', usualMin: 10, tookMin: 12 }, 'verb'],
])('is refused with %s', async (_, change, path) => {
  const refused = await agent
    .post(marks)
    .send({ ...tap(), ...change })
    .expect(422);
  expect(refused.body.error.path).toBe(path);
});

it('what tasks took is told of the whole kitchen, the latest first, and not once it is taken back', async () => {
  const took = async () => (await agent.get(`${kitchen}/took`).expect(200)).body;
  expect(await took()).toEqual([]);
  const done = (minute: number, tookMin: number) =>
    tap({
      ...{ kind: 'done', at: `2026-11-24T04:${minute}:00.000Z` },
      ...{ verb: 'mix-dough', usualMin: 12.5, tookMin },
    });
  const all = Array.from({ length: TIMED.last + 2 }, (_, nth) => done(10 + nth, 10 + nth));
  const fill = { ...done(59, 4), verb: 'fill' } as const;
  for (const mark of [...all, fill]) await agent.post(marks).send(mark).expect(200);
  const mixed = { verb: 'mix-dough', usualMin: 12.5 };
  const latest = all.map(({ tookMin }) => ({ ...mixed, tookMin })).reverse();
  expect(await took()).toEqual([
    { verb: 'fill', usualMin: 12.5, tookMin: 4 },
    ...latest.slice(0, TIMED.last),
  ]);
  for (const { id } of [...all.slice(1), fill]) {
    await agent.delete(`${marks}/${id}`).set('Content-Type', 'application/json').expect(204);
  }
  expect(await took()).toEqual([{ ...mixed, tookMin: 10 }]);
  const other = randomUUID();
  const [here] = (await agent.get('/api/kitchens').expect(200)).body;
  await agent.get(`/api/kitchens/${other}/took`).expect(404);
  const write = { writeId: randomUUID(), version: 0, data: here.data };
  await agent.put(`/api/kitchens/${other}`).send(write).expect(200);
  expect((await agent.get(`/api/kitchens/${other}/took`).expect(200)).body).toEqual([]);
});

it('belongs to a day that there is', async () => {
  await agent.get(`${kitchen}/days/${randomUUID()}/marks`).expect(404);
  await agent.post(`${kitchen}/days/${randomUUID()}/marks`).send(tap()).expect(404);
});

it('a bake that began with a task keeps which, and of which day', async () => {
  const { bakes } = (await agent.get(`${kitchen}/bakes`).expect(200)).body;
  const { data } = (await agent.get(`${kitchen}/bakes/${bakes[0].id}`).expect(200)).body;
  const id = randomUUID();
  const begun = { ...data, ofDay: { dayId: DEMO_DAY_ID, task: 'bake-1:bake' } };
  const write = { writeId: randomUUID(), version: 0, data: begun };
  await agent.put(`${kitchen}/bakes/${id}`).send(write).expect(200);
  expect((await agent.get(`${kitchen}/bakes/${id}`).expect(200)).body.data).toEqual(begun);
  const lost = { ...begun, ofDay: { dayId: randomUUID(), task: 'x' } };
  const refused = await agent
    .put(`${kitchen}/bakes/${randomUUID()}`)
    .send({ writeId: randomUUID(), version: 0, data: lost })
    .expect(422);
  expect(refused.body.error).toMatchObject({ code: 'unknown-reference', path: 'data.ofDay' });
});

/** Listens as a browser does; answers what has been told, and how to end. */
async function listening(path: string) {
  const { port } = server.address() as AddressInfo;
  const stop = new AbortController();
  const response = await fetch(`http://127.0.0.1:${port}${path}`, { signal: stop.signal });
  const told: ChangeEvent[] = [];
  const over = (async () => {
    const decoder = new TextDecoder();
    for await (const chunk of response.body!) {
      for (const line of decoder.decode(chunk as Uint8Array).split('\n')) {
        if (line.startsWith('data: '))
          told.push(changeEventSchema.parse(JSON.parse(line.slice(6))));
      }
    }
  })().catch(() => undefined);
  return { response, told, stop: () => stop.abort(), over };
}

const until = async (holds: () => boolean): Promise<void> => {
  while (!holds()) await new Promise((done) => setTimeout(done, 10));
};

describe('whoever listens', () => {
  it('is told of taps, of what is taken back and of what is written, and of one kitchen only', async () => {
    const other = randomUUID();
    const kitchens = (await agent.get('/api/kitchens').expect(200)).body;
    await agent
      .put(`/api/kitchens/${other}`)
      .send({ writeId: randomUUID(), version: 0, data: kitchens[0].data })
      .expect(200);
    const here = await listening(`${kitchen}/events`);
    const there = await listening(`/api/kitchens/${other}/events`);
    expect(here.response.headers.get('content-type')).toBe('text/event-stream');
    const mark = tap();
    await agent.post(marks).send(mark).expect(200);
    await agent.delete(`${marks}/${mark.id}`).set('Content-Type', 'application/json').expect(204);
    const day = (await agent.get(`${kitchen}/days/${DEMO_DAY_ID}`).expect(200)).body;
    const write = { writeId: randomUUID(), version: day.version, data: day.data };
    await agent.put(`${kitchen}/days/${DEMO_DAY_ID}`).send(write).expect(200);
    await until(() => here.told.length >= 3);
    const noted = { what: 'noted', kind: 'marks', id: DEMO_DAY_ID, entryId: mark.id };
    expect(here.told).toEqual([
      { ...noted, gone: false },
      { ...noted, gone: true },
      { what: 'kept', kind: 'days', id: DEMO_DAY_ID, version: day.version + 1 },
    ]);
    expect(there.told).toEqual([]);
    here.stop();
    there.stop();
  });

  it('is not told of what was refused', async () => {
    const here = await listening(`${kitchen}/events`);
    await agent
      .post(marks)
      .send({ ...tap(), kind: 'burnt' })
      .expect(422);
    const mark = tap();
    await agent.post(marks).send(mark).expect(200);
    await until(() => here.told.length >= 1);
    expect(here.told).toEqual([expect.objectContaining({ entryId: mark.id })]);
    here.stop();
  });

  it('is let go when the server stops', async () => {
    const here = await listening(`${kitchen}/events`);
    changes.end();
    await here.over;
    expect(here.told).toEqual([]);
  });

  it('hears of no kitchen that there is not', async () => {
    await agent.get(`/api/kitchens/${randomUUID()}/events`).expect(404);
  });
});
