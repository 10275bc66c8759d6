/** Single vessels of a bake: which are in the oven, when each is best, and which is to be called for. */
import type { DeedData } from '@hollow-moon/contract';
import { begunBake } from '../testing/bake';
import { dueVessel, lastIn, ownPulls, vesselsIn, vesselsOut } from './pulls';

const out = (vesselNo: number | undefined, atS: number): DeedData => ({
  id: `00000000-0000-4000-8000-00000000000${vesselNo ?? 9}`,
  ...{ atS, kind: 'out', vessels: 1 },
  ...(vesselNo === undefined ? {} : { vesselNo }),
});
const SIX = { ...begunBake, vesselCount: 6 };
const BEST_S = SIX.foreseen.window!.best.timeS;

it('those that were taken out by their number are out, in order, and the others are in', () => {
  const deeds = [out(5, 1500), out(2, 1620), out(undefined, 1700)];
  expect(vesselsOut(deeds)).toEqual([
    { vesselNo: 2, atS: 1620 },
    { vesselNo: 5, atS: 1500 },
  ]);
  expect(vesselsIn(6, deeds)).toEqual([1, 3, 4, 6]);
  expect(vesselsIn(2, [])).toEqual([1, 2]);
  expect([lastIn(6, deeds), lastIn(2, [out(1, 900)]), lastIn(1, [])]).toEqual([
    undefined,
    2,
    undefined,
  ]);
});

describe('one that was read by itself', () => {
  const pulls = [
    { vesselNo: 2, laterS: [-120, 60, 240] as const },
    { vesselNo: 5, laterS: [-300, -180, -60] as const },
  ];

  it('is best so much later or sooner than the bake as it is foreseen now', () => {
    expect(ownPulls(SIX, pulls, [])).toEqual([
      { vesselNo: 2, lowS: BEST_S - 120, bestS: BEST_S + 60, highS: BEST_S + 240 },
      { vesselNo: 5, lowS: BEST_S - 300, bestS: BEST_S - 180, highS: BEST_S - 60 },
    ]);
  });

  it('has nothing to wait for once it is out, nor where there is no window', () => {
    expect(ownPulls(SIX, pulls, [out(2, 900)]).map(({ vesselNo }) => vesselNo)).toEqual([5]);
    const none = { ...SIX, foreseen: { ...SIX.foreseen, window: null } };
    expect(ownPulls(none, pulls, [])).toEqual([]);
  });

  it('is called for from its best on, for three minutes, and gives way to the next', () => {
    const own = ownPulls(SIX, pulls, []);
    expect(dueVessel(own, BEST_S - 181)).toBeUndefined();
    expect(dueVessel(own, BEST_S - 180)).toBe(5);
    expect(dueVessel(own, BEST_S - 1)).toBe(5);
    expect(dueVessel(own, BEST_S)).toBeUndefined();
    expect(dueVessel(own, BEST_S + 60)).toBe(2);
    const close = ownPulls(SIX, [pulls[0]!, { vesselNo: 3, laterS: [0, 120, 200] }], []);
    expect(dueVessel(close, BEST_S + 130)).toBe(3);
  });
});
