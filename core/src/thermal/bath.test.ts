/** A bath with its own balance, against lumped solutions worked out by hand. */
import type { Cup, Face, Material, OwnWater, Surroundings } from './case';
import { buildModel, firstMoment } from './model';
import { run } from './run';
import { wetShares } from './bath';

/** Conducts so well that the cup is one lump: 0.15 kg, 525 J/K. */
const LUMP: Material = {
  name: 'lump',
  conductivityWmK: [4000, 0, 0],
  heatCapacityJm3K: [3.5e6, 0, 0],
};
const cup: Cup = {
  material: LUMP,
  depthM: 0.04,
  bottomRadiusM: 0.0345,
  topRadiusM: 0.0345,
  startC: 20,
  layers: [],
};
const VOLUME = Math.PI * 0.0345 ** 2 * 0.04;
const insulated: Face = { convectionWm2K: 0, airC: 0, emissivity: 0, radiantC: 0 };
const water = (over: Partial<OwnWater>): OwnWater => ({
  massKg: 1,
  startC: 90,
  vessels: 1,
  surfaceM2: 0,
  surface: insulated,
  panM2: 0,
  pan: insulated,
  ...over,
});
const around = (
  levelM: number,
  convectionWm2K: number,
  of: OwnWater | { readonly fixedC: number },
): Surroundings => ({
  top: insulated,
  side: insulated,
  base: insulated,
  bath: { levelM, convectionWm2K, water: of },
});
const model = buildModel(cup);
const after = (place: Surroundings, seconds: number) =>
  run(model, firstMoment(model), place, seconds, { toleranceK: 0.02, longestStepS: 20 }).at(-1)!;

describe('the water of a bath', () => {
  // Source: lumped capacity, Incropera 5.1: T = Ta + (T0 - Ta) exp(-h A t / m c), with nothing in it.
  it('warms as one lump in an oven', () => {
    const pan: Face = { convectionWm2K: 20, airC: 160, emissivity: 0, radiantC: 160 };
    const place = around(0.02, 0, water({ startC: 40, panM2: 0.1, pan }));
    const { water: state } = after(place, 1800);
    const expected = 160 + (40 - 160) * Math.exp((-20 * 0.1 * 1800) / (1 * 4185));
    expect(Math.abs(state!.celsius - expected)).toBeLessThan(0.05);
  });

  // Source: two lumps that exchange heat and lose none: both go to their common mean, the difference
  // dies as exp(-U A t (1/C1 + 1/C2)).
  it('shares its heat with the vessel, and none is lost', () => {
    const level = 0.03;
    const area = Math.PI * 0.0345 ** 2 + 2 * Math.PI * 0.0345 * level;
    const [c1, c2] = [VOLUME * 3.5e6, 4185 * 0.5];
    const place = around(level, 150, water({ massKg: 0.5 }));
    for (const seconds of [60, 240, 900]) {
      const found = after(place, seconds);
      const mean = (c1 * 20 + c2 * 90) / (c1 + c2);
      const difference = 70 * Math.exp(-150 * area * seconds * (1 / c1 + 1 / c2));
      const waterC = mean + (difference * c1) / (c1 + c2);
      expect(Math.abs(found.water!.celsius - waterC)).toBeLessThan(0.05);
      const lumpC = mean - (difference * c2) / (c1 + c2);
      expect(Math.abs(found.temperatureC[0]! - lumpC)).toBeLessThan(0.05);
      // The ledger of the cup: what it received is what it holds.
      expect(found.energy.receivedJ / found.energy.storedJ).toBeCloseTo(1, 9);
    }
  });

  it('cools less the more of it there is for each vessel', () => {
    const at = (vessels: number) =>
      after(around(0.03, 150, water({ vessels })), 600).water!.celsius;
    expect(at(6)).toBeLessThan(at(2));
    // Six vessels in six litres are as one in one.
    const many = after(around(0.03, 150, water({ vessels: 6, massKg: 6 })), 600).water!.celsius;
    expect(many).toBeCloseTo(at(1), 6);
  });

  it('that is kept warm brings the vessel to its own temperature', () => {
    expect(after(around(0.03, 300, { fixedC: 82 }), 7200).temperatureC[0]).toBeCloseTo(82, 2);
  });

  // Source: conservation: what evaporates takes the heat of evaporation with it (IAPWS, 2.30 MJ/kg near 85 °C).
  it('loses by evaporation what the heat spent on it comes to', () => {
    const surface: Face = {
      convectionWm2K: 10,
      airC: 85,
      emissivity: 0,
      radiantC: 85,
      evaporation: {
        wetness: 1,
        skinKgM2: Number.MAX_VALUE,
        vapourPressurePa: 10_000,
        airPressurePa: 101_325,
        transferKgM2SPa: 5e-8,
      },
    };
    const found = after(
      around(0.02, 0, water({ startC: 85, surfaceM2: 0.05, surface })),
      1200,
    ).water!;
    const lostKg = 1 - found.massKg;
    expect(lostKg).toBeGreaterThan(0.05);
    // Its own heat and what the air gives back as it cools: 10 W/(m² K) on 0.05 m².
    const meanC = (85 + found.celsius) / 2;
    const givenJ = 4185 * (85 - found.celsius) + 10 * 0.05 * (85 - meanC) * 1200;
    expect(lostKg * 2.32e6).toBeGreaterThan(0.95 * givenJ);
    expect(lostKg * 2.32e6).toBeLessThan(1.05 * givenJ);
  });

  // Worked by hand: held at 85 °C (57.87 kPa, IAPWS) in air of 10 kPa, 0.05 m² give 5e-8 × 47 870 × 0.05 = 1.197e-4
  // kg/s. Down to a film of a millimetre that is a straight line, from there on an exponential with 50 g / 1.197e-4 = 418 s.
  it('leaves the pan dry in patches once it is a film', () => {
    const surface: Face = {
      ...insulated,
      evaporation: {
        wetness: 1,
        skinKgM2: Number.MAX_VALUE,
        vapourPressurePa: 10_000,
        airPressurePa: 101_325,
        transferKgM2SPa: 5e-8,
      },
    };
    const pan: Face = { convectionWm2K: 500_000, airC: 85, emissivity: 0, radiantC: 85 };
    const place = around(
      0.02,
      0,
      water({ massKg: 0.1, startC: 85, surfaceM2: 0.05, surface, panM2: 0.1, pan }),
    );
    const left = (seconds: number) => after(place, seconds).water!.massKg;
    expect(left(300)).toBeCloseTo(0.1 - 300 * 1.197e-4, 4);
    const expected = 0.05 * Math.exp(-2);
    expect(left(3 * 418) / expected).toBeGreaterThan(0.93);
    expect(left(3 * 418) / expected).toBeLessThan(1.07);
  });

  it('gets none of its own steam back while it is too cold to give any off', () => {
    const surface: Face = {
      ...insulated,
      convectionWm2K: 10,
      airC: 20,
      radiantC: 20,
      evaporation: {
        wetness: 1,
        skinKgM2: Number.MAX_VALUE,
        vapourPressurePa: 12_000,
        airPressurePa: 101_325,
      },
    };
    const cold = after(around(0.02, 0, water({ startC: 20, surfaceM2: 0.05, surface })), 600);
    expect(cold.water).toEqual({ celsius: 20, massKg: 1 });
  });

  // Source: two lumps, as above: the pan's metal (360 J/K) for the water, a twentieth of its contact.
  it('once gone leaves a pan that gives the vessel little', () => {
    const level = 0.03;
    const area = Math.PI * 0.0345 ** 2 + 2 * Math.PI * 0.0345 * level;
    const [c1, c2] = [VOLUME * 3.5e6, 360];
    const dry = water({ massKg: 0, startC: 150, surfaceM2: 0.05, panM2: 0.1 });
    const found = after(around(level, 300, dry), 600);
    const mean = (c1 * 20 + c2 * 150) / (c1 + c2);
    const difference = 130 * Math.exp(-0.05 * 300 * area * 600 * (1 / c1 + 1 / c2));
    expect(found.water).toMatchObject({ massKg: 0 });
    expect(Math.abs(found.water!.celsius - (mean + (difference * c1) / (c1 + c2)))).toBeLessThan(
      0.05,
    );
    expect(Math.abs(found.temperatureC[0]! - (mean - (difference * c2) / (c1 + c2)))).toBeLessThan(
      0.05,
    );
  });

  it('wets the side up to its level, a row in part', () => {
    const shares = wetShares(model.mesh, 0.02);
    expect(shares[0]).toBe(1);
    expect(shares.at(-1)).toBe(0);
    const wet = shares.reduce(
      (sum, share, row) =>
        sum + share * (model.mesh.rowFaceM[row + 1]! - model.mesh.rowFaceM[row]!),
      0,
    );
    expect(wet).toBeCloseTo(0.02, 9);
  });
});
