/**
 * What becomes of a pulled filling, and where its window is found to lie, on a small coarse cup whose answers can be
 * worked out without the solver.
 */
import {
  buildModel,
  firstMoment,
  runCourse,
  steady,
  type Course,
  type Cup,
  type Face,
  type Model,
  type Moment,
  type Reaction,
} from '../thermal';
import {
  centreOf,
  coast,
  columnMeans,
  curdledShare,
  learntEnough,
  momentAt,
  searchWindow,
  seenFromAbove,
  slowestColumn,
  windowOf,
  type Aim,
} from './index';

const SETS: Reaction = {
  ratePerS: 2e-4,
  referenceC: 80,
  zK: 6,
  final: { halfC: 75, widthK: 2 },
};
const SPOILS: Reaction = {
  ...SETS,
  ratePerS: 1e-4,
  referenceC: 92,
  final: { halfC: 95, widthK: 2 },
};

/** A flared cup with a base under it, so that no row or column counts alike. */
const CUP: Cup = {
  material: { name: 'filling', conductivityWmK: [0.5, 0, 0], heatCapacityJm3K: [3.8e6, 0, 0] },
  depthM: 0.02,
  bottomRadiusM: 0.03,
  topRadiusM: 0.035,
  startC: 20,
  layers: [
    {
      material: { name: 'base', conductivityWmK: [0.2, 0, 0], heatCapacityJm3K: [2e6, 0, 0] },
      baseThicknessM: 0.004,
      wallThicknessM: 0.001,
      cells: 2,
      startC: 20,
    },
  ],
};
const model = buildModel(CUP, [SETS, SPOILS], 0.4);
const { mesh } = model;

const shut: Face = { convectionWm2K: 0, airC: 20, emissivity: 0, radiantC: 20 };
/** No heat passes: what is in the cup stays in it. */
const INSULATED: Course = steady({ top: shut, side: shut, base: shut });
const face = (airC: number): Face => ({ convectionWm2K: 18, airC, emissivity: 0, radiantC: airC });
const inAir = (airC: number): Course =>
  steady({ top: face(airC), side: face(airC), base: face(airC) });

/** The cup at `timeS` with the same temperature all through, and extents by row of its filling. */
function uniform(celsius: number, timeS = 0, extents: readonly number[] = [0, 0]): Moment {
  const first = firstMoment(model);
  return {
    ...first,
    timeS,
    temperatureC: first.temperatureC.map(() => celsius),
    surfaceC: first.surfaceC.map(() => celsius),
    extents: first.extents.map((extent, index) => extent.map(() => extents[index]!)),
  };
}

describe('the coast of a filling that neither gains nor loses heat', () => {
  const rate = (celsius: number) => SETS.ratePerS * 10 ** ((celsius - SETS.referenceC) / SETS.zK);
  const final = (celsius: number) =>
    1 / (1 + Math.exp((SETS.final!.halfC - celsius) / SETS.final!.widthK));

  // Worked by hand: at a steady temperature the extent nears its end as 1 - exp(-rate × time), for the hour it is followed.
  it('sets by its rate for an hour, and no longer', () => {
    const made = coast(model, uniform(78, 500, [0.1, 0]), INSULATED);
    const end = final(78);
    expect(made.set).toBeCloseTo(end - (end - 0.1) * Math.exp(-rate(78) * 3600), 4);
    expect(made.setAtPull).toBeCloseTo(0.1, 9);
    expect(made).toMatchObject({ pullS: 500, peakAfterS: 0 });
    expect(made.probeC).toBeCloseTo(78, 6);
    expect(made.peakC).toBeCloseTo(78, 4);
  });

  // Eight degrees under its reference it is taken to be at rest; at 73 °C it is followed still.
  it('is left once it is eight degrees under its reference', () => {
    const { set } = coast(model, uniform(71.5, 500, [0.02, 0]), INSULATED);
    expect(set).toBeCloseTo(0.02, 3);
    const on = coast(model, uniform(73, 500, [0.02, 0]), INSULATED).set;
    expect(on).toBeCloseTo(final(73) - (final(73) - 0.02) * Math.exp(-rate(73) * 3600), 4);
    expect(on).toBeGreaterThan(0.03);
  });

  it('curdles by the share of its volume that is grainy in the end', () => {
    // Half way up the ramp from 0.3 to 0.7, and nothing more happens at 60 °C.
    expect(coast(model, uniform(60, 0, [1, 0.5]), INSULATED).curdled).toBeCloseTo(0.5, 6);
    expect(coast(model, uniform(60, 0, [1, 0.4]), INSULATED).curdled).toBeCloseTo(0.25, 6);
  });

  // Conservation: the heat of a hot rim spreads over the cup, whose middle comes to the mean by heat capacity.
  it('warms its middle by what its rim holds', () => {
    const start = uniform(74);
    const last = mesh.fillColumns - 1;
    const hot = start.temperatureC.map((celsius, cell) =>
      Math.floor(cell / mesh.rows) >= last ? 90 : celsius,
    );
    const heat = (cell: number) => (mesh.layerOf[cell]! < 0 ? 3.8e6 : 2e6) * mesh.volumeM3[cell]!;
    let [sum, all] = [0, 0];
    hot.forEach((celsius, cell) => {
      sum += heat(cell) * celsius;
      all += heat(cell);
    });
    const made = coast(model, { ...start, timeS: 900, temperatureC: hot }, INSULATED);
    expect(made.probeC).toBeCloseTo(74, 6);
    expect(sum / all).toBeGreaterThan(76);
    // An hour is many times what heat takes to cross three centimetres.
    expect(made.peakC).toBeCloseTo(sum / all, 1);
    expect(made.peakAfterS).toBeGreaterThan(600);
    expect(made.peakAfterS).toBeLessThanOrEqual(3600);
  });

  it('reads the probe at the axis, half-way up', () => {
    expect(centreOf(model)).toEqual({ radiusShare: 0, heightM: 0.01 });
  });
});

describe('the columns of a filling', () => {
  const byCell = (value: (column: number, row: number) => number): Float64Array =>
    Float64Array.from({ length: mesh.fillColumns * mesh.fillRows }, (_, cell) =>
      value(Math.floor(cell / mesh.fillRows), cell % mesh.fillRows),
    );
  const withExtents = (set: Float64Array, spoilt = byCell(() => 0)): Moment => ({
    ...uniform(60),
    extents: [set, spoilt],
  });
  const volume = (column: number, row: number) =>
    mesh.volumeM3[column * mesh.rows + mesh.baseRows + row]!;

  // By hand: mean over a column by the volumes of its cells, those of the base left out.
  it('have the mean of their cells by volume', () => {
    const extent = byCell((column, row) => (row === 0 ? 1 : 0.1 * column));
    const means = columnMeans(model, extent);
    expect(mesh.baseRows).toBeGreaterThan(0);
    means.forEach((mean, column) => {
      const volumes = Array.from({ length: mesh.fillRows }, (_, row) => volume(column, row));
      const rest = volumes.slice(1).reduce((sum, each) => sum + each, 0);
      expect(mean).toBeCloseTo((volumes[0]! + 0.1 * column * rest) / (volumes[0]! + rest), 12);
    });
  });

  it('are told by the one furthest behind', () => {
    const moment = withExtents(byCell((column) => (column === 1 ? 0.2 : 0.9)));
    expect(slowestColumn(model, moment)).toBeCloseTo(0.2, 12);
  });

  it('curdle by the volume of the cells that are grainy', () => {
    const spoilt = byCell((column, row) => (column === 0 && row === 1 ? 1 : 0));
    let all = 0;
    for (let column = 0; column < mesh.fillColumns; column += 1) {
      for (let row = 0; row < mesh.fillRows; row += 1) all += volume(column, row);
    }
    expect(curdledShare(model, withExtents(spoilt, spoilt))).toBeCloseTo(volume(0, 1) / all, 12);
    const onlySets = buildModel(CUP, [SETS], 0.4);
    expect(curdledShare(onlySets, firstMoment(onlySets))).toBe(0);
  });

  it('move as a liquid, a jelly, barely or not at all by how far the middle has set', () => {
    const motion = (set: number) =>
      seenFromAbove(model, withExtents(byCell(() => set))).wobble.motion;
    expect([0.05, 0.5, 0.85, 0.88, 0.95].map(motion)).toEqual([
      'liquid',
      'jelly',
      'jelly',
      'barely',
      'still',
    ]);
  });

  it('are curdled from the ring on where half of their depth is', () => {
    const half = Math.floor(mesh.fillColumns / 2);
    const spoilt = byCell((column) => (column >= half ? 1 : 0));
    const { curdledFrom, liquid } = seenFromAbove(model, withExtents(spoilt, spoilt)).rings;
    const edge = mesh.topFaceRadiusM;
    // Between the middles of the columns on both sides of the step, 0.4 and 0.08 of the way.
    const middle = (column: number) => (edge[column]! + edge[column + 1]!) / 2;
    const at = (share: number) =>
      (middle(half - 1) + share * (middle(half) - middle(half - 1))) / edge[mesh.fillColumns]!;
    expect(curdledFrom).toBeCloseTo(at(0.4), 12);
    expect(liquid).toBeCloseTo(at(0.08), 12);
    const sound = seenFromAbove(model, withExtents(byCell(() => 1)));
    expect(sound.rings).toEqual({ liquid: 0, moving: 0, curdledFrom: 1 });
    const noCurdling = { ...sound, extents: [byCell(() => 1)] };
    expect(seenFromAbove(model, { ...uniform(60), ...noCurdling }).rings.curdledFrom).toBe(1);
  });
});

describe('the state at any time of a bake', () => {
  const moments = [uniform(30, 0), uniform(50, 100), uniform(70, 200)];
  const at = (timeS: number) => momentAt(model, moments, INSULATED, timeS);

  it('is carried on from the step before', () => {
    const { timeS, temperatureC } = at(150);
    expect(timeS).toBeCloseTo(150, 9);
    expect(temperatureC[0]).toBeCloseTo(50, 9);
  });

  it('is that of a step so near that nothing has changed but the clock', () => {
    expect(at(199.8)).toMatchObject({ timeS: 199.8 });
    expect(at(199.8).temperatureC[0]).toBe(70);
    expect(at(100.3)).toMatchObject({ timeS: 100.3 });
    expect(at(100.3).temperatureC[0]).toBe(50);
    expect(at(100.3).extents).toBe(moments[1]!.extents);
  });

  it('is the first before it begins, and the last after it ends', () => {
    expect(at(-5)).toBe(moments[0]);
    expect(at(0)).toBe(moments[0]);
    expect(at(900)).toBe(moments[2]);
  });
});

describe('the search for a window', () => {
  const AIM: Aim = { spoiltAtMost: 0.2, toKnife: false, toGold: false };
  const oven = inAir(130);
  const bake = (of: Model, aim: Aim): Moment[] => {
    const start = firstMoment(of);
    return [start, ...runCourse(of, start, oven, 7200, { enough: learntEnough(of, aim) })];
  };
  const moments = bake(model, AIM);
  const out = () => inAir(22);
  const followed = { model, moments, oven, out, aim: AIM, colours: {} };
  // The same window off pulls at every step of the bake: nothing is searched for.
  const dense = windowOf(
    moments.slice(1).map((moment) => coast(model, moment, out())),
    AIM,
  );

  it('finds what every pull tried would show', () => {
    const { verdict, outcomes } = searchWindow(followed, { first: 3, most: 12 });
    if (verdict.kind !== 'window' || dense.kind !== 'window') throw new Error('no window');
    expect(verdict.earliestS / dense.earliestS).toBeCloseTo(1, 1.6);
    expect(verdict.latestS / dense.latestS).toBeCloseTo(1, 1.6);
    const pulls = outcomes.map(({ pullS }) => pullS);
    expect([...pulls].sort((a, b) => a - b)).toEqual(pulls);
    expect(new Set(pulls).size).toBe(pulls.length);
    // Every end it stands on lies in a gap that is narrow beside it.
    for (const end of [verdict.earliestS, verdict.bestS, verdict.latestS]) {
      const after = pulls.findIndex((pullS) => pullS >= end);
      expect((pulls[after]! - pulls[after - 1]!) / end).toBeLessThan(0.05);
    }
  });

  it('begins with pulls spread from where something sets to the end', () => {
    const { outcomes } = searchWindow(followed, { first: 3, most: 3 });
    const started = moments.findIndex((moment) => slowestColumn(model, moment) > 0.03) - 1;
    const last = moments.length - 1;
    expect(outcomes.map(({ pullS }) => pullS)).toEqual(
      [started, Math.round((started + last) / 2), last].map((index) => moments[index]!.timeS),
    );
  });

  it('tries no more pulls than it may, each inside of the gap that is widest', () => {
    const four = searchWindow(followed, { first: 3, most: 4 });
    expect(four.outcomes).toHaveLength(4);
    const three = searchWindow(followed, { first: 3, most: 3 }).outcomes.map(({ pullS }) => pullS);
    const added = four.outcomes.map(({ pullS }) => pullS).filter((pullS) => !three.includes(pullS));
    expect(added).toHaveLength(1);
    const after = three.findIndex((pullS) => pullS >= added[0]!);
    const [low, high] = [three[after - 1]!, three[after]!];
    // A fifth of the gap is kept to either side.
    expect(added[0]!).toBeGreaterThanOrEqual(low + 0.2 * (high - low) - 0.6);
    expect(added[0]!).toBeLessThanOrEqual(high - 0.2 * (high - low) + 0.6);
  });

  it('says when the rim spoils where the middle has not set by then', () => {
    const hopeless: Aim = { ...AIM, spoiltAtMost: 0.001 };
    const early = bake(model, hopeless);
    const { verdict } = searchWindow(
      { ...followed, moments: early, aim: hopeless },
      { first: 3, most: 12 },
    );
    expect(verdict).toMatchObject({ kind: 'no-window', reason: 'curdles-before-it-sets' });
    if (verdict.kind === 'no-window') expect(verdict.curdlesAtS!).toBeLessThan(verdict.setsAtS!);
  });
});
