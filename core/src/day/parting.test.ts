/** Where bakes lie over between stretches of work: what can be worked out by hand. */
import fc from 'fast-check';
import { anySession, made } from '../testing/anySession';
import { draws } from '../testing/draws';
import { chain, KITCHEN, plainTask, workFrom } from '../testing/sessions';
import type { Task } from '../work';
import { checkPlan } from './check';
import { construct, usualOrders } from './construct';
import { firstPlan, improve, type Found } from './improve';
import { measure } from './measure';
import { alikeParted, partedAs, partedOtherwise, partingsIn } from './parting';
import { tighten } from './tighten';

const keepingFor = (tasks: readonly Task[], mostMin: readonly number[]): Task[] =>
  chain(tasks, 60).map((task, index) => ({
    ...task,
    after: task.after.map((each) => ({ ...each, mostMin: mostMin[index - 1]! })),
  }));

/** Begun, looked at after an hour to an hour and a half, ended after an hour or up to ten. */
const bake = (id: string, dueMin: number) => ({
  ...{ id, name: id, dueMin },
  work: workFrom(
    keepingFor([plainTask('begin', 5), plainTask('look', 5), plainTask('end', 5)], [90, 600]),
    0,
    300,
  ),
});

/** A cook from midnight to five and from ten to four in the afternoon. */
const means = {
  ...KITCHEN,
  people: [{ id: 'cook', name: 'Cook', hours: [[0, 300] as const, [600, 960] as const] }],
};

const model = made({ fromMin: 0, wanted: [bake('one', 900), bake('other', 840)], means });
const partings = partingsIn(model);

describe('two bakes that keep for ten hours after they were looked at', () => {
  it('can be parted there and nowhere else, by the end of either stretch', () => {
    expect([...partings.tasks]).toEqual([
      ['one', ['one:look']],
      ['other', ['other:look']],
    ]);
    expect(partings.places).toBe(1);
    expect(partings.endsMin).toEqual([300, 960]);
    expect([...partings.dueMin]).toEqual([
      ['one', 900],
      ['other', 840],
    ]);
  });

  it('are tried parted nowhere and by either end, at their own hours and together at five others', () => {
    const alike = alikeParted(model, partings, ['one', 'other']);
    // Nowhere, by 300 and by 960, each ready at its own hour, with the first at 840, and 2, 5 and 10 hours before that.
    expect(alike).toHaveLength(3 * 5);
    expect(alike[0]).toEqual({ way: { order: ['one', 'other'] }, latestMin: {} });
    expect(alike[1]!.way.soonerMin).toEqual({ one: 60, other: 0 });
    expect(alike[4]!.way.soonerMin).toEqual({ one: 660, other: 600 });
    expect(alike[5]!.latestMin).toEqual({ 'one:look': 295, 'other:look': 295 });
    expect(alike[11]).toEqual({
      way: { order: ['one', 'other'], soonerMin: { one: 60, other: 0 } },
      latestMin: { 'one:look': 955, 'other:look': 955 },
    });
  });

  // By hand: in one stretch begin, wait, look, wait, end is 5 + 60 + 5 + 60 + 5 = 135 min, both beside each other 140, and an hour
  // apart 195. Parted, the first stretch has 5 + 60 + 5 = 70, 75 for both; the second the two ends: an hour apart 65, side by
  // side 10. Together 140 and 85.
  it('cost 85 minutes parted and ready together, and 140 to 195 otherwise', () => {
    const weights = { presence: 1 };
    const [apart, together, , , , parted, both] = alikeParted(model, partings, [
      'one',
      'other',
    ]).map(({ way, latestMin }) => measure(model, construct(model, way, latestMin)).presenceMin);
    expect({ apart, together, parted, both }).toEqual({
      apart: 195,
      together: 140,
      parted: 140,
      both: 85,
    });
    const { way } = firstPlan(model, weights);
    const { plan, tried } = tighten(model, { tries: 1, from: way, weights });
    expect(measure(model, plan)).toMatchObject({ presenceMin: 85, left: 0, lateMin: 0 });
    expect(checkPlan(model, plan)).toEqual([]);
    // Two hours before the first is wanted they can no longer be begun in the second stretch: that is met first.
    expect(tried?.way.soonerMin).toEqual({ one: 180, other: 120 });
  });

  it('are gone on with from what they were tried by, or from how a plan that was found is parted', () => {
    const weights = { presence: 1 };
    const { way } = firstPlan(model, weights);
    const presences = (given: Partial<Parameters<typeof tighten>[1]>) => {
      const told: number[] = [];
      const onBetter = ({ plan }: Found) => told.push(measure(model, plan).presenceMin);
      const found = tighten(model, { tries: 1, from: way, weights, onBetter, ...given });
      return { told, found };
    };
    // Each hour apart, then ready together, then parted as well: in the order in which they are tried.
    expect(presences({}).told).toEqual([140, 85]);
    const { found } = presences({});
    expect(presences({ tried: found.tried! }).told).toEqual([85]);
    expect(presences({ from: found.way }).told).toEqual([]);
    expect(measure(model, presences({ from: found.way }).found.plan).presenceMin).toBe(85);
    // Two are tried before it is stopped: apart and together.
    let asked = 0;
    expect(presences({ stop: () => (asked += 1) > 2 }).told).toEqual([140]);
  });

  it('are known by their plan, which is built by that again', () => {
    const way = { order: ['one', 'other'], soonerMin: { one: 60 } };
    const latestMin = { 'one:look': 295, 'other:look': 240 };
    const plan = construct(model, way, latestMin);
    const known = partedAs(model, plan, way.order);
    const startOf = (task: string) => plan.placed.find((each) => each.task === task)!.startMin;
    expect(known.latestMin).toEqual({ 'one:look': startOf('one:look'), 'other:look': 240 });
    // Both end by 840: one an hour before it is wanted, the other five minutes, since there is one cook.
    expect(known.way).toEqual({ order: ['one', 'other'], soonerMin: { one: 60, other: 5 } });
    expect(construct(model, known.way, known.latestMin)).toEqual(plan);
  });

  it('what starts no later than a minute starts no later, whatever the hours let it', () => {
    const plan = construct(model, { order: ['one', 'other'] }, { 'one:end': 700 });
    expect(plan.placed.find(({ task }) => task === 'one:end')!.startMin).toBe(700);
    expect(plan.placed.find(({ task }) => task === 'other:end')!.startMin).toBe(835);
  });
});

it('what keeps less than four hours longer than it must is no place to part a bake at', () => {
  const keeps = (mostMin: number) =>
    partingsIn(
      made({
        fromMin: 0,
        wanted: [
          {
            ...{ id: 'a', name: 'a', dueMin: 900 },
            work: workFrom(keepingFor([plainTask('begin', 5), plainTask('end', 5)], [mostMin])),
          },
        ],
        means,
      }),
    ).places;
  expect([keeps(299), keeps(300)]).toEqual([0, 1]);
});

it('whatever is drawn, what is changed is built into a plan that breaks nothing', () => {
  let parted = 0;
  fc.assert(
    fc.property(anySession, fc.infiniteStream(fc.nat({ max: 1e6 })), (session, numbers) => {
      const day = made(session);
      const where = partingsIn(day);
      const draw = (below: number) => (numbers.next().value as number) % below;
      const { plan } = improve(day, { tries: 2 });
      const [order = []] = usualOrders(day);
      let now = partedAs(day, plan, order);
      for (let times = 0; times < 6; times += 1) {
        now = partedOtherwise(day, where, now, plan, draw);
        const next = construct(day, now.way, now.latestMin);
        expect(checkPlan(day, next)).toEqual([]);
        for (const { task, startMin } of next.placed) {
          expect(startMin).toBeLessThanOrEqual(now.latestMin[task] ?? Infinity);
        }
        expect([...now.way.order].sort()).toEqual([...order].sort());
      }
      parted += Object.keys(now.latestMin).length;
    }),
    { numRuns: draws(40), seed: 20261202 },
  );
  expect(parted).toBeGreaterThan(draws(40));
});
