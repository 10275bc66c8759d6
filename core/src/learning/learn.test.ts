/** What readings teach, on bakes made up with a hidden truth: the pull they lead to is the true one, as often as is said. */
import { quantile } from '../certainty';
import { randomFrom } from '../day';
import type { ForecastPlan } from '../forecast';
import { TART } from '../testing/bakes';
import { BEFORE_READING, bakeShifts } from './inputs';
import { learn, TRACES, type Learnt } from './learn';
import type { Reading } from './observe';
import { steadyOvenC } from './steadyOven';
import { LOOK_S, traceOf, type Trace } from './trace';

jest.setTimeout(120_000);

const UNTIL_S = 5400;

function traces(plan: ForecastPlan, first: number, last: number): Trace[] {
  return bakeShifts(first, last).flatMap((shift) => {
    const trace = traceOf(plan, shift, UNTIL_S);
    return trace.ok ? [trace.value] : [];
  });
}

const noOven = () => undefined;

/** What a probe reads of a truth at a time, °C. */
const readOf = ({ probeC }: Trace, atS: number) => probeC.centre[Math.round(atS / LOOK_S)]!;

/** A normal deviate from two draws. Source: Box and Muller (1958). */
const deviateFrom = (random: () => number): number =>
  Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());

describe('a tart in an oven that nobody knows', () => {
  const known = traces(TART, 0, TRACES);
  const truths = traces(TART, 1000, 1100).filter(({ window }) => window !== undefined);
  const before = learn(known, [], noOven);
  const random = randomFrom(7);
  const read = (truth: Trace, atS: number, id: string): Reading => ({
    id,
    atS,
    place: 'centre',
    celsius: readOf(truth, atS) + deviateFrom(random),
  });
  const usual = quantile(
    known.flatMap(({ window }) => (window ? [window[1]] : [])),
    0.5,
  );
  // Two readings on the way: at half of the time it usually takes, and shortly before its end.
  const times = [0.5, 0.85].map((share) => Math.round((share * usual) / LOOK_S) * LOOK_S);
  const after = truths.map((truth) =>
    learn(
      known,
      times.map((atS, index) => read(truth, atS, `${index}`)),
      noOven,
    ),
  );
  const best = (of: Learnt) => of.window![1];
  const width = (of: Learnt) => best(of)[2] - best(of)[0];

  it('is foreseen as wide as the runs are, before anything is read', () => {
    // Of seventy runs the middle one is minutes from where it is of many: these are two hundred.
    const many = [...known, ...traces(TART, TRACES, 200)];
    const windows = many.flatMap(({ window }) => (window ? [window[1]] : []));
    expect(Math.abs(best(before)[1] - quantile(windows, 0.5))).toBeLessThan(60);
    expect(width(before) / (quantile(windows, 0.9) - quantile(windows, 0.1))).toBeGreaterThan(0.8);
    expect(width(before) / (quantile(windows, 0.9) - quantile(windows, 0.1))).toBeLessThan(1.25);
    expect(before.unsure.ovenK).toBeCloseTo(BEFORE_READING.ovenK, 0);
  });

  it('is pulled within the band in eight of ten, after two readings, and the band is half as wide', () => {
    const within = truths.filter((truth, index) => {
      const [low, , high] = best(after[index]!);
      return truth.window![1] >= low && truth.window![1] <= high;
    });
    expect(truths.length).toBeGreaterThan(80);
    expect(within.length / truths.length).toBeGreaterThanOrEqual(0.7);
    expect(within.length / truths.length).toBeLessThanOrEqual(0.9);
    expect(quantile(after.map(width), 0.5)).toBeLessThanOrEqual(width(before) / 2);
  });

  // Where the forecast was right by chance a reading can only lead away from it: so over all of them, not for each.
  it('is half as far from the truth as before, and seldom further by more than two minutes', () => {
    const offBefore = truths.map((truth) => best(before)[1] - truth.window![1]);
    const offAfter = truths.map((truth, index) => best(after[index]!)[1] - truth.window![1]);
    const rms = (values: readonly number[]) =>
      Math.sqrt(values.reduce((sum, each) => sum + each * each, 0) / values.length);
    expect(rms(offAfter)).toBeLessThan(rms(offBefore) / 2);
    const worse = offAfter.filter(
      (off, index) => Math.abs(off) > Math.abs(offBefore[index]!) + 120,
    );
    expect(worse.length).toBeLessThanOrEqual(15);
  });

  it('is known better still by how much of it moves', () => {
    const widths = truths.slice(0, 30).flatMap((truth, index) => {
      const atS = Math.round((0.95 * truth.window![0]) / LOOK_S) * LOOK_S;
      const share = truth.moving[atS / LOOK_S]!;
      const readings = times.map((at, which) => read(truth, at, `${which}`));
      const seen = learn(known, [...readings, { id: 'w', atS, place: 'wobble', share }], noOven);
      expect(seen.doubted).toEqual([]);
      return [width(seen) / width(after[index]!)];
    });
    expect(quantile(widths, 0.5)).toBeLessThan(0.9);
  });

  it('shows its oven to a thermometer in it', () => {
    const cold = learn(known, [{ id: 'o', atS: 1200, place: 'oven', celsius: 128 }], () => 150);
    // Between what was thought (nothing off, to 10 K) and what is read (22 K off, to 6 K): by the ratio of the variances.
    expect(cold.shift.ovenK).toBeCloseTo(-22 * (100 / (100 + 36)), 0);
    expect(cold.unsure.ovenK).toBeCloseTo(Math.sqrt((100 * 36) / (100 + 36)), 0);
    expect(best(cold)[1]).toBeGreaterThan(best(before)[1] + 300);
    expect(
      learn(known, [{ id: 'o', atS: 1200, place: 'oven', celsius: 128 }], noOven).believed,
    ).toEqual([]);
  });

  it('is not led astray by a reading in °F or by one that fits nothing', () => {
    const truth = truths[3]!;
    const readings = times.map((atS, index) => read(truth, atS, `${index}`));
    const right = learn(known, readings, noOven);
    const [first, second] = readings as [
      Reading & { celsius: number },
      Reading & { celsius: number },
    ];
    const fahrenheit = { ...second, id: 'f', celsius: 1.8 * second.celsius + 32 };
    const absurd = { ...first, id: 'x', celsius: 3 };
    const celsius = { ...second, id: 'c', celsius: (second.celsius - 32) / 1.8 };
    const with2 = learn(known, [...readings, fahrenheit, absurd, celsius], noOven);
    expect(with2.doubted).toEqual([
      { id: 'f', why: 'fahrenheit' },
      { id: 'x', why: 'unlikely' },
      { id: 'c', why: 'celsius' },
    ]);
    expect(with2.window).toEqual(right.window);
  });

  it('learns little more from a second reading a minute after the first', () => {
    const truth = truths[3]!;
    const at = (atS: number, id: string): Reading => ({
      id,
      atS,
      place: 'centre',
      celsius: readOf(truth, atS),
    });
    const one = learn(known, [at(1800, 'a')], noOven);
    const two = learn(known, [at(1800, 'a'), at(1860, 'b')], noOven);
    const apart = learn(known, [at(1800, 'a'), at(2700, 'b')], noOven);
    expect(width(two) / width(one)).toBeGreaterThan(0.8);
    expect(width(apart)).toBeLessThan(width(two));
  });

  it('says the same each time, and refuses too few runs', () => {
    const reading = read(truths[0]!, 1800, 'a');
    expect(learn(known, [reading], noOven)).toEqual(learn(known, [reading], noOven));
    expect(() => learn(known.slice(0, 10), [reading], noOven)).toThrow(RangeError);
  });
});

it('an oven is foreseen where it is steady, and only there', () => {
  const stepped = steadyOvenC({
    ...TART,
    oven: { kind: 'still', offsetK: -6 },
    programme: {
      steps: [
        { atMin: 40, to: 130 },
        { atMin: 70, to: 'off-shut' },
      ],
    },
  });
  expect([300, 1200, 2500, 3400, 5400].map(stepped)).toEqual([
    undefined,
    144,
    undefined,
    124,
    undefined,
  ]);
  const onSign = steadyOvenC({
    ...TART,
    programme: { steps: [{ atMin: 40, on: 'rim-set', to: 130 }] },
  });
  expect([1200, 4000].map(onSign)).toEqual([150, undefined]);
});
