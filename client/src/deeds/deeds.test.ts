/** What was done to a bake, in words, and what of its plan is still to be done. */
import type { BakeData, DeedData } from '@hollow-moon/contract';
import { METRIC, wordsIn } from '@hollow-moon/words';
import { begunBake } from '../testing/bake';
import { deedInWords } from './deedWords';
import { asBegunSince, nextOpenStep, stillIn, withoutMade } from './open';

const id = (n: number) => `00000000-0000-4000-8000-00000000000${n}`;
const spaced = (text: string) => text.replaceAll('\u00a0', ' ');

it('is told in a few words, in the cook’s own degrees', () => {
  const say = (deed: object, degrees: 'C' | 'F' = 'C') =>
    spaced(
      deedInWords({ id: id(1), atS: 60, ...deed } as DeedData, wordsIn({ ...METRIC, degrees })),
    );
  expect(say({ kind: 'oven', celsius: 140 })).toBe('Oven set to 140 °C');
  // 150 × 1.8 + 32 = 302, told as a dial has it.
  expect(say({ kind: 'oven', celsius: 150 }, 'F')).toMatch(/^Oven set to 30[02] °F$/);
  expect(say({ kind: 'oven-off', door: 'ajar' })).toBe('Oven off, door ajar');
  expect(say({ kind: 'door', forS: 20 })).toBe('Door open for 20 s');
  expect(say({ kind: 'door', forS: 180 })).toBe('Door open for 3 min');
  expect(say({ kind: 'out', vessels: 2 })).toBe('2 taken out');
  expect(say({ kind: 'out', vessels: 1, vesselNo: 3 })).toBe('No. 3 taken out');
  expect(say({ kind: 'turned' })).toBe('Turned or moved');
  expect(say({ kind: 'turned', vesselNo: 2 })).toBe('No. 2: Turned or moved');
  expect(say({ kind: 'stood', celsius: 120 })).toBe('The oven stood at 120 °C when it went in');
  expect(say({ kind: 'trouble', trouble: 'leaks' })).toBe('It leaks');
});

describe('of a plan that turns the oven twice', () => {
  const steps = [
    { atS: 900, to: 130 },
    { atS: 1500, to: 'off-ajar' as const },
  ];
  const plan = {
    programme: {
      steps: [
        { atMin: 15, to: 130 },
        { atMin: 25, to: 'off-ajar' },
      ],
    },
  };
  const bake = {
    foreseen: { ...begunBake.foreseen, steps },
    planned: { plan, formulaVersion: 1, modelVersion: 'test' },
  } as unknown as BakeData;
  const first: DeedData = { id: id(1), atS: 960, kind: 'oven', celsius: 130, step: 0 };
  const besides: DeedData = { id: id(2), atS: 300, kind: 'oven', celsius: 160 };

  it('the next step is the one that comes, until it is made', () => {
    expect(nextOpenStep(bake, [], 60)).toEqual({ step: 0, atS: 900, to: 130 });
    // Forecast anew with what was made in it, it has that at its real minute.
    const anew = { ...bake.foreseen, steps: [{ atS: 960, to: 130 }, steps[1]!] };
    const left = withoutMade(anew, [first]);
    expect(left.steps).toEqual([steps[1]]);
    expect(nextOpenStep({ ...bake, foreseen: left }, [first], 960)).toEqual({
      step: 1,
      atS: 1500,
      to: 'off-ajar',
    });
  });

  it('what was foreseen at the start has no step any more that was made since', () => {
    expect(asBegunSince(bake.foreseen, [first]).steps).toEqual([steps[1]]);
    expect(asBegunSince(bake.foreseen, [besides])).toBe(bake.foreseen);
  });

  it('a turn besides is none of them', () => {
    const anew = { ...bake.foreseen, steps: [{ atS: 300, to: 160 }, ...steps] };
    const left = withoutMade(anew, [besides]);
    expect(left.steps).toEqual(steps);
    expect(nextOpenStep({ ...bake, foreseen: left }, [besides], 300)?.step).toBe(0);
  });

  it('one long past is taken as made, and none is offered that cannot be told', () => {
    expect(nextOpenStep(bake, [], 1501)?.step).toBe(1);
    expect(nextOpenStep(bake, [], 2101)).toBeUndefined();
    // A forecast that still has a step that was made: which of them is left is not known.
    expect(nextOpenStep(bake, [first], 960)).toBeUndefined();
    expect(nextOpenStep({ ...bake, planned: null }, [], 60)).toBeUndefined();
    const one = { ...bake.foreseen, steps: [steps[0]!] };
    expect(nextOpenStep({ foreseen: one, planned: null }, [], 60)).toBeUndefined();
  });
});

it('counts what is still in the oven', () => {
  const out = (vessels: number): DeedData => ({ id: id(3), atS: 9, kind: 'out', vessels });
  expect(stillIn(6, [])).toBe(6);
  expect(stillIn(6, [out(1), out(2)])).toBe(3);
  expect(stillIn(2, [out(3)])).toBe(0);
});
