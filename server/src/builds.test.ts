/** Builds, versions and the pantry against a real database. */
import {
  formulaSchema,
  ownIngredients,
  pantryItemSchema,
  vesselSchema,
  type FormulaData,
} from '@hollow-moon/contract';
import { buildOf, catalogueWith, findAmong, pricesPerG } from '@hollow-moon/core';
import { randomUUID } from 'node:crypto';
import request from 'supertest';
import type TestAgent from 'supertest/lib/agent';
import type { Database } from './database/pool';
import { demoFormulas } from './demo/formulas';
import { DEMO_KITCHEN_ID, demoKitchen, demoVessels } from './demo/kitchen';
import { FORMULA } from './demo/list';
import { loadDemo } from './demo/load';
import { demoPantry } from './demo/pantry';
import { createTestApp, createTestDatabase } from './testing/database';

const NOW = new Date('2026-11-25T03:00:00.000Z');
const kitchen = `/api/kitchens/${DEMO_KITCHEN_ID}`;

let database: Database;
let drop: () => Promise<void>;
let agent: TestAgent;

beforeAll(async () => {
  const made = await createTestDatabase();
  ({ database, drop } = made);
  await loadDemo(database, () => NOW);
  agent = request(createTestApp(database).app);
}, 60_000);

afterAll(() => drop());

const bay = demoFormulas[FORMULA.bay]!;
const write = (data: unknown, version = 0, why?: string) => ({
  writeId: randomUUID(),
  version,
  data,
  ...(why === undefined ? {} : { why }),
});
const anew = (data: FormulaData): FormulaData => ({
  ...data,
  lines: data.lines.map((line) => ({ ...line, id: randomUUID() })),
  parts: data.parts.map((part) => ({
    ...part,
    id: randomUUID(),
    lines: part.lines.map((line) => ({ ...line, id: randomUUID() })),
  })),
});

describe('the demonstration builds', () => {
  const pantry = Object.entries(demoPantry).map(([id, data]) => ({
    id,
    version: 1,
    updatedAt: NOW.toISOString(),
    data,
  }));
  const own = ownIngredients(pantry);
  const find = findAmong(own);
  const grade = demoKitchen.eggGrade;
  const prices = pricesPerG(
    pantry.flatMap(({ data: { ingredientId, price } }) =>
      price ? [{ ingredientId, ...price }] : [],
    ),
    grade,
    find,
  );

  it.each(Object.values(demoFormulas).map((formula) => [formula.name, formula] as const))(
    '%s is weighed, judged, costed and free of problems',
    (_, formula) => {
      const build = buildOf(formula, {
        grade,
        vessel: formula.vesselId ? demoVessels[formula.vesselId] : undefined,
        formulaOf: (id) => demoFormulas[id],
        find,
        prices,
      });
      expect(build.problems).toEqual([]);
      expect(build.unpriced).toEqual([]);
      expect(build.cost).toBeGreaterThan(0.05);
      expect(build.cost).toBeLessThan(4);
      for (const { part, verdict, leftG } of build.parts) {
        const warnings = verdict.kind === 'not-judged' ? [verdict.reason] : verdict.warnings;
        expect([part.name, warnings]).toEqual([part.name, []]);
        expect(leftG).toBeGreaterThan(-0.5);
      }
    },
  );

  it('have prices for nothing that is not there', () => {
    expect(prices.size).toBe(Object.keys(demoPantry).length);
    expect(catalogueWith(own)[0]?.name).toMatch(/Landing/);
  });
});

describe('a build', () => {
  it('comes back as it was kept, to the digit', async () => {
    const data = anew({
      ...bay,
      name: 'As kept',
      portionsEach: 11,
      lossShare: 0.035,
      bath: { panLengthMm: 333.5, panBreadthMm: 250, levelMm: 21, waterC: 88 },
      ovenUse: {
        steps: [
          { atMin: 12.5, to: 140 },
          { atMin: 0, on: 'half-set', to: 120 },
          { atMin: 40, to: 'off-ajar' },
        ],
        doors: [{ atMin: 0, forS: 25 }],
        entersAtC: 120,
        standing: 'hot-tray',
        mode: 'fan',
        foil: true,
        wrapped: true,
        topUp: { share: 0.6, atMin: 8 },
        out: [
          { atMin: 0, place: 'oven-ajar' },
          { atMin: 45, place: 'fridge' },
        ],
      },
      shellBake: {
        raw: false,
        weights: 'rice',
        docked: true,
        start: 'frozen',
        restMin: 5,
        stages: [{ minutes: 18, setC: 205, weighted: true, outOfRing: false }],
        target: 'hazelnut',
        seal: 'chocolate',
        keptC: 6,
      },
      parts: [
        ...bay.parts,
        {
          ...bay.parts[1]!,
          kind: 'glaze',
          place: 'over',
          eachG: null,
          vessels: 1,
          name: 'Ñ glaze',
          bakesAlong: true,
        },
      ],
      lines: [
        ...bay.lines.map((line, index) =>
          index === 0
            ? { ...line, heldBack: 12.5 }
            : index === 1
              ? {
                  ...line,
                  instead: { ingredientId: 'oat-drink', amount: 1.5, unit: 'dl' as const },
                }
              : line,
        ),
        // Two of which nobody has said how much.
        { id: randomUUID(), ingredientId: 'honey', amount: 0, unit: 'g', vague: 'by-eye' },
        { id: randomUUID(), ingredientId: 'milk', amount: 0, unit: 'g', vague: 'unknown' },
      ],
    });
    const id = randomUUID();
    await agent.put(`${kitchen}/formulas/${id}`).send(write(data)).expect(200);
    const back = formulaSchema.parse((await agent.get(`${kitchen}/formulas/${id}`)).body);
    expect(back.data).toEqual(data);
    const fewer = { ...data, parts: [data.parts[2]!], archived: true };
    await agent.put(`${kitchen}/formulas/${id}`).send(write(fewer, 1)).expect(200);
    expect((await agent.get(`${kitchen}/formulas/${id}`)).body.data).toEqual(fewer);
  });

  it('may be sent without what older formulas lack', async () => {
    const { parts: _p, portionsEach: _e, lossShare: _l, archived: _a, ...old } = anew(bay);
    const id = randomUUID();
    await agent.put(`${kitchen}/formulas/${id}`).send(write(old)).expect(200);
    expect((await agent.get(`${kitchen}/formulas/${id}`)).body.data).toMatchObject({
      parts: [],
      portionsEach: 8,
      archived: false,
    });
  });

  it('is not made from a formula that is not in the kitchen', async () => {
    const data = anew(bay);
    const parts = [{ ...data.parts[0]!, formulaId: randomUUID() }];
    const refused = await agent
      .put(`${kitchen}/formulas/${randomUUID()}`)
      .send(write({ ...data, parts }))
      .expect(422);
    expect(refused.body.error).toMatchObject({ code: 'unknown-reference', path: 'data.formulaId' });
  });

  it.each([
    ['a component without a name', { name: '' }, 'data.parts.0.name'],
    ['one of no kind', { kind: 'soup' }, 'data.parts.0.kind'],
    ['less than nothing in a tin', { eachG: -1 }, 'data.parts.0.eachG'],
    ['half a tin', { vessels: 0.5 }, 'data.parts.0.vessels'],
  ])('is refused with %s', async (_, over, path) => {
    const data = anew(bay);
    const refused = await agent
      .put(`${kitchen}/formulas/${randomUUID()}`)
      .send(write({ ...data, parts: [{ ...data.parts[0], ...over }] }))
      .expect(422);
    expect(refused.body.error.path).toBe(path);
  });
});

describe('the past of a formula', () => {
  it('refuses an oven’s programme that cannot be, at its place', async () => {
    const data = anew(bay);
    const put = (ovenUse: unknown) =>
      agent.put(`${kitchen}/formulas/${randomUUID()}`).send(write({ ...data, ovenUse }));
    const wrong = {
      ...data.ovenUse,
      steps: [
        { atMin: 20, to: 150 },
        { atMin: 10, to: 120 },
      ],
    };
    const answer = await put(wrong);
    expect(answer.status).toBe(422);
    expect(JSON.stringify(answer.body)).toContain('order of time');
    expect((await put({ ...data.ovenUse, out: [] })).status).toBe(422);
    expect((await put(data.ovenUse)).status).toBeLessThan(300);
  });

  it('keeps every version, why it was changed, and once only', async () => {
    const id = randomUUID();
    const first = anew({ ...bay, name: 'First' });
    await agent.put(`${kitchen}/formulas/${id}`).send(write(first)).expect(200);
    const second = { ...first, name: 'Second', setC: 135 };
    const change = write(second, 1, 'Rim was grainy');
    await agent.put(`${kitchen}/formulas/${id}`).send(change).expect(200);
    await agent.put(`${kitchen}/formulas/${id}`).send(change).expect(200);
    const { body } = await agent.get(`${kitchen}/formulas/${id}/versions`).expect(200);
    expect(body).toMatchObject([
      { version: 2, why: 'Rim was grainy', data: second },
      { version: 1, why: '', data: first },
    ]);
    expect(body).toHaveLength(2);
  });

  it('is nobody else’s', async () => {
    await agent.get(`${kitchen}/formulas/${randomUUID()}/versions`).expect(404);
    await agent.get(`/api/kitchens/${randomUUID()}/formulas/${FORMULA.bay}/versions`).expect(404);
  });
});

describe('the pantry', () => {
  it('keeps prices and ingredients of the kitchen’s own', async () => {
    const list = pantryItemSchema.array().parse((await agent.get(`${kitchen}/pantry`)).body);
    expect(list).toHaveLength(Object.keys(demoPantry).length);
    const cream = list.find((item) => item.data.own)!;
    expect(cream.data).toEqual(Object.values(demoPantry).find((data) => data.own));
    const dearer = { ...cream.data, price: { price: 8.2, amount: 1, unit: 'l' } };
    await agent.put(`${kitchen}/pantry/${cream.id}`).send(write(dearer, 1)).expect(200);
    const again = await agent.get(`${kitchen}/pantry/${cream.id}`);
    expect(again.body.data).toEqual(dearer);
  });

  it.each([
    ['a label of more than 100 g', { fat: 80 }, 'data.own.label.water'],
    ['a negative label', { fat: -1 }, 'data.own.label.fat'],
  ])('refuses %s', async (_, over, path) => {
    const own = Object.values(demoPantry).find((data) => data.own)!;
    const wrong = {
      ...own,
      ingredientId: 'own-x',
      own: { ...own.own!, label: { ...own.own!.label, ...over } },
    };
    const refused = await agent
      .put(`${kitchen}/pantry/${randomUUID()}`)
      .send(write(wrong))
      .expect(422);
    expect(refused.body.error.path).toBe(path);
  });

  it('prices an ingredient once', async () => {
    const again = { ingredientId: 'milk', price: null, own: null };
    await agent.put(`${kitchen}/pantry/${randomUUID()}`).send(write(again)).expect(409);
  });
});

describe('vessels of every shape', () => {
  it('come back with their measures', async () => {
    const list = vesselSchema.array().parse((await agent.get(`${kitchen}/vessels`)).body);
    expect(Object.fromEntries(list.map(({ id, data }) => [id, data]))).toEqual(demoVessels);
  });
});
