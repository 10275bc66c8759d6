import { findIngredient } from '../ingredients/catalogue';
import { per100g } from '../ingredients';
import { boilingPointAtAltitudeC, standardPressurePa } from './atmosphere';
import { boilingPointC, evaporationHeatJkg, saturationPressurePa } from './water';
import { evaluate, foodProperties } from './food';

const compositionOf = (id: string) => {
  const ingredient = findIngredient(id);
  if (!ingredient) throw new Error(id);
  return ingredient.composition;
};

describe('water', () => {
  // Source: IAPWS-IF97 (2007 revision), table 35: verification values of the saturation line.
  it.each([
    [300, 0.353658941e4],
    [500, 0.263889776e7],
    [600, 0.123443146e8],
  ])('saturates at %d K at the published pressure', (kelvin, pascal) => {
    expect(saturationPressurePa(kelvin - 273.15) / pascal).toBeCloseTo(1, 7);
  });

  // Source: IAPWS-IF97 (2007 revision), table 36: 0.1, 1 and 10 MPa.
  it.each([
    [0.1e6, 372.755919],
    [1e6, 453.035632],
    [10e6, 584.149488],
  ])('boils at %d Pa at the published temperature', (pascal, kelvin) => {
    expect(boilingPointC(pascal) + 273.15).toBeCloseTo(kelvin, 5);
  });

  // Source: IAPWS-IF97 steam tables: 2500.9 kJ/kg at 0 °C, 2382.0 at 50, 2308.0 at 80, 2256.5 at 100.
  it.each([
    [0, 2500.9],
    [50, 2382.0],
    [80, 2308.0],
    [100, 2256.5],
  ])('takes up heat at %d °C when it evaporates', (celsius, kilojoule) => {
    expect(Math.abs(evaporationHeatJkg(celsius) / 1000 / kilojoule - 1)).toBeLessThan(0.002);
  });

  it('refuses what lies outside the equations', () => {
    expect(() => saturationPressurePa(-5)).toThrow(RangeError);
    expect(() => boilingPointC(1)).toThrow(RangeError);
  });
});

describe('the standard atmosphere', () => {
  // Source: US Standard Atmosphere 1976, table I: pressure at geopotential altitude.
  it.each([
    [0, 101325],
    [1000, 89874.6],
    [2000, 79495.2],
    [3000, 70108.5],
  ])('at %d m', (metres, pascal) => {
    expect(standardPressurePa(metres) / pascal).toBeCloseTo(1, 4);
  });

  // Source: common practice. Water boils about 1 K lower for every 300 m.
  it('lowers the boiling point', () => {
    expect(boilingPointAtAltitudeC(0)).toBeCloseTo(99.97, 1);
    expect(boilingPointAtAltitudeC(1500)).toBeCloseTo(95, 0);
    expect(() => standardPressurePa(20000)).toThrow(RangeError);
  });
});

describe('foods', () => {
  // Source: IAPWS releases on conductivity and IAPWS-95: liquid water at 25 and 75 °C
  // (0.607 and 0.663 W/m K; 4.182 and 4.193 kJ/kg K). Choi-Okos is a fit that lies up to 1.3 % low.
  it.each([
    [25, 0.607, 4182],
    [75, 0.663, 4193],
  ])('water at %d °C', (celsius, conductivity, heatCapacity) => {
    const water = foodProperties(per100g({ water: 100 }), celsius);
    expect(Math.abs(evaluate(water.conductivityWmK, celsius) / conductivity - 1)).toBeLessThan(
      0.012,
    );
    expect(Math.abs(evaluate(water.heatCapacityJkgK, celsius) / heatCapacity - 1)).toBeLessThan(
      0.015,
    );
  });

  // Source: ASHRAE Handbook, Refrigeration (2018), chapter 19, table 3, specific heat above freezing
  // (from memory): whole milk 3.89, half-and-half cream 3.73 and heavy cream 3.25, egg white 3.91.
  it.each([
    ['milk', 3.89],
    ['cream', 3.25],
    ['egg-white', 3.91],
  ])('heat capacity of %s', (id, kilojoule) => {
    const food = foodProperties(compositionOf(id));
    expect(Math.abs(evaluate(food.heatCapacityJkgK, 20) / 1000 / kilojoule - 1)).toBeLessThan(0.03);
  });

  // Source: from memory, dairy handbooks: milk 1030 kg/m³, 36 % cream about 995, at 20 °C. Additive
  // volumes give 0.7 % less for milk: dissolved lactose takes up less room than dry carbohydrate.
  it('density of milk and cream', () => {
    expect(Math.abs(foodProperties(compositionOf('milk')).densityKgM3 / 1030 - 1)).toBeLessThan(
      0.01,
    );
    expect(Math.abs(foodProperties(compositionOf('cream')).densityKgM3 / 995 - 1)).toBeLessThan(
      0.012,
    );
  });

  it('refuses a food of nothing', () => {
    expect(() => foodProperties(per100g({}))).toThrow(RangeError);
  });
});
