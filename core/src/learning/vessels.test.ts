/** What is read in one vessel of several says most of that one, and something of all. */
import { TART } from '../testing/bakes';
import { BEFORE_READING, bakeShifts } from './inputs';
import { learn, TRACES } from './learn';
import { BETWEEN_VESSELS, type Reading } from './observe';
import { LOOK_S, traceOf, type Trace } from './trace';
import { pullsByVessel } from './vessels';

jest.setTimeout(120_000);

const UNTIL_S = 5400;
const noOven = () => undefined;

const known = bakeShifts(0, TRACES).flatMap((shift) => {
  const trace = traceOf(TART, shift, UNTIL_S);
  return trace.ok ? [trace.value] : [];
});

/** A vessel whose place in the oven is so much hotter than it is set to. */
function placed(ovenK: number): Trace {
  const trace = traceOf(
    TART,
    { ovenK, startK: 0, depthMm: 0, setK: 0, transferShare: 0, dryingShare: 0 },
    UNTIL_S,
  );
  if (!trace.ok) throw new Error(trace.problem.code);
  return trace.value;
}

const [FRONT, BACK] = [placed(-6), placed(6)];
const READ_AT_S = [1200, 1500];

const readIn = (vesselNo: number | undefined, { probeC }: Trace): Reading[] =>
  READ_AT_S.map((atS) => ({
    id: `${vesselNo ?? 'all'}-${atS}`,
    ...{ atS, place: 'centre' as const, celsius: probeC.centre[atS / LOOK_S]! },
    ...(vesselNo === undefined ? {} : { vesselNo }),
  }));

const width = ([low, , high]: readonly [number, number, number]) => high - low;

describe('two tarts in one oven', () => {
  const readings = [...readIn(1, FRONT), ...readIn(2, BACK)];
  const pulls = pullsByVessel(known, readings, noOven);
  const batchS = learn(known, readings, noOven).window![1][1];

  it('are each nearer to their own best than the batch is, from either side', () => {
    expect(pulls.map(({ vesselNo }) => vesselNo)).toEqual([1, 2]);
    expect(FRONT.window![1] - BACK.window![1]).toBeGreaterThan(600);
    for (const [pull, truth] of [
      [pulls[0]!, FRONT],
      [pulls[1]!, BACK],
    ] as const) {
      const bestS = truth.window![1];
      const off = (atS: number) => Math.abs(atS - bestS);
      expect(off(batchS + pull.laterS[1]) / off(batchS)).toBeLessThan(0.7);
      expect(batchS + pull.laterS[0]).toBeLessThan(bestS);
      expect(batchS + pull.laterS[2]).toBeGreaterThan(bestS);
    }
    expect(pulls[0]!.laterS[1]).toBeGreaterThan(120);
    expect(pulls[1]!.laterS[1]).toBeLessThan(-90);
  });
});

describe('one of several that was read', () => {
  const whole = (readings: readonly Reading[]) => learn(known, readings, noOven).window![1];

  it('tells less of the batch than a reading of all alike, and more than nothing', () => {
    const one = width(whole(readIn(3, BACK)));
    expect(one / width(whole(readIn(undefined, BACK)))).toBeGreaterThan(1.05);
    expect(one / width(whole([]))).toBeLessThan(0.8);
  });

  it('tells of itself what it would tell of a bake alone', () => {
    const own = learn(known, readIn(3, BACK), noOven, 3);
    expect(own).toEqual(
      learn(
        known,
        readIn(undefined, BACK).map((each) => ({ ...each, id: each.id.replace('all', '3') })),
        noOven,
      ),
    );
  });

  it('is all that is told one by one, and where nothing was read by itself nothing is', () => {
    expect(pullsByVessel(known, readIn(3, BACK), noOven).map(({ vesselNo }) => vesselNo)).toEqual([
      3,
    ]);
    expect(pullsByVessel(known, readIn(undefined, BACK), noOven)).toEqual([]);
    expect(pullsByVessel(known, [], noOven)).toEqual([]);
  });

  it('has nothing of its own where what was read is not believed', () => {
    const absurd: Reading = { id: 'x', atS: 1500, place: 'centre', celsius: 4, vesselNo: 2 };
    expect(pullsByVessel(known, [...readIn(1, FRONT), absurd], noOven)).toHaveLength(1);
  });

  it('counts twice where two were read, though each is a little off', () => {
    // A vessel's place is off by as much as it is: of two different ones the batch is known better than of one read twice.
    const twoPlaces = [...readIn(1, FRONT).slice(0, 1), ...readIn(2, BACK).slice(0, 1)];
    const onePlace = [
      ...readIn(1, FRONT).slice(0, 1),
      ...readIn(1, FRONT)
        .slice(0, 1)
        .map((each) => ({ ...each, id: 'again' })),
    ];
    expect(width(whole(twoPlaces)) / width(whole(onePlace))).toBeLessThan(0.95);
  });
});

it('vessels differ by less than a batch is unsure of', () => {
  for (const [input, unsure] of Object.entries(BETWEEN_VESSELS)) {
    expect(unsure).toBeLessThan(BEFORE_READING[input as keyof typeof BEFORE_READING]);
  }
});
