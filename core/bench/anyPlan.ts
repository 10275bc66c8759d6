/**
 * Plans drawn at random, and what must hold of every forecast and between two of them. The suite draws a few with a
 * fixed seed, `npm run bench` some hundreds with a new one.
 */
import fc from 'fast-check';
import {
  filledToGap,
  forecast,
  levelOf,
  OUT_PLACES,
  OVEN_KINDS,
  SIGNS,
  STANDINGS,
  type Forecast,
  type ForecastPlan,
} from '../src';
import { listOf } from '../src/testing/bakes';

const between = (min: number, max: number) => fc.double({ min, max, noNaN: true });

export const FILLINGS = [
  ['baked-custard', listOf({ cream: 500, milk: 200, 'egg-yolk': 140, sugar: 90 })],
  ['baked-custard', listOf({ milk: 700, egg: 250, 'egg-yolk': 60, sugar: 170 })],
  ['puree-custard', listOf({ 'pumpkin-puree': 450, egg: 150, 'evaporated-milk': 300, sugar: 150 })],
  [
    'nut-cream',
    listOf({ 'ground-almonds': 200, butter: 200, sugar: 200, egg: 200, 'wheat-flour': 40 }),
  ],
  ['fruit-filling', listOf({ apples: 600, 'soured-cream': 220, sugar: 130, 'wheat-flour': 35 })],
] as const;

/** Plans no cook would think of: every field anywhere within reason. */
export const anyPlan: fc.Arbitrary<ForecastPlan> = fc
  .record({
    filling: fc.constantFrom(...FILLINGS),
    shell: fc.constantFrom('none' as const, 'sweet-dough' as const),
    rawShell: fc.boolean(),
    thicknessMm: between(2, 5),
    topMm: between(60, 300),
    leans: between(0.8, 1),
    heightMm: between(15, 90),
    headspaceMm: between(0, 8),
    material: fc.constantFrom(
      'bright-tin' as const,
      'dark-tin' as const,
      'ceramic' as const,
      'glass' as const,
    ),
    kind: fc.constantFrom(...OVEN_KINDS),
    offsetK: between(-12, 12),
    setC: between(80, 230),
    fillingStartC: between(2, 70),
    altitudeM: fc.constantFrom(0, 0, 2500),
    standing: fc.constantFrom(...STANDINGS),
    foil: fc.boolean(),
    bath: fc.option(fc.record({ share: between(0.1, 0.9), waterC: between(10, 98) })),
    step: fc.option(
      fc.record({
        atMin: between(3, 40),
        on: fc.constantFrom(undefined, ...SIGNS),
        to: fc.constantFrom(100, 180, 'off-shut' as const, 'off-ajar' as const),
      }),
    ),
    doorAtMin: fc.option(between(0, 30)),
    topUp: fc.option(fc.record({ share: between(0.4, 0.8), atMin: between(3, 15) }), {
      freq: 6,
    }),
    out: fc.constantFrom(...OUT_PLACES),
  })
  .map(({ filling: [family, lines], ...of }): ForecastPlan => {
    const shell = of.bath ? 'none' : of.shell;
    return {
      lines,
      eggGrade: 'EU M',
      family,
      shell,
      shellThicknessMm: shell === 'none' ? 0 : of.thicknessMm,
      rawShell: shell !== 'none' && of.rawShell,
      headspaceMm: of.headspaceMm,
      vessel: {
        name: 'Any',
        kind: 'straight-tin',
        baseDiameterMm: of.topMm * of.leans,
        topDiameterMm: of.topMm,
        heightMm: of.heightMm,
        lipMm: 0,
        material: of.material,
      },
      oven: { kind: of.kind, offsetK: of.offsetK },
      setC: of.setC,
      fillingStartC: of.fillingStartC,
      roomC: 22,
      altitudeM: of.altitudeM,
      standing: of.standing,
      foil: of.foil,
      ...(of.bath
        ? {
            bath: {
              panLengthMm: 400,
              panBreadthMm: 350,
              levelMm: of.bath.share * of.heightMm,
              waterC: of.bath.waterC,
              vessels: 1,
            },
          }
        : {}),
      ...(of.topUp ? { topUp: of.topUp } : {}),
      programme: {
        ...(of.step ? { steps: [of.step] } : {}),
        ...(of.doorAtMin === null ? {} : { doors: [{ atMin: of.doorAtMin, forS: 60 }] }),
      },
      out: [{ atMin: 0, place: of.out }],
    };
  });

/** What is wrong with a forecast, whatever it is of. */
export function faultsOf({
  verdict,
  frames,
  field,
  energyResidual,
  waterLostG,
  riseMm,
  bath,
}: Forecast) {
  const faults: string[] = [];
  const check = (holds: boolean, fault: string) => {
    if (!holds) faults.push(fault);
  };
  check(Math.abs(energyResidual) < 1e-3, `energy is off by ${energyResidual}`);
  if (verdict.kind === 'window') {
    const { earliest, best, latest } = verdict;
    check(earliest.timeS <= best.timeS && best.timeS <= latest.timeS, 'best is outside its window');
    for (const { timeS, probeC, peakC } of [earliest, best, latest]) {
      check(timeS >= 0 && peakC >= probeC - 0.5, `peaks at ${peakC} after ${probeC}`);
    }
  }
  frames.forEach(({ timeS, probeC, rings }, index) => {
    check(index === 0 || timeS >= frames[index - 1]!.timeS, `goes back in time at ${timeS}`);
    // Sugar boils highest, at some 115 °C; a freezer stands at -18.
    const read = Object.values(probeC);
    check(
      read.every((celsius) => celsius > -20 && celsius < 120),
      `reads ${read.join(', ')}`,
    );
    check(rings.liquid <= rings.moving + 1e-9, 'is liquid where it does not move');
  });
  // Dew on a cold filling in a bath's steam: a film of half a millimetre at the most.
  const dewG = 500 * Math.PI * field.fill.topRadiusM ** 2;
  check(waterLostG > -dewG, `gains ${-waterLostG} g of water`);
  check(riseMm >= 0 && riseMm < 60, `rises ${riseMm} mm`);
  check(!bath || (bath.leftMl >= 0 && bath.leftMl <= bath.waterMl + 20), 'has water from nowhere');
  return faults;
}

/** Nothing done to the oven, poured at once, in a bath only what is baked in one: between such there is a clear order. */
const plain = (plan: ForecastPlan): ForecastPlan => {
  const { programme: _programme, topUp: _topUp, bath, ...rest } = plan;
  return bath && plan.family === 'baked-custard' ? { ...rest, bath } : rest;
};

/** The coarse mesh and the interpolation between pulls leave so much open. */
const TOLERANCE = { share: 0.04, seconds: 20 } as const;

/** When the middle holds, window or not, s; never, as infinity. */
function holdsAtS(plan: ForecastPlan): number | undefined {
  const result = forecast(plan, { resolution: 0.6, brief: true });
  if (!result.ok) return undefined;
  const { verdict } = result.value;
  return verdict.kind === 'window' ? verdict.earliest.timeS : (verdict.setsAtS ?? Infinity);
}

/** A change to a plan after which its middle never holds later. */
const SOONER: Readonly<Record<string, (plan: ForecastPlan) => ForecastPlan | undefined>> = {
  'a hotter oven': (plan) => ({ ...plan, setC: plan.setC + 12 }),
  'a warmer filling': (plan) => ({ ...plan, fillingStartC: plan.fillingStartC + 8 }),
  'a shallower filling': (plan) => {
    const level = levelOf(plan);
    // A filling warmer than the bath it stands in warms it, and the more of it the more.
    const heats = plan.bath !== undefined && plan.bath.waterC < plan.fillingStartC;
    return level.ok && level.value.depthMm > 14 && !heats
      ? filledToGap(plan, level.value.gapMm + 4)
      : undefined;
  },
  'a fan instead of still air': (plan) =>
    plan.oven.kind === 'still' && plan.setC >= 120
      ? { ...plan, oven: { ...plan.oven, kind: 'fan' } }
      : undefined,
  'dark metal instead of bright': (plan) =>
    plan.vessel.material === 'bright-tin'
      ? { ...plan, vessel: { ...plan.vessel, material: 'dark-tin' } }
      : undefined,
};

/** Which order between two plans does not hold, in words. */
export function orderFaultsOf(drawn: ForecastPlan): string[] {
  const plan = plain(drawn);
  const beforeS = holdsAtS(plan);
  if (beforeS === undefined) return [];
  return Object.entries(SOONER).flatMap(([name, change]) => {
    const changed = change(plan);
    const afterS = changed && holdsAtS(changed);
    if (afterS === undefined) return [];
    const atMostS = beforeS * (1 + TOLERANCE.share) + TOLERANCE.seconds;
    return afterS <= atMostS ? [] : [`${name}: ${afterS.toFixed(0)} s after ${beforeS.toFixed(0)}`];
  });
}
