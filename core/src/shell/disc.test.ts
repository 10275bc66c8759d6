import type { Vessel } from '../vessel';
import { checkDisc, discFrom, discMassG, discsFrom, doughDisc } from './disc';

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

describe('disc, thickness and mass', () => {
  // Source: common practice, worked by hand: 300 g over 34 cm is 2.8 mm; 180 g over 30 cm 2.1 mm.
  it('follow from one another', () => {
    expect(discFrom({ massG: 300, diameterMm: 340 }).thicknessMm).toBeCloseTo(2.75, 2);
    expect(discFrom({ massG: 180, diameterMm: 300 }).thicknessMm).toBeCloseTo(2.12, 2);
    const { diameterMm } = discFrom({ massG: 254, thicknessMm: 3 });
    expect(discMassG(diameterMm, 3)).toBeCloseTo(254, 6);
  });

  // Source: common practice, worked by hand: 34 cm at 1 cm takes 1.1 kg; 300 g give 2.8 mm.
  it('are refused where they cannot be had together', () => {
    const result = checkDisc({ massG: 300, diameterMm: 340, thicknessMm: 10 });
    expect(result.ok ? undefined : result.problem.values).toMatchObject({
      gives: { millimetres: 2.8 },
      wanted: { millimetres: 10 },
      takes: { grams: 1090 },
    });
    // "14 in at 8 mm from 350 g": 35.6 cm; 350 g give 2.9 mm.
    const inches = checkDisc({ massG: 350, diameterMm: 355.6, thicknessMm: 8 });
    expect(inches.ok ? undefined : inches.problem.values).toMatchObject({
      gives: { millimetres: 2.9 },
    });
    expect(checkDisc({ massG: 254, diameterMm: 300, thicknessMm: 3 }).ok).toBe(true);
  });
});

describe('the sheet for a tin that is not round', () => {
  // Worked by hand: 35 × 11 cm, 2.5 high, with 2 cm to trim: 42 × 18 cm at 3 mm, 272 g.
  it('is a rectangle', () => {
    const sheet = doughDisc(
      tin({
        kind: 'rectangle',
        baseDiameterMm: 350,
        topDiameterMm: 350,
        breadthMm: 110,
        heightMm: 25,
      }),
      3,
    );
    expect([sheet.diameterMm, sheet.breadthMm]).toEqual([420, 180]);
    expect(sheet.massG).toBeCloseTo(272.2, 1);
    expect(sheet.liningG).toBeLessThan(sheet.massG);
  });
});

describe('the disc for a plate with a slope and a rim', () => {
  // Worked by hand: 18 cm base, two slopes of 4.717, two rims of 1, 2 to trim: 31.434 cm; × 0.3 × 1.2 is 279.4 g. Of that lines
  // the plate: base 254.5 cm², wall 303.8, rim π × 23 × 1 + π = 75.4: 633.7 cm² × 0.36 = 228.1 g.
  it('goes up the slope, over the rim and a little past it', () => {
    const plate = tin({ kind: 'pie-plate', baseDiameterMm: 180, topDiameterMm: 230, lipMm: 10 });
    const disc = doughDisc(plate, 3);
    expect(disc.diameterMm).toBeCloseTo(314.34, 2);
    expect(disc.breadthMm).toBeCloseTo(314.34, 2);
    expect(disc.massG).toBeCloseTo(279.4, 1);
    expect(disc.liningG).toBeCloseTo(228.1, 1);
  });

  // Worked by hand: 28 × 18 cm at the base, slopes of 6.083, rims of 0.8, 2 to trim: 43.77 × 33.77 cm, 532.0 g at 3 mm; base 504,
  // wall 583.9, rim 2 × 50 × 0.8 and its four corners 82.6: 1170.5 cm², 421.4 g.
  it('is a sheet with corners where the plate has them', () => {
    const frame = tin({
      ...{ kind: 'rectangle', baseDiameterMm: 280, topDiameterMm: 300, breadthMm: 200 },
      ...{ heightMm: 60, lipMm: 8 },
    });
    const sheet = doughDisc(frame, 3);
    expect(sheet.massG).toBeCloseTo(532.0, 1);
    expect(sheet.liningG).toBeCloseTo(421.4, 1);
  });
});

describe('a batch of dough', () => {
  // Worked by hand: a 24 cm tin takes a 34 cm disc, 327 g at 3 mm: three from a kilo.
  it('lines whole tins', () => {
    const disc = doughDisc(tin(), 3);
    const discs = discsFrom(1000, disc);
    expect(discs).toMatchObject({ fresh: 3, rerolled: 0 });
    expect(discs.leftG).toBeCloseTo(1000 - 3 * disc.massG, 6);
  });

  it('gives small discs from a sheet, and a few more from its scraps', () => {
    const disc = doughDisc(tin({ baseDiameterMm: 80, topDiameterMm: 80, heightMm: 20 }), 3);
    const { fresh, rerolled, leftG } = discsFrom(1000, disc);
    expect(fresh).toBe(Math.floor(750 / disc.massG));
    expect(rerolled).toBeGreaterThan(0);
    expect((fresh + rerolled) * disc.massG + leftG).toBeCloseTo(1000, 6);
    expect(discsFrom(0, disc)).toEqual({ fresh: 0, rerolled: 0, leftG: 0 });
  });
});
