/**
 * What stirs a filling while it gels: only what is still liquid, by its own differences. Rayleigh numbers worked by
 * hand beside each check; Globe and Dropkin, J. Heat Transfer 81 (1959) 24.
 */
import { createBalance } from './balance';
import { buildModel, firstMoment, type Model, type Moment } from './model';
import { stirringFactor, updateStirring } from './stirring';
import { type Cup, type Face } from './case';

const material = {
  name: 'custard',
  conductivityWmK: [0.5, 0, 0] as const,
  heatCapacityJm3K: [3.8e6, 0, 0] as const,
  liquid: { densityKgM3: 1050, viscosityPaS: 0.01, expansionPerK: 5e-4 },
};
const cup: Cup = {
  material,
  depthM: 0.04,
  bottomRadiusM: 0.04,
  topRadiusM: 0.04,
  startC: 50,
  layers: [],
};
// Slow enough that nothing is added within a step.
const gels = { ratePerS: 1e-12, referenceC: 80, zK: 5 };
const closed: Face = { convectionWm2K: 0, airC: 20, emissivity: 0, radiantC: 20 };
const around = { top: closed, side: closed, base: closed };

/** A moment with temperatures and set fractions by column and row. */
function momentOf(
  model: Model,
  celsius: (column: number, row: number) => number,
  set: (column: number, row: number) => number = () => 0,
): Moment {
  const { columns, rows, fillColumns, fillRows } = model.mesh;
  const first = firstMoment(model);
  const temperatureC = Float64Array.from({ length: columns * rows }, (_, cell) =>
    celsius(Math.floor(cell / rows), cell % rows),
  );
  const extent = Float64Array.from({ length: fillColumns * fillRows }, (_, cell) =>
    set(Math.floor(cell / fillRows), cell % fillRows),
  );
  return { ...first, temperatureC, extents: [extent] };
}

const model = buildModel(cup, [gels]);
const { fillColumns, fillRows, rows, volumeM3 } = model.mesh;
const LAST = fillColumns - 1;

function stirred(moment: Moment): Float64Array {
  const balance = createBalance(model, around, moment);
  updateStirring(balance, moment, 10);
  return balance.stirring;
}
const at = (stirring: Float64Array, column: number, row: number) => stirring[column * rows + row]!;

describe('the stirring of a filling', () => {
  it('is that of its warm base over its cool top, by the correlation', () => {
    // 60 °C below and 50 above: Ra = g β ΔT L³ ρ c / (ν k), all cells alike.
    const step = 10 / (fillRows - 1);
    const factor = at(stirred(momentOf(model, (_, row) => 60 - step * row)), 3, 4);
    const kinematic = 0.01 / 1050;
    const diffusivity = 0.5 / 3.8e6;
    const rayleigh = (9.80665 * 5e-4 * 10 * 0.04 ** 3) / (kinematic * diffusivity);
    const nusselt = 0.069 * Math.cbrt(rayleigh) * (kinematic / diffusivity) ** 0.074;
    expect(rayleigh).toBeGreaterThan(3e5);
    expect(factor).toBeCloseTo(nusselt, 6);
    expect(stirringFactor(material, 0.04, 10, 55)).toBeCloseTo(nusselt, 6);
  });

  it('is none where the warmth lies on top', () => {
    expect(Math.max(...stirred(momentOf(model, (_, row) => 50 + row)))).toBe(1);
  });

  it('is driven by a warm side against the mean of the whole', () => {
    const side = momentOf(model, (column) => (column === LAST ? 60 : 50));
    let sideM3 = 0;
    let allM3 = 0;
    for (let column = 0; column < fillColumns; column += 1) {
      for (let row = 0; row < fillRows; row += 1) {
        const volume = volumeM3[column * rows + row]!;
        allM3 += volume;
        if (column === LAST) sideM3 += volume;
      }
    }
    const mean = 50 + (10 * sideM3) / allM3;
    expect(at(stirred(side), 0, 0)).toBeCloseTo(stirringFactor(material, 0.04, 60 - mean, mean), 6);
  });

  // Common practice: a custard sets from the rim; the still liquid middle no longer feels the hot dish.
  it('does not feel a wall behind its own gel', () => {
    const hotWall = (column: number) => (column >= LAST - 1 ? 78 : 60);
    const open = stirred(momentOf(model, hotWall));
    const behindGel = stirred(momentOf(model, hotWall, (column) => (column >= LAST - 1 ? 1 : 0)));
    expect(at(open, 0, 3)).toBeGreaterThan(2);
    // All that is liquid is at 60 °C: nothing rises in it.
    expect(at(behindGel, 0, 3)).toBe(1);
    expect(at(behindGel, LAST, 3)).toBe(1);
  });

  it('fades with the depth that is still liquid, as the length in it does', () => {
    // The lower half has gelled; the liquid above it is 5 K warmer at the front than at its top.
    const half = Math.floor(fillRows / 2);
    const moment = momentOf(
      model,
      (_, row) => (row < half ? 75 : 65 - (5 * (row - half)) / (fillRows - 1 - half)),
      (_, row) => (row < half ? 1 : 0),
    );
    let liquidM3 = 0;
    let allM3 = 0;
    let heat = 0;
    for (let column = 0; column < fillColumns; column += 1) {
      for (let row = 0; row < fillRows; row += 1) {
        const cell = column * rows + row;
        allM3 += volumeM3[cell]!;
        if (row < half) continue;
        liquidM3 += volumeM3[cell]!;
        heat += volumeM3[cell]! * moment.temperatureC[cell]!;
      }
    }
    const depthM = (0.04 * liquidM3) / allM3;
    const expected = stirringFactor(material, depthM, 5, heat / liquidM3);
    expect(at(stirred(moment), 2, fillRows - 1)).toBeCloseTo(expected, 5);
    expect(expected).toBeLessThan(stirringFactor(material, 0.04, 5, heat / liquidM3));
  });

  it('stays finite when all of it has gelled', () => {
    const gelled = stirred(
      momentOf(
        model,
        (column) => 70 + column,
        () => 1,
      ),
    );
    expect([...gelled].every((each) => each >= 1 && each < 1.001)).toBe(true);
  });
});
