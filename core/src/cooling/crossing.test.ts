/** When a curve crosses a level, with a pen: straight between its points. */
import { fallsUnder, firstUnder } from './crossing';

/** Falls from 80 by ten, the second column ten behind it; later it comes back up by 0.4. */
const FALLING = [
  [0, 80, 90],
  [100, 70, 80],
  [300, 60, 70],
  [400, 60.4, 70.4],
] as const;

describe('a falling curve', () => {
  // By hand: from 70 at 100 s to 60 at 300 s; 65 is half-way, 62.5 three quarters, 70 is a point of it.
  it.each([
    [65, 200],
    [62.5, 250],
    [70, 100],
    [60, 300],
    [75, 50],
  ])('is under %p after %p s', (levelC, timeS) =>
    expect(fallsUnder(FALLING, 1, levelC)).toBeCloseTo(timeS, 9),
  );

  it('is read in the column that is meant', () => {
    expect(fallsUnder(FALLING, 2, 75)).toBeCloseTo(200, 9);
    expect(fallsUnder(FALLING, 2, 65)).toBeUndefined();
  });

  it('is under from its beginning where it begins there, and never where it does not fall so far', () => {
    expect(fallsUnder([[30, 4, 4], ...FALLING.slice(4)], 1, 5)).toBe(30);
    expect(fallsUnder(FALLING, 1, 80)).toBe(0);
    expect(fallsUnder(FALLING, 1, 59.9)).toBeUndefined();
    expect(fallsUnder([], 1, 60)).toBeUndefined();
  });

  it('has to stay: half a degree of coming back is let pass, and no more', () => {
    const back = (celsius: number) =>
      fallsUnder(
        [
          [0, 70, 0],
          [100, 50, 0],
          [200, celsius, 0],
          [300, 40, 0],
        ],
        1,
        60,
      );
    expect(back(60.5)).toBeCloseTo(50, 9);
    // By hand: from 60.6 at 200 s to 40 at 300 s, 60 is passed after 100 × 0.6 / 20.6.
    expect(back(60.6)).toBeCloseTo(200 + 60 / 20.6, 9);
  });
});

describe('the first ice', () => {
  // By hand: from 2 at 0 s to -2 at 100 s; 0 is half-way, -1 three quarters.
  const freezing = [
    [0, 2],
    [100, -2],
    [200, 5],
  ] as const;
  it('is at the first crossing, whatever comes after', () => {
    expect(firstUnder(freezing, 0)).toBeCloseTo(50, 9);
    expect(firstUnder(freezing, -1)).toBeCloseTo(75, 9);
    // At a level is not under it.
    expect(firstUnder(freezing, -2)).toBeUndefined();
    expect(firstUnder(freezing, 2)).toBeCloseTo(0, 9);
  });

  it('is there from the beginning, or never', () => {
    expect(
      firstUnder(
        [
          [40, -3],
          [60, -4],
        ],
        0,
      ),
    ).toBe(40);
    expect(firstUnder(freezing, -5)).toBeUndefined();
  });
});
