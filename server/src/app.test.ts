/** The API over a real MariaDB: writes that are safe to repeat, stale ones refused, bad input named. */
import {
  bakePageSchema,
  bakeSchema,
  formulaSchema,
  kitchenSchema,
  ovenSchema,
  vesselSchema,
} from '@hollow-moon/contract';
import { analyse, FAMILIES, judgePart } from '@hollow-moon/core';
import { randomUUID } from 'node:crypto';
import request from 'supertest';
import type TestAgent from 'supertest/lib/agent';
import type { Database } from './database/pool';
import { loadDemo } from './demo/load';
import { demoFormulas } from './demo/formulas';
import { DEMO_KITCHEN_ID, demoKitchen, OVEN, VESSEL } from './demo/kitchen';
import { FORMULA } from './demo/list';
import { createTestApp, createTestDatabase } from './testing/database';

const NOW = new Date('2026-11-24T03:00:00.000Z');
const kitchen = `/api/kitchens/${DEMO_KITCHEN_ID}`;

let database: Database;
let drop: () => Promise<void>;
let agent: TestAgent;
let reported: unknown[];

beforeAll(async () => {
  const made = await createTestDatabase();
  ({ database, drop } = made);
  await loadDemo(database, () => NOW);
  const app = createTestApp(database);
  agent = request(app.app);
  ({ reported } = app);
}, 60_000);

afterAll(() => drop());
afterEach(() => expect(reported).toEqual([]));

const newFormula = (name: string) => ({ ...demoFormulas[FORMULA.bay]!, name });
const write = (data: unknown, version = 0, writeId = randomUUID()) => ({ writeId, version, data });

describe('health', () => {
  it('says that all is well, and of what version', async () => {
    const response = await agent.get('/api/health').expect(200);
    expect(response.body).toEqual({ status: 'ok', database: 'ok', version: 'test' });
  });
});

describe('the demonstration kitchen', () => {
  it('is there in full, and passes its own contract', async () => {
    const kitchens = await agent.get('/api/kitchens').expect(200);
    expect(kitchenSchema.array().parse(kitchens.body)[0]?.data.name).toBe('Lantern Row');
    const formulas = formulaSchema.array().parse((await agent.get(`${kitchen}/formulas`)).body);
    const vessels = vesselSchema.array().parse((await agent.get(`${kitchen}/vessels`)).body);
    const ovens = ovenSchema.array().parse((await agent.get(`${kitchen}/ovens`)).body);
    const { bakes } = bakePageSchema.parse((await agent.get(`${kitchen}/bakes`)).body);
    expect([formulas.length, vessels.length, ovens.length, bakes.length]).toEqual([17, 13, 2, 12]);
    for (const { id } of bakes) {
      const whole = bakeSchema.parse((await agent.get(`${kitchen}/bakes/${id}`)).body);
      expect([whole.readings.length, whole.wobbles.length]).toEqual([4, 2]);
      expect(whole.data.planned).not.toBeNull();
    }
    expect(bakes[0]!.data.startedAt > bakes[11]!.data.startedAt).toBe(true);
  });

  it('has a sound formula for every family, and the engine agrees', () => {
    const judged = Object.values(demoFormulas).map((formula) => {
      const analysis = analyse(formula.lines, demoKitchen.eggGrade);
      const verdict = judgePart(analysis, formula.family, formula.shell);
      return {
        name: formula.name,
        family: formula.family,
        problems: analysis.problems,
        warnings: verdict.kind === 'not-judged' ? [verdict.reason] : verdict.warnings,
      };
    });
    expect([...new Set(judged.map((each) => each.family))]).toEqual(
      expect.arrayContaining([...FAMILIES]),
    );
    expect(judged.filter((each) => each.problems.length + each.warnings.length > 0)).toEqual([]);
  });

  it('is loaded once only', async () => {
    expect(await loadDemo(database, () => NOW)).toBe(false);
    expect((await agent.get(`${kitchen}/bakes`)).body.bakes).toHaveLength(12);
  });

  it('keeps what it was given, to the digit', async () => {
    const [, , , { id: one }] = (await agent.get(`${kitchen}/bakes`)).body.bakes;
    const given = (await agent.get(`${kitchen}/bakes/${one}`)).body.data;
    const data = { ...given, note: 'ñ 茶 🥧 “quoted”', setC: 151.25, faults: ['leaked', 'sunk'] };
    const id = randomUUID();
    await agent.put(`${kitchen}/bakes/${id}`).send(write(data)).expect(200);
    expect((await agent.get(`${kitchen}/bakes/${id}`).expect(200)).body.data).toEqual(data);
    await database.query('DELETE FROM bakes WHERE id = ?', [id]);
  });
});

describe('writing', () => {
  it('makes, changes and shows a formula', async () => {
    const id = randomUUID();
    const made = await agent
      .put(`${kitchen}/formulas/${id}`)
      .send(write(newFormula('First')))
      .expect(200);
    expect(made.body).toMatchObject({ id, version: 1, data: { name: 'First' } });
    const [first, second] = newFormula('x').lines;
    const changed = {
      ...newFormula('Second'),
      lines: [{ ...first!, written: '2 cups cream, cold' }, second!],
    };
    await agent.put(`${kitchen}/formulas/${id}`).send(write(changed, 1)).expect(200);
    const shown = await agent.get(`${kitchen}/formulas/${id}`).expect(200);
    expect(shown.body).toMatchObject({ version: 2, data: changed });
  });

  it('does a repeated write once', async () => {
    const id = randomUUID();
    const create = write(newFormula('Twice'));
    await agent.put(`${kitchen}/formulas/${id}`).send(create).expect(200);
    const again = await agent.put(`${kitchen}/formulas/${id}`).send(create).expect(200);
    expect(again.body.version).toBe(1);
    const update = write(newFormula('Changed'), 1);
    await agent.put(`${kitchen}/formulas/${id}`).send(update).expect(200);
    const repeated = await agent.put(`${kitchen}/formulas/${id}`).send(update).expect(200);
    expect(repeated.body).toMatchObject({ version: 2, data: { name: 'Changed' } });
  });

  it('refuses a stale write and shows both sides', async () => {
    const id = randomUUID();
    await agent
      .put(`${kitchen}/formulas/${id}`)
      .send(write(newFormula('Base')))
      .expect(200);
    await agent
      .put(`${kitchen}/formulas/${id}`)
      .send(write(newFormula('Theirs'), 1))
      .expect(200);
    const stale = await agent
      .put(`${kitchen}/formulas/${id}`)
      .send(write(newFormula('Mine'), 1))
      .expect(409);
    expect(stale.body.error).toMatchObject({
      code: 'stale',
      current: { version: 2, data: { name: 'Theirs' } },
      yours: { name: 'Mine' },
    });
  });

  it('lets one of many that write at once through', async () => {
    const id = randomUUID();
    const answers = await Promise.all(
      ['a', 'b', 'c', 'd', 'e', 'f'].map((name) =>
        agent.put(`${kitchen}/formulas/${id}`).send(write(newFormula(name))),
      ),
    );
    const statuses = answers.map((answer) => answer.status).sort();
    expect(statuses).toEqual([200, 409, 409, 409, 409, 409]);
    const stored = (await agent.get(`${kitchen}/formulas/${id}`)).body;
    expect(stored.version).toBe(1);
    expect(answers.find((answer) => answer.status === 200)?.body.data.name).toBe(stored.data.name);
  });

  it('keeps a kitchen’s settings, vessels and ovens too', async () => {
    const vessel = (await agent.get(`${kitchen}/vessels/${VESSEL.tart24}`)).body;
    const wider = { ...vessel.data, owned: 7 };
    await agent
      .put(`${kitchen}/vessels/${VESSEL.tart24}`)
      .send(write(wider, vessel.version))
      .expect(200);
    const oven = (await agent.get(`${kitchen}/ovens/${OVEN.fan}`)).body;
    await agent
      .put(`${kitchen}/ovens/${OVEN.fan}`)
      .send(write({ ...oven.data, offsetK: 4.5 }, oven.version))
      .expect(200);
    const settings = (await agent.get('/api/kitchens')).body[0];
    const warmer = { ...settings.data, roomC: 26 };
    const stored = await agent.put(kitchen).send(write(warmer, settings.version)).expect(200);
    expect(stored.body.data.roomC).toBe(26);
  });
});

describe('what is not there', () => {
  const absent = randomUUID();
  it.each([
    ['a formula', () => agent.get(`${kitchen}/formulas/${absent}`)],
    ['a kitchen', () => agent.get(`/api/kitchens/${absent}/formulas`)],
    ['an id that is none', () => agent.get(`${kitchen}/formulas/1%27%20OR%201=1`)],
    ['an address', () => agent.get('/api/moon')],
    [
      'an update of nothing',
      () =>
        agent
          .put(`${kitchen}/ovens/${absent}`)
          .send(write({ name: 'x', kind: 'fan', offsetK: 0, swingK: 0 }, 3)),
    ],
  ])('%s is 404, said in the one shape', async (_, ask) => {
    const response = await ask().expect(404);
    expect(response.body.error).toMatchObject({ code: 'not-found', message: expect.any(String) });
  });

  it('a kitchen sees nothing of another', async () => {
    const other = randomUUID();
    const data = { name: 'Other', eggGrade: 'EU L', altitudeM: 0, roomC: 20, currency: 'GBP' };
    await agent.put(`/api/kitchens/${other}`).send(write(data)).expect(200);
    expect((await agent.get(`/api/kitchens/${other}/formulas`)).body).toEqual([]);
    await agent.get(`/api/kitchens/${other}/formulas/${FORMULA.bay}`).expect(404);
    // Nor can it point at another's oven, or take over its id.
    const formula = { ...newFormula('Reaching over'), vesselId: null };
    const pointing = await agent
      .put(`/api/kitchens/${other}/formulas/${randomUUID()}`)
      .send(write(formula))
      .expect(422);
    expect(pointing.body.error).toMatchObject({ code: 'unknown-reference', path: 'data.ovenId' });
    await agent
      .put(`/api/kitchens/${other}/vessels/${VESSEL.pot85}`)
      .send(
        write({
          name: 'Mine',
          kind: 'ramekin',
          baseDiameterMm: 80,
          topDiameterMm: 80,
          heightMm: 40,
          lipMm: 0,
          material: 'glass',
          owned: 1,
        }),
      )
      .expect(409);
  });
});

describe('bad input', () => {
  const put = (data: unknown) => agent.put(`${kitchen}/formulas/${randomUUID()}`).send(write(data));
  const bay = demoFormulas[FORMULA.bay]!;

  it.each([
    [
      'a negative amount',
      { ...bay, lines: [{ ...bay.lines[0], amount: -5 }] },
      'data.lines.0.amount',
    ],
    ['text for a number', { ...bay, setC: '150' }, 'data.setC'],
    ['an unknown family', { ...bay, family: 'soup' }, 'data.family'],
    ['no name', { ...bay, name: '   ' }, 'data.name'],
    [
      'a thousand lines',
      {
        ...bay,
        lines: Array.from({ length: 1000 }, () => ({ ...bay.lines[0], id: randomUUID() })),
      },
      'data.lines',
    ],
    ['nothing at all', null, 'data'],
  ])('%s is refused at its field', async (_, data, path) => {
    const response = await put(data).expect(422);
    expect(response.body.error).toMatchObject({ code: 'invalid', path });
    expect(response.body.error.message).not.toBe('');
  });

  it('an unknown vessel is refused at its field', async () => {
    const response = await put({ ...bay, vesselId: randomUUID() }).expect(422);
    expect(response.body.error).toMatchObject({ path: 'data.vesselId', code: 'unknown-reference' });
  });

  it('a body of 2 MB is refused, and the server goes on', async () => {
    const response = await put({ ...bay, note: 'x'.repeat(2_000_000) }).expect(413);
    expect(response.body.error.code).toBe('too-large');
    await agent.get('/api/health').expect(200);
  });

  it('malformed JSON is refused', async () => {
    const response = await agent
      .put(`${kitchen}/formulas/${randomUUID()}`)
      .set('Content-Type', 'application/json')
      .send('{"writeId": ')
      .expect(400);
    expect(response.body.error.code).toBe('malformed');
  });

  it('text that looks like SQL is only text', async () => {
    const id = randomUUID();
    const name = `'); DROP TABLE formulas; -- "\\`;
    await agent
      .put(`${kitchen}/formulas/${id}`)
      .send(write({ ...bay, name }))
      .expect(200);
    expect((await agent.get(`${kitchen}/formulas/${id}`)).body.data.name).toBe(name);
  });
});

describe('searching the log', () => {
  const found = async (query: string) =>
    (await agent.get(`${kitchen}/bakes?${query}`).expect(200)).body.bakes as {
      data: { formulaName: string; note: string };
    }[];

  it('finds by formula, by tin and by text', async () => {
    const pots = await found(`formulaId=${FORMULA.buckwheat}`);
    expect(pots).toHaveLength(2);
    expect(await found(`vesselId=${VESSEL.deepRing20}`)).toHaveLength(1);
    expect((await found('text=sponge'))[0]?.data.note).toMatch(/sponge/);
    expect((await found('text=curdled')).length).toBe(2);
    expect(await found('text=buckwheat')).toHaveLength(2);
  });

  it('takes wildcards for what they are', async () => {
    expect(await found('text=%25')).toHaveLength(0);
    expect(await found('text=_')).toHaveLength(0);
  });

  it('refuses an id that is none', async () => {
    await agent.get(`${kitchen}/bakes?formulaId=abc`).expect(422);
  });
});
