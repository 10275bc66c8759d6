/** The ways cooks bake a shell blind, as they say them, and what of a plan cannot be done. */
import { SHELL } from '../testing/bakes';
import { BLIND_LIMITS, BLIND_SCHOOLS, checkBlind, type BlindPlan } from './blindPlan';

/** A school in a line: "ceramic: 20 min at 190 with weights; 15 min at 190". */
const inALine = ({ weights, docked, stages }: (typeof BLIND_SCHOOLS)[number]) =>
  `${weights}${docked ? ', docked' : ''}: ${stages
    .map(
      ({ minutes, setC, weighted, outOfRing }) =>
        `${minutes} at ${setC}${weighted ? ' weighted' : ''}${outOfRing ? ' out of the ring' : ''}`,
    )
    .join('; ')}`;

// Common practice.
it.each([
  ['weights-then-bare', 'ceramic: 20 at 190 weighted; 15 at 190'],
  ['weights-to-the-end', 'ceramic: 30 at 190 weighted'],
  ['very-hot', 'ceramic: 15 at 230 weighted; 10 at 175'],
  ['gentle', 'ceramic: 25 at 165 weighted; 25 at 165'],
  ['out-of-the-ring', 'ceramic: 20 at 185 weighted; 15 at 170 out of the ring'],
  ['docked', 'none, docked: 22 at 180'],
])('%s is %s', (id, line) => {
  expect(BLIND_SCHOOLS.filter((school) => school.id === id).map(inALine)).toEqual([line]);
});

describe('a plan that cannot be done', () => {
  const [first] = SHELL.stages;
  const problem = (change: Partial<BlindPlan>) => {
    const checked = checkBlind({ ...SHELL, ...change });
    return checked.ok ? undefined : checked.problem;
  };
  const staged = (change: Partial<BlindPlan['stages'][number]>) =>
    problem({ stages: [first!, { ...first!, ...change }] });

  it('has no stages, or too many', () => {
    const { least, most } = BLIND_LIMITS.stages;
    expect(problem({ stages: [] })).toMatchObject({
      ...{ code: 'blind.stages', path: 'blind.stages', values: { least, most } },
    });
    expect(problem({ stages: Array.from({ length: 7 }, () => first!) })?.code).toBe('blind.stages');
    expect(problem({ stages: Array.from({ length: 6 }, () => first!) })).toBeUndefined();
  });

  it('has a stage of no time, or of more than two hours, named at its place', () => {
    expect(staged({ minutes: 0.5 })).toMatchObject({
      ...{ code: 'blind.minutes', path: 'blind.stages.1.minutes' },
    });
    expect(staged({ minutes: 121 })?.code).toBe('blind.minutes');
    expect([1, 120].map((minutes) => staged({ minutes }))).toEqual([undefined, undefined]);
    expect(staged({ minutes: NaN })?.code).toBe('blind.minutes');
  });

  it('is set to what no oven is baked in at', () => {
    expect(staged({ setC: 281 })).toMatchObject({
      ...{ code: 'blind.set', path: 'blind.stages.1.setC' },
      values: { least: { celsius: 100 }, most: { celsius: 280 } },
    });
    expect(staged({ setC: 99 })?.code).toBe('blind.set');
    expect([100, 280].map((setC) => staged({ setC }))).toEqual([undefined, undefined]);
  });

  it('is rolled to what nobody can line', () => {
    expect(problem({ thicknessMm: 10.5 })).toMatchObject({
      ...{ code: 'shell.thickness', path: 'shellThicknessMm' },
      values: { least: { millimetres: 1 }, most: { millimetres: 10 } },
    });
    expect([1, 10].map((thicknessMm) => problem({ thicknessMm }))).toEqual([undefined, undefined]);
  });

  it('and one that can is said to be one', () => {
    expect(checkBlind(SHELL)).toEqual({ ok: true, value: true });
  });
});
