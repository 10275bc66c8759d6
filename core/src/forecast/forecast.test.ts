/**
 * Forecasts against facts of the trade. All bands here are common practice; the model was not
 * fitted to single cases but its few calibrated parameters were chosen with these in view
 * (docs/model.md lists them).
 */
import { codesOf } from '../testing/findings';
import { cautionsFor } from './cautions';
import { forecast } from './forecast';
import { prepare } from './prepare';
import { EDGES } from '../doneness';
import { probeAtTime, stillAt } from './still';
import { remediesFor } from '../remedies';
import { sectionReader } from './section';
import { type Forecast } from './outcome';
import { type ForecastPlan } from './plan';
import { listOf, POT as pot, TART as tart } from '../testing/bakes';

const made = (plan: ForecastPlan, resolution = 1): Forecast => {
  const result = forecast(plan, { resolution });
  if (!result.ok) throw new Error(result.problem.code);
  return result.value;
};

const windowOf = (plan: ForecastPlan) => {
  const { verdict } = made(plan);
  if (verdict.kind !== 'window') throw new Error(verdict.says.code);
  return verdict;
};

/** When the middle would hold, window or not, min. */
const setsAtMin = (plan: ForecastPlan): number => {
  const { verdict } = made(plan);
  const seconds = verdict.kind === 'window' ? verdict.earliest.timeS : verdict.setsAtS;
  return (seconds ?? Infinity) / 60;
};

describe('against the trade', () => {
  // Common practice: custard in a baked shell at 130 to 165 °C takes 20 min (shallow) to an hour (deep).
  it('a custard tart takes its usual time', () => {
    const { best } = windowOf(tart);
    expect(best.timeS / 60).toBeGreaterThan(25);
    expect(best.timeS / 60).toBeLessThan(60);
    const shallow = windowOf({ ...tart, headspaceMm: 14, fillingStartC: 45 });
    expect(shallow.best.timeS / 60).toBeGreaterThan(12);
    expect(shallow.best.timeS / 60).toBeLessThan(30);
  });

  // Common practice: pulled at 74 to 80 °C in the middle while a third to two thirds of it still move as a
  // jelly, it coasts by one to 4 °C.
  it('is pulled while the middle wobbles, and coasts', () => {
    const { earliest, best, latest } = windowOf(tart);
    expect(best.probeC).toBeGreaterThan(74);
    expect(best.probeC).toBeLessThan(80);
    // What still comes out lies to either side of what cooks go by; unstarched custard curdles from about 85.
    expect(earliest.probeC).toBeGreaterThan(70);
    expect(latest.probeC).toBeLessThan(85);
    for (const pull of [earliest, best, latest]) {
      expect(pull.peakC - pull.probeC).toBeGreaterThanOrEqual(0);
      expect(pull.peakC - pull.probeC).toBeLessThan(4);
    }
    expect(earliest.wobble.share).toBeGreaterThan(best.wobble.share);
    expect(best.wobble.share).toBeGreaterThan(latest.wobble.share);
    expect(best.wobble.motion).toBe('jelly');
    expect(best.wobble.share).toBeGreaterThan(0.25);
    expect(best.wobble.share).toBeLessThan(0.85);
  });

  // Common practice: a tart filled hot sets far sooner than one filled cold.
  it('filled hot sets far sooner', () => {
    expect(setsAtMin({ ...tart, fillingStartC: 55 })).toBeLessThan(0.75 * setsAtMin(tart));
  });

  // Common practice: time follows depth.
  it('deeper takes longer', () => {
    const deep = { ...tart, vessel: { ...tart.vessel, heightMm: 45 } };
    expect(setsAtMin(deep)).toBeGreaterThan(1.3 * setsAtMin(tart));
  });

  // Common practice: a fan oven acts 15 to 25 °C hotter. Nothing in the model says so directly.
  it('a fan acts about twenty degrees hotter', () => {
    const fan = setsAtMin({ ...tart, setC: 140, oven: { kind: 'fan', offsetK: 0 } });
    expect(fan).toBeLessThan(setsAtMin({ ...tart, setC: 152 }));
    expect(fan).toBeGreaterThan(setsAtMin({ ...tart, setC: 168 }));
  });

  // Common practice: pots want a bath; in a dry oven the edge curdles before the middle sets.
  it('a pot in a dry hot oven has no window, and is told what to do', () => {
    const { verdict } = made(pot);
    expect(verdict).toMatchObject({ kind: 'no-window', reason: 'curdles-before-it-sets' });
    expect(remediesFor(pot).map(({ change }) => change.kind)).toContain('bath');
  });

  // Common practice: lower and slower is safer; dark tins overbake the rim.
  it('a cooler oven gives more time to pull, a dark tin less', () => {
    const width = (plan: ForecastPlan) => {
      const { verdict } = made(plan);
      return verdict.kind === 'window' ? verdict.latest.timeS - verdict.earliest.timeS : 0;
    };
    expect(width({ ...tart, setC: 140 })).toBeGreaterThan(width({ ...tart, setC: 170 }));
    expect(width({ ...tart, vessel: { ...tart.vessel, material: 'dark-tin' } })).toBeLessThan(
      width(tart),
    );
  });

  it('an oven that runs cool is allowed for', () => {
    const cool = setsAtMin({ ...tart, setC: 159, oven: { kind: 'still', offsetK: -9 } });
    expect(cool).toBeCloseTo(setsAtMin(tart), 6);
  });

  // Common practice: a custard loses some per cent of its weight in the oven.
  it('loses a plausible weight of water', () => {
    expect(made(tart).waterLostG).toBeGreaterThan(15);
    expect(made(tart).waterLostG).toBeLessThan(120);
  });
});

describe('its numbers', () => {
  const places = ['rim', 'halfRadius', 'centre'] as const;

  it('lie within 0.3 °C of the converged answer', () => {
    const working = made(tart);
    const fine = made(tart, 3);
    for (const place of places) {
      for (let timeS = 300; timeS <= working.pullS - 60; timeS += 300) {
        expect(
          Math.abs(probeAtTime(working, place, timeS) - probeAtTime(fine, place, timeS)),
        ).toBeLessThan(0.3);
      }
    }
    expect(Math.abs(working.pullS - fine.pullS)).toBeLessThan(30);
  });

  it('close their energy balance', () => {
    for (const plan of [tart, pot]) expect(Math.abs(made(plan).energyResidual)).toBeLessThan(0.001);
  });

  it('are finite, and their frames run on through the pull', () => {
    const { frames, pullS, temperatureC } = made(tart);
    expect(frames).toHaveLength(temperatureC.length);
    expect(frames[0]).toMatchObject({ timeS: 0, inOven: true });
    expect(frames[frames.length - 1]!.timeS).toBeCloseTo(pullS + 2400, 3);
    frames
      .slice(1)
      .forEach((frame, index) => expect(frame.timeS).toBeGreaterThan(frames[index]!.timeS));
    expect(temperatureC.every((field) => field.every(Number.isFinite))).toBe(true);
  });

  it('draw the history of the pull that is chosen, and the same window for all', () => {
    const best = made(tart);
    const late = made({ ...tart, pull: 'latest' });
    expect(late.verdict).toEqual(best.verdict);
    expect(late.verdict.kind === 'window' && late.pullS === late.verdict.latest.timeS).toBe(true);
    const atPull = late.frames.find((frame) => frame.timeS === late.pullS);
    expect(atPull?.inOven).toBe(true);
    expect(late.verdict.kind === 'window' && late.verdict.latest.probeC).toBeCloseTo(
      atPull?.probeC.centre ?? 0,
      1,
    );
  });

  // Worked by hand: a third of the way between two frames is two thirds of the one and one of the other.
  it('are read between frames along a straight line', () => {
    const made1 = made(tart);
    const [a, b] = [made1.frames[20]!, made1.frames[21]!];
    const still = stillAt(made1, a.timeS + (b.timeS - a.timeS) / 3);
    expect(still.frame.probeC.rim).toBeCloseTo((2 * a.probeC.rim + b.probeC.rim) / 3, 10);
    expect(still.temperatureC[5]).toBeCloseTo(
      (2 * made1.temperatureC[20]![5]! + made1.temperatureC[21]![5]!) / 3,
      4,
    );
    expect(stillAt(made1, -10).frame).toBe(made1.frames[0]);
    expect(stillAt(made1, 1e9).frame).toBe(made1.frames.at(-1));
    expect(stillAt(made1, a.timeS).frame).toBe(a);
  });

  // What is drawn cell by cell says the same as what is told of the whole: raw at first, and at the pull set at the rim
  // and not yet in the middle.
  it('has how far each cell of the filling has set', () => {
    const { field, setExtent, curdledExtent, frames, pullS } = made(tart);
    const cells = field.fillColumns * field.fillRows;
    expect(setExtent).toHaveLength(frames.length);
    expect(curdledExtent).toHaveLength(frames.length);
    expect(setExtent[0]).toHaveLength(cells);
    expect(Math.max(...setExtent[0]!)).toBeLessThan(EDGES.thickens);
    const at = frames.findIndex(({ timeS }) => timeS >= pullS);
    const pulled = setExtent[at]!;
    expect(frames[at]!.rings.moving).toBeGreaterThan(0);
    expect(pulled[0]!).toBeLessThan(pulled[cells - 1]!);
    expect(pulled[cells - 1]!).toBeGreaterThan(EDGES.holds);
    expect(Math.max(...pulled)).toBeLessThanOrEqual(1);
  });

  it('report progress up to the end', () => {
    const shares: number[] = [];
    forecast(tart, { onProgress: (share) => shares.push(share) });
    expect(shares[shares.length - 1]).toBe(1);
    expect([...shares].sort((a, b) => a - b)).toEqual(shares);
  });
});

describe('the section', () => {
  // The reader interpolates between cells: at the axis and half depth it must give what the centre
  // probe gave, and a field that is linear in height must come out linear.
  it('draws the field that was computed', () => {
    const made1 = made(tart);
    const read = sectionReader(made1.field, 31, 31);
    const index = 25;
    const grid = read(made1.temperatureC[index]!);
    const { depthM } = made1.field.fill;
    const halfRow = Math.round(((grid.topM - depthM / 2) / (grid.topM - grid.bottomM)) * 30);
    expect(Math.abs(grid.values[halfRow * 31]! - made1.frames[index]!.probeC.centre)).toBeLessThan(
      0.5,
    );
    const heights = made1.temperatureC[0]!.map(
      (_, cell) => made1.field.heightM[cell % made1.field.rows]!,
    );
    const linear = read(heights);
    for (const row of [10, 15, 20]) {
      const height = linear.topM - ((linear.topM - linear.bottomM) * row) / 30;
      expect(linear.values[row * 31 + 7]!).toBeCloseTo(height, 6);
    }
  });

  it('shows rings that grow inwards and never cross', () => {
    const { frames } = made(tart);
    for (const { rings } of frames) {
      expect(rings.liquid).toBeLessThanOrEqual(rings.moving);
      expect(rings.curdledFrom).toBeGreaterThan(0);
    }
    expect(frames[0]!.rings).toEqual({ liquid: 1, moving: 1, curdledFrom: 1 });
    expect(frames[frames.length - 1]!.rings.moving).toBe(0);
  });
});

describe('a plan that cannot be baked', () => {
  it.each([
    ['an oven under the setting temperature', { setC: 75 }, 'forecast.oven-too-cool', 'setC'],
    ['an oven no kitchen has', { setC: 900 }, 'forecast.oven-setting', 'setC'],
    ['a boiling filling', { fillingStartC: 99 }, 'forecast.filling-start', 'fillingStartC'],
    ['a frozen kitchen', { roomC: -30 }, 'forecast.room', 'roomC'],
    ['an altitude in space', { altitudeM: 90000 }, 'forecast.altitude', 'altitudeM'],
    ['a gap that leaves no filling', { headspaceMm: 26 }, 'shell.gap-too-large', 'headspaceMm'],
    ['a shell thicker than any', { shellThicknessMm: 40 }, 'shell.thickness', 'shellThicknessMm'],
    ['a family of other rules', { family: 'curd' }, 'forecast.not-by-oven', 'family'],
    [
      'a tin with a negative height',
      { vessel: { ...tart.vessel, heightMm: -2 } },
      'vessel.measure',
      'vessel',
    ],
    [
      'an oven beyond repair',
      { oven: { kind: 'still', offsetK: 500 } },
      'forecast.oven-offset',
      'oven',
    ],
    ['nothing on the list', { lines: [] }, 'setting.empty', 'family'],
    [
      'an ingredient nobody knows',
      { lines: [...tart.lines, { id: 'x', ingredientId: 'moonlight', amount: 5, unit: 'g' }] },
      'line.no-ingredient',
      'lines.5.ingredientId',
    ],
    [
      'an amount nobody knows',
      {
        lines: [
          ...tart.lines,
          { id: 'x', ingredientId: 'milk', amount: 0, unit: 'g', vague: 'unknown' },
        ],
      },
      'formula.cannot-tell',
      'lines',
    ],
    ['a glaze of a batch', { fillingG: 60 }, 'forecast.too-thin', 'lines'],
  ] as const)('%s is sent back at its field', (_, change, code, path) => {
    const result = forecast({ ...tart, ...change });
    expect(result.ok).toBe(false);
    if (result.ok) return;
    expect(result.problem.code).toBe(code);
    expect(result.problem.path).toBe(path);
  });

  // Common practice: hot cream on yolks may give more than 75 °C, and is poured; past where it curdles it is cooled first.
  it('takes a filling poured hot, and says so where it is too hot', () => {
    const hot = windowOf({ ...tart, fillingStartC: 78 });
    expect(hot.best.timeS).toBeLessThan(0.5 * windowOf(tart).best.timeS);
    const { verdict } = made({ ...tart, fillingStartC: 92 });
    expect(verdict.kind === 'no-window' && verdict.says).toEqual({
      code: 'forecast.poured-too-hot.curdles',
      values: { at: { celsius: 92 } },
    });
    // Starch leaves nothing to curdle: it is poured as hot as it comes.
    const starched = {
      ...tart,
      lines: [
        ...tart.lines,
        { id: 'x', ingredientId: 'cornflour', amount: 30, unit: 'g' as const },
      ],
      fillingStartC: 92,
    };
    expect(made(starched).verdict.kind).toBe('window');
  });

  // Half a batch is half as deep, whatever the tin would hold.
  it('forecasts the batch, and a full tin takes longer', () => {
    const half = { ...tart, fillingG: 500 };
    expect(made(half).level.depthMm).toBeLessThan(0.6 * made(tart).level.depthMm);
    expect(windowOf(half).best.timeS).toBeLessThan(0.8 * windowOf(tart).best.timeS);
    const { massG } = made(tart).level;
    const same = made({ ...tart, fillingG: massG });
    expect(same.level.depthMm).toBeCloseTo(made(tart).level.depthMm, 3);
  });

  // The published hold does at a lower heat what 71 °C does at once: one caution says which of the two it is.
  it('says once which holds, the heat or the time, and says it first', () => {
    const plan = { ...tart, lines: listOf({ 'egg-yolk': 400, cream: 20 }), setC: 110 };
    const of = (verdictPlan: ForecastPlan) => {
      const { cautions, safety, verdict } = made(verdictPlan);
      const peakC = verdict.kind === 'window' ? verdict.best.peakC : Number.NaN;
      const codes = codesOf(cautions);
      return { peakC, times: safety.timesPublished, codes };
    };
    const held = of(plan);
    expect(held.peakC).toBeLessThan(71);
    expect(held.times).toBeGreaterThan(1);
    expect(held.codes[0]).toBe('forecast.under-71-held');
    expect(held.codes).not.toContain('forecast.under-71');
    // Held for less than the published time, it is the heat that is missing.
    const { level, verdict } = made(plan);
    const prepared = prepare(plan);
    if (verdict.kind !== 'window' || !prepared.ok) throw new Error('no window');
    const brief = cautionsFor(plan, verdict.best, {
      level,
      spoilt: 0,
      bakes: prepared.value.bakes,
      riseMm: 0,
      rimDarkS: 600,
      topDarkS: undefined,
      neverShows: undefined,
      timesPublished: 0.9,
    });
    expect(codesOf(brief).slice(0, 2)).toEqual(['forecast.under-71', 'forecast.rim-dark']);
  });
});
