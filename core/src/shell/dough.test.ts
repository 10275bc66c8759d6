import type { Vessel } from '../vessel';
import { checkDisc, discFrom, discMassG, discsFrom, doughDisc } from './index';

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
    expect(result.ok ? '' : result.problem.message).toMatch(/2\.8 mm thick; 10 mm takes 1090 g/);
    // "14 in at 8 mm from 350 g": 35.6 cm; 350 g give 2.9 mm.
    const inches = checkDisc({ massG: 350, diameterMm: 355.6, thicknessMm: 8 });
    expect(inches.ok ? '' : inches.problem.message).toMatch(/2\.9 mm/);
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
