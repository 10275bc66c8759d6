/** Creams on the stove against the first law, the minutes of practice and what becomes of too strong a heat. */
import { analyse } from '../formula';
import { per100g } from '../ingredients';
import { boilingPointAtAltitudeC } from '../properties';
import { listOf } from '../testing/bakes';
import { cookOnStove, STRANDS_NOTICED, type StoveForecast, type StovePlan } from './stove';
import { panLoss } from './pan';
import { thickensOver } from './starch';

const CURD = analyse(
  listOf({ 'lemon-juice': 200, 'egg-yolk': 90, sugar: 110, butter: 70 }),
  'EU M',
);
const PASTRY = analyse(
  listOf({ milk: 500, 'egg-yolk': 100, sugar: 110, cornflour: 40, butter: 30 }),
  'EU M',
);
const curd: StovePlan = {
  analysis: CURD,
  massG: CURD.totalG,
  panDiameterMm: 200,
  startC: 70,
  heat: 'gentle',
  endC: { from: 77, to: 82 },
  holdS: 0,
  roomC: 22,
  altitudeM: 0,
};
const pastry: StovePlan = {
  ...curd,
  analysis: PASTRY,
  massG: PASTRY.totalG,
  startC: 60,
  heat: 'medium',
  endC: { from: 95 },
  holdS: 90,
};

const cooked = (plan: StovePlan): StoveForecast => {
  const result = cookOnStove(plan);
  if (!result.ok) throw new Error(result.problem.code);
  return result.value;
};
const refused = (plan: StovePlan) => {
  const result = cookOnStove(plan);
  return result.ok ? undefined : result.problem;
};

describe('a pan of liquid', () => {
  // Source: the Lewis analogy (Bird, Stewart and Lightfoot, 22.8), worked by hand: as warm as the room it neither gives nor
  // takes heat but by evaporation, 6 / (1010 × 0.9) × 0.622 × (2640 - 1200) / 101 325 Pa = 5.8e-5 kg/(m² s), which on
  // 0.0314 m² at 2.45 MJ/kg are 4.5 W.
  it('loses nothing but water at the warmth of the room', () => {
    const loss = panLoss({
      composition: per100g({ water: 100 }),
      grams: 1000,
      radiusM: 0.1,
      roomC: 22,
      altitudeM: 0,
    });
    const { lossW, evaporationW } = loss(22);
    expect(lossW).toBeCloseTo(evaporationW, 9);
    expect(evaporationW).toBeGreaterThan(4.3);
    expect(evaporationW).toBeLessThan(4.8);
  });

  // Common practice, and the handbook balance: an open 20 cm pan of water near the boil wants some hundred watts to stay there.
  it('wants some hundred watts to stay hot', () => {
    const loss = panLoss({
      composition: per100g({ water: 100 }),
      grams: 1000,
      radiusM: 0.1,
      roomC: 22,
      altitudeM: 0,
    });
    expect(loss(95).lossW).toBeGreaterThan(150);
    expect(loss(95).lossW).toBeLessThan(700);
    expect(loss(95).lossW).toBeGreaterThan(2 * loss(75).lossW);
  });
});

describe('a curd', () => {
  // Common practice: a yolk curd poured together at 70 °C thickens in 5 to 7 min on gentle heat. (The heat that a ring
  // gives to a pan is put to this; its other heats, the film and the steam were set with the next tests in view.)
  it('thickens in 5 to 7 min on gentle heat, with minutes to take it off', () => {
    const { reachedS, latestS, strands, offC } = cooked(curd);
    expect(reachedS / 60).toBeGreaterThan(5);
    expect(reachedS / 60).toBeLessThan(7);
    expect(latestS! - reachedS).toBeGreaterThan(60);
    expect(strands).toBeLessThan(STRANDS_NOTICED);
    expect(offC).toBeCloseTo(77, 0);
  });

  // Common practice: over too strong a heat the egg pulls into strands at the bottom before the whole is thick.
  it('leaves seconds on medium heat, and none on strong', () => {
    const medium = cooked({ ...curd, heat: 'medium' });
    expect(medium.latestS! - medium.reachedS).toBeLessThan(60);
    expect(medium.latestS!).toBeGreaterThan(medium.reachedS);
    const strong = cooked({ ...curd, heat: 'strong' });
    expect(strong.latestS!).toBeLessThan(strong.reachedS);
    expect(strong.strands).toBeGreaterThan(STRANDS_NOTICED);
  });

  // Common practice: over water it cannot go wrong in a hurry, and takes longer.
  it('over water takes longer than gently, and hardly can be spoilt', () => {
    const water = cooked({ ...curd, heat: 'over-water' });
    expect(water.reachedS).toBeGreaterThan(cooked(curd).reachedS);
    expect(water.latestS! - water.reachedS).toBeGreaterThan(600);
    expect(water.hottestBaseC).toBeLessThan(97);
  });

  // Worked by hand: 470 g of curd (1.6 kJ/K) in a pan of 0.5 kJ/K: of 70 °C once the cool pan has taken its heat
  // 58.6 are left, and 18.4 K of 2.1 kJ/K are wanted, 39 kJ; of twice as much 63.5, and 13.5 K of 3.7 kJ/K, 50 kJ.
  it('takes longer cold, and in a batch twice as large by a third and more', () => {
    expect(cooked({ ...curd, startC: 15 }).reachedS).toBeGreaterThan(1.8 * cooked(curd).reachedS);
    const [one, two] = [cooked(curd), cooked({ ...curd, massG: 2 * curd.massG })];
    expect(two.reachedS / one.reachedS).toBeGreaterThan(1.25);
    expect(two.reachedS / one.reachedS).toBeLessThan(1.6);
  });
});

describe('a starch cream', () => {
  it('thickens before it boils, boils in minutes, and is held', () => {
    const { thickens, reachedS, offS, offC, enzyme, strands, latestS } = cooked(pastry);
    expect(thickens!.fromS).toBeLessThan(reachedS);
    expect(reachedS / 60).toBeGreaterThan(2);
    expect(reachedS / 60).toBeLessThan(12);
    expect(offS - reachedS).toBe(90);
    expect(offC).toBeGreaterThan(95);
    // Common practice: bubbles held 1 to 2 min destroy the yolk's enzyme.
    expect(enzyme).toBe('destroyed');
    // Starch keeps the egg from curdling at any heat.
    expect([strands, latestS]).toEqual([0, undefined]);
  });

  it('taken off as it boils still has its enzyme; without yolk it is not asked', () => {
    expect(cooked({ ...pastry, holdS: 0 }).enzyme).toBe('survives');
    const eggless = analyse(listOf({ milk: 500, sugar: 60, cornflour: 35 }), 'EU M');
    const pudding = cooked({ ...pastry, analysis: eggless, massG: eggless.totalG });
    expect(pudding).not.toHaveProperty('enzyme');
  });

  // Source: first law, worked by hand: 10 min at the boil on 1000 W, less what a pan loses dry, is all steam: 600 s ×
  // (1000 - 60 to 120 W) / 2.26 MJ/kg = 234 to 250 g.
  it('boils off what the heat pays for, and gets no hotter', () => {
    const none = cooked({ ...pastry, heat: 'strong', holdS: 0 });
    const long = cooked({ ...pastry, heat: 'strong', holdS: 600 });
    // From 95 °C it takes a little to the boil: its own heat is left out of the hand's figure.
    const boiled = long.waterLostG - none.waterLostG;
    expect(boiled).toBeGreaterThan(210);
    expect(boiled).toBeLessThan(260);
    expect(long.offC).toBeLessThan(103);
  });

  // Source: first law: without loss 500 W warm C by 500/C a second; with a cold room's losses it takes longer, and the
  // pan's own heat counts.
  it('takes no less time than its heat wants', () => {
    const { reachedS } = cooked(pastry);
    const leastJ = (PASTRY.totalG / 1000) * 3300 * (95 - 60);
    expect(reachedS).toBeGreaterThan(leastJ / 500);
    expect(reachedS).toBeLessThan((2 * leastJ) / 500 + 60);
  });

  // On a mountain it boils sooner, and the enzyme's minute is counted at the boil.
  it('is done at the boil where it boils below 95 °C', () => {
    const altitudeM = 2500;
    const high = cooked({ ...pastry, altitudeM });
    expect(high.offC).toBeLessThan(94);
    expect(high.offC).toBeGreaterThan(boilingPointAtAltitudeC(altitudeM) - 2);
    expect(high.enzyme).toBe('destroyed');
  });
});

describe('where starch thickens', () => {
  const over = (grams: Record<string, number>) => thickensOver(analyse(listOf(grams), 'EU M'));

  it('is later with sugar, and sooner for potato than for maize', () => {
    const plain = over({ milk: 500, cornflour: 40 })!;
    const sweet = over({ milk: 500, sugar: 150, cornflour: 40 })!;
    const potato = over({ milk: 500, 'potato-starch': 40 })!;
    expect(plain.fromC).toBeGreaterThan(70);
    expect(plain.toC).toBeLessThan(96);
    // From memory: a fifth to a quarter of sugar in the water delays it by 4 to 6 K.
    expect(sweet.fromC - plain.fromC).toBeGreaterThan(3.5);
    expect(sweet.fromC - plain.fromC).toBeLessThan(7);
    expect(potato.fromC).toBeLessThan(plain.fromC - 8);
  });

  it('spans both of two starches, and is nowhere without', () => {
    const both = over({ milk: 500, cornflour: 20, 'potato-starch': 20 })!;
    expect(both.toC - both.fromC).toBeGreaterThan(25);
    expect(over({ milk: 500, 'egg-yolk': 100 })).toBeUndefined();
    expect(over({ milk: 500, cornflour: 2 })).toBeUndefined();
    expect(over({})).toBeUndefined();
  });
});

describe('what cannot be cooked', () => {
  it.each<[string, Partial<StovePlan>, string]>([
    ['massG', { massG: 0 }, 'stove.mass'],
    ['panDiameterMm', { panDiameterMm: 20 }, 'stove.pan'],
    ['panDiameterMm', { massG: 9000 }, 'stove.too-deep'],
    ['panDiameterMm', { massG: 60 }, 'stove.too-shallow'],
    ['startC', { startC: 80 }, 'stove.start'],
    ['holdS', { holdS: 5000 }, 'stove.hold'],
  ])('is refused at %s', (path, change, code) => {
    const problem = refused({ ...curd, ...change });
    expect(problem?.path).toBe(path);
    expect(problem?.code).toBe(code);
  });

  it('says so where it never gets hot enough', () => {
    expect(refused({ ...pastry, heat: 'over-water' })?.code).toBe('stove.too-weak');
  });
});
