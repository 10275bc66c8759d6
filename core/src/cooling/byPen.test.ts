/** What follows from a cooling that is known: which spot counts, when the next step may be taken, and what shape a tray is. */
import { analyse, type PartKind } from '../formula';
import { fillingMaterial, layersAround } from '../materials';
import { onRack, type OutStep } from '../oven';
import { buildModel, firstMoment, type Course, type Moment } from '../thermal';
import { coolingOf } from './cooling';
import { coolCream, type CreamPlan } from './cream';

const analysis = analyse(
  [
    { id: 'a', ingredientId: 'milk', amount: 500, unit: 'g' },
    { id: 'b', ingredientId: 'egg', amount: 200, unit: 'g' },
  ],
  'EU M',
);
/** A film of custard that is cold in minutes, so that only the hours count. */
const model = buildModel({
  material: fillingMaterial(analysis, true),
  depthM: 0.005,
  bottomRadiusM: 0.04,
  topRadiusM: 0.04,
  startC: 80,
  layers: layersAround('none', 0, 'bright-tin', 20),
});
const inAir = (roomC: number): Course => [
  {
    around: onRack({
      roomC,
      altitudeM: 0,
      vessel: 'bright-tin',
      drying: { activity: 1, waterKgM3: 1e9 },
      film: true,
    }),
    untilS: Infinity,
  },
];
/** The middle column, half-way up. */
const centreOf = ({ temperatureC }: Moment) => temperatureC[model.mesh.baseRows + 4]!;
const coolingIn = (roomC: number, family: PartKind, shell: boolean, pulled = firstMoment(model)) =>
  coolingOf(model, pulled, inAir(roomC), centreOf, { family, shell, roomC: 20 });
const hoursOf = (family: PartKind, shell = false) =>
  Object.fromEntries(coolingIn(2, family, shell).ready.map(({ what, atS }) => [what, atS! / 3600]));

describe('the hottest and the coldest spot', () => {
  const { baseRows, fillRows, rows, columns, fillColumns } = model.mesh;
  const withSpot = (column: number, row: number, celsius: number): Moment => {
    const temperatureC = new Float64Array(rows * columns).fill(60);
    temperatureC[column * rows + row] = celsius;
    return { ...firstMoment(model), temperatureC };
  };
  const hottestAtOnce = (moment: Moment) =>
    coolingIn(2, 'baked-custard', false, moment).points[0]![1];

  it('are looked for in all of the filling', () => {
    const corners = [
      [0, baseRows],
      [0, baseRows + fillRows - 1],
      [fillColumns - 1, baseRows],
      [fillColumns - 1, baseRows + fillRows - 1],
    ] as const;
    for (const [column, row] of corners) expect(hottestAtOnce(withSpot(column, row, 71))).toBe(71);
    // Colder than the rest, it is not the hottest.
    expect(hottestAtOnce(withSpot(0, baseRows, 40))).toBe(60);
  });

  it('are not looked for in the vessel', () => {
    expect(hottestAtOnce(withSpot(fillColumns, baseRows, 90))).toBe(60);
    expect(hottestAtOnce(withSpot(0, 0, 90))).toBe(60);
  });
});

// Common practice, in hours: purée pie 1, nut and fruit pie 2, nut cream and batter ½, cheese overnight, custard in a shell
// 2, in a pot 4; a pot is turned out warm, after 20 min, and torched when it is cold, after 4 h.
describe('what is thin and cold at once waits for its hours alone', () => {
  it.each([
    ['puree-custard', 1],
    ['syrup-nut', 2],
    ['fruit-filling', 2],
    ['nut-cream', 0.5],
    ['batter-custard', 0.5],
    ['fresh-cheese', 10],
  ] as const)('%s for %p h before it is cut', (family, hours) => {
    expect(hoursOf(family).cut).toBe(hours);
    expect(Object.keys(hoursOf(family))).toEqual(['cover', 'cut']);
  });

  it('a custard according to what it is in', () => {
    expect(hoursOf('baked-custard', true)).toEqual({ cover: expect.any(Number), cut: 2 });
    expect(hoursOf('baked-custard')).toEqual({
      ...{ cover: expect.any(Number), cut: 4, torch: 4 },
      'turn-out': expect.closeTo(1 / 3, 9),
    });
    // Covered when it is within 10 K of the room, long before.
    expect(hoursOf('baked-custard').cover).toBeLessThan(0.5);
  });

  it('and says nothing of an hour that does not come', () => {
    const warm = coolingIn(22, 'baked-custard', false);
    const at = Object.fromEntries(warm.ready.map(({ what, atS }) => [what, atS]));
    expect(at).toMatchObject({ cut: undefined, torch: undefined, 'turn-out': 1200 });
    expect([warm.keepsFirst, warm.keepsCold]).toEqual([false, false]);
    expect(warm.under.coldS).toBeUndefined();
  });
});

describe('a cream', () => {
  const plan: CreamPlan = {
    analysis,
    family: 'starch-cream',
    massG: 1000,
    vessel: { kind: 'tray', lengthMm: 300, breadthMm: 200 },
    film: true,
    startC: 95,
    out: [{ atMin: 0, place: 'fridge' }],
    roomC: 22,
    altitudeM: 0,
  };
  const cooled = (change: Partial<CreamPlan>) => {
    const result = coolCream({ ...plan, ...change });
    if (!result.ok) throw new Error(result.problem.code);
    return result.value;
  };

  // A tray of 300 by 200 has 1 m of wall for 0.06 m²: the round one with as much for its area has a radius of 2 × 0.06 / 1 =
  // 0.12 m, and 45 239 mm², so that it is as deep with 45 239 / 60 000 of the mass.
  it('in a tray cools as in the bowl with as much wall for its area', () => {
    const bowl = cooled({
      vessel: { kind: 'bowl', diameterMm: 240 },
      massG: (1000 * Math.PI * 120 ** 2) / 60_000,
    });
    const tray = cooled({});
    expect(tray.under.coldS!).toBeCloseTo(bowl.under.coldS!, 3);
    expect(tray.points.length).toBe(bowl.points.length);
    // Not in a shell: it is cut, where it is, by the rule for pots.
    expect(tray.ready.find(({ what }) => what === 'cut')!.atS!).toBeGreaterThanOrEqual(4 * 3600);
  });

  it('that is left in an oven there is not stands in the room', () => {
    const at = (place: OutStep['place']) => cooled({ out: [{ atMin: 0, place }] }).points;
    expect(at('oven-shut')).toEqual(at('rack'));
  });

  it('is refused with the depth it would have', () => {
    const depth = (massG: number) => {
      const result = coolCream({ ...plan, massG });
      return result.ok ? undefined : [result.problem.code, result.problem.values];
    };
    const mm = (massG: number) => massG / analysis.whole.densityGMl / 60;
    expect(depth(200)).toEqual(['cooling.too-shallow', { depth: { millimetres: mm(200) } }]);
    expect(depth(13_000)).toEqual(['cooling.too-deep', { depth: { millimetres: mm(13_000) } }]);
  });
});
