import { per100g } from '../ingredients';
import { waterActivity } from './activity';

const of = (sucrose: number, glucose = 0) =>
  waterActivity({
    ...per100g({ water: 100 - sucrose - glucose }),
    sucrose: sucrose / 100,
    otherSugars: glucose / 100,
  });

describe('water activity', () => {
  it('of water is 1, and of what holds none is 0', () => {
    expect(of(0)).toBe(1);
    expect(of(100)).toBe(0);
  });

  // Source: published water activities of sucrose solutions at 25 °C (Robinson and Stokes; saturated,
  // 67.5 %, 0.85 to 0.86), from memory.
  it.each([
    [20, 0.987, 0.003],
    [40, 0.963, 0.005],
    [60, 0.9, 0.01],
    [67.5, 0.855, 0.012],
  ])('of %p %% sucrose is %p', (share, expected, within) => {
    expect(Math.abs(of(share) - expected)).toBeLessThan(within);
  });

  // Source: glucose 50 % at 25 °C about 0.90, from memory.
  it('is lower for glucose than for as much sucrose', () => {
    expect(of(0, 50)).toBeLessThan(of(50) - 0.02);
    expect(Math.abs(of(0, 50) - 0.905)).toBeLessThan(0.015);
  });
});
