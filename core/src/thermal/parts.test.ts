/** The parts of the solver, each against something outside it. */
import { Matrix, solve } from 'ml-matrix';
import { saturationPressurePa } from '../properties';
import { bandLength, factorBand, solveBand } from './banded';
import { advanceExtent, exposureFrom, finalAt, finalOver, rateAt } from './reactions';
import { stirringFactor } from './stirring';
import {
  balancedFrontC,
  balancedSurfaceC,
  crustAfter,
  noFlux as flux,
  skinAfter,
  SKIN_READ_AT_KG_M2S,
  surfaceLoss,
  throughSkin,
} from './surface';
import { buildMesh } from './mesh';
import { type Cup, type Face } from './case';

describe('the band solver', () => {
  // Source: the same system solved by the dense solver of the npm package `ml-matrix`.
  it.each([
    [24, 5],
    [25, 5],
    [9, 1],
  ])('agrees with a general-purpose library (%d rows, width %d)', (size, width) => {
    const dense = Matrix.zeros(size, size);
    const band = new Float64Array(bandLength(size, width));
    for (let i = 0; i < size; i += 1) {
      for (const [j, value] of [
        [i, 4 + (i % 3)],
        [i - 1, -1],
        [i - width, -0.7],
      ] as const) {
        if (j < 0) continue;
        dense.set(i, j, value);
        dense.set(j, i, value);
        band[j * (width + 1) + (i - j)] = value;
      }
    }
    const right = Float64Array.from({ length: size }, (_, i) => Math.sin(i) * 10);
    const expected = solve(dense, Matrix.columnVector([...right])).to1DArray();
    factorBand(band, size, width);
    solveBand(band, size, width, right);
    right.forEach((value, i) => expect(value).toBeCloseTo(expected[i]!, 10));
  });

  it('refuses what no heat balance can be', () => {
    expect(() => factorBand(new Float64Array(bandLength(2, 1)), 2, 1)).toThrow(RangeError);
  });
});

describe('what a reaction can reach', () => {
  const reaction = { ratePerS: 1e-3, referenceC: 80, zK: 5.4, final: { halfC: 75.5, widthK: 2 } };

  // Worked by hand: half at 75.5 °C; 1 / (1 + e^-1) a width above it, e being 2.718.
  it('rises with temperature along a logistic', () => {
    expect(finalAt(reaction, 75.5)).toBeCloseTo(0.5, 12);
    expect(finalAt(reaction, 77.5)).toBeCloseTo(1 / (1 + 1 / Math.E), 12);
    expect(finalAt({ ...reaction, final: undefined }, 20)).toBe(1);
  });

  it('is approached, not passed, and not undone', () => {
    expect(advanceExtent(0, 50, 0.5)).toBeCloseTo(0.5, 9);
    expect(advanceExtent(0.2, 1, 0.5)).toBeCloseTo(0.5 - 0.3 / Math.E, 9);
    expect(advanceExtent(0.8, 5, 0.5)).toBe(0.8);
  });

  // Between the finals of both ends of a step, nearer to the hotter.
  it('over a step lies between its ends', () => {
    const over = finalOver(reaction, 73, 77);
    expect(over).toBe(finalOver(reaction, 77, 73));
    expect(over).toBeGreaterThan((finalAt(reaction, 73) + finalAt(reaction, 77)) / 2);
    expect(over).toBeLessThan(finalAt(reaction, 77));
  });
});

describe('a surface', () => {
  const oven: Face = { convectionWm2K: 10, airC: 160, emissivity: 0.95, radiantC: 160 };

  // Source: Stefan-Boltzmann law worked by hand: 0.95 × 5.6704e-8 × (433.15⁴ - 333.15⁴) = 1232.7,
  // and 10 × 100 by convection: 2232.7 W/m² into a surface at 60 °C.
  it('takes up convection and radiation', () => {
    const found = flux();
    surfaceLoss(oven, 60, 0, found);
    expect(-found.lossWm2).toBeCloseTo(2232.7, 0);
  });

  // Source: psychrometric tables (ASHRAE Fundamentals, sea level): the wet-bulb temperature of air at
  // 30 °C and 50 % humidity is 22.0 °C, at 40 °C and 30 % 24.9 °C. A freely wet surface that gets
  // heat by convection only must come to rest there.
  it.each([
    [30, 0.5, 22.0],
    [40, 0.3, 24.9],
  ])('wet, in air of %d °C and %d humidity, cools to the wet bulb', (airC, humidity, wetBulbC) => {
    const face: Face = {
      convectionWm2K: 12,
      airC,
      emissivity: 0,
      radiantC: airC,
      evaporation: {
        wetness: 1,
        skinKgM2: 1,
        vapourPressurePa: humidity * saturationPressurePa(airC),
        airPressurePa: 101325,
      },
    };
    // Next to no conduction from within.
    const surfaceC = balancedSurfaceC(face, 1, airC, 1e-9, airC, flux());
    expect(Math.abs(surfaceC - wetBulbC)).toBeLessThan(0.5);
  });

  // Source: common sense of the kitchen: a wet surface does not get hotter than boiling water.
  it('is held under boiling by its own steam', () => {
    const face: Face = {
      ...oven,
      airC: 300,
      radiantC: 300,
      evaporation: { wetness: 1, skinKgM2: 1, vapourPressurePa: 4000, airPressurePa: 101325 },
    };
    expect(balancedSurfaceC(face, 1, 90, 1, 20, flux())).toBeLessThan(100.5);
  });

  it('reports a slope that is the derivative of its loss', () => {
    const face: Face = {
      ...oven,
      evaporation: { wetness: 0.5, skinKgM2: 1, vapourPressurePa: 4000, airPressurePa: 101325 },
    };
    const [low, high, at] = [flux(), flux(), flux()];
    // Inside one interval of the vapour table; the heat of evaporation is held constant in the slope,
    // which leaves it 1 to 2 % high and Newton's method as sure.
    surfaceLoss(face, 70.2, 0.5, low);
    surfaceLoss(face, 70.3, 0.5, high);
    surfaceLoss(face, 70.25, 0.5, at);
    expect(Math.abs(at.slopeWm2K / ((high.lossWm2 - low.lossWm2) / 0.1) - 1)).toBeLessThan(0.02);
  });

  // Worked by hand from m (1 + skin m) = e: 0.4 kg/m² gone through a skin read at 3.6e-4 kg/(m² s) give a skin of
  // 1 / 3.6e-4 = 2778 m² s/kg, which lets 3.6e-4 of 7.2e-4 through, and 1.8e-4 of (1.8 + 0.9) e-4.
  it('dries to half its rate when the skin says so, and less where it dries slowly', () => {
    const of = { wetness: 0.5, skinKgM2: 0.4, vapourPressurePa: 0, airPressurePa: 1e5 };
    expect(skinAfter(of, 0)).toBe(0);
    const skin = skinAfter(of, 0.4);
    expect(skin).toBeCloseTo(2778, 0);
    expect(throughSkin(2 * SKIN_READ_AT_KG_M2S, skin)).toBeCloseTo(SKIN_READ_AT_KG_M2S, 10);
    expect(throughSkin(2.7e-4, skin)).toBeCloseTo(1.8e-4, 8);
    expect(throughSkin(-1e-4, skin)).toBe(-1e-4);
  });

  // Worked by hand: 0.9 kg/m² gone of which 0.5 left no crust, at 0.02 m² K/W for each of the rest: 0.008 m² K/W.
  it('has a crust from when the water under it no longer keeps up', () => {
    const of = {
      wetness: 0.5,
      skinKgM2: 0.4,
      vapourPressurePa: 0,
      airPressurePa: 1e5,
      crustPerLoss: 0.02,
      crustFromKgM2: 0.5,
    };
    expect(crustAfter(of, 0.4)).toBe(0);
    expect(crustAfter(of, 0.9)).toBeCloseTo(0.008, 12);
  });

  // Source: resistances in series (Incropera 3.1): without evaporation or radiation a crust, the film of air over it and
  // half a cell under it carry (170 - 60) / (1/12 + 0.008 + 1/50) W/m².
  it('under a crust conducts as its resistances in series', () => {
    const face: Face = { convectionWm2K: 12, airC: 170, emissivity: 0, radiantC: 170 };
    const found = flux();
    const frontC = balancedFrontC(face, 0, 60, 50, 100, found, 0, 0.008);
    const q = (170 - 60) / (1 / 12 + 0.008 + 1 / 50);
    expect(frontC).toBeCloseTo(60 + q / 50, 3);
    expect(found.outsideC).toBeCloseTo(170 - q / 12, 3);
    // What more leaves for each kelvin at the underside: crust and film in series.
    expect(found.slopeWm2K).toBeCloseTo(1 / (1 / 12 + 0.008), 3);
  });

  // The oven meets the outside: it is warmer than the front by the flux through the crust, and the front boils no hotter.
  it('passes boiling outside while it evaporates under its crust', () => {
    const face: Face = {
      ...oven,
      airC: 220,
      radiantC: 220,
      evaporation: { wetness: 1, skinKgM2: 1, vapourPressurePa: 4000, airPressurePa: 101325 },
    };
    const found = flux();
    const frontC = balancedFrontC(face, 1, 95, 200, 120, found, 0, 0.03);
    expect(frontC).toBeLessThan(100.5);
    expect(found.outsideC).toBeGreaterThan(125);
  });
});

describe('stirring', () => {
  // Source: Globe and Dropkin (1959): water layers; at Ra 10⁶ and Pr 7 the correlation gives
  // Nu 0.069 × 100 × 7^0.074 = 7.97. Here: L 15.5 mm of water at 20 °C, 1.85 K.
  const water = {
    name: 'water',
    conductivityWmK: [0.6, 0, 0] as const,
    heatCapacityJm3K: [4.18e6, 0, 0] as const,
    liquid: { densityKgM3: 1000, viscosityPaS: 1.005e-3, expansionPerK: 2.1e-4 },
  };

  it('follows the published correlation', () => {
    const [nu, alpha] = [1.005e-6, 0.6 / 4.18e6];
    const difference = (1e6 * nu * alpha) / (9.80665 * 2.1e-4 * 0.0155 ** 3);
    expect(stirringFactor(water, 0.0155, difference, 20)).toBeCloseTo(0.069 * 100 * 7 ** 0.074, 1);
  });

  it('is conduction when nothing drives it, or nothing can flow', () => {
    expect(stirringFactor(water, 0.02, 0, 20)).toBe(1);
    expect(stirringFactor(water, 0.0005, 0.001, 20)).toBe(1);
    expect(stirringFactor({ ...water, liquid: undefined }, 0.02, 10, 20)).toBe(1);
  });
});

describe('reactions', () => {
  const reaction = { ratePerS: 0.01, referenceC: 80, zK: 5 };

  // Source: definition of the z-value: ten times faster for each z.
  it('go ten times faster a z higher', () => {
    expect(rateAt(reaction, 85) / rateAt(reaction, 80)).toBeCloseTo(10, 10);
  });

  // Source: the same integral by Simpson's rule with 1000 slices.
  it('add up their exposure exactly along a straight line', () => {
    const slices = 1000;
    let sum = 0;
    for (let slice = 0; slice <= slices; slice += 1) {
      const weight = slice === 0 || slice === slices ? 1 : slice % 2 === 1 ? 4 : 2;
      sum += weight * rateAt(reaction, 75 + (6 * slice) / slices);
    }
    const simpson = (sum * 60) / slices / 3;
    const exact = exposureFrom(rateAt(reaction, 75), rateAt(reaction, 81), 60);
    expect(exact / simpson).toBeCloseTo(1, 9);
    expect(exposureFrom(0.01, 0.01, 60)).toBeCloseTo(0.6, 12);
    expect(advanceExtent(0.5, Math.LN2)).toBeCloseTo(0.75, 12);
  });
});

describe('the mesh', () => {
  const cup: Cup = {
    material: { name: 'f', conductivityWmK: [0.5, 0, 0], heatCapacityJm3K: [4e6, 0, 0] },
    depthM: 0.035,
    bottomRadiusM: 0.085,
    topRadiusM: 0.11,
    startC: 20,
    layers: [
      {
        material: { name: 's', conductivityWmK: [0.1, 0, 0], heatCapacityJm3K: [1e6, 0, 0] },
        baseThicknessM: 0.003,
        wallThicknessM: 0.003,
        cells: 2,
        startC: 20,
      },
    ],
  };

  // Source: the volume of a conical frustum, π h (a² + ab + b²) / 3.
  it('fills the sloped dish exactly', () => {
    const mesh = buildMesh(cup);
    let volume = 0;
    mesh.volumeM3.forEach((each, cell) => {
      if (mesh.layerOf[cell] === -1) volume += each;
    });
    const exact = (Math.PI * 0.035 * (0.085 ** 2 + 0.085 * 0.11 + 0.11 ** 2)) / 3;
    expect(volume / exact).toBeCloseTo(1, 12);
  });

  it('puts the shell round base and wall, and refuses a cup of nothing', () => {
    const mesh = buildMesh(cup);
    expect(mesh.layerOf[0]).toBe(0);
    expect(mesh.layerOf[mesh.columns * mesh.rows - 1]).toBe(0);
    expect(mesh.layerOf[mesh.baseRows]).toBe(-1);
    expect(() => buildMesh({ ...cup, depthM: 0 })).toThrow(RangeError);
  });
});
