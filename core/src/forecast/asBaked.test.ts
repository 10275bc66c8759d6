/** What was really done to a bake makes the forecast that a plan with the same in it makes. */
import { TART } from '../testing/bakes';
import { asBaked, settingAt, type Deed } from './asBaked';
import { forecast } from './forecast';
import type { ForecastPlan } from './plan';

const STEPPED: ForecastPlan = {
  ...TART,
  setC: 160,
  programme: { steps: [{ atMin: 15, to: 130 }], swingK: 3 },
};

/** Best pull, s, on a coarse mesh, and what the top has dried, kg/m². */
function bakedAs(plan: ForecastPlan) {
  const made = forecast(plan, { resolution: 0.6, brief: true });
  if (!made.ok || made.value.verdict.kind !== 'window') throw new Error('no window');
  return { bestS: made.value.verdict.best.timeS, driedKgM2: made.value.top.driedKgM2 };
}

it('is the plan itself where nothing was done', () => {
  expect(asBaked(STEPPED, [])).toBe(STEPPED);
});

it('has a planned step at the minute it was made, and what was turned besides in its place', () => {
  const late: Deed = { kind: 'oven', atS: 1080, celsius: 130, step: 0 };
  const hotter: Deed = { kind: 'oven', atS: 300, celsius: 170 };
  const off: Deed = { kind: 'oven-off', atS: 2000, door: 'ajar' };
  expect(asBaked(STEPPED, [late, off, hotter]).programme).toEqual({
    swingK: 3,
    steps: [
      { atMin: 5, to: 170 },
      { atMin: 18, to: 130 },
      { atMin: 2000 / 60, to: 'off-ajar' },
    ],
  });
});

it('holds the last of two turns at one moment, also where the first was planned', () => {
  const steps = asBaked(STEPPED, [
    { kind: 'oven', atS: 900, celsius: 140 },
    { kind: 'oven', atS: 1200, celsius: 150 },
    { kind: 'oven', atS: 1200, celsius: 145 },
  ]).programme!.steps;
  expect(steps).toEqual([
    { atMin: 15, to: 140 },
    { atMin: 20, to: 145 },
  ]);
});

it('throws on a step that the plan does not have', () => {
  expect(() => asBaked(STEPPED, [{ kind: 'oven', atS: 9, celsius: 140, step: 1 }])).toThrow(
    RangeError,
  );
});

it('opens the door for each look, turn and vessel that is taken out', () => {
  const plan = { ...TART, programme: { doors: [{ atMin: 20, forS: 60 }] } };
  expect(
    asBaked(plan, [
      { kind: 'out', atS: 1800, vessels: 2 },
      { kind: 'door', atS: 600, forS: 45 },
      { kind: 'turned', atS: 900 },
    ]).programme,
  ).toEqual({
    doors: [
      { atMin: 10, forS: 45 },
      { atMin: 15, forS: 20 },
      { atMin: 20, forS: 60 },
      { atMin: 30, forS: 20 },
    ],
  });
});

it('knows what the oven is set to at any time', () => {
  const plan = asBaked(STEPPED, [{ kind: 'oven-off', atS: 1500, door: 'shut' }]);
  expect([0, 899, 900, 1499, 1500].map((atS) => settingAt(plan, atS))).toEqual([
    160,
    160,
    130,
    130,
    undefined,
  ]);
});

describe('a forecast of it', () => {
  const plain = bakedAs(TART);

  it('comes later for an oven that was not hot and for a door that stood open', () => {
    const cold = bakedAs(asBaked(TART, [{ kind: 'stood', atS: 0, celsius: 100 }]));
    const open = bakedAs(asBaked(TART, [{ kind: 'door', atS: 600, forS: 300 }]));
    // By hand: 50 K at 15 kJ/K with 2 kW to spare take 6 min, a fifth of the heat short on average: about 70 s.
    expect(cold.bestS - plain.bestS).toBeGreaterThan(40);
    expect(cold.bestS - plain.bestS).toBeLessThan(110);
    expect(open.bestS - plain.bestS).toBeGreaterThan(60);
  });

  it('is that of a foil from the start where it is laid at once, and none where it is laid too late', () => {
    const whole = bakedAs({ ...TART, foil: true });
    const foilAt = (atS: number) => bakedAs(asBaked(TART, [{ kind: 'foil', atS }]));
    // The foil hides the oven from the top: it takes longer, and dries less.
    expect(whole.bestS - plain.bestS).toBeGreaterThan(60);
    expect(foilAt(0)).toEqual(whole);
    expect(foilAt(7000)).toEqual(plain);
    const half = foilAt(1200);
    expect(half.bestS).toBeGreaterThan(plain.bestS);
    expect(half.bestS).toBeLessThan(whole.bestS);
    expect(half.driedKgM2).toBeGreaterThan(whole.driedKgM2);
    expect(half.driedKgM2).toBeLessThan(plain.driedKgM2);
  });

  it('is that of the same oven turned by plan', () => {
    const turned = asBaked({ ...TART, setC: 160 }, [{ kind: 'oven', atS: 900, celsius: 130 }]);
    expect(bakedAs(turned)).toEqual(
      bakedAs({ ...TART, setC: 160, programme: { steps: [{ atMin: 15, to: 130 }] } }),
    );
  });
});
