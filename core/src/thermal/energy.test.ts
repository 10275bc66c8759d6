/** Conservation: the ledger of a run against its states and against its surface fluxes. */
import { analyse } from '../formula';
import { fillingMaterial, layersAround } from '../materials';
import { inOven } from '../oven';
import { buildModel, firstMoment } from './model';
import { run } from './run';
import { noFlux, surfaceLoss } from './surface';
import { type Cup, type Face, type Surroundings } from './case';

const filling = analyse(
  [
    { id: 'a', ingredientId: 'cream', amount: 500, unit: 'g' },
    { id: 'b', ingredientId: 'egg-yolk', amount: 150, unit: 'g' },
    { id: 'c', ingredientId: 'sugar', amount: 80, unit: 'g' },
  ],
  'EU M',
);

const cup: Cup = {
  material: fillingMaterial(filling),
  depthM: 0.03,
  bottomRadiusM: 0.085,
  topRadiusM: 0.105,
  startC: 30,
  layers: layersAround('sweet-dough', 3, 'glass', 22),
};
const setting = { ratePerS: 0.0124, referenceC: 79, zK: 5 };

describe('the energy ledger', () => {
  it('closes far within 0.1 % in a sloped, layered, drying, stirring tart', () => {
    const model = buildModel(cup, [setting]);
    const moments = run(
      model,
      firstMoment(model),
      inOven('fan', { airC: 180, wallsC: 180 }, 'glass', 500),
      3600,
    );
    for (const { energy } of moments) {
      expect(Math.abs(energy.receivedJ - energy.storedJ)).toBeLessThan(
        1e-6 * Math.abs(energy.receivedJ) + 1e-3,
      );
    }
  });

  // Source: first law, from the states alone: Σ volume × ∫ c dT between start and end.
  it('stores what its temperatures say', () => {
    const model = buildModel(cup, [setting]);
    const first = firstMoment(model);
    const moments = run(
      model,
      first,
      inOven('still', { airC: 160, wallsC: 160 }, 'glass', 0),
      2400,
    );
    const last = moments[moments.length - 1]!;
    let storedJ = 0;
    model.mesh.layerOf.forEach((layer, cell) => {
      const [c0, c1, c2] = (layer < 0 ? cup.material : cup.layers[layer]!.material)
        .heatCapacityJm3K;
      const content = (t: number) => c0 * t + (c1 * t * t) / 2 + (c2 * t * t * t) / 3;
      storedJ +=
        model.mesh.volumeM3[cell]! *
        (content(last.temperatureC[cell]!) - content(first.temperatureC[cell]!));
    });
    expect(last.energy.storedJ / storedJ).toBeCloseTo(1, 6);
  });

  // Source: the fluxes at the reported surface temperatures, integrated by the trapezium rule here.
  it('receives what its surface lets in, and loses the water its evaporation pays for', () => {
    const closed: Face = { convectionWm2K: 0, airC: 20, emissivity: 0, radiantC: 20 };
    const oven = inOven('still', { airC: 170, wallsC: 170 }, 'bright-tin', 0).top;
    // Without a crust the reported surface is where it evaporates.
    const top: Face = { ...oven, evaporation: { ...oven.evaporation!, crustPerLoss: 0 } };
    const around: Surroundings = { top, side: closed, base: closed };
    const bare = { ...cup, layers: [] };
    const model = buildModel(bare, [setting]);
    const moments = run(model, firstMoment(model), around, 3000, { fixedStepS: 5 });
    const { mesh } = model;
    let received = 0;
    let waterKg = 0;
    for (let step = 1; step < moments.length; step += 1) {
      const seconds = moments[step]!.timeS - moments[step - 1]!.timeS;
      for (const moment of [moments[step - 1]!, moments[step]!]) {
        for (let column = 0; column < mesh.columns; column += 1) {
          const areaM2 =
            Math.PI * (mesh.topFaceRadiusM[column + 1]! ** 2 - mesh.topFaceRadiusM[column]! ** 2);
          const { skinKgM2, wetness } = top.evaporation!;
          const skin = Math.max(0, moment.driedKgM2[column]!) / (skinKgM2 * 3.6e-4);
          const flux = noFlux();
          surfaceLoss(top, moment.surfaceC[column]!, wetness, flux, skin);
          received -= (flux.lossWm2 * areaM2 * seconds) / 2;
          waterKg += (flux.evaporationWm2 * areaM2 * seconds) / 2 / 2.33e6;
        }
      }
    }
    const [start, end] = [moments[0]!.energy, moments[moments.length - 1]!.energy];
    expect((end.receivedJ - start.receivedJ) / received).toBeCloseTo(1, 2);
    expect((end.evaporatedKg - start.evaporatedKg) / waterKg).toBeCloseTo(1, 1.7);
    expect(end.evaporatedKg).toBeGreaterThan(0.01);
  });

  // Source: first law. What goes in through a face that only conducts, less what is stored, has to leave as steam.
  it('keeps wet food near its boiling point, and makes steam of what more comes in', () => {
    const closed: Face = { convectionWm2K: 0, airC: 20, emissivity: 0, radiantC: 20 };
    const around: Surroundings = {
      top: closed,
      side: closed,
      base: { ...closed, convectionWm2K: 60, airC: 200 },
    };
    const wet: Cup = {
      ...cup,
      layers: [],
      material: { ...fillingMaterial(filling, true), boilsC: 101 },
    };
    // Fine enough for the straight line to the underside that the check below takes.
    const model = buildModel(wet, [], 2);
    const moments = run(model, firstMoment(model), around, 7200);
    const end = moments.at(-1)!;
    expect(Math.max(...end.temperatureC)).toBeGreaterThan(101);
    expect(Math.max(...end.temperatureC)).toBeLessThan(107);
    const { base } = around;
    let inJ = 0;
    moments.forEach((moment, index) => {
      const before = moments[index - 1] ?? firstMoment(model);
      for (let column = 0; column < model.mesh.columns; column += 1) {
        const cell = column * model.mesh.rows;
        const half = 1 / (1 / base.convectionWm2K + model.mesh.halfVerticalM[cell]! / 0.4);
        const areaM2 = model.mesh.baseAreaM2[column]!;
        const middleC = (before.temperatureC[cell]! + moment.temperatureC[cell]!) / 2;
        inJ += (moment.timeS - before.timeS) * areaM2 * half * (base.airC - middleC);
      }
    });
    const steamJ = end.energy.evaporationJ;
    expect(steamJ).toBeGreaterThan(0.3 * end.energy.storedJ);
    expect((steamJ + end.energy.storedJ) / inJ).toBeCloseTo(1, 1);
    expect(end.energy.receivedJ / end.energy.storedJ).toBeCloseTo(1, 6);
    expect(end.energy.evaporatedKg).toBeCloseTo(steamJ / 2.2565e6, 3);
    // With only so much water it boils that off and no more, and then gets hotter.
    const waterKgM3 = 60;
    const scarce = buildModel({ ...wet, material: { ...wet.material, waterKgM3 } });
    const driest = run(scarce, firstMoment(scarce), around, 4 * 7200).at(-1)!;
    const volumeM3 = scarce.mesh.volumeM3.reduce((sum, each) => sum + each, 0);
    expect(driest.energy.evaporatedKg).toBeLessThan(1.02 * waterKgM3 * volumeM3);
    expect(driest.energy.evaporatedKg).toBeGreaterThan(0.3 * waterKgM3 * volumeM3);
    expect(Math.max(...driest.boiledKgM3)).toBeLessThan(1.05 * waterKgM3);
    expect(Math.max(...driest.temperatureC)).toBeGreaterThan(120);
    expect(driest.energy.receivedJ / driest.energy.storedJ).toBeCloseTo(1, 6);
    // What does not boil goes on warming.
    const dry = buildModel({ ...wet, material: fillingMaterial(filling, true) });
    const hot = run(dry, firstMoment(dry), around, 7200).at(-1)!;
    expect(Math.max(...hot.temperatureC)).toBeGreaterThan(130);
  });
});
