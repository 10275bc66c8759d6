/** Times as probes and loggers write them, and what they are in seconds, worked by hand. */
import {
  guessNumbers,
  guessPair,
  inOrder,
  kindOf,
  numberIn,
  READ_TIME,
  type TimeKind,
} from './times';

it.each([
  ['12', 12],
  [' 12.5 ', 12.5],
  ['12,5', 12.5],
  ['-18', -18],
  ['+4', 4],
  ['82.4 °C', 82.4],
  ['180°F', 180],
  ['180 ° F', 180],
  ['71 C', 71],
  ['90s', 90],
  ['90 sec', 90],
  ['3 min', 3],
  ['3m', 3],
])('%j is a number', (text, number) => {
  expect(numberIn(text)).toBe(number);
});

it.each(['', 'a12', '12a', '12 :30', '1.2.3', '--5', '5-', '12 K', '5 °'])('%j is none', (text) => {
  expect(numberIn(text)).toBeUndefined();
});

it.each<[TimeKind, string, number | undefined]>([
  ['seconds', '90', 90],
  ['minutes', '1.5', 90],
  ['minutes', 'late', undefined],
  // 1 h 02 min, and 1 min 02.5 s.
  ['hours-minutes', '1:02', 3720],
  ['minutes-seconds', '1:02.5', 62.5],
  ['minutes-seconds', '100:00', 6000],
  ['minutes-seconds', '1000:00', undefined],
  ['hours-minutes', '1:2', undefined],
  // By the clock: 13 × 3600 + 5 × 60 + 7.5; half past midnight; noon.
  ['clock', '13:05:07.5', 47_107.5],
  ['clock', '12:30 am', 1800],
  ['clock', '12:30 pm', 45_000],
  ['clock', '1:30 PM', 48_600],
  ['clock', '11:30 am', 41_400],
  ['clock', '24.12.2026 06:10', 22_200],
  ['clock', '6:10', undefined],
  ['clock', 'noon', undefined],
  // 1970 began at nought; 365 days later is 31 536 000 s.
  ['dates', '1971-01-01T00:00:30Z', 31_536_030],
  ['dates', '1971-01-01 00:01Z', 31_536_060],
  ['dates', '1971-01-01', undefined],
  ['dates', '1971-13-01T00:00Z', undefined],
  ['epoch', '1700000000', 1_700_000_000],
  ['epoch', '1700000000500', 1_700_000_000.5],
  ['epoch', '999999999', undefined],
])('as %s %j is %p s', (kind, text, seconds) => {
  expect(READ_TIME[kind](text)).toBe(seconds);
});

describe('the kind of a column', () => {
  it.each<[TimeKind | undefined, string[]]>([
    ['dates', ['2026-12-01T05:00', '2026-12-01T05:01']],
    ['clock', ['05:00:00', '05:00:30']],
    ['hours-minutes', ['0:10', '0:20']],
    ['epoch', ['1700000000', '1700000060']],
    ['seconds', ['0', '30', '60']],
    // Half of it is enough, less is not.
    ['seconds', ['0', '30', 'x', 'y']],
    [undefined, ['0', 'x', 'y']],
    [undefined, ['x']],
    [undefined, []],
  ])('is %s', (kind, cells) => {
    expect(kindOf(cells)).toBe(kind);
  });

  it('is told by the first five hundred cells', () => {
    const cells = [...Array<string>(500).fill('x'), ...Array<string>(600).fill('1')];
    expect(kindOf(cells)).toBeUndefined();
    expect(kindOf(cells.slice(1))).toBeUndefined();
    expect(kindOf(cells.slice(250))).toBe('seconds');
  });
});

describe('two figures with a colon', () => {
  it.each([
    ['mm:ss', ['0:10', '0:20'], 'minutes-seconds', true],
    ['hh:mm', ['0:10', '0:20'], 'hours-minutes', true],
    ['', ['0:10.5', '0:20'], 'minutes-seconds', true],
    // A day of hours, and more than eight hours of one bake, are minutes.
    ['', ['0:10', '24:00'], 'minutes-seconds', true],
    ['', ['0:00', '8:00'], 'hours-minutes', false],
    ['', ['0:00', '8:01'], 'minutes-seconds', true],
    // From one o'clock on it is a clock, and three hours of minutes would be three minutes.
    ['', ['1:00', '5:30'], 'hours-minutes', true],
    ['', ['0:30', '4:29'], 'hours-minutes', true],
    ['', ['0:30', '4:30'], 'hours-minutes', false],
  ] as const)('under %j %j are %s', (name, cells, value, sure) => {
    expect(guessPair(name, cells)).toEqual({ value, sure });
  });
});

describe('plain numbers', () => {
  it.each([
    ['Time (min)', ['0', '900'], 'minutes', true],
    ['Time (s)', ['0', '9'], 'seconds', true],
    ['elapsed sec', ['0', '9'], 'seconds', true],
    // 481 minutes are over eight hours; 480 and 240 may be either; a minute a reading is one of minutes.
    ['t', ['0', '481'], 'seconds', true],
    ['t', ['0', '480'], 'seconds', false],
    ['t', ['0', '240'], 'seconds', false],
    ['t', ['0', '1', '2', '3'], 'minutes', false],
    ['t', ['0', '30', '60', '90'], 'seconds', false],
    // Two readings two apart lie one apart on the mean.
    ['t', ['0', '2'], 'minutes', false],
    ['t', ['0', '3'], 'seconds', false],
  ] as const)('under %j %j are %s', (name, cells, value, sure) => {
    expect(guessNumbers(name, cells)).toEqual({ value, sure });
  });
});

describe('readings in the order they were taken', () => {
  const times = (given: readonly number[], kind: TimeKind) =>
    inOrder(
      given.map((time) => [time, `at ${time}`] as const),
      kind,
    ).map(([time, [, name]]) => [time, name]);

  it('stay where they are, or are turned round where the newest stands first', () => {
    expect(times([0, 30, 60], 'seconds').map(([time]) => time)).toEqual([0, 30, 60]);
    expect(times([60, 30, 0], 'seconds').map(([time]) => time)).toEqual([0, 30, 60]);
    // A single one that is late does not turn them.
    expect(times([0, 60, 30, 90], 'seconds').map(([time]) => time)).toEqual([0, 30, 60, 90]);
  });

  it('go on over midnight by a clock, and only by one', () => {
    // 23:00, 23:50 and 00:10, which is 24:10.
    expect(times([82_800, 85_800, 600], 'clock')).toEqual([
      [82_800, 'at 82800'],
      [85_800, 'at 85800'],
      [87_000, 'at 600'],
    ]);
    expect(times([600, 85_800, 82_800], 'clock').map(([time]) => time)).toEqual([
      82_800, 85_800, 87_000,
    ]);
    expect(times([82_800, 85_800, 600], 'seconds').map(([time]) => time)).toEqual([
      600, 82_800, 85_800,
    ]);
  });
});
