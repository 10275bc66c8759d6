import { after, begunBake } from '../testing/bake';
import { foreseenCentreC, foreseenMoon, nextToDo, standingOf } from './progress';

describe('where a bake stands', () => {
  it.each([
    [600, 'waiting', 'Look in 20 min'],
    [1800, 'open', 'Best in 3 min. Check the wobble'],
    [2000, 'open', 'Pull now, 3 min left'],
    [2400, 'past', 'Past the window. Pull it'],
  ] as const)('after %d s it is %s', (seconds, phase, says) => {
    expect(standingOf(begunBake, after(seconds))).toMatchObject({
      elapsedS: seconds,
      phase,
      says,
    });
  });

  it('stops its clock at the pull', () => {
    const pulled = { ...begunBake, pulledAt: new Date(after(1900)).toISOString() };
    expect(standingOf(pulled, after(9000))).toMatchObject({ elapsedS: 1900, phase: 'pulled' });
  });

  it('says so when no window was foreseen', () => {
    const hopeless = { ...begunBake, foreseen: { ...begunBake.foreseen, window: null } };
    expect(standingOf(hopeless, after(60)).phase).toBe('no-window');
  });
});

describe('what is to be done', () => {
  const planned = {
    ...begunBake,
    foreseen: {
      ...begunBake.foreseen,
      steps: [
        { atS: 900, to: 130 },
        { atS: 1800, to: 'off-shut' as const },
      ],
      out: [
        { atS: 0, place: 'rack' as const },
        { atS: 3600, place: 'fridge' as const },
      ],
    },
  };
  const says = (data: typeof begunBake, seconds: number) =>
    nextToDo(data, after(seconds), (celsius) => `${celsius} °C`);

  it.each([
    [0, 'In 15 min: turn the oven to 130 °C'],
    [960, 'Now: turn the oven to 130 °C'],
    [1200, 'In 10 min: switch the oven off, door closed'],
    [1800, 'Now: switch the oven off, door closed'],
    [2400, undefined],
  ])('in the oven, after %d s', (seconds, expected) => {
    expect(says(planned, seconds)).toBe(expected);
  });

  it.each([
    [60, 'Now: put it on the rack'],
    [600, 'In 50 min: put it in the fridge'],
    [3700, 'Now: put it in the fridge'],
    [9000, undefined],
  ])('and %d s after the pull', (seconds, expected) => {
    const pulled = { ...planned, pulledAt: new Date(after(2000)).toISOString() };
    expect(says(pulled, 2000 + seconds)).toBe(expected);
  });

  it.each([
    [60, 'In 9 min: pour the rest of the filling'],
    [620, 'Now: pour the rest of the filling'],
    [900, 'In about 10 min, when the rim has set: turn the oven to 120 °C'],
    [1500, 'When the rim has set: turn the oven to 120 °C'],
  ])('where a sign is waited for and the filling is topped up, after %d s', (seconds, expected) => {
    const { foreseen } = begunBake;
    const signed: typeof begunBake = {
      ...begunBake,
      foreseen: { ...foreseen, topUpS: 600, steps: [{ atS: 1500, on: 'rim-set', to: 120 }] },
    };
    expect(says(signed, seconds)).toBe(expected);
  });

  it('is nothing in a steady oven', () => {
    expect(says(begunBake, 100)).toBeUndefined();
  });
});

describe('what was foreseen for a moment', () => {
  // Worked by hand: half-way from 1000 to 2000 s, 60 and 75 °C give 67.5, shares 1 and 0.5 give 0.75.
  it('lies between the points kept', () => {
    expect(foreseenCentreC(begunBake, 1500)).toBeCloseTo(67.5, 10);
    const { moon, wobbleMm } = foreseenMoon(begunBake, 1500);
    expect(moon.moving).toBeCloseTo(0.75, 10);
    expect(wobbleMm).toBeCloseTo(0.75 * 234, 8);
  });

  it('holds at both ends', () => {
    expect(foreseenCentreC(begunBake, 0)).toBe(45);
    expect(foreseenCentreC(begunBake, 99_999)).toBe(64);
    expect(foreseenMoon(begunBake, 0).moon).toMatchObject({ liquid: 1, moving: 1 });
    expect(foreseenMoon(begunBake, 99_999).moon.moving).toBe(0);
  });
});
