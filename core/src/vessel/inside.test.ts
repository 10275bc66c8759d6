import {
  areaAtMm2,
  depthOfMm,
  insideOf,
  isTrulyRound,
  perimeterAtMm,
  roundLike,
  sizeAtMm,
  slantMm,
  volumeMl,
  wallAreaMm2,
} from './inside';
import { checkVessel } from './check';
import { USUAL_MEASURES } from './usual';
import { VESSEL_KINDS, type Vessel } from './vessel';

const vessel = (over: Partial<Vessel>): Vessel => ({
  name: 'Tin',
  kind: 'straight-tin',
  baseDiameterMm: 200,
  topDiameterMm: 200,
  heightMm: 50,
  lipMm: 0,
  material: 'bright-tin',
  ...over,
});
const holds = (over: Partial<Vessel>): number => volumeMl(insideOf(vessel(over)));

describe('the inside of a vessel', () => {
  // Source: length × breadth × height: 20 × 20 × 5 and 35 × 11 × 2.5 cm.
  it('of a square or rectangular frame holds what a box holds', () => {
    expect(holds({ kind: 'square' })).toBeCloseTo(2000, 6);
    expect(
      holds({
        kind: 'rectangle',
        baseDiameterMm: 350,
        topDiameterMm: 350,
        breadthMm: 110,
        heightMm: 25,
      }),
    ).toBeCloseTo(962.5, 6);
  });

  // Source: numerical integration of length × breadth over the height, 1000 slices (midpoints).
  it('of a sloped rectangular tin holds what the integral of its slices holds', () => {
    const [base, top, breadth, high] = [280, 300, 200, 60];
    let sum = 0;
    for (let slice = 0; slice < 1000; slice += 1) {
      const share = (slice + 0.5) / 1000;
      sum += (base + 20 * share) * (breadth - 20 + 20 * share);
    }
    expect(
      holds({
        kind: 'rectangle',
        baseDiameterMm: base,
        topDiameterMm: top,
        breadthMm: breadth,
        heightMm: high,
      }),
    ).toBeCloseTo((sum * high) / 1000 / 1000, 3);
  });

  // Source: π a b h; 24 × 16 cm, 5 deep: 1508 mL. Perimeter of that ellipse 63.7 cm (complete elliptic
  // integral of the second kind, computed below).
  it('of an oval dish holds what an elliptic cylinder holds', () => {
    const oval = insideOf(
      vessel({ kind: 'oval', baseDiameterMm: 240, topDiameterMm: 240, breadthMm: 160 }),
    );
    expect(volumeMl(oval)).toBeCloseTo(Math.PI * 12 * 8 * 5, 6);
    let around = 0;
    const steps = 4000;
    for (let step = 0; step < steps; step += 1) {
      const angle = (2 * Math.PI * (step + 0.5)) / steps;
      around += Math.hypot(120 * Math.sin(angle), 80 * Math.cos(angle)) * ((2 * Math.PI) / steps);
    }
    expect(perimeterAtMm(oval, 0)).toBeCloseTo(around, 1);
  });

  // Source: π (R² − r²) h: 22 cm wide with a 6 cm tube, 8 high: 2815 mL.
  it('of a tube mould leaves the tube out', () => {
    expect(
      holds({ kind: 'tube', baseDiameterMm: 220, topDiameterMm: 220, tubeMm: 60, heightMm: 80 }),
    ).toBeCloseTo(Math.PI * (121 - 9) * 8, 6);
  });

  it('of a dish known by what it holds, holds that', () => {
    expect(holds({ kind: 'capacity', capacityMl: 120 })).toBeCloseTo(120, 6);
  });

  // Worked by hand: π × 20 × 5 cm = 314.16 cm² of wall, a tenth and a half more with flutes; 1570.8 mL, 3 % less.
  it('of a fluted tin holds a little less behind a longer wall', () => {
    const fluted = insideOf(vessel({ kind: 'fluted-tin' }));
    expect(volumeMl(fluted)).toBeCloseTo(1523.67, 1);
    expect(wallAreaMm2(fluted)).toBeCloseTo(36_128.3, 0);
    expect(wallAreaMm2(insideOf(vessel({})))).toBeCloseTo(31_415.9, 0);
  });

  it('has no breadth or tube of another kind', () => {
    const plain = insideOf(vessel({ breadthMm: 100, tubeMm: 60 }));
    expect([plain.topBreadthMm, plain.tubeMm]).toEqual([200, 0]);
  });

  // Worked by hand: outer and inner wall of a ring, π × (22 + 6) × 8 cm = 703.7 cm².
  it('of a tube mould has the wall of its tube too', () => {
    const ring = vessel({ kind: 'tube', baseDiameterMm: 220, topDiameterMm: 220, tubeMm: 60 });
    expect(wallAreaMm2(insideOf({ ...ring, heightMm: 80 }))).toBeCloseTo(70_371.7, 0);
  });

  it('is asked about no depth outside it', () => {
    const tin = insideOf(vessel({}));
    expect(volumeMl(tin, 0)).toBe(0);
    expect(volumeMl(tin, 50 * (1 + 1e-10))).toBeCloseTo(1570.8, 1);
    expect(() => volumeMl(tin, -0.01)).toThrow(RangeError);
    expect(() => volumeMl(tin, 50.01)).toThrow(RangeError);
    expect(depthOfMm(tin, 1571)).toBeUndefined();
    expect(depthOfMm(tin, 1570.79)).toBeCloseTo(50, 2);
  });
});

// Worked by hand, cm: radii 9 and 11.5, 4 high. Volume π/3 × (81 + 103.5 + 132.25) × 4 = 1326.8 mL, to half its height (radii 9
// and 10.25) 582.9; slope √(40² + 25²) = 47.17 mm; wall π × (90 + 115) × 47.17 = 30,379 mm²; half-way up it is 205 mm wide.
it('of a sloped plate has the volume, slope and wall of a frustum', () => {
  const plate = insideOf(
    vessel({ kind: 'pie-plate', baseDiameterMm: 180, topDiameterMm: 230, heightMm: 40, lipMm: 10 }),
  );
  expect(volumeMl(plate)).toBeCloseTo(1326.8, 1);
  expect(volumeMl(plate, 20)).toBeCloseTo(582.9, 1);
  expect(depthOfMm(plate, 582.896)).toBeCloseTo(20, 3);
  expect(slantMm(plate)).toBeCloseTo(47.17, 2);
  expect(wallAreaMm2(plate)).toBeCloseTo(30_378.7, 0);
  expect(sizeAtMm(plate, 20)).toEqual([205, 205]);
  expect(perimeterAtMm(plate, 40)).toBeCloseTo(Math.PI * 230, 6);
  expect(areaAtMm2(plate, 0)).toBeCloseTo(Math.PI * 90 ** 2, 6);
});

// Worked by hand: 30 × 20 cm at the top and 2 cm less either way at the base, 6 high: slope √(60² + 10²) = 60.83 mm; wall
// (2 × 46 + 2 × 50) / 2 cm × 60.83 mm = 58,395 mm².
it('of a sloped frame has a wall as long as its rim and its base are on average', () => {
  const frame = insideOf(
    vessel({
      ...{ kind: 'rectangle', baseDiameterMm: 280, topDiameterMm: 300, breadthMm: 200 },
      heightMm: 60,
    }),
  );
  expect(sizeAtMm(frame, 0)).toEqual([280, 180]);
  expect(slantMm(frame)).toBeCloseTo(60.83, 2);
  expect(wallAreaMm2(frame)).toBeCloseTo(58_394.5, 0);
});

describe('the round vessel that heats alike', () => {
  it('is a round one itself', () => {
    const round = insideOf(vessel({ baseDiameterMm: 180, topDiameterMm: 230, heightMm: 40 }));
    expect(isTrulyRound(round)).toBe(true);
    expect(roundLike(round, 20)).toEqual({ baseRadiusMm: 90, topRadiusMm: 102.5, heightMm: 20 });
  });

  // Worked by hand: from 10 to 30 mm of a wall that goes from 90 to 115 mm over 40.
  it('of a part of it begins where that begins', () => {
    const round = insideOf(vessel({ baseDiameterMm: 180, topDiameterMm: 230, heightMm: 40 }));
    expect(roundLike(round, 30, 10)).toEqual({
      ...{ baseRadiusMm: 96.25, topRadiusMm: 108.75, heightMm: 20 },
    });
  });

  // Worked by hand: 2 × (area of a ring) / (both its walls) is the width of the ring: (22 - 6) / 2 = 8 cm.
  it('of a ring is as wide as the ring, and not truly round; nor is an oval', () => {
    const ring = insideOf(
      vessel({ kind: 'tube', baseDiameterMm: 220, topDiameterMm: 220, tubeMm: 60 }),
    );
    expect(roundLike(ring, 40).topRadiusMm).toBeCloseTo(80, 9);
    expect(isTrulyRound(ring)).toBe(false);
    expect(isTrulyRound(insideOf(vessel({ kind: 'oval', breadthMm: 120 })))).toBe(false);
  });

  // Source: 2 × area / perimeter of a square of side a is a / 2.
  it('of a square has half its side for a radius, and as much wall for its area', () => {
    const square = insideOf(vessel({ kind: 'square' }));
    const { baseRadiusMm } = roundLike(square, 40);
    expect(baseRadiusMm).toBeCloseTo(100, 6);
    const wallForArea = perimeterAtMm(square, 0) / areaAtMm2(square, 0);
    expect((2 * Math.PI * baseRadiusMm) / (Math.PI * baseRadiusMm ** 2)).toBeCloseTo(
      wallForArea,
      9,
    );
  });
});

describe('measures', () => {
  const problems = (over: Partial<Vessel>) => checkVessel(vessel(over));
  const paths = (over: Partial<Vessel>) => problems(over).map(({ path }) => path);

  it('are asked for by kind', () => {
    expect(paths({ kind: 'oval' })).toEqual(['breadthMm']);
    expect(paths({ kind: 'tube' })).toEqual(['tubeMm']);
    expect(paths({ kind: 'capacity' })).toEqual(['capacityMl']);
    expect(paths({ kind: 'capacity', capacityMl: 120, heightMm: 0 })).toEqual([]);
    for (const kind of VESSEL_KINDS) {
      expect(problems({ kind, breadthMm: 120, tubeMm: 60, capacityMl: 500 })).toEqual([]);
    }
  });

  it.each([
    ['baseDiameterMm', 30, 200, {}],
    ['topDiameterMm', 200, 600, {}],
    ['heightMm', 5, 200, {}],
    ['lipMm', 0, 40, {}],
    ['breadthMm', 30, 600, { kind: 'rectangle' }],
    ['tubeMm', 10, 170, { kind: 'tube' }],
    ['capacityMl', 20, 20_000, { kind: 'capacity' }],
  ] as const)(
    'of %s are taken from %d to %d, and not a little beyond',
    (field, least, most, of) => {
      for (const fits of [least, most]) expect(paths({ ...of, [field]: fits })).toEqual([]);
      const beyond = field === 'baseDiameterMm' ? 'topDiameterMm' : field;
      expect(paths({ ...of, [field]: least - 0.1 })).toEqual([field]);
      expect(paths({ ...of, [field]: most + 0.1 })).toEqual([beyond]);
    },
  );

  it('to begin from are those of a vessel, whatever its kind', () => {
    for (const kind of VESSEL_KINDS) {
      expect([kind, checkVessel(vessel({ kind, ...USUAL_MEASURES[kind] }))]).toEqual([kind, []]);
    }
  });

  it('that are wrong are told with their limits', () => {
    const said = (over: Partial<Vessel>) => problems(over)[0]!;
    expect(said({ heightMm: 201 })).toEqual({
      code: 'vessel.measure',
      path: 'heightMm',
      values: { what: { code: 'vessel.height' }, least: { widthMm: 5 }, most: { widthMm: 200 } },
    });
    expect(said({ kind: 'capacity', capacityMl: 1 }).values).toEqual({
      least: { millilitres: 20 },
      most: { millilitres: 20_000 },
    });
    expect(said({ kind: 'oval', baseDiameterMm: 1, breadthMm: 90 }).values?.what).toEqual({
      code: 'vessel.base-length',
    });
    expect(said({ baseDiameterMm: 1 }).values?.what).toEqual({ code: 'vessel.base-diameter' });
  });

  // A frame 2 cm longer at the top than at the base is 2 cm broader there as well.
  it.each([
    ['vessel.too-narrow', { kind: 'rectangle', topDiameterMm: 220, breadthMm: 49.9 }],
    ['vessel.tube-too-wide', { kind: 'tube', tubeMm: 170.1 }],
    ['vessel.narrower-above', { topDiameterMm: 199.9 }],
  ] as const)('that go together are asked for: %s', (code, over) => {
    expect(problems(over)).toMatchObject([{ code }]);
  });

  it('that just go together are taken, and those of another kind not looked at', () => {
    expect(paths({ kind: 'rectangle', topDiameterMm: 220, breadthMm: 50 })).toEqual([]);
    expect(paths({ topDiameterMm: 220, breadthMm: 40, tubeMm: 190 })).toEqual([]);
  });
});
