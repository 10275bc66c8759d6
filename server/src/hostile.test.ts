/**
 * What must never work, and what must never break: other sites, other names, faults in what is sent, writers in each
 * other's way. The last part makes requests up out of sound ones; `npm run hostile` makes ten thousand.
 */
import { randomUUID } from 'node:crypto';
import request from 'supertest';
import type TestAgent from 'supertest/lib/agent';
import type { Database } from './database/pool';
import { demoFormulas } from './demo/formulas';
import { loadDemo } from './demo/load';
import { DEMO_KITCHEN_ID, demoKitchen, OVEN } from './demo/kitchen';
import { FORMULA } from './demo/list';
import { createTestApp, createTestDatabase } from './testing/database';
import { hostileRequests } from './testing/hostile';
import { thingsOf } from './testing/things';

const NOW = new Date('2026-11-24T03:00:00.000Z');
const kitchen = `/api/kitchens/${DEMO_KITCHEN_ID}`;
const bay = demoFormulas[FORMULA.bay]!;

let database: Database;
let drop: () => Promise<void>;
let agent: TestAgent;
let reported: unknown[];

beforeAll(async () => {
  ({ database, drop } = await createTestDatabase());
  await loadDemo(database, () => NOW);
  const made = createTestApp(database);
  agent = request(made.app);
  ({ reported } = made);
}, 60_000);

afterAll(() => drop());
afterEach(() => expect(reported).toEqual([]));

const write = (data: unknown, version = 0, writeId = randomUUID()) => ({ writeId, version, data });
const putFormula = (data: unknown, id = randomUUID()) =>
  agent.put(`${kitchen}/formulas/${id}`).send(write(data));

describe('who may ask', () => {
  // Source: OWASP, DNS rebinding and Cross-Site Request Forgery Prevention, from memory.
  it.each([
    ['a foreign name that leads here', { Host: 'moon.example' }, 421],
    ['no name that is one', { Host: '[' }, 421],
    ['a page of another site', { Origin: 'https://moon.example' }, 403],
    ['a page of another port', { Origin: 'http://localhost:3000' }, 403],
    ['a form of another site', { 'Sec-Fetch-Site': 'cross-site' }, 403],
    ['a form, which is not JSON', { 'Content-Type': 'text/plain' }, 415],
  ])('%s writes nothing', async (_, headers, status) => {
    const name = randomUUID();
    const response = await agent
      .put(`${kitchen}/ovens/${randomUUID()}`)
      .set({ 'Content-Type': 'application/json', ...headers })
      .send(JSON.stringify(write({ name, kind: 'fan', offsetK: 0, swingK: 0 })));
    expect(response.status).toBe(status);
    expect(response.body.error.message).toMatch(/\w/);
    const { body } = await agent.get(`${kitchen}/ovens`).expect(200);
    expect(body.map((oven: { data: { name: string } }) => oven.data.name)).not.toContain(name);
  });

  it('reads nothing under a foreign name, and all under our own', async () => {
    await agent.get('/api/kitchens').set('Host', 'moon.example').expect(421);
    await agent.get('/api/kitchens').set('Host', 'localhost:8080').expect(200);
    const page = await agent.get('/api/kitchens').set('Host', '[::1]:8080').expect(200);
    expect(page.headers['cache-control']).toBe('no-store');
    expect(page.headers['permissions-policy']).toMatch(/camera=\(\)/);
  });
});

describe('faults of whoever asks', () => {
  const [line, ...others] = bay.lines;
  const bakeOf = async () => (await thingsOf(agent, kitchen, 'bakes'))[0]!.data;

  it.each([
    ['an address that cannot be decoded', () => agent.get('/api/kitchens/%E0%A4%A'), 400],
    [
      'an encoding nobody knows',
      () =>
        agent
          .put(`${kitchen}/ovens/${randomUUID()}`)
          .set('Content-Encoding', 'moon')
          .set('Content-Type', 'application/json')
          .send('{}'),
      415,
    ],
    [
      'letters nobody knows',
      () =>
        agent
          .put(`${kitchen}/ovens/${randomUUID()}`)
          .set('Content-Type', 'application/json; charset=moon')
          .send('{}'),
      415,
    ],
    ['a name with a NUL', () => putFormula({ ...bay, name: 'Bay\u0000tart' }), 422],
    ['a name nobody sees', () => putFormula({ ...bay, name: '\u200b\u200d' }), 422],
    [
      'an ingredient that is only a space',
      () => putFormula({ ...bay, lines: [{ ...line, ingredientId: ' ' }] }),
      422,
    ],
    ['half of a sign', () => putFormula({ ...bay, note: 'moon \ud83c' }), 422],
    ['a line twice', () => putFormula({ ...bay, lines: [line, line, ...others] }), 422],
    [
      'a line of the filling again in a component',
      () => putFormula({ ...bay, parts: bay.parts.map((part) => ({ ...part, lines: [line] })) }),
      422,
    ],
  ])('%s is said to be one', async (_, ask, status) => {
    const response = await ask();
    expect(response.status).toBe(status);
    expect(response.body.error.message).toMatch(/\w/);
  });

  it('a bake of the year 0, readings with a bake, and a pull before the start are refused at their place', async () => {
    const bake = await bakeOf();
    const refusedAt = async (change: object) =>
      (
        await agent
          .put(`${kitchen}/bakes/${randomUUID()}`)
          .send(write({ ...bake, ...change }))
          .expect(422)
      ).body.error.path;
    expect(
      await refusedAt({ startedAt: '0000-01-01T00:00:00Z', pulledAt: null, result: null }),
    ).toBe('data.startedAt');
    // What is noted is not written with the bake, and not lost in silence.
    expect(await refusedAt({ readings: [] })).toBe('data');
    const at = { startedAt: '2026-11-20T03:00:00.500Z', pulledAt: '2026-11-20T03:00:00Z' };
    expect(await refusedAt(at)).toBe('data.pulledAt');
  });

  it('the same moment written in two ways is the same moment', async () => {
    const bake = await bakeOf();
    const id = randomUUID();
    const at = { startedAt: '2026-11-20T03:00:00.000Z', pulledAt: '2026-11-20T03:00:00Z' };
    await agent
      .put(`${kitchen}/bakes/${id}`)
      .send(write({ ...bake, ...at }))
      .expect(200);
    await database.query('DELETE FROM bakes WHERE id = ?', [id]);
  });

  it('all that is wrong is told in one answer', async () => {
    const { body } = await putFormula({ ...bay, name: '', setC: 'hot', vesselCount: 0 }).expect(
      422,
    );
    expect(body.error).toMatchObject({ code: 'invalid', path: 'data.name' });
    expect(body.error.issues.map((issue: { path: string }) => issue.path)).toEqual([
      'data.name',
      'data.vesselCount',
      'data.setC',
    ]);
  });

  it('a step a moment after the start is baked like any other', async () => {
    const id = randomUUID();
    const ovenUse = { ...bay.ovenUse, steps: [{ atMin: 0.001, to: 300 }] };
    await putFormula({ ...bay, ovenUse }, id).expect(200);
    await agent.get(`${kitchen}/formulas/${id}/card.pdf`).expect(200);
  });
});

describe('writers in each other’s way', () => {
  const oven = (offsetK: number) => ({ name: 'Night oven', kind: 'fan', offsetK, swingK: 0 });

  it('another write under a used id is refused, the same is answered again', async () => {
    const address = `${kitchen}/ovens/${randomUUID()}`;
    const first = write(oven(1));
    await agent.put(address).send(first).expect(200);
    await agent.put(address).send(first).expect(200);
    const other = await agent
      .put(address)
      .send({ ...first, data: oven(2) })
      .expect(409);
    expect(other.body.error.code).toBe('write-id-used');
    expect((await agent.get(address)).body.data.offsetK).toBe(1);
  });

  it('two devices that price one ingredient are shown each other’s price', async () => {
    const price = (amount: number) => ({
      ingredientId: 'poppy-seed',
      price: { price: amount, amount: 1, unit: 'kg' },
      own: null,
    });
    const [mine, theirs] = [randomUUID(), randomUUID()];
    await agent
      .put(`${kitchen}/pantry/${theirs}`)
      .send(write(price(2)))
      .expect(200);
    const stale = await agent
      .put(`${kitchen}/pantry/${mine}`)
      .send(write(price(3)))
      .expect(409);
    expect(stale.body.error).toMatchObject({ code: 'stale', current: { id: theirs, version: 1 } });
    // Kept over theirs, as the choice has it.
    await agent
      .put(`${kitchen}/pantry/${theirs}`)
      .send(write(price(3), 1))
      .expect(200);
  });

  it('forty writes of one record at once: each is done or said to be stale', async () => {
    const address = `${kitchen}/formulas/${randomUUID()}`;
    await agent.put(address).send(write(bay)).expect(200);
    let version = 1;
    for (let round = 0; round < 5; round += 1) {
      const answers = await Promise.all(
        Array.from({ length: 8 }, (_, writer) =>
          agent.put(address).send(write({ ...bay, name: `Writer ${writer}` }, version)),
        ),
      );
      expect(answers.map(({ status }) => status).sort()).toEqual([200, ...Array(7).fill(409)]);
      version += 1;
    }
    expect((await agent.get(address)).body.version).toBe(6);
  });
});

describe('a formula made of others', () => {
  const part = (formulaId: string, index: number) => ({
    id: randomUUID(),
    name: `Component ${index}`,
    kind: 'sweet-dough' as const,
    place: 'apart' as const,
    lines: [],
    formulaId,
    eachG: 10,
    vessels: null,
    bakesAlong: false,
  });
  const madeOf = (ids: readonly string[]) => ({ ...bay, parts: ids.map(part) });

  it('is never made of itself, at any depth', async () => {
    const [a, b, c] = [randomUUID(), randomUUID(), randomUUID()];
    await putFormula(bay, a).expect(200);
    await putFormula(madeOf([a]), b).expect(200);
    await putFormula(madeOf([b]), c).expect(200);
    const { body } = await agent
      .put(`${kitchen}/formulas/${a}`)
      .send(write(madeOf([FORMULA.buckwheat, c]), 1))
      .expect(422);
    expect(body.error).toMatchObject({
      code: 'made-of-itself',
      path: 'data.parts.1.formulaId',
    });
    await agent
      .put(`${kitchen}/formulas/${b}`)
      .send(write(madeOf([b]), 1))
      .expect(422);
  });

  // Twenty components at each of four levels are 160,000 ways through; each list is worked out once.
  it('has its card drawn at once, however often one goes into another', async () => {
    let below: string = FORMULA.bay;
    for (let level = 0; level < 4; level += 1) {
      const id = randomUUID();
      await putFormula(madeOf(Array<string>(20).fill(below)), id).expect(200);
      below = id;
    }
    const from = Date.now();
    await agent.get(`${kitchen}/formulas/${below}/card.pdf`).expect(200);
    expect(Date.now() - from).toBeLessThan(5000);
  });
});

const RUNS = Number(process.env.HOLLOW_MOON_HOSTILE ?? 300);
const SEED = Number(process.env.HOLLOW_MOON_SEED ?? 12);
/** No answer takes longer, ms. */
const PATIENCE_MS = 1000;

it('requests made up out of sound ones are never answered with a fault of ours, and never late', async () => {
  const found: string[] = [];
  const statuses = new Map<number, number>();
  let slowestMs = 0;
  for (const { method, path, headers, body } of await hostileRequests(agent, RUNS, SEED)) {
    const from = performance.now();
    const asked = agent[method](path).set(headers);
    const { status } = await (body === undefined ? asked : asked.send(body));
    const tookMs = performance.now() - from;
    slowestMs = Math.max(slowestMs, tookMs);
    statuses.set(status, (statuses.get(status) ?? 0) + 1);
    if (status >= 500 || tookMs > PATIENCE_MS) {
      found.push(`${status} in ${tookMs.toFixed(0)} ms: ${method} ${path} ${body ?? ''}`);
    }
  }
  if (RUNS > 1000) {
    const counts = [...statuses].sort(([a], [b]) => a - b).map(([of, times]) => `${times} × ${of}`);
    process.stdout.write(
      `seed ${SEED}: ${counts.join(', ')}; slowest ${slowestMs.toFixed(0)} ms\n`,
    );
  }
  expect(found).toEqual([]);
  // They are not all turned away at the door.
  expect(statuses.get(200)).toBeGreaterThan(RUNS / 20);
  expect(statuses.get(422)).toBeGreaterThan(RUNS / 20);
  await agent.get(`${kitchen}/ovens/${OVEN.fan}`).expect(200);
  expect(demoKitchen.name).toBe('Lantern Row');
}, 600_000);
