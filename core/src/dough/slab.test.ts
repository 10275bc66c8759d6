/** The line of layers against an exact solution: dry, without weights, as a lump and as a sheet. */
import { USUAL_DOUGH } from './mix';
import { LAYERS, slabAt, STEP_S, stepSlab, type SlabFaces } from './slab';

const DRY = { ...USUAL_DOUGH, water: 0, dryG: 0.78 };
const faces: SlabFaces = {
  bed: undefined,
  sees: 0,
  convectionWm2K: 20,
  airC: 90,
  wallsC: 90,
  tin: undefined,
  // So dense an air takes up no vapour and gives none: heat alone.
  airPressurePa: 1e15,
};

describe('heat through a dry dough', () => {
  // Source: lumped capacity, Incropera (2011) 5.2; of the two open faces one sees the oven as well.
  it('warms between a lump without and with radiation on both faces', () => {
    const thicknessM = 0.002;
    let slab = slabAt(DRY, 20, 20);
    while (slab.timeS < 240) slab = stepSlab(DRY, thicknessM, faces, slab);
    const mean = slab.doughC.reduce((sum, each) => sum + each, 0) / LAYERS;
    const capacity = 1200 * DRY.solidsJkgK * thicknessM;
    const lump = (h: number) => 90 - 70 * Math.exp((-h * slab.timeS) / capacity);
    // Black body at 20 to 90 °C: 5.7 to 10.9 W/(m² K) of radiation, on one face.
    expect(mean).toBeGreaterThan(lump(40 + 0.9 * 5.7) - 1);
    expect(mean).toBeLessThan(lump(40 + 0.9 * 10.9) + 1);
  });

  // Source: steady conduction; with time every layer reaches the oven.
  it('ends at the oven, and spends nothing on water that is not there', () => {
    let slab = slabAt(DRY, 20, 20);
    while (slab.timeS < 3600) slab = stepSlab(DRY, 0.003, faces, slab);
    slab.doughC.forEach((celsius) => expect(celsius).toBeCloseTo(90, 1));
    expect(Math.max(...slab.waterKgM3)).toBeLessThan(1e-6);
  });

  it('keeps its water where nothing may leave: under a tin and a thick bed of cold weights', () => {
    const closed: SlabFaces = {
      ...faces,
      airC: 20,
      wallsC: 20,
      bed: { depthM: 0.5, conductivityWmK: 0.3, heatCapacityJm3K: 1.3e6, farOpen: false },
      tin: {
        heatJm2K: 2200,
        resistanceM2KW: 1e-5,
        emissivity: 0.2,
        convectionWm2K: 7,
        contactWm2K: 200,
        alongWm2K: 0,
        besideC: 0,
      },
    };
    let slab = slabAt(USUAL_DOUGH, 20, 20);
    for (let step = 0; step < 100; step += 1) slab = stepSlab(USUAL_DOUGH, 0.003, closed, slab);
    const before = 1200 * USUAL_DOUGH.water;
    const mean = slab.waterKgM3.reduce((sum, each) => sum + each, 0) / LAYERS;
    expect(mean / before).toBeGreaterThan(0.999);
    expect(slab.timeS).toBe(100 * STEP_S);
  });
});
