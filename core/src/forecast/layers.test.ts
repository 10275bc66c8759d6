/** Fruit, second fillings and toppings; topping up; turning the oven on a sign. Facts of the trade: common practice. */
import { codesOf } from '../testing/findings';
import { shadeOf } from '../browning';
import { listOf, PIE, TART } from '../testing/bakes';
import { firstMoment, runCourse, type Model, type Moment } from '../thermal';
import { prepare } from './prepare';
import { pourOn } from './topUp';
import { forecast } from './forecast';
import { LAYER_HOLDS, type PlannedLayer } from './layers';
import { stillAt } from './still';
import { type Forecast } from './outcome';
import { type ForecastPlan } from './plan';

const made = (over: Partial<ForecastPlan>): Forecast => {
  const result = forecast({ ...TART, ...over });
  if (!result.ok) throw new Error(result.problem.code);
  return result.value;
};
const setsAtMin = ({ verdict }: Forecast): number =>
  (verdict.kind === 'window' ? verdict.earliest.timeS : (verdict.setsAtS ?? Infinity)) / 60;

const cherries: PlannedLayer = {
  name: 'Cherries',
  kind: 'fruit-and-nuts',
  place: 'under',
  lines: listOf({ cherries: 300 }),
  ml: 300,
  raw: false,
};
const nutCream: PlannedLayer = {
  name: 'Almond cream',
  kind: 'nut-cream',
  place: 'under',
  lines: listOf({ 'ground-almonds': 100, butter: 100, sugar: 100, egg: 100 }),
  ml: 300,
  raw: true,
};
const crumble: PlannedLayer = {
  name: 'Crumble',
  kind: 'other-part',
  place: 'over',
  lines: listOf({ 'wheat-flour': 100, butter: 70, sugar: 60 }),
  ml: 250,
  raw: false,
};

describe('what lies under the filling', () => {
  it('takes its room, keeps its own heat, and is told of', () => {
    const plain = made({});
    const fruit = made({ laid: [cherries] });
    const shape = fruit.field;
    expect(shape.under).toHaveLength(1);
    const depth = (of: Forecast) =>
      of.field.fill.depthM + of.field.under.reduce((sum, { thicknessM }) => sum + thicknessM, 0);
    expect(depth(fruit)).toBeCloseTo(depth(plain), 6);
    // 300 ml over a base 23.4 cm wide.
    expect(shape.under[0]!.thicknessM * 1000).toBeCloseTo(300_000 / (Math.PI * 117 ** 2), 1);
    expect(fruit.laid).toMatchObject([{ name: 'Cherries', place: 'under' }]);
    expect(fruit.laid[0]!.atPullC).toBeGreaterThan(60);
    expect(fruit.laid[0]!.set).toBeUndefined();
  });

  // Watery fruit under a custard is as much to be heated as the custard it takes the place of: the middle
  // holds at about the same time, and sooner than with as much custard again over it.
  it('delays the middle about as the filling it stands for', () => {
    const fruit = setsAtMin(made({ laid: [cherries] }));
    expect(fruit).toBeGreaterThan(0.6 * setsAtMin(made({})));
    expect(fruit).toBeLessThan(1.1 * setsAtMin(made({})));
  });

  // 25 ml of yolk are a fortieth of the filling's depth: they may change the hours of freezing by about as much.
  it('freezes as if it were not there, where it is but a wash', () => {
    const seal: PlannedLayer = {
      name: 'Egg wash',
      kind: 'seal',
      place: 'under',
      lines: listOf({ 'egg-yolk': 20 }),
      ml: 25,
      raw: false,
    };
    const out: ForecastPlan['out'] = [{ atMin: 0, place: 'freezer' }];
    const sealed = made({ laid: [seal], out });
    expect(sealed.field.under[0]!.thicknessM * 1000).toBeCloseTo(0.58, 1);
    const throughS = ({ cooling }: Forecast) => cooling!.freezing!.throughS!;
    expect(throughS(sealed) / throughS(made({ out }))).toBeGreaterThan(0.95);
    expect(throughS(sealed) / throughS(made({ out }))).toBeLessThan(1.05);
  });

  // Common practice: a raw nut cream wants 90 °C and more all through; under a custard pulled at 75 it stays raw.
  it('says when a raw second filling does not set under the first', () => {
    const { laid } = made({ laid: [nutCream] });
    expect(laid[0]!.setC).toBeGreaterThan(88);
    expect(laid[0]!.set!).toBeLessThan(LAYER_HOLDS);
    // A second custard, as rich in egg as the first, does.
    const custard = made({
      laid: [{ ...nutCream, kind: 'baked-custard', lines: TART.lines, ml: 200 }],
    });
    expect(custard.laid[0]!.set!).toBeGreaterThan(LAYER_HOLDS);
  });

  it('is refused at its place where it leaves no room', () => {
    const result = forecast({ ...TART, laid: [{ ...cherries, ml: 1050 }] });
    expect(result.ok ? '' : result.problem).toMatchObject({ code: 'forecast.too-thin-over' });
  });

  it('is not felt where it is only brushed on', () => {
    expect(made({ laid: [{ ...cherries, ml: 5 }] }).field.under).toHaveLength(0);
  });
});

describe('what lies over the filling', () => {
  // Common practice: a topping keeps the heat of the top off, so that it takes longer, and the custard loses less.
  it('keeps heat and dryness off', () => {
    const plain = made({});
    const covered = made({ laid: [crumble] });
    expect(setsAtMin(covered)).not.toBeCloseTo(setsAtMin(plain), 0);
    expect(covered.waterLostG).toBeLessThan(0.5 * plain.waterLostG);
    expect(covered.top.surfaceC).toBeGreaterThan(plain.top.surfaceC + 5);
    expect(covered.field.over[0]!.name).toBe('Crumble');
    expect(Math.abs(covered.energyResidual)).toBeLessThan(1e-3);
  });
});

describe('topping up in the oven', () => {
  const topped = made({ topUp: { share: 0.6, atMin: 10 } });

  it('draws the lower level until the rest is in, and goes on from there', () => {
    const early = stillAt(topped, 5 * 60).frame;
    expect(early.levelM! / topped.field.fill.depthM).toBeCloseTo(0.6, 2);
    expect(stillAt(topped, 20 * 60).frame.levelM).toBeUndefined();
    expect(
      topped.frames.every(({ timeS }, i) => i === 0 || timeS >= topped.frames[i - 1]!.timeS),
    ).toBe(true);
    expect(Math.abs(topped.energyResidual)).toBeLessThan(1e-3);
  });

  // Source: conservation of heat; what was there by its height, what is poured at its own temperature.
  it('neither makes nor loses heat in the pouring', () => {
    const prepared = prepare({ ...TART, topUp: { share: 0.6, atMin: 10 } });
    if (!prepared.ok) throw new Error(prepared.problem.code);
    const { model, firstPour, oven } = prepared.value;
    const first = firstPour!.model;
    const before = runCourse(first, firstMoment(first), oven, 600).at(-1)!;
    const after = pourOn(first, before, model, 20);
    const heatOf = (of: Model, { temperatureC }: Moment) =>
      temperatureC.reduce(
        (sum, celsius, cell) =>
          sum + (of.mesh.layerOf[cell] === -1 ? of.mesh.volumeM3[cell]! * celsius : 0),
        0,
      );
    const volumeOf = ({ mesh }: Model) =>
      mesh.volumeM3.reduce((sum, each, cell) => sum + (mesh.layerOf[cell] === -1 ? each : 0), 0);
    const poured = 20 * (volumeOf(model) - volumeOf(first));
    expect(Math.abs(heatOf(model, after) / (heatOf(first, before) + poured) - 1)).toBeLessThan(
      0.03,
    );
  });

  it('takes longer than all at once, but not as long again as the rest was kept out', () => {
    const plain = setsAtMin(made({}));
    expect(setsAtMin(topped)).toBeGreaterThan(plain);
    expect(setsAtMin(topped)).toBeLessThan(plain + 10);
  });

  it('is refused when it cannot be', () => {
    const path = (plan: Partial<ForecastPlan>) => {
      const result = forecast({ ...TART, ...plan });
      return result.ok ? undefined : result.problem.path;
    };
    expect(path({ topUp: { share: 0.1, atMin: 10 } })).toBe('topUp');
    expect(path({ topUp: { share: 0.6, atMin: 0 } })).toBe('topUp');
    expect(path({ topUp: { share: 0.6, atMin: 10 }, laid: [crumble] })).toBe('topUp');
  });
});

describe('turning the oven on a sign', () => {
  const on = (sign: 'rim-set' | 'half-set' | 'top-colours', to: number): Partial<ForecastPlan> => ({
    setC: 170,
    programme: { steps: [{ atMin: 0, on: sign, to }] },
  });

  it('is the same bake as turning it at the minute foreseen', () => {
    const bySign = made(on('rim-set', 120));
    const [step] = bySign.steps;
    expect(step).toMatchObject({ on: 'rim-set', to: 120 });
    const byMinute = made({ setC: 170, programme: { steps: [{ atMin: step!.atMin, to: 120 }] } });
    expect(setsAtMin(bySign)).toBeCloseTo(setsAtMin(byMinute), 6);
    // And at that minute the sign shows.
    expect(stillAt(bySign, step!.atMin * 60).frame.wobble.share).toBeCloseTo(0.83, 1);
  });

  it('comes later for a cold filling, and later for half than for the rim', () => {
    const minute = (plan: Partial<ForecastPlan>) => made(plan).steps[0]!.atMin;
    expect(minute({ ...on('rim-set', 120), fillingStartC: 5 })).toBeGreaterThan(
      minute({ ...on('rim-set', 120), fillingStartC: 50 }) + 5,
    );
    expect(minute(on('half-set', 120))).toBeGreaterThan(minute(on('rim-set', 120)));
  });

  it('takes one sign after the other, and minutes among them', () => {
    const { steps } = made({
      setC: 180,
      programme: {
        steps: [
          { atMin: 0, on: 'rim-set', to: 130 },
          { atMin: 5, to: 125 },
          { atMin: 0, on: 'half-set', to: 'off-shut' },
        ],
      },
    });
    expect(steps).toHaveLength(3);
    expect(steps[1]!.atMin).toBeGreaterThan(steps[0]!.atMin);
    expect(steps[2]!.atMin).toBeGreaterThan(steps[1]!.atMin);
  });

  it('says so when a sign does not come', () => {
    const found = made({
      setC: 100,
      programme: { steps: [{ atMin: 0, on: 'top-colours', to: 95 }] },
    });
    expect(found.steps).toHaveLength(0);
    expect(found.cautions).toContainEqual({
      code: 'forecast.sign-never',
      values: { sign: { code: 'sign.top-colours' } },
    });
  });
});

describe('the shell’s colour', () => {
  it('goes on from what it went in with, and a raw one from raw', () => {
    const rim = (plan: Partial<ForecastPlan>) => {
      const { frames, pullS } = made(plan);
      const first = frames[0]!.rimLightness!;
      return [first, frames.find(({ timeS }) => timeS >= pullS)!.rimLightness!] as const;
    };
    const [golden, goldenAfter] = rim({});
    expect(golden).toBeCloseTo(63, 0);
    expect(goldenAfter).toBeLessThan(golden);
    const [straw] = rim({ shellShade: 'straw' });
    expect(straw).toBeGreaterThan(golden);
    const [raw, rawAfter] = rim({ rawShell: true });
    expect(raw).toBeCloseTo(82, 6);
    expect(rawAfter).toBeLessThan(raw - 1);
    expect(made({ shell: 'none', shellThicknessMm: 0 }).frames[0]!.rimLightness).toBeUndefined();
  });

  const shadeAtPull = (plan: Partial<ForecastPlan>) => {
    const { frames, pullS, cautions } = made(plan);
    const l = frames.find(({ timeS }) => timeS >= pullS)!.rimLightness!;
    return { shade: shadeOf(l), l, says: codesOf(cautions) };
  };

  // Common practice: a shell baked golden comes out of a custard's bake a shade darker, not more; a raw one in so cool
  // an oven and a bright tin stays light, straw at the most.
  it('grows by a shade in a custard’s oven, and leaves a raw shell pale there', () => {
    expect(shadeAtPull({}).shade).toBe('hazelnut');
    expect(shadeAtPull({ shellShade: 'straw' }).shade).toBe('golden');
    expect(['raw', 'pale', 'straw']).toContain(
      shadeAtPull({ rawShell: true, fillingStartC: 50, setC: 140 }).shade,
    );
  });

  // Common practice: a raw pie at 215 to 220 °C for 15 min, then 175 to 180, is done with a golden to brown rim; dark
  // metal burns it sooner, and a ring of foil saves it.
  it('browns a raw pie by the time it is done, and warns of a dark tin', () => {
    const raw = {
      ...PIE,
      rawShell: true,
      setC: 218,
      programme: { steps: [{ atMin: 15, to: 178 }] },
    };
    const bright = shadeAtPull(raw);
    expect(['golden', 'hazelnut']).toContain(bright.shade);
    expect(bright.says).not.toContain('forecast.rim-dark');
    // Pulled sooner in dark metal, its rim is as brown by then; left in a hot oven, it burns.
    const inDark = { ...raw, vessel: { ...PIE.vessel, material: 'dark-tin' as const } };
    const rimAt = (plan: Partial<ForecastPlan>, minutes: number) =>
      made(plan).frames.find(({ timeS }) => timeS >= minutes * 60)!.rimLightness!;
    expect(rimAt(inDark, 30)).toBeLessThan(rimAt(raw, 30) - 2);
    const left = { ...inDark, setC: 225, programme: {}, fillingG: 1500 };
    expect(shadeAtPull(left).says).toContain('forecast.rim-dark');
    expect(rimAt({ ...raw, foil: true }, 30)).toBeGreaterThan(rimAt(raw, 30) + 2);
  });

  it('counts what it browned before the rest was poured on', () => {
    const poured = made({ rawShell: true, setC: 200, topUp: { share: 0.6, atMin: 15 } });
    const atPour = poured.frames.find(({ timeS }) => timeS >= 15 * 60)!.rimLightness!;
    expect(atPour).toBeLessThan(poured.frames[0]!.rimLightness!);
    const golden = (change: Partial<ForecastPlan>) =>
      made({
        rawShell: true,
        setC: 200,
        programme: { steps: [{ atMin: 0, on: 'shell-golden', to: 150 }] },
        ...change,
      }).steps[0]!.atMin;
    // The same shell in the same oven: the pour makes a difference of minutes at most.
    expect(Math.abs(golden({ topUp: { share: 0.8, atMin: 5 } }) - golden({}))).toBeLessThan(4);
  });
});
