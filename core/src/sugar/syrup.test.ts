import { boilingPointC } from '../properties';
import { syrupBoilsAtC, syrupShareAtC, syrupVapourPa, waterToBoilOffG } from './syrup';

describe('a boiling syrup', () => {
  // Independent of the table: Norrish's water activity (1966) and the IAPWS vapour pressure; the syrup
  // boils where its vapour pressure reaches the standard atmosphere, 101 325 Pa.
  it.each([0.2, 0.4, 0.5, 0.6, 0.7, 0.8])(
    'of %d sugar boils where its vapour pressure is that of the air, within 1.2 °C',
    (share) => {
      let [low, high] = [90, 150];
      for (let halving = 0; halving < 40; halving += 1) {
        const middle = (low + high) / 2;
        if (syrupVapourPa(share, middle) < 101_325) low = middle;
        else high = middle;
      }
      expect(Math.abs(syrupBoilsAtC(share) - low)).toBeLessThan(1.2);
    },
  );

  it('boils as water without sugar, and ever higher with it', () => {
    expect(syrupBoilsAtC(0)).toBeCloseTo(boilingPointC(101_325), 0);
    for (let share = 0.05; share < 0.99; share += 0.05) {
      expect(syrupBoilsAtC(share)).toBeGreaterThan(syrupBoilsAtC(share - 0.05));
      expect(syrupShareAtC(syrupBoilsAtC(share))).toBeCloseTo(share, 6);
    }
  });

  // Source: common practice: soft ball 112 to 116 °C is a syrup of about 85 % sugar, hard crack of
  // about 97 to 98 %, and caramel has hardly any water left.
  it('passes through the stages cooks name', () => {
    expect(syrupShareAtC(114)).toBeGreaterThan(0.8);
    expect(syrupShareAtC(114)).toBeLessThan(0.87);
    expect(syrupShareAtC(150)).toBeCloseTo(0.97, 2);
  });

  // Worked by hand: at 112 °C 80 % sugar: 200 g of sugar keep 50 g of water; of 80 g 30 boil off.
  it('tells the water to boil off', () => {
    expect(waterToBoilOffG(200, 80, 112)).toBeCloseTo(30, 6);
    expect(waterToBoilOffG(200, 40, 112)).toBe(0);
  });
});

describe('at the ends of the table', () => {
  // By the table itself: its first and last rows, and a point on it.
  it('is clamped, and found from either side', () => {
    expect(syrupBoilsAtC(0)).toBe(100);
    expect(syrupBoilsAtC(1)).toBe(171);
    expect(syrupShareAtC(90)).toBe(0);
    expect(syrupShareAtC(200)).toBe(0.996);
    expect(syrupBoilsAtC(0.9)).toBeCloseTo(123, 9);
    // Half-way between 112 and 123.
    expect(syrupBoilsAtC(0.85)).toBeCloseTo(117.5, 9);
    expect(syrupShareAtC(117.5)).toBeCloseTo(0.85, 9);
  });

  // Worked by hand: 200 g of sugar at a share of 0.8 (112 °C) hold 50 g of water.
  it('boils off what is too much, and nothing where nothing is', () => {
    expect(waterToBoilOffG(200, 90, 112)).toBeCloseTo(40, 9);
    expect(waterToBoilOffG(200, 30, 112)).toBe(0);
    expect(waterToBoilOffG(200, 90, 100)).toBe(0);
  });
});
