/** Cases as another solver would be given them, against solutions worked out by hand. */
import {
  evaporationHeatJkg,
  forecast,
  probeAtTime,
  runBakeCase,
  saturationPressurePa,
} from '@hollow-moon/core';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { bakeCaseSchema, caseOfPlan, fromBakeCase, resultToCsv, toBakeCase } from './index';

const shipped = (name: string): string =>
  readFileSync(join(__dirname, '../../../docs/cases', name), 'utf8');

const face = { convectionWm2K: 12, airC: 150 };
/** A lump: 4 cm wide and 2 cm high, of something that conducts as no food does. */
const lump = {
  format: 'hollow-moon/bake-case',
  version: 1,
  materials: { metal: { conductivityWmK: 2000, densityKgM3: 1000, heatCapacityJkgK: 3600 } },
  geometry: { filling: 'metal', depthM: 0.02, bottomRadiusM: 0.02, topRadiusM: 0.02 },
  start: { fillingC: 20 },
  stages: [{ untilS: 3600, top: face, side: face, base: face }],
  probes: [{ name: 'centre', radiusM: 0, heightM: 0.01 }],
  outputTimesS: [0, 600, 1800, 3600],
};
const computed = (over: object) => runBakeCase(bakeCaseSchema.parse({ ...lump, ...over }));

describe('a bake case', () => {
  // Source: lumped capacity, Incropera 5.1: T = Ta + (T0 - Ta) exp(-h A t / ρ c V); A/V = 2/H + 2/R = 200 1/m.
  it('is computed with the coefficients that are given, and no others', () => {
    const { timesS, probes, energy } = computed({});
    expect(timesS).toEqual(lump.outputTimesS);
    timesS.forEach((time, index) => {
      const expected = 150 - 130 * Math.exp((-12 * 200 * time) / (1000 * 3600));
      expect(Math.abs(probes[0]!.temperatureC[index]! - expected)).toBeLessThan(0.05);
    });
    expect(Math.abs(energy.residual)).toBeLessThan(1e-3);
    const volume = Math.PI * 0.02 ** 2 * 0.02;
    const risen = probes[0]!.temperatureC.at(-1)! - 20;
    expect(energy.storedJ / (risen * 1000 * 3600 * volume)).toBeCloseTo(1, 3);
  });

  // Source: the balance of a wet surface, solved here by bisection: h (Ta - T) = k L(T) (a ps(T) - p).
  it('evaporates by the transfer and the activity that are given', () => {
    const law = { activity: 0.9, vapourPressurePa: 3000, transferKgM2SPa: 4e-8 };
    const closed = { convectionWm2K: 0, airC: 150 };
    const { probes, waterLostKg, energy } = computed({
      stages: [{ untilS: 36_000, top: { ...face, evaporation: law }, side: closed, base: closed }],
      outputTimesS: [36_000],
    });
    let [low, high] = [20, 100];
    for (let halving = 0; halving < 50; halving += 1) {
      const t = (low + high) / 2;
      const loss =
        law.transferKgM2SPa * evaporationHeatJkg(t) * (0.9 * saturationPressurePa(t) - 3000);
      if (12 * (150 - t) > loss) low = t;
      else high = t;
    }
    expect(probes[0]!.temperatureC[0]).toBeCloseTo(low, 1);
    // What is lost is the heat of evaporation that was spent.
    expect(energy.evaporationJ / waterLostKg).toBeCloseTo(evaporationHeatJkg(low), -5);
  });

  // Source: first order at constant temperature: 1 - exp(-k t).
  it('follows reactions', () => {
    const { probes, meanExtents } = computed({
      start: { fillingC: 150 },
      reactions: [{ name: 'set', ratePerS: 0.001, referenceC: 150, zK: 5 }],
    });
    const set = probes[0]!.extents.set!;
    expect(set.at(-1)).toBeCloseTo(1 - Math.exp(-3.6), 4);
    expect(meanExtents.set).toBeCloseTo(1 - Math.exp(-3.6), 4);
  });

  // Source: the heat balance of a lump, by quadrature over its temperature: dt = -C(T) dT / (h A/V (T - Ta)), with C as the
  // documentation gives it: ρ c + w (333.4 kJ/kg · -Tf / T² - 2120 J/(kg K) (1 - Tf / T)) under Tf.
  it('freezes what it is told freezes', () => {
    const [fromC, waterKgM3, airC] = [-1.5, 600, -20];
    const capacity = (t: number) =>
      t >= fromC
        ? 1000 * 3600
        : 1000 * 3600 + waterKgM3 * ((333_400 * -fromC) / t ** 2 - (4180 - 2060) * (1 - fromC / t));
    const to = -6;
    const steps = 20_000;
    const dt = (0 - to) / steps;
    let seconds = 0;
    for (let step = 0; step < steps; step += 1) {
      const t = to + (step + 0.5) * dt;
      seconds += (capacity(t) * dt) / (12 * 200 * (t - airC));
    }
    const cold = { convectionWm2K: 12, airC };
    const { probes, energy } = computed({
      materials: { metal: { ...lump.materials.metal, freezes: { fromC, waterKgM3 } } },
      start: { fillingC: 0 },
      stages: [{ untilS: seconds, top: cold, side: cold, base: cold }],
      outputTimesS: [seconds],
    });
    expect(Math.abs(probes[0]!.temperatureC[0]! - to)).toBeLessThan(0.05);
    expect(Math.abs(energy.residual)).toBeLessThan(1e-3);
    // Ice over 0 °C is refused at its place.
    expect(
      bakeCaseSchema.safeParse({
        ...lump,
        materials: { metal: { ...lump.materials.metal, freezes: { fromC: 1, waterKgM3 } } },
      }).success,
    ).toBe(false);
  });

  it('goes from stage to stage in time', () => {
    const cold = { convectionWm2K: 12, airC: 20 };
    const { probes } = computed({
      stages: [lump.stages[0], { untilS: 7200, top: cold, side: cold, base: cold }],
      outputTimesS: [3600, 7200],
    });
    const [hot, cooled] = probes[0]!.temperatureC;
    const expected = 20 + (hot! - 20) * Math.exp((-12 * 200 * 3600) / (1000 * 3600));
    expect(Math.abs(cooled! - expected)).toBeLessThan(0.05);
  });

  it.each(['tart.json', 'pot-in-bath.json'])(
    'that ships (%s) closes its balance, converges and comes back as it went',
    (name) => {
      const read = fromBakeCase(shipped(name));
      if (!read.ok) throw new Error(read.problem.code);
      const again = fromBakeCase(toBakeCase(read.value));
      expect(again).toEqual(read);
      const result = runBakeCase(read.value);
      expect(Math.abs(result.energy.residual)).toBeLessThan(1e-3);
      const finer = runBakeCase({
        ...read.value,
        solver: { resolution: 3, toleranceK: 0.1, longestStepS: 20 },
      });
      const apart = result.probes.flatMap((probe, which) =>
        probe.temperatureC.map((value, index) =>
          Math.abs(value - finer.probes[which]!.temperatureC[index]!),
        ),
      );
      expect(Math.max(...apart)).toBeLessThan(0.3);
      const csv = resultToCsv(result).trim().split('\n');
      expect(csv[0]).toMatch(/^time_s,centre_C/);
      expect(csv).toHaveLength(result.timesS.length + 1);
    },
  );

  it.each([
    ['no JSON', '{', undefined],
    ['another file', '{"format":"x"}', 'format'],
    [
      'a material that is not there',
      { geometry: { ...lump.geometry, filling: 'gold' } },
      'geometry.filling',
    ],
    [
      'a probe in the air',
      { probes: [{ name: 'x', radiusM: 0, heightM: 0.5 }] },
      'probes.0.heightM',
    ],
    ['a time after the end', { outputTimesS: [9999] }, 'outputTimesS.0'],
    ['a field that is none', { oven: 150 }, ''],
    [
      'stages that go back',
      { stages: [lump.stages[0], { ...lump.stages[0], untilS: 10 }] },
      'stages.1.untilS',
    ],
    [
      'a negative coefficient',
      { stages: [{ ...lump.stages[0], top: { convectionWm2K: -1, airC: 1 } }] },
      'stages.0.top.convectionWm2K',
    ],
  ])('is refused with %s, at its field', (_, over, path) => {
    const text = typeof over === 'string' ? over : JSON.stringify({ ...lump, ...over });
    const read = fromBakeCase(text);
    expect(read.ok).toBe(false);
    if (path !== undefined && !read.ok) expect(read.problem.path).toBe(path);
  });
});

describe('the case of a forecast', () => {
  const plan = {
    lines: Object.entries({ cream: 520, milk: 180, 'egg-yolk': 142, sugar: 80 }).map(
      ([ingredientId, amount]) => ({ id: ingredientId, ingredientId, amount, unit: 'g' as const }),
    ),
    eggGrade: 'EU M' as const,
    family: 'baked-custard' as const,
    shell: 'sweet-dough' as const,
    vessel: {
      name: 'Tin',
      kind: 'straight-tin' as const,
      baseDiameterMm: 240,
      topDiameterMm: 240,
      heightMm: 30,
      lipMm: 0,
      material: 'bright-tin' as const,
    },
    shellThicknessMm: 3,
    headspaceMm: 3,
    oven: { kind: 'still' as const, offsetK: 0, swingK: 0 },
    setC: 145,
    fillingStartC: 45,
    roomC: 22,
    altitudeM: 0,
  };
  const pots = {
    ...plan,
    shell: 'none' as const,
    shellThicknessMm: 0,
    vessel: {
      ...plan.vessel,
      kind: 'ramekin' as const,
      baseDiameterMm: 80,
      topDiameterMm: 86,
      heightMm: 45,
    },
    bath: { panLengthMm: 380, panBreadthMm: 280, levelMm: 22, waterC: 90, vessels: 6 },
  };

  it.each([
    ['a tart', plan],
    ['pots in a bath', pots],
  ])('computes what the forecast computed: %s', (_, of) => {
    const foreseen = forecast(of);
    if (!foreseen.ok) throw new Error(foreseen.problem.code);
    const made = caseOfPlan('Tart', of, foreseen.value.pullS);
    if (!made.ok) throw new Error(made.problem.code);
    const again = fromBakeCase(toBakeCase(made.value));
    if (!again.ok) throw new Error(again.problem.code);
    const result = runBakeCase(again.value);
    const centre = result.probes.find(({ name }) => name === 'centre')!;
    for (const [index, time] of result.timesS.entries()) {
      if (index % 5 !== 0) continue;
      // The case is computed on a finer mesh.
      expect(
        Math.abs(centre.temperatureC[index]! - probeAtTime(foreseen.value, 'centre', time)),
      ).toBeLessThan(0.5);
    }
  });
});
