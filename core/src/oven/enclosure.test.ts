/** An oven as an enclosure, against textbook exchange and figures worked by hand. */
import { exchangeIn, radiantIn } from './enclosure';
import { inOven } from './surroundings';

describe('an oven as an enclosure', () => {
  // Source: Incropera, table 13.3, two grey surfaces, one enclosing the other. Worked by hand: 0.2 m² of 0.95 in 0.95 m²
  // of 0.85: 1 / (1/0.95 + 0.2/0.95 × (1/0.85 − 1)) = 1 / (1.0526 + 0.0372) = 0.9176.
  it('exchanges with a load the less the larger it is', () => {
    expect(exchangeIn('still', 0.95, 0.2)).toBeCloseTo(0.9176, 4);
    // 0.8 m²: 1 / (1.0526 + 0.1486).
    expect(exchangeIn('still', 0.95, 0.8)).toBeCloseTo(0.8325, 3);
    expect(exchangeIn('still', 0, 0.2)).toBe(0);
  });

  // Worked by hand: lining at 150 °C (423.15 K), pane at 22 + 0.75 × 128 = 118 °C (391.15 K):
  // (0.84 × 423.15⁴ + 0.16 × 391.15⁴)^¼ = 418.6 K.
  it('radiates a little cooler than its lining, for its door', () => {
    expect(radiantIn('still', 150, 22)).toBeCloseTo(418.6 - 273.15, 0);
  });

  // Domestic ovens are measured at about 15 to 18 W/(m² K) in all, at 175 °C on a black body as cool as food (from memory).
  it('gives a black top what domestic ovens are measured to give', () => {
    const { top } = inOven('still', { airC: 175, wallsC: 161 }, 'dark-tin', 0);
    const [wall, food] = [top.radiantC + 273.15, 75 + 273.15];
    const radiation = (top.emissivity * 5.670374e-8 * (wall ** 4 - food ** 4)) / (175 - 75);
    expect(top.convectionWm2K + radiation).toBeGreaterThan(15);
    expect(top.convectionWm2K + radiation).toBeLessThan(18);
  });
});
