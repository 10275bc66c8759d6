/** How large a picture is kept. */
import { sizeWithin } from './shrink';

// By hand: 4000 by 3000 at 1280 is 0.32 of both; what is small enough stays; a strip keeps a row of its own.
it.each([
  [4000, 3000, 1280, 1280, 960],
  [3000, 4000, 1280, 960, 1280],
  [640, 480, 1280, 640, 480],
  [1280, 1280, 1280, 1280, 1280],
  [9000, 2, 1280, 1280, 1],
])('%i by %i within %i is %i by %i', (widePx, highPx, mostPx, wide, high) => {
  expect(sizeWithin(widePx, highPx, mostPx)).toEqual({ widePx: wide, highPx: high });
});
