import { after, begunBake } from '../testing/bake';
import type { Reading } from '@hollow-moon/contract';
import { foreseenAt, gapOf, isTold } from './foreseen';
import { dueStepS, foreseenMoon, foreseenPhases, nextToDo, standingOf } from './progress';

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

  // Worked out from the window of 1800, 1980 and 2160 s.
  it.each([
    [600, { to: 'look', seconds: 1200 }, 1200],
    [1800, { to: 'best', seconds: 180 }, 360],
    [1980, { to: 'last', seconds: 180 }, 180],
    [2160, { to: 'last', seconds: 0 }, 0],
    [2400, { to: 'over', seconds: 240 }, undefined],
  ] as const)('after %d s it counts %j', (seconds, count, toNextS) => {
    expect(standingOf(begunBake, after(seconds))).toMatchObject({ count, toNextS });
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

const readAt = (atS: number, celsius: number, place: Reading['place'] = 'centre'): Reading => ({
  id: '11111111-1111-4111-8111-111111111111',
  ...{ atS, celsius, place },
});

describe('what was foreseen for a moment', () => {
  // Worked by hand: half-way from 1000 to 2000 s, 60 and 75 °C give 67.5, shares 1 and 0.5 give 0.75.
  it('lies between the points kept', () => {
    expect(foreseenAt(begunBake, 1500)!.centreC).toBeCloseTo(67.5, 10);
    const { moon, wobbleMm } = foreseenMoon(begunBake, 1500);
    expect(moon.moving).toBeCloseTo(0.75, 10);
    expect(wobbleMm).toBeCloseTo(0.75 * 234, 8);
  });

  // At the planned pull, 1980 s, 60 + 15 × 0.98 = 74.7; left in it reaches 84 at 2600: 320 s on it is 74.7 + 320 × 9.3 / 620.
  it('goes on rising past the planned pull for as long as it stays in the oven', () => {
    expect(foreseenAt(begunBake, 1980)!.centreC).toBeCloseTo(74.7, 10);
    expect(foreseenAt(begunBake, 2300)!.centreC).toBeCloseTo(79.5, 10);
    expect(foreseenAt(begunBake, 2601)).toBeUndefined();
    expect(foreseenMoon(begunBake, 9000).moon.moving).toBeCloseTo(0.1, 10);
  });

  // 2020 s after its planned pull it was foreseen 10.7 K cooler than at it.
  it('cools from what it really had when it was pulled late', () => {
    const late = { ...begunBake, pulledAt: new Date(after(2300)).toISOString() };
    expect(foreseenAt(late, 2300 + 2020)!.centreC).toBeCloseTo(79.5 - 10.7, 10);
  });

  it('says nothing of what the forecast does not reach: long after the pull, or of a pull after its end', () => {
    const late = { ...begunBake, pulledAt: new Date(after(2300)).toISOString() };
    expect(foreseenAt(late, 2300 + 2021)).toBeUndefined();
    const tooLate = { ...begunBake, pulledAt: new Date(after(2601)).toISOString() };
    expect(foreseenAt(tooLate, 2602)).toBeUndefined();
    const unplanned = { ...late, foreseen: { ...late.foreseen, pullS: 4001 } };
    expect(foreseenAt(unplanned, 2400)).toBeUndefined();
  });

  it('says nothing past the pull of a bake from before that was kept', () => {
    const old = { ...begunBake, foreseen: { ...begunBake.foreseen, stays: [] } };
    expect(foreseenAt(old, 1500)!.centreC).toBeCloseTo(67.5, 10);
    expect(foreseenAt(old, 2000)).toBeUndefined();
  });
});

describe('a reading far from the forecast', () => {
  // 72 °C were foreseen for 1800 s; 56 °C were foreseen for 1000 × 11 / 15 = 733.3 s, so it is 1066.7 s behind.
  const behind = [readAt(1800, 56)];

  it('says by how much, and how far behind it is', () => {
    expect(gapOf(begunBake, behind)).toMatchObject({
      gapK: expect.closeTo(-16, 8),
      behindS: expect.closeTo(1066.67, 1),
    });
    expect(gapOf(begunBake, [readAt(1800, 75.9)])).toBeUndefined();
    // 60 °C were foreseen for 1000 s: from four degrees on it is told.
    expect(gapOf(begunBake, [readAt(1000, 56)])).toMatchObject({ gapK: -4 });
    expect(gapOf(begunBake, [readAt(1000, 56.1)])).toBeUndefined();
    expect(gapOf(begunBake, [readAt(1800, 56, 'oven')])).toBeUndefined();
  });

  it('moves the window, so that a cold bake is not told to be pulled', () => {
    expect(standingOf(begunBake, after(2400)).phase).toBe('past');
    // 1800 + 1066.7 - 2400 = 466.7 s, 8 min.
    expect(standingOf(begunBake, after(2400), behind)).toMatchObject({
      phase: 'waiting',
      says: 'Look in 8 min',
    });
  });

  it('is not told as a wait where the bake is past its window all the same', () => {
    // 83.85 °C were foreseen for 2590 s; 79 for 1980 + 620 × 4.3 / 9.3 = 2266.7 s, so it is 323 s behind, and past at 3000 s.
    const warm = [readAt(2590, 79)];
    expect(gapOf(begunBake, warm)!.behindS).toBeCloseTo(323.3, 1);
    const told = (readings: typeof warm) =>
      isTold(gapOf(begunBake, readings)!, standingOf(begunBake, after(3000), readings).phase);
    expect(told(warm)).toBe(false);
    // At 60 °C it is 1590 s behind, and has to wait; and what is ahead is told whenever it is.
    expect(told([readAt(2590, 60)])).toBe(true);
    expect(isTold({ gapK: 5 }, 'past')).toBe(true);
  });

  it('looks sooner where it is ahead', () => {
    // 55.8 °C were foreseen for 720 s; 62 for 1000 + 1000 × 2 / 15 = 1133.3 s.
    const ahead = [readAt(720, 62)];
    expect(gapOf(begunBake, ahead)!.behindS).toBeCloseTo(720 - 1133.33, 1);
    expect(standingOf(begunBake, after(1500), ahead).phase).toBe('open');
  });

  it('goes by the last one in the oven', () => {
    expect(gapOf(begunBake, [readAt(1850, 73), ...behind])).toBeUndefined();
    const pulled = { ...begunBake, pulledAt: new Date(after(1900)).toISOString() };
    expect(gapOf(pulled, [readAt(2500, 20)])).toBeUndefined();
  });
});

describe('the dial of a bake', () => {
  it('has the foreseen moons up to the end that is asked for, each once and in order', () => {
    const phases = foreseenPhases(begunBake, 2300);
    expect(phases.map(([timeS]) => timeS)).toEqual([0, 1000, 2000, 2300]);
    expect(phases[1]![1]).toEqual({ liquid: 1, moving: 1, curdledFrom: 1 });
    // Left in it has a tenth moving at 2600 s; at 1980 s half and a hundredth: 320 of 620 s on.
    expect(phases[3]![1].liquid).toBe(0);
    expect(phases[3]![1].moving).toBeCloseTo(0.51 - (0.41 * 320) / 620, 10);
    expect(foreseenPhases(begunBake, 1000).map(([timeS]) => timeS)).toEqual([0, 1000]);
  });

  it('says since when what is due now was to be done', () => {
    const { foreseen } = begunBake;
    const stepped: typeof begunBake = {
      ...begunBake,
      foreseen: {
        ...foreseen,
        topUpS: 600,
        steps: [{ atS: 900, to: 'off-ajar' }],
        out: [{ atS: 0, place: 'rack' }],
      },
    };
    const due = (seconds: number) => dueStepS(stepped, after(seconds));
    // Three minutes long a thing is said to be due.
    expect([599, 600, 779, 780, 899, 900].map(due)).toEqual([
      undefined,
      600,
      600,
      undefined,
      undefined,
      900,
    ]);
    const pulled = { ...stepped, pulledAt: new Date(after(2000)).toISOString() };
    expect(dueStepS(pulled, after(2100))).toBe(0);
    expect(nextToDo(stepped, after(900), String)).toBe('Now: switch the oven off, door ajar');
  });
});

describe('what no oven sets', () => {
  const part = (name: 'shell' | 'cook', startedAt: string | null, endedAt: string | null) => ({
    part: name,
    startedAt,
    endedAt,
  });
  const made = (...parts: ReturnType<typeof part>[]) =>
    standingOf({ ...begunBake, parts }, after(4000));
  const moment = new Date(after(60)).toISOString();

  it('says which part is made now, or comes next, and never that it is past a window', () => {
    expect(made(part('shell', null, null), part('cook', null, null))).toMatchObject({
      phase: 'made',
      says: 'Next: Shell',
    });
    expect(made(part('shell', moment, null), part('cook', null, null)).says).toBe('Shell now.');
    expect(made(part('shell', moment, moment), part('cook', null, null)).says).toBe(
      'Next: Cooking',
    );
    expect(made(part('shell', moment, moment)).says).toBe('All parts are done.');
  });
});
