/** The log over a real MariaDB: notes added one by one, pages of it, and what is put away and brought back. */
import {
  bakePageSchema,
  bakeSchema,
  LOG_PAGE,
  PICTURE_LIMITS,
  type BakeSummary,
} from '@hollow-moon/contract';
import { randomUUID } from 'node:crypto';
import request from 'supertest';
import type TestAgent from 'supertest/lib/agent';
import type { Database } from './database/pool';
import { DEMO_KITCHEN_ID, VESSEL } from './demo/kitchen';
import { loadDemo } from './demo/load';
import { createTestApp, createTestDatabase } from './testing/database';
import { KINDS, thingsOf, type Thing } from './testing/things';

const kitchen = `/api/kitchens/${DEMO_KITCHEN_ID}`;

let database: Database;
let drop: () => Promise<void>;
let agent: TestAgent;
let reported: unknown[];
let pattern: Record<string, unknown>;

const write = (data: unknown, version = 0) => ({ writeId: randomUUID(), version, data });
const whole = async (id: string) =>
  bakeSchema.parse((await agent.get(`${kitchen}/bakes/${id}`).expect(200)).body);

/** A bake of its own, with nothing noted. */
async function newBake(change: object = {}): Promise<string> {
  const id = randomUUID();
  await agent
    .put(`${kitchen}/bakes/${id}`)
    .send(write({ ...pattern, ...change }))
    .expect(200);
  return id;
}

beforeAll(async () => {
  ({ database, drop } = await createTestDatabase());
  await loadDemo(database, () => new Date('2026-11-24T03:00:00.000Z'));
  const made = createTestApp(database);
  agent = request(made.app);
  ({ reported } = made);
  pattern = (await thingsOf(agent, kitchen, 'bakes'))[0]!.data;
}, 60_000);

afterAll(() => drop());
afterEach(() => expect(reported).toEqual([]));

const reading = (atS: number, celsius: number) => ({
  ...{ id: randomUUID(), place: 'halfRadius' as const },
  ...{ atS, celsius },
});

describe('notes of a bake', () => {
  it('are added one by one, and are there by time with the bake, which is as it was', async () => {
    const id = await newBake();
    // To the last digit a double has.
    const [late, early] = [reading(1200, 71.5), reading(300, 0.1 + 0.2)];
    const wobble = { id: randomUUID(), atS: 900, diameterMm: 92.5, motion: 'barely' as const };
    const third = { ...reading(1500, 68), vesselNo: 3 };
    for (const each of [late, early, third]) {
      const { body } = await agent.post(`${kitchen}/bakes/${id}/readings`).send(each).expect(200);
      expect(body).toEqual(each);
    }
    await agent.post(`${kitchen}/bakes/${id}/wobbles`).send(wobble).expect(200);
    expect(await whole(id)).toMatchObject({
      ...{ version: 1, data: pattern },
      ...{ readings: [early, late, third], wobbles: [wobble] },
    });
  });

  it('say which of several vessels they are of, where that was said', async () => {
    const id = await newBake();
    const ofTwo = { id: randomUUID(), atS: 900, diameterMm: 40, motion: 'jelly', vesselNo: 2 };
    const out = { id: randomUUID(), atS: 1500, kind: 'out', vessels: 1, vesselNo: 2 };
    const turned = { id: randomUUID(), atS: 1600, kind: 'turned' };
    await agent.post(`${kitchen}/bakes/${id}/wobbles`).send(ofTwo).expect(200);
    for (const deed of [out, turned]) {
      await agent.post(`${kitchen}/bakes/${id}/deeds`).send(deed).expect(200);
    }
    const { wobbles, deeds } = await whole(id);
    expect({ wobbles, deeds }).toEqual({ wobbles: [ofTwo], deeds: [out, turned] });
    const none = { ...ofTwo, id: randomUUID(), vesselNo: 0 };
    await agent.post(`${kitchen}/bakes/${id}/wobbles`).send(none).expect(422);
  });

  it('are not touched by a write of the bake', async () => {
    const id = await newBake();
    const one = reading(600, 50);
    await agent.post(`${kitchen}/bakes/${id}/readings`).send(one).expect(200);
    await agent
      .put(`${kitchen}/bakes/${id}`)
      .send(write({ ...pattern, note: 'Later' }, 1))
      .expect(200);
    expect(await whole(id)).toMatchObject({ data: { note: 'Later' }, readings: [one] });
  });

  it('are noted once, however often and however many at a time they are sent', async () => {
    const id = await newBake();
    const notes = [reading(60, 30), reading(120, 35), reading(180, 40)];
    const answers = await Promise.all(
      [...notes, ...notes, ...notes].map((each) =>
        agent.post(`${kitchen}/bakes/${id}/readings`).send(each),
      ),
    );
    expect(answers.map(({ status }) => status)).toEqual(Array(9).fill(200));
    expect((await whole(id)).readings).toEqual(notes);
  });

  it('another under a used id is refused, and one of nonsense at its field', async () => {
    const id = await newBake();
    const one = reading(600, 50);
    await agent.post(`${kitchen}/bakes/${id}/readings`).send(one).expect(200);
    const other = await agent
      .post(`${kitchen}/bakes/${id}/readings`)
      .send({ ...one, celsius: 51 })
      .expect(409);
    expect(other.body.error.code).toBe('id-taken');
    const hot = await agent
      .post(`${kitchen}/bakes/${id}/readings`)
      .send(reading(600, 900))
      .expect(422);
    expect(hot.body.error).toMatchObject({ code: 'invalid', path: 'celsius' });
    expect((await whole(id)).readings).toEqual([one]);
  });

  it('are taken back one by one, and once more without harm', async () => {
    const id = await newBake();
    const [stays, goes] = [reading(60, 30), reading(120, 35)];
    for (const each of [stays, goes]) {
      await agent.post(`${kitchen}/bakes/${id}/readings`).send(each).expect(200);
    }
    await agent.delete(`${kitchen}/bakes/${id}/readings/${goes.id}`).expect(204);
    await agent.delete(`${kitchen}/bakes/${id}/readings/${goes.id}`).expect(204);
    // A wobble check of that id there is none; the reading stays.
    await agent.delete(`${kitchen}/bakes/${id}/wobbles/${stays.id}`).expect(204);
    expect((await whole(id)).readings).toEqual([stays]);
  });

  it('may be what was done, each kind with what belongs to it and nothing else', async () => {
    const id = await newBake();
    const deeds = [
      { kind: 'stood', celsius: 142.5 },
      { kind: 'oven', celsius: 140, step: 0 },
      { kind: 'door', forS: 45 },
      { kind: 'turned' },
      { kind: 'out', vessels: 2 },
      { kind: 'trouble', trouble: 'leaks' },
      { kind: 'foil' },
      { kind: 'oven-off', door: 'ajar' },
    ].map((each, index) => ({ id: randomUUID(), atS: 100 * index, ...each }));
    for (const each of deeds) {
      await agent.post(`${kitchen}/bakes/${id}/deeds`).send(each).expect(200);
    }
    expect((await whole(id)).deeds).toEqual(deeds);
    const wrong = [
      { ...deeds[1], celsius: 900 },
      { ...deeds[2], forS: 0 },
      { ...deeds[3], celsius: 140 },
      { ...deeds[5], trouble: 'bored' },
    ];
    for (const each of wrong) {
      await agent
        .post(`${kitchen}/bakes/${id}/deeds`)
        .send({ ...each, id: randomUUID() })
        .expect(422);
    }
    await agent.delete(`${kitchen}/bakes/${id}/deeds/${deeds[0]!.id}`).expect(204);
    expect((await whole(id)).deeds).toEqual(deeds.slice(1));
  });

  it('belong to a bake of this kitchen, or to none', async () => {
    await agent.post(`${kitchen}/bakes/${randomUUID()}/readings`).send(reading(1, 20)).expect(404);
    const id = await newBake();
    const one = reading(60, 30);
    await agent.post(`${kitchen}/bakes/${id}/readings`).send(one).expect(200);
    const other = randomUUID();
    const data = { name: 'Other', eggGrade: 'EU L', altitudeM: 0, roomC: 20, currency: 'GBP' };
    await agent.put(`/api/kitchens/${other}`).send(write(data)).expect(200);
    const elsewhere = `/api/kitchens/${other}/bakes/${id}/readings`;
    await agent.post(elsewhere).send(reading(90, 31)).expect(404);
    await agent.delete(`${elsewhere}/${one.id}`).expect(404);
    expect((await whole(id)).readings).toEqual([one]);
  });

  it('are 200 wobble checks at the most', async () => {
    const id = await newBake();
    const post = () =>
      agent.post(`${kitchen}/bakes/${id}/wobbles`).send({
        ...{ id: randomUUID(), atS: 60, diameterMm: 10, motion: 'barely' },
      });
    for (let count = 0; count < 200; count += 1) await post().expect(200);
    const { body } = await post().expect(422);
    expect(body.error.code).toBe('too-many');
  });
});

describe('pictures of a bake', () => {
  /** The shortest that can be told for a JPEG: its first bytes, and what makes it different. */
  const picture = (nth: number) => ({
    ...{ id: randomUUID(), at: `2026-11-2${nth}T05:00:00.000Z`, widePx: 1280, highPx: 960 },
    jpeg: Buffer.from([0xff, 0xd8, 0xff, 0xe0, nth, 0xff, 0xd9]).toString('base64'),
  });

  it('are listed by time without what they show, and each is served as it came', async () => {
    const id = await newBake();
    const pictures = `${kitchen}/bakes/${id}/pictures`;
    const [later, sooner] = [picture(5), picture(4)];
    for (const each of [later, sooner, later]) await agent.post(pictures).send(each).expect(200);
    const shown = [sooner, later].map(({ jpeg: _, ...rest }) => rest);
    expect((await agent.get(pictures).expect(200)).body).toEqual(shown);
    const served = await agent.get(`${pictures}/${later.id}`).expect(200);
    expect(served.headers['content-type']).toBe('image/jpeg');
    expect((served.body as Buffer).toString('base64')).toBe(later.jpeg);
    // The bake itself stays as light as it was.
    expect(Object.keys(await whole(id))).not.toContain('pictures');
    await agent
      .delete(`${pictures}/${later.id}`)
      .set('Content-Type', 'application/json')
      .expect(204);
    await agent.get(`${pictures}/${later.id}`).expect(404);
    expect((await agent.get(pictures).expect(200)).body).toEqual(shown.slice(0, 1));
    const other = randomUUID();
    await agent.get(`/api/kitchens/${other}/bakes/${id}/pictures`).expect(404);
    await agent.get(`/api/kitchens/${other}/bakes/${id}/pictures/${sooner.id}`).expect(404);
  });

  it.each([
    ['what is no JPEG', { jpeg: Buffer.from('<svg onload="1"/>').toString('base64') }, 'jpeg'],
    ['what is no base64', { jpeg: '/9j/ü' }, 'jpeg'],
    ['more bytes than are kept', { jpeg: `/9j/${'A'.repeat(293_336)}` }, 'jpeg'],
    ['no size', { widePx: 0 }, 'widePx'],
  ])('are refused with %s', async (_, change, path) => {
    const refused = await agent
      .post(`${kitchen}/bakes/${await newBake()}/pictures`)
      .send({ ...picture(1), ...change })
      .expect(422);
    expect(refused.body.error.path).toBe(path);
  });

  it('are so many and no more', async () => {
    const pictures = `${kitchen}/bakes/${await newBake()}/pictures`;
    for (let nth = 0; nth < PICTURE_LIMITS.most; nth += 1) {
      await agent.post(pictures).send(picture(nth)).expect(200);
    }
    const refused = await agent.post(pictures).send(picture(9)).expect(422);
    expect(refused.body.error.code).toBe('too-many');
  });
});

describe('the log by pages', () => {
  const pageAt = async (query: string) =>
    bakePageSchema.parse((await agent.get(`${kitchen}/bakes?${query}`).expect(200)).body);

  it('has each bake once, newest first, those of one moment too, and ends', async () => {
    const vesselId = VESSEL.tube22;
    const made = new Set<string>();
    for (let index = 0; index < 2 * LOG_PAGE + 3; index += 1) {
      // Every third begins at the same moment as the one before it.
      const startedAt = new Date(Date.UTC(2026, 9, 1, 3, index - (index % 3 === 2 ? 1 : 0)));
      const at = { startedAt: startedAt.toISOString(), pulledAt: null, result: null };
      made.add(await newBake({ vesselId, ...at }));
    }
    const found: BakeSummary[] = [];
    const sizes: number[] = [];
    let after: string | null = '';
    while (after !== null) {
      const page = await pageAt(`vesselId=${vesselId}${after && `&after=${after}`}`);
      found.push(...page.bakes);
      sizes.push(page.bakes.length);
      after = page.next;
    }
    expect(sizes).toEqual([LOG_PAGE, LOG_PAGE, 3]);
    expect(new Set(found.map(({ id }) => id))).toEqual(made);
    const starts = found.map(({ data }) => data.startedAt);
    expect(starts).toEqual([...starts].sort().reverse());
  });

  it('says of a bake what the list shows, and leaves its curve out', async () => {
    const id = await newBake({ note: 'Page of its own' });
    for (const [atS, diameterMm] of [
      [1800, 40],
      [900, 120],
    ]) {
      await agent
        .post(`${kitchen}/bakes/${id}/wobbles`)
        .send({ id: randomUUID(), atS, diameterMm, motion: 'barely' })
        .expect(200);
    }
    const { body } = await agent.get(`${kitchen}/bakes?text=Page%20of%20its%20own`).expect(200);
    expect(body.bakes[0]).toMatchObject({
      id,
      data: { lastWobbleMm: 40, note: 'Page of its own' },
    });
    expect(Object.keys(body.bakes[0].data)).not.toContain('foreseen');
    expect(Object.keys(body.bakes[0].data)).not.toContain('planned');
  });

  it('ends after a bake that is not there', async () => {
    expect(await pageAt(`after=${randomUUID()}`)).toEqual({ bakes: [], next: null });
  });
});

describe('what is put away', () => {
  it.each(KINDS)('stays to be brought back: %s', async (kind) => {
    const { data } = (await thingsOf(agent, kitchen, kind)).at(-1)!;
    const copy = kind === 'pantry' ? { ...data, ingredientId: 'poppy-seed', own: null } : data;
    const address = `${kitchen}/${kind}/${randomUUID()}`;
    await agent.put(address).send(write(copy)).expect(200);
    const away = { writeId: randomUUID(), version: 1 };
    for (let time = 0; time < 2; time += 1) {
      const { body } = await agent.delete(address).send(away).expect(200);
      expect(body).toMatchObject({ version: 2, data: { ...copy, archived: true } });
    }
    const now = (await agent.get(address).expect(200)).body as Thing;
    expect(now.data.archived).toBe(true);
    await agent.put(address).send(write(copy, 2)).expect(200);
    expect((await agent.get(address)).body.data).toEqual({ ...copy, archived: false });
  });

  it('is not in the log', async () => {
    const id = await newBake({ note: 'A stray start' });
    const find = async () =>
      (await agent.get(`${kitchen}/bakes?text=stray%20start`)).body.bakes as Thing[];
    expect((await find()).map((bake) => bake.id)).toEqual([id]);
    await agent
      .delete(`${kitchen}/bakes/${id}`)
      .send({ writeId: randomUUID(), version: 1 })
      .expect(200);
    expect(await find()).toEqual([]);
  });

  it('of an older version than is kept, or of none, is refused', async () => {
    const id = await newBake();
    const { body } = await agent
      .delete(`${kitchen}/bakes/${id}`)
      .send({ writeId: randomUUID(), version: 4 })
      .expect(409);
    expect(body.error.code).toBe('stale');
    await agent.delete(`${kitchen}/bakes/${id}`).send({}).expect(422);
    await agent
      .delete(`${kitchen}/bakes/${randomUUID()}`)
      .send({ writeId: randomUUID(), version: 1 })
      .expect(404);
  });
});
