/** Two kitchens in one database: over every route, nothing of the one is seen, changed or pointed at from the other. */
import { randomUUID } from 'node:crypto';
import request from 'supertest';
import type TestAgent from 'supertest/lib/agent';
import type { Database } from './database/pool';
import { DEMO_KITCHEN_ID } from './demo/kitchen';
import { loadDemo } from './demo/load';
import { createTestApp, createTestDatabase } from './testing/database';
import { KINDS, thingsOf, type Kind, type Thing } from './testing/things';

const ours = `/api/kitchens/${DEMO_KITCHEN_ID}`;
const theirId = randomUUID();
const theirs = `/api/kitchens/${theirId}`;

let drop: () => Promise<void>;
let database: Database;
let agent: TestAgent;
const first = {} as Record<Kind, Thing>;

const write = (data: unknown, version = 0) => ({ writeId: randomUUID(), version, data });
const listOf = (kitchen: string, kind: Kind) => thingsOf(agent, kitchen, kind);

beforeAll(async () => {
  ({ database, drop } = await createTestDatabase());
  await loadDemo(database, () => new Date('2026-11-24T03:00:00.000Z'));
  agent = request(createTestApp(database).app);
  const kitchen = { name: 'Across', eggGrade: 'EU L', altitudeM: 900, roomC: 19, currency: 'CHF' };
  await agent.put(theirs).send(write(kitchen)).expect(200);
  for (const kind of KINDS) first[kind] = (await listOf(ours, kind))[0]!;
}, 60_000);

afterAll(() => drop());

/** The formula and the tin, oven and bake that go with it, copied into the other kitchen, under ids of its own. */
async function moveIn(): Promise<Record<Kind, string>> {
  const ids = {} as Record<Kind, string>;
  const put = async (kind: Kind, data: unknown) => {
    ids[kind] = randomUUID();
    await agent.put(`${theirs}/${kind}/${ids[kind]}`).send(write(data)).expect(200);
  };
  await put('vessels', { ...first.vessels.data, name: 'Theirs' });
  await put('ovens', { ...first.ovens.data, name: 'Theirs' });
  await put('pantry', first.pantry.data);
  const [vesselId, ovenId] = [ids.vessels, ids.ovens];
  const plain = (await listOf(ours, 'formulas')).find(
    ({ data }) => (data.parts as unknown[]).length === 0,
  )!;
  await put('formulas', { ...plain.data, name: 'Theirs', vesselId, ovenId });
  const { wanted } = first.days.data as { wanted: object[] };
  const asked = [{ ...wanted[0], formulaId: ids.formulas }];
  await put('days', { ...first.days.data, wanted: asked });
  await put('orders', { ...first.orders.data, formulaId: ids.formulas });
  await put('bakes', { ...first.bakes.data, formulaId: ids.formulas, vesselId, ovenId });
  return ids;
}

describe('a kitchen beside another', () => {
  it.each(KINDS)('lists none of its %s', async (kind) => {
    expect(await listOf(theirs, kind)).toEqual([]);
  });

  it.each(KINDS)('finds none of its %s by id', async (kind) => {
    await agent.get(`${theirs}/${kind}/${first[kind].id}`).expect(404);
  });

  it.each(['versions', 'card.pdf'])('has no %s of its formulas', async (what) => {
    await agent.get(`${ours}/formulas/${first.formulas.id}/${what}`).expect(200);
    await agent.get(`${theirs}/formulas/${first.formulas.id}/${what}`).expect(404);
  });

  it('finds nothing of its log, by whatever it searches', async () => {
    const { formulaId, vesselId } = first.bakes.data as { formulaId: string; vesselId: string };
    for (const query of [`formulaId=${formulaId}`, `vesselId=${vesselId}`, 'text=a']) {
      const here = (await agent.get(`${ours}/bakes?${query}`).expect(200)).body;
      expect(here.bakes.length).toBeGreaterThan(0);
      const there = (await agent.get(`${theirs}/bakes?${query}`).expect(200)).body;
      expect(there).toEqual({ bakes: [], next: null });
    }
  });

  it.each(KINDS)('changes none of its %s, whatever version it says it saw', async (kind) => {
    const { id, version, data } = first[kind];
    for (const seen of [0, version]) {
      const response = await agent.put(`${theirs}/${kind}/${id}`).send(write(data, seen));
      expect([404, 409, 422]).toContain(response.status);
    }
    const [now] = (await listOf(ours, kind)).filter((each) => each.id === id);
    expect(now).toEqual(first[kind]);
  });

  it('is refused a version ahead of the one that is stored', async () => {
    const { id, version, data } = first.ovens;
    await agent
      .put(`${ours}/ovens/${id}`)
      .send(write(data, version + 1))
      .expect(409);
  });

  it.each([
    ['formulas', 'vesselId'],
    ['formulas', 'ovenId'],
    ['bakes', 'formulaId'],
    ['bakes', 'vesselId'],
    ['bakes', 'ovenId'],
    ['orders', 'formulaId'],
  ] as const)('points with none of its %s at another’s %s', async (kind, path) => {
    const ids = await moveIn();
    const own = (await agent.get(`${theirs}/${kind}/${ids[kind]}`).expect(200)).body as Thing;
    const pointing = { ...own.data, [path]: first[kind].data[path] };
    const response = await agent
      .put(`${theirs}/${kind}/${ids[kind]}`)
      .send(write(pointing, own.version))
      .expect(422);
    expect(response.body.error).toMatchObject({
      code: 'unknown-reference',
      path: `data.${path}`,
    });
    await database.query('DELETE FROM orders WHERE kitchen_id = ?', [theirId]);
    await database.query('DELETE FROM days WHERE kitchen_id = ?', [theirId]);
    await database.query('DELETE FROM bakes WHERE kitchen_id = ?', [theirId]);
    await database.query('DELETE FROM formulas WHERE kitchen_id = ?', [theirId]);
    await database.query('DELETE FROM pantry WHERE kitchen_id = ?', [theirId]);
  });

  it('plans with nobody’s formulas but its own', async () => {
    const response = await agent
      .put(`${theirs}/days/${randomUUID()}`)
      .send(write(first.days.data))
      .expect(422);
    expect(response.body.error.code).toBe('unknown-reference');
  });

  it('builds with nobody’s formula but its own', async () => {
    const ids = await moveIn();
    const own = (await agent.get(`${theirs}/formulas/${ids.formulas}`).expect(200)).body as Thing;
    const part = {
      ...{ id: randomUUID(), name: 'Reaching', kind: 'sweet-dough', place: 'apart', lines: [] },
      ...{ formulaId: first.formulas.id, eachG: 10, vessels: null, bakesAlong: false },
    };
    await agent
      .put(`${theirs}/formulas/${ids.formulas}`)
      .send(write({ ...own.data, parts: [part] }, own.version))
      .expect(422);
  });
});
