import { FAMILIES } from '../formula';
import { checkVessel, depthOfMm, insideOf, volumeMl, type Inside, type Vessel } from '../vessel';
import { discMassG, doughDisc } from './disc';
import { fillToHeadspace, fillWithMass, roomInside } from './shell';
import { HEADSPACE, levelWarning } from './headspace';

const tin = (over: Partial<Vessel> = {}): Vessel => ({
  name: 'Tin',
  kind: 'straight-tin',
  baseDiameterMm: 240,
  topDiameterMm: 240,
  heightMm: 40,
  lipMm: 0,
  material: 'bright-tin',
  ...over,
});
const plate = tin({
  name: 'Plate',
  kind: 'pie-plate',
  baseDiameterMm: 180,
  topDiameterMm: 230,
  heightMm: 38,
});

const must = <T>(result: { ok: true; value: T } | { ok: false; problem: { code: string } }): T => {
  if (!result.ok) throw new Error(result.problem.code);
  return result.value;
};

describe('a vessel', () => {
  // Source: π r² h: 24 × 4 cm holds 1.8096 L.
  it('holds what a cylinder holds', () => {
    expect(volumeMl(insideOf(tin()))).toBeCloseTo(1809.56, 1);
  });

  // Source: numerical integration of π r(z)² over the height (Simpson, 2000 slices).
  it('holds what the integral of its slices holds', () => {
    const inside = insideOf(plate);
    const slices = 2000;
    let sum = 0;
    for (let slice = 0; slice <= slices; slice += 1) {
      const radius = 90 + (25 * slice) / slices;
      const weight = slice === 0 || slice === slices ? 1 : slice % 2 === 1 ? 4 : 2;
      sum += weight * Math.PI * radius * radius;
    }
    expect(volumeMl(inside)).toBeCloseTo((sum * 38) / slices / 3 / 1000, 6);
  });

  // Source: common practice: a 9 cm ramekin 4.5 cm high is sold as a 250 to 290 mL one, a 23 cm pie
  // plate 4 cm deep as holding 1.2 to 1.4 L.
  it('agrees with the capacities shops print', () => {
    const ramekin = tin({ kind: 'ramekin', baseDiameterMm: 86, topDiameterMm: 90, heightMm: 45 });
    expect(volumeMl(insideOf(ramekin))).toBeGreaterThan(250);
    expect(volumeMl(insideOf(ramekin))).toBeLessThan(290);
    expect(volumeMl(insideOf(plate))).toBeGreaterThan(1200);
    expect(volumeMl(insideOf(plate))).toBeLessThan(1400);
  });

  it('finds the depth a volume reaches, or that it does not fit', () => {
    const inside: Inside = insideOf(plate);
    const depth = depthOfMm(inside, 700);
    expect(volumeMl(inside, depth)).toBeCloseTo(700, 3);
    expect(depthOfMm(inside, 5000)).toBeUndefined();
    expect(() => volumeMl(inside, 99)).toThrow(RangeError);
  });

  it('is sent back with absurd measures, each at its field', () => {
    expect(checkVessel(tin())).toEqual([]);
    const problems = checkVessel(tin({ heightMm: -4, topDiameterMm: 100 }));
    expect(problems.map((problem) => problem.path)).toEqual(['heightMm', 'topDiameterMm']);
  });
});

describe('the shell', () => {
  it('takes its thickness off base and wall', () => {
    const room = must(roomInside(tin(), 3));
    expect(room).toMatchObject({ baseLengthMm: 234, topLengthMm: 234, heightMm: 37 });
    // Square to a sloped wall: cos of atan(25/38) is 0.8354, so 3 mm comes in by 3.59 mm.
    const sloped = must(roomInside(plate, 3));
    expect(sloped.topLengthMm / 2).toBeCloseTo(115 - 3.59, 2);
  });

  it('has to leave room', () => {
    const result = roomInside(tin({ heightMm: 5 }), 4);
    expect(result.ok ? '' : result.problem.code).toBe('shell.no-room');
    expect(roomInside(tin(), 30).ok).toBe(false);
    expect(must(roomInside(tin(), 0)).heightMm).toBe(40);
  });

  // Worked by hand: π × 11.7² × 3.4 cm = 1462.2 mL at 1.05 g/mL = 1535 g.
  it('is filled to a gap below the rim', () => {
    const room = must(roomInside(tin(), 3));
    const fill = must(fillToHeadspace(room, 3, 1.05));
    expect(fill.depthMm).toBe(34);
    expect(fill.massG).toBeCloseTo(1535.3, 0);
    expect(must(fillWithMass(room, fill.massG, 1.05)).headspaceMm).toBeCloseTo(3, 5);
    expect(fillToHeadspace(room, 36, 1).ok).toBe(false);
    expect(fillToHeadspace(room, -1, 1).ok).toBe(false);
  });

  it('says by how much a filling overflows', () => {
    const room = must(roomInside(tin(), 3));
    const result = fillWithMass(room, 2000, 1.05);
    // 1.0 kg or so to the brim: what is over, rounded up.
    const over = 2000 - volumeMl(room, room.heightMm) * 1.05;
    expect(result.ok ? undefined : result.problem).toEqual({
      code: 'shell.overflow',
      path: 'count',
      values: { by: { grams: Math.ceil(over) } },
    });
  });
});

describe('the dough', () => {
  // Source: common practice: a 30 cm disc at 3 mm weighs 254 g, at 6 mm 509 g (±8 %).
  it('weighs what cooks find', () => {
    expect(discMassG(300, 3)).toBeCloseTo(254, 0);
    expect(discMassG(300, 6)).toBeCloseTo(509, 0);
  });

  // Source: common practice: 23 cm plate, wall 4.4 cm, rim 2.5 cm in all: a 34 cm disc (±1);
  // a 24 cm tin with 4 cm walls: 34 cm.
  it('is rolled as wide as cooks roll it', () => {
    const straight = doughDisc(tin({ baseDiameterMm: 230, topDiameterMm: 230, heightMm: 44 }), 3);
    expect(Math.abs(straight.diameterMm - 340)).toBeLessThan(10);
    expect(Math.abs(doughDisc(tin(), 3).diameterMm - 340)).toBeLessThan(1);
  });

  it('leaves trimmings, never less than nothing', () => {
    for (const vessel of [tin(), plate, tin({ lipMm: 12 })]) {
      const disc = doughDisc(vessel, 3);
      expect(disc.massG).toBeGreaterThan(disc.liningG);
      expect(disc.liningG).toBeGreaterThan(disc.massG * 0.6);
    }
  });
});

describe('the level of a filling', () => {
  // Source: common practice: still custard hardly rises, nut cream fills two thirds, a 1 cm gap is a
  // fault in a deep tart.
  it('is warned of where it would climb out, or look half empty', () => {
    expect(levelWarning('baked-custard', 30, 3)).toBeUndefined();
    expect(levelWarning('nut-cream', 24, 2)).toEqual({
      code: 'shell.leave-more-room',
      values: { gap: { millimetres: 8 }, why: { code: 'headspace.nut-cream' } },
    });
    expect(levelWarning('nut-cream', 18, 9)).toBeUndefined();
    expect(levelWarning('baked-custard', 30, 14)?.code).toBe('shell.deep-gap');
    for (const family of FAMILIES) {
      const { mm, swells } = HEADSPACE[family];
      expect(levelWarning(family, Math.min(25, mm / Math.max(swells, 0.01)), mm)).toBeUndefined();
    }
  });
});
