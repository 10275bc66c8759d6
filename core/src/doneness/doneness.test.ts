import { analyse } from '../formula';
import { judgeSetting, type Judged } from '../setting';
import { buildModel, firstMoment, rateAt, type Moment, type Reaction } from '../thermal';
import { curdledShare, wobbleOf } from './wobble';
import { learntEnough, outcomeAt, windowOf, type Aim } from './window';
import { reactionsOf } from './kinetics';
import { type Outcome } from './coast';

const judged = (() => {
  const verdict = judgeSetting(
    analyse(
      [
        { id: 'a', ingredientId: 'milk', amount: 1000, unit: 'g' },
        { id: 'b', ingredientId: 'egg', amount: 330, unit: 'g' },
        { id: 'c', ingredientId: 'sugar', amount: 160, unit: 'g' },
      ],
      'EU M',
    ),
    'baked-custard',
    'none',
  );
  if (verdict.kind !== 'judged') throw new Error(verdict.kind);
  return verdict;
})();

/** Warms a reaction at a steady rate by small explicit steps, and says where it passes an extent. */
function passesAt(reaction: Reaction, extent: number, perMinute: number) {
  let reached = 0;
  let celsius = 40;
  const stepS = 0.05;
  while (reached < extent) {
    const { halfC, widthK } = reaction.final!;
    const final = 1 / (1 + Math.exp((halfC - celsius) / widthK));
    reached += stepS * rateAt(reaction, celsius) * Math.max(0, final - reached);
    celsius += (perMinute / 60) * stepS;
  }
  return celsius;
}

describe('kinetics', () => {
  // Source: the definition in kinetics.ts, integrated here step by step (explicit Euler, 0.05 s).
  it('are read at half a °C a minute: 80 % set at the setting, a tenth curdled at the curdling temperature', () => {
    const [setting, curdling] = reactionsOf(judged);
    expect(passesAt(setting!, 0.8, 0.5)).toBeCloseTo(judged.setC, 1);
    expect(passesAt(curdling!, 0.1, 0.5)).toBeCloseTo(judged.curdleC!, 1);
  });

  // Source: common practice and Lowe, Experimental Cookery (from memory): the faster a custard is
  // heated, the closer together it sets and curdles, and both come later.
  it('narrow the margin when heated faster', () => {
    const [setting, curdling] = reactionsOf(judged);
    const slow = [passesAt(setting!, 0.8, 0.5), passesAt(curdling!, 0.1, 0.5)];
    const fast = [passesAt(setting!, 0.8, 5), passesAt(curdling!, 0.1, 5)];
    expect(fast[0]!).toBeGreaterThan(slow[0]!);
    expect(fast[1]! - fast[0]!).toBeLessThan(slow[1]! - slow[0]! - 1);
  });

  it('have no curdling where starch protects', () => {
    const safe: Judged = { ...judged, curdleC: undefined, marginK: undefined };
    expect(reactionsOf(safe)).toHaveLength(1);
  });
});

const model = buildModel(
  {
    material: { name: 'f', conductivityWmK: [0.5, 0, 0], heatCapacityJm3K: [4e6, 0, 0] },
    depthM: 0.03,
    bottomRadiusM: 0.1,
    topRadiusM: 0.1,
    startC: 20,
    layers: [],
  },
  reactionsOf(judged),
);
const { fillColumns, fillRows, topFaceRadiusM } = model.mesh;
const momentWith = (set: (radiusM: number) => number): Moment => {
  const first = firstMoment(model);
  const extent = new Float64Array(fillColumns * fillRows);
  for (let column = 0; column < fillColumns; column += 1) {
    const radius = (topFaceRadiusM[column]! + topFaceRadiusM[column + 1]!) / 2;
    extent.fill(set(radius), column * fillRows, (column + 1) * fillRows);
  }
  return { ...first, extents: [extent, new Float64Array(extent.length).fill(0)] };
};

describe('the wobble', () => {
  it('is the whole disc while nothing has set, and nothing once all has', () => {
    expect(
      wobbleOf(
        model,
        momentWith(() => 0),
      ),
    ).toMatchObject({ share: 1, motion: 'liquid' });
    expect(
      wobbleOf(
        model,
        momentWith(() => 1),
      ),
    ).toMatchObject({ diameterM: 0, motion: 'still' });
  });

  // Worked by hand: set fraction rising in a straight line from 0 at the axis to 1 at 10 cm passes
  // 0.86, from which it lies still, at 8.6 cm: 17.2 cm across.
  it('is as wide as what has not set', () => {
    const wobble = wobbleOf(
      model,
      momentWith((radius) => radius / 0.1),
    );
    expect(wobble.diameterM).toBeCloseTo(0.172, 3);
    expect(wobble.share).toBeCloseTo(0.86, 2);
  });

  it('counts the curdled share by volume', () => {
    const base = momentWith(() => 1);
    const curdled = { ...base, extents: [base.extents[0]!, Float64Array.from(base.extents[0]!)] };
    expect(curdledShare(model, curdled)).toBeCloseTo(1, 12);
    expect(curdledShare(model, base)).toBe(0);
  });
});

const CUSTARD: Aim = { spoiltAtMost: 0.2, toKnife: false, toGold: false };
const UNSPOILT: Aim = { spoiltAtMost: 1, toKnife: true, toGold: true };

describe('watching a bake', () => {
  const at = (timeS: number, set: number, curdled: number): Moment => {
    const base = momentWith(() => set);
    const spoilt = momentWith(() => curdled).extents[0]!;
    return { ...base, timeS, extents: [base.extents[0]!, spoilt] };
  };

  it('ends when it is set and stays sound for half as long again', () => {
    const enough = learntEnough(model, CUSTARD);
    expect(
      [800, 1000, 1400, 1500].map((timeS) => enough(at(timeS, timeS < 900 ? 0.9 : 1, 0))),
    ).toEqual([false, false, false, false]);
    expect(enough(at(1501, 1, 0))).toBe(true);
  });

  it('ends when it is set and its latest pull is past', () => {
    const enough = learntEnough(model, CUSTARD);
    expect(enough(at(1000, 1, 0))).toBe(false);
    expect(enough(at(1100, 1, 1))).toBe(true);
  });

  it('goes on over a spoilt rim until it is known when the middle sets', () => {
    // The outer 23 % of the volume has curdled, the middle has not set: which of the two came first is still open.
    const enough = learntEnough(model, CUSTARD);
    const rim = momentWith((radius) => (radius > 0.0877 ? 1 : 0)).extents[0]!;
    expect(enough({ ...at(1000, 0.5, 0), extents: [at(1000, 0.5, 0).extents[0]!, rim] })).toBe(
      false,
    );
    expect(enough(at(1100, 0.5, 1))).toBe(true);
  });

  // Spoilt by a share of 0.2 at the most it is quite spoilt from 0.55, and from 0.95 whatever it may be.
  it('ends once it is quite spoilt, set or not', () => {
    const grainy = (share: number) => 0.3 + 0.4 * share;
    const enough = learntEnough(model, CUSTARD);
    expect(enough(at(1000, 0.5, grainy(0.5)))).toBe(false);
    expect(enough(at(1010, 0.5, grainy(0.6)))).toBe(true);
    const hardy = learntEnough(model, { ...CUSTARD, spoiltAtMost: 0.8 });
    expect(hardy(at(1000, 0.5, grainy(0.9)))).toBe(false);
    expect(hardy(at(1010, 0.5, grainy(0.97)))).toBe(true);
  });

  it('ends once it is set and more spoilt than it may be', () => {
    const enough = learntEnough(model, CUSTARD);
    expect(enough(at(1000, 1, 0.3 + 0.4 * 0.15))).toBe(false);
    expect(enough(at(1100, 1, 0.3 + 0.4 * 0.25))).toBe(true);
  });

  it('asks for no colour where none is watched', () => {
    const enough = learntEnough(model, UNSPOILT);
    expect(enough(at(1000, 1, 0))).toBe(false);
    expect(enough(at(1290, 1, 0))).toBe(false);
    expect(enough(at(1310, 1, 0))).toBe(true);
  });

  it('goes on for a third of what no heat spoils took to set and to turn golden', () => {
    const enough = learntEnough(model, UNSPOILT, ({ timeS }) => timeS >= 1500);
    expect(enough(at(1000, 0.9, 0))).toBe(false);
    expect(enough(at(1200, 1, 0))).toBe(false);
    expect(enough(at(1500, 1, 0))).toBe(false);
    expect(enough(at(1940, 1, 0))).toBe(false);
    expect(enough(at(1960, 1, 0))).toBe(true);
  });
});

describe('the window', () => {
  const outcome = (pullS: number, set: number, curdled: number, setAtPull = set / 2): Outcome => ({
    pullS,
    probeC: 70 + pullS / 600,
    peakC: 71 + pullS / 600,
    peakAfterS: 120,
    setAtPull,
    set,
    curdled,
  });

  const AIM: Aim = { ...CUSTARD, spoiltAtMost: 0.15 };

  // It holds from 0.55 and is fully set from 0.87; its best lies half-way between its ends before that.
  it('opens when it holds and closes when too much has curdled', () => {
    const found = windowOf(
      [
        outcome(1000, 0.3, 0),
        outcome(1200, 0.55, 0.01),
        outcome(1400, 0.85, 0.05),
        outcome(1600, 0.98, 0.15),
      ],
      AIM,
    );
    expect(found).toMatchObject({ kind: 'window', latestIsLimit: true });
    if (found.kind !== 'window') return;
    expect(found.earliestS).toBeCloseTo(1200, 6);
    expect(found.latestS).toBeCloseTo(1600, 6);
    expect(found.bestS).toBeCloseTo(1400, 6);
  });

  it('says why there is none', () => {
    expect(
      windowOf([outcome(1000, 0.3, 0.1), outcome(1200, 0.5, 0.2), outcome(1400, 0.9, 0.4)], AIM),
    ).toMatchObject({
      kind: 'no-window',
      reason: 'curdles-before-it-sets',
    });
    expect(windowOf([outcome(7200, 0.2, 0)], AIM)).toMatchObject({
      reason: 'does-not-set-in-time',
    });
  });

  it('is none where it is narrower than anyone can pull', () => {
    const holdsAt1200 = [outcome(1000, 0.2, 0), outcome(1200, 0.55, 0)];
    const spoilt = (atS: number) => windowOf([...holdsAt1200, outcome(atS, 0.9, 0.15)], AIM);
    expect(spoilt(1225).kind).toBe('no-window');
    expect(spoilt(1235).kind).toBe('window');
  });

  it('has no limit where nothing curdles', () => {
    expect(windowOf([outcome(1000, 0.5, 0), outcome(2000, 0.99, 0)], AIM)).toMatchObject({
      latestS: 2000,
      latestIsLimit: false,
    });
  });

  const UNSPOILING = [
    outcome(1000, 0.75, 0, 0.3),
    outcome(1400, 0.95, 0, 0.5),
    outcome(1800, 0.99, 0, 0.83),
  ];

  // Worked by hand: exposures -ln(1 - S) of 0.5, 0.82 and 0.83 are 0.693, 1.715 and 1.772; in their logarithm 0.82 lies
  // 0.965 of the way from 1400 to 1800 s.
  it('is best where a knife comes out clean in the oven, when no heat spoils it', () => {
    const found = windowOf(UNSPOILING, UNSPOILT);
    if (found.kind !== 'window') throw new Error('no window');
    expect(found.bestS).toBeCloseTo(1786, 0);
    expect(found.earliestS).toBeLessThan(1400);
  });

  it('waits for a golden top, and ends with a dark one', () => {
    const golden = windowOf(UNSPOILING, UNSPOILT, { goldenS: 1795 });
    expect(golden).toMatchObject({ bestS: 1795, latestS: 1800, latestIsLimit: false });
    const dark = windowOf(UNSPOILING, UNSPOILT, { goldenS: 1770, darkS: 1790 });
    expect(dark).toMatchObject({ latestS: 1790, latestIsLimit: true });
    // Dark before the middle is done: foil goes over it, and the bake goes on.
    const early = windowOf(UNSPOILING, UNSPOILT, { goldenS: 900, darkS: 1200 });
    expect(early).toMatchObject({ latestS: 1800, latestIsLimit: false });
  });

  // Worked by hand: exposures of 0.75, 0.87 and 0.95 are 1.386, 2.040 and 2.996; in their logarithm 0.87 lies 0.5015 of
  // the way from 1000 to 1400 s, before half-way from 1000 to 1800.
  it('is best once fully set, where heat would spoil it and has not yet', () => {
    const found = windowOf(UNSPOILING, AIM);
    expect(found).toMatchObject({ kind: 'window', latestIsLimit: false });
    if (found.kind === 'window') expect(found.bestS).toBeCloseTo(1200.6, 0);
  });

  // The middle peaks at 71 °C and a degree for every ten minutes: at 73.5 °C for a pull at 1500 s, whatever has set by then.
  it('ends where the middle gets hotter than it may, if that comes first', () => {
    const tried = [
      outcome(1000, 0.6, 0),
      outcome(1200, 0.8, 0.02),
      outcome(1700, 0.95, 0.1),
      outcome(1900, 0.98, 0.15),
    ];
    const latest = (middleAtMostC: number) => {
      const found = windowOf(tried, { ...AIM, middleAtMostC });
      if (found.kind !== 'window') throw new Error('no window');
      expect(found.latestIsLimit).toBe(true);
      return found.latestS;
    };
    expect(latest(73.5)).toBeCloseTo(1500, 6);
    expect(latest(74.5)).toBeCloseTo(1900, 6);
    expect(windowOf(tried, { ...AIM, middleAtMostC: 70 })).toMatchObject({
      kind: 'no-window',
      curdlesAtS: 1000,
    });
    // Nothing curdles: only the heat of the middle ends it.
    const sound = tried.map((each) => ({ ...each, curdled: 0 }));
    expect(windowOf(sound, { ...AIM, middleAtMostC: 73.5 })).toMatchObject({
      latestIsLimit: true,
    });
  });

  it('is no window where what spoils it comes before it holds, and says both times', () => {
    const found = windowOf(
      [outcome(1000, 0.3, 0.15), outcome(1200, 0.4, 0.3), outcome(1400, 0.55, 0.4)],
      AIM,
    );
    expect(found).toMatchObject({ reason: 'curdles-before-it-sets', curdlesAtS: 1000 });
    if (found.kind === 'no-window') expect(found.setsAtS).toBeCloseTo(1400, 6);
  });

  it('looks at no colour where none is asked for', () => {
    const pale: Aim = { ...UNSPOILT, toGold: false };
    expect(windowOf(UNSPOILING, pale, { goldenS: 1795, darkS: 1797 })).toMatchObject({
      latestS: 1800,
      latestIsLimit: false,
    });
    const found = windowOf(UNSPOILING, pale, { goldenS: 1795 });
    if (found.kind === 'window') expect(found.bestS).toBeLessThan(1790);
  });

  it('is best at the end of what was followed, where no knife comes out clean by then', () => {
    const wet = UNSPOILING.map((each) => ({ ...each, setAtPull: 0.3 }));
    expect(windowOf(wet, { ...UNSPOILT, toGold: false })).toMatchObject({ bestS: 1800 });
  });

  // Straight between the two, a quarter of the way.
  it('reads a pull between two that were tried', () => {
    const low: Outcome = {
      pullS: 1000,
      probeC: 70,
      peakC: 72,
      peakAfterS: 100,
      setAtPull: 0.2,
      set: 0.3,
      curdled: 0.04,
    };
    const high: Outcome = {
      pullS: 2000,
      probeC: 78,
      peakC: 84,
      peakAfterS: 180,
      setAtPull: 0.6,
      set: 0.9,
      curdled: 0.12,
    };
    const between = outcomeAt([low, high], 1250);
    const quarter = { probeC: 72, peakC: 75, peakAfterS: 120, setAtPull: 0.3, set: 0.45 };
    expect(between.pullS).toBe(1250);
    for (const [name, value] of Object.entries(quarter)) {
      expect(between[name as keyof Outcome]).toBeCloseTo(value, 10);
    }
    expect(between.curdled).toBeCloseTo(0.06, 10);
    expect(outcomeAt([low, high], 9000)).toBe(high);
    expect(outcomeAt([low, high], 10)).toBe(low);
    expect(outcomeAt([low, high], 2000).probeC).toBeCloseTo(78, 10);
  });
});
