/** Rooms, fills, discs and gaps worked out by hand, at the edges where one answer turns into another. */
import { FAMILIES } from '../formula';
import type { Vessel } from '../vessel';
import { checkDisc, discFrom, discsFrom, type DoughDisc } from './disc';
import { HEADSPACE, levelWarning } from './headspace';
import { levelIn } from './level';
import { fillToHeadspace, fillWithMass, roomInside } from './shell';

const tin = (more: Partial<Vessel> = {}): Vessel => ({
  name: 'Tin',
  kind: 'straight-tin',
  baseDiameterMm: 100,
  topDiameterMm: 100,
  heightMm: 20,
  lipMm: 0,
  material: 'bright-tin',
  ...more,
});

const roomOf = (vessel: Vessel, shellMm = 0) => {
  const room = roomInside(vessel, shellMm);
  if (!room.ok) throw new Error(JSON.stringify(room.problem));
  return room.value;
};

const values = (result: { readonly ok: boolean }) =>
  'problem' in result ? (result.problem as { readonly values?: unknown }).values : undefined;

describe('the room inside a shell', () => {
  // A wall that leans out by 20 mm over 30: √(30² + 20²) = 36.056 long. 3 mm square to it are 3 × 36.056 / 30 = 3.6056
  // level, on both sides 7.2111; the base has risen by 3 mm, where the tin is 40 / 30 × 3 = 4 mm wider.
  it('comes in square to a sloped wall, over a base that has risen', () => {
    const plate = tin({ baseDiameterMm: 200, topDiameterMm: 240, heightMm: 30 });
    const room = roomOf(plate, 3);
    expect(room.baseLengthMm).toBeCloseTo(196.789, 3);
    expect(room.baseBreadthMm).toBeCloseTo(196.789, 3);
    expect(room.topLengthMm).toBeCloseTo(232.789, 3);
    expect(room.heightMm).toBe(27);
  });

  it('is refused where the shell is thinner or thicker than anyone rolls it', () => {
    expect([1, 8].map((mm) => roomInside(tin(), mm).ok)).toEqual([true, true]);
    for (const mm of [0.9, 8.1]) {
      expect(values(roomInside(tin(), mm))).toEqual({
        least: { millimetres: 1 },
        most: { millimetres: 8 },
      });
    }
  });

  // 16 - 2 × 3 = 10 and 5 - 3 = 2 leave nothing; a hair more leaves something. Round a tube of 78: 100 - 78 - 4 × 3 = 10.
  it.each([
    ['height', { heightMm: 5 }, { heightMm: 5.1 }],
    ['width', { baseDiameterMm: 16, topDiameterMm: 16 }, { baseDiameterMm: 17, topDiameterMm: 17 }],
    ['breadth', { kind: 'rectangle', breadthMm: 16 }, { kind: 'rectangle', breadthMm: 17 }],
    ['ring', { kind: 'tube', tubeMm: 78 }, { kind: 'tube', tubeMm: 77 }],
  ] as const)('is refused where no %s is left', (_, none, some) => {
    expect(values(roomInside(tin(none), 3))).toEqual({
      vessel: 'Tin',
      thickness: { millimetres: 3 },
    });
    expect(roomInside(tin(some), 3).ok).toBe(true);
  });
});

// A cylinder of 100 by 20 mm holds π / 4 × 10² × 2 = 157.08 ml.
describe('a fill', () => {
  it('reaches the brim without a gap, and has to be 3 mm deep', () => {
    const brim = fillToHeadspace(roomOf(tin()), 0, 1.1);
    expect(brim.ok && brim.value.massG).toBeCloseTo(157.08 * 1.1, 2);
    expect(fillToHeadspace(roomOf(tin()), 17, 1).ok).toBe(true);
    expect(values(fillToHeadspace(roomOf(tin()), 17.1, 1))).toEqual({
      gap: { millimetres: 17.1 },
      room: { millimetres: 20 },
    });
  });

  it('finds no room where what lies under it fills the vessel', () => {
    const full = fillToHeadspace(roomOf(tin()), 0, 1, 158);
    expect(!full.ok && full.problem.code).toBe('shell.nothing-left');
    expect(fillToHeadspace(roomOf(tin()), 0, 1, 157).ok).toBe(true);
  });

  // 157.08 - 50 = 107.08 ml are left: 120 g are 12.92 too many, said as 13.
  it('overflows by what finds no room over what lies under it', () => {
    expect(values(fillWithMass(roomOf(tin()), 120, 1, 50))).toEqual({ by: { grams: 13 } });
    const level = levelIn(roomOf(tin()), {
      ...{ headspaceMm: 3, fillingG: 130, densityGMl: 1.1, underMl: 50 },
    });
    // 107.08 × 1.1 = 117.79, of 130.
    expect(level.ok && level.value.overflowG).toBeCloseTo(12.21, 2);
    expect(level.ok && level.value.gapMm).toBe(0);
  });

  it('has no level where the gap leaves nothing', () => {
    const none = levelIn(roomOf(tin()), { headspaceMm: 18, densityGMl: 1, underMl: 0 });
    expect(!none.ok && none.problem.path).toBe('headspaceMm');
  });
});

describe('a disc', () => {
  // π / 4 × 20² × 0.3 cm³ × 1.2 g.
  it('weighs what its width and thickness say', () => {
    expect(discFrom({ diameterMm: 200, thicknessMm: 3 }).massG).toBeCloseTo(113.1, 1);
  });

  // 113.1 g at 3 mm; at 4 mm 150.8 g.
  it('is refused with what it would take and what it gives', () => {
    expect(values(checkDisc({ massG: 113.1, diameterMm: 200, thicknessMm: 4 }))).toEqual({
      dough: { grams: 113.1 },
      across: { millimetres: 200 },
      gives: { millimetres: 3 },
      wanted: { millimetres: 4 },
      takes: { grams: 151 },
    });
  });

  const disc = (more: Partial<DoughDisc> = {}): DoughDisc => ({
    ...{ diameterMm: 150, breadthMm: 150, thicknessMm: 3, massG: 70, liningG: 60 },
    ...more,
  });

  // 1000 × ¾ / 70 = 10.7: ten; 300 g of scraps × ¾ / 70 = 3.2: three more; 90 g left.
  it('of up to 150 mm is cut from a sheet, and again from its scraps', () => {
    expect(discsFrom(1000, disc())).toEqual({ fresh: 10, rerolled: 3, leftG: 90 });
  });

  // 1000 / 70 = 14.3, one by one; 20 g left.
  it.each([{ diameterMm: 151 }, { diameterMm: 300, breadthMm: 100 }])(
    'of %p is rolled by itself',
    (wide) => {
      expect(discsFrom(1000, disc(wide))).toEqual({ fresh: 14, rerolled: 0, leftG: 20 });
    },
  );

  it('comes of no dough, and is not counted where it weighs nothing', () => {
    expect(discsFrom(0, disc())).toEqual({ fresh: 0, rerolled: 0, leftG: 0 });
    expect(discsFrom(-5, disc())).toEqual({ fresh: 0, rerolled: 0, leftG: 0 });
    expect(discsFrom(100, disc({ massG: 0 }))).toEqual({ fresh: 0, rerolled: 0, leftG: 100 });
  });
});

describe('the gap to the rim', () => {
  // A custard swells by 3 %: 100 mm of it by 3 mm, of which half a millimetre is let go.
  it('is too small where the filling climbs past it', () => {
    expect(levelWarning('baked-custard', 100, 2.5)).toBeUndefined();
    expect(levelWarning('baked-custard', 100, 2.4)?.values).toMatchObject({
      gap: { millimetres: 3 },
    });
  });

  it('is too large from 10 mm on, or 6 past what it swells by', () => {
    expect(levelWarning('baked-custard', 100, 10)).toBeUndefined();
    expect(levelWarning('baked-custard', 100, 11.2)?.values).toEqual({ gap: { millimetres: 11 } });
    // A batter swells by 30 %: 30 of 100 mm.
    expect(levelWarning('batter-custard', 100, 36)).toBeUndefined();
    expect(levelWarning('batter-custard', 100, 37)?.code).toBe('shell.deep-gap');
  });

  it('is nothing to a caramel', () => {
    expect(levelWarning('caramel', 10, 0)).toBeUndefined();
  });

  // Common practice: what is stirred or set cold keeps its level, a custard hardly rises, batter and nut cream rise most.
  it('is wanted most by what rises most', () => {
    const still = FAMILIES.filter((family) => HEADSPACE[family].swells === 0);
    expect(still).toEqual(['starch-cream', 'starch-pudding', 'curd', 'cold-set']);
    const byRise = FAMILIES.filter((family) => !still.includes(family)).sort(
      (a, b) => HEADSPACE[a].swells - HEADSPACE[b].swells,
    );
    expect(byRise[0]).toBe('baked-custard');
    expect(byRise.slice(-2).sort()).toEqual(['batter-custard', 'nut-cream']);
    for (const family of FAMILIES) {
      // Enough for what a usual depth of 30 mm swells by.
      expect(HEADSPACE[family].mm).toBeGreaterThan(0.9);
      expect(levelWarning(family, 25, HEADSPACE[family].mm)).toBeUndefined();
    }
  });
});
