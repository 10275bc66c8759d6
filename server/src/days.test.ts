/** A day in the book: kept whole, changed, put away, and never half. */
import { daySchema, type DayData } from '@hollow-moon/contract';
import ICAL from 'ical.js';
import { randomUUID } from 'node:crypto';
import request from 'supertest';
import type TestAgent from 'supertest/lib/agent';
import { DEMO_DAY_ID } from './demo/days';
import { DEMO_KITCHEN_ID } from './demo/kitchen';
import { loadDemo } from './demo/load';
import { createTestApp, createTestDatabase } from './testing/database';

const days = `/api/kitchens/${DEMO_KITCHEN_ID}/days`;
const ovens = `/api/kitchens/${DEMO_KITCHEN_ID}/ovens`;

let drop: () => Promise<void>;
let agent: TestAgent;

beforeAll(async () => {
  const made = await createTestDatabase();
  drop = made.drop;
  await loadDemo(made.database, () => new Date('2026-11-24T03:00:00.000Z'));
  agent = request(createTestApp(made.database).app);
}, 60_000);
afterAll(() => drop());

const write = (data: unknown, version = 0) => ({ writeId: randomUUID(), version, data });
const demoDay = async (): Promise<DayData> =>
  daySchema.parse((await agent.get(`${days}/${DEMO_DAY_ID}`).expect(200)).body).data;

it('has the demonstration’s night, for the morning after', async () => {
  const data = await demoDay();
  expect([data.date, data.wanted.length, data.people.length]).toEqual(['2026-11-25', 12, 2]);
});

it('comes back as it was written, with its locks and how its plan was found', async () => {
  const [first, second] = (await demoDay()).wanted;
  const id = randomUUID();
  const data: DayData = {
    ...(await demoDay()),
    name: 'Feast of the river',
    // A leap day.
    date: '2028-02-29',
    beginsMin: -2880,
    wanted: [
      second!,
      {
        ...{ ...first!, dueMin: 1500, forWhom: '', ovenC: 162.5, frozenShell: true },
        ...{ doughApart: true, ovenId: '00000000-0000-4000-8000-000000000021' },
      },
    ],
    locks: [{ task: `${first!.id}:bake`, startMin: -75 }],
    changes: [
      { bake: first!.id, task: 'bake', kind: 'retimed', minutes: 42 },
      { bake: second!.id, task: 'seal', kind: 'dropped' },
    ],
    nowMin: -30,
    presence: 0.1,
    way: { order: [first!.id, second!.id], soonerMin: { [first!.id]: 45 } },
    inHand: { grams: { sugar: 250.5, 'own-salt': 0 }, eggs: 17 },
  };
  await agent.put(`${days}/${id}`).send(write(data)).expect(200);
  expect((await agent.get(`${days}/${id}`).expect(200)).body.data).toEqual(data);
  const fewer = {
    ...data,
    wanted: [],
    people: [],
    locks: [],
    changes: [],
    nowMin: null,
    way: null,
    inHand: { grams: {}, eggs: 0 },
  };
  await agent.put(`${days}/${id}`).send(write(fewer, 1)).expect(200);
  expect((await agent.get(`${days}/${id}`).expect(200)).body.data).toEqual(fewer);
});

it('is listed with the latest day first', async () => {
  const listed: { data: DayData }[] = (await agent.get(days).expect(200)).body;
  const dates = listed.map(({ data }) => data.date);
  expect(dates.length).toBeGreaterThan(1);
  expect(dates).toEqual([...dates].sort().reverse());
});

it('is refused at its field, and with a formula there is not', async () => {
  const data = await demoDay();
  const id = randomUUID();
  const bad = { ...data, people: [{ ...data.people[0]!, toMin: 10 }] };
  const refused = await agent.put(`${days}/${id}`).send(write(bad)).expect(422);
  expect(refused.body.error).toMatchObject({
    path: 'data.people.0.toMin',
    issues: [{ code: 'day.hours' }],
  });
  const lost = { ...data, wanted: [{ ...data.wanted[0]!, formulaId: randomUUID() }] };
  const response = await agent.put(`${days}/${id}`).send(write(lost)).expect(422);
  expect(response.body.error.code).toBe('unknown-reference');
  await agent.get(`${days}/${id}`).expect(404);
});

it('an oven keeps the shelves somebody has measured, and has none where nobody has', async () => {
  const id = randomUUID();
  const plain = { name: 'Third', kind: 'still', offsetK: 0, swingK: 0, archived: false };
  await agent.put(`${ovens}/${id}`).send(write(plain)).expect(200);
  expect((await agent.get(`${ovens}/${id}`)).body.data).toEqual(plain);
  const measured = { ...plain, shelves: { count: 2, lengthMm: 500, breadthMm: 400 } };
  await agent.put(`${ovens}/${id}`).send(write(measured, 1)).expect(200);
  expect((await agent.get(`${ovens}/${id}`)).body.data).toEqual(measured);
  const none = { ...plain, shelves: { count: 0, lengthMm: 500, breadthMm: 400 } };
  const refused = await agent.put(`${ovens}/${id}`).send(write(none, 2)).expect(422);
  expect(refused.body.error.path).toBe('data.shelves.count');
});

describe('the calendar of a day', () => {
  /** Names, hours and turns of what a calendar holds. */
  const eventsOf = async (address: string) => {
    const { text, headers } = await agent.get(`${address}/calendar.ics`).expect(200);
    expect(headers['content-type']).toBe('text/calendar; charset=utf-8');
    return new ICAL.Component(ICAL.parse(text) as unknown[])
      .getAllSubcomponents('vevent')
      .map((each) => new ICAL.Event(each))
      .map(({ uid, startDate, summary, sequence }) => ({
        ...{ uid, summary, sequence },
        // Floating: the hours of the wall.
        start: `${startDate.toString()} ${startDate.zone.tzid}`,
      }));
  };

  it('is planned from the book, and each change comes in place of what was there', async () => {
    const data = await demoDay();
    const bake = { ...data.wanted[0]!, dueMin: 420, forWhom: 'the boat' };
    const address = `${days}/${randomUUID()}`;
    const asked = { ...data, wanted: [bake], locks: [], changes: [], way: null };
    await agent.put(address).send(write(asked)).expect(200);
    const first = await eventsOf(address);
    expect(first.length).toBeGreaterThan(5);
    expect(first.at(-1)).toEqual({
      uid: `${bake.id}@${address.split('/').at(-1)}`,
      summary: expect.stringContaining('the boat') as string,
      sequence: 1,
      start: `${data.date}T07:00:00 floating`,
    });
    // All of it is done before its hour, and nothing is in it twice.
    expect(first.filter(({ start }) => start > first.at(-1)!.start)).toEqual([]);
    expect(new Set(first.map(({ uid }) => uid)).size).toBe(first.length);
    await agent
      .put(address)
      .send(write({ ...asked, wanted: [{ ...bake, dueMin: 480 }] }, 1))
      .expect(200);
    const then = await eventsOf(address);
    expect(then.map(({ uid }) => uid).sort()).toEqual(first.map(({ uid }) => uid).sort());
    expect(then.at(-1)).toMatchObject({ sequence: 2, start: `${data.date}T08:00:00 floating` });
  });

  it('is nobody’s of another kitchen, nor of no day', async () => {
    const other = days.replace(DEMO_KITCHEN_ID, randomUUID());
    await agent.get(`${other}/${DEMO_DAY_ID}/calendar.ics`).expect(404);
    await agent.get(`${days}/${randomUUID()}/calendar.ics`).expect(404);
  });
});
