/** What an oven is taken for after a bake; arithmetic by hand. */
import { ovenRead } from './ovenRead';

const learnt = (ovenK: number, unsureK: number) => ({
  shift: { ovenK, startK: 0, depthMm: 0, setK: 0, transferShare: 0, dryingShare: 0 },
  unsure: {
    ovenK: unsureK,
    startK: 4,
    depthMm: 1.5,
    setK: 1.5,
    transferShare: 0.15,
    dryingShare: 0.25,
  },
  window: undefined,
  believed: ['a'],
  doubted: [],
});

// The oven was taken as 5 K cool, and gave 8.6 K less than that: 13.6 K cool.
it('adds what was learnt to what the bake was forecast with, to the whole kelvin', () => {
  expect(ovenRead(learnt(-8.6, 4.2), -5)).toEqual({ offsetK: -14, unsureK: 4.2 });
});

it('says nothing where the readings leave it nearly as unsure as before: 10 K, of which 8 K are too many', () => {
  expect(ovenRead(learnt(-20, 8), 0)).toBeUndefined();
  expect(ovenRead(learnt(-20, 7.9), 0)).toEqual({ offsetK: -20, unsureK: 7.9 });
});

it('stays within what an oven may be off by, 60 K to either side', () => {
  expect(ovenRead(learnt(-30, 4), -50)?.offsetK).toBe(-60);
  expect(ovenRead(learnt(30, 4), 50)?.offsetK).toBe(60);
});
