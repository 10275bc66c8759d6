/** A picture is made small enough to keep; the canvas, which is the browser's, is a stand-in that says how it was asked. */
import { PICTURE_LIMITS } from '@hollow-moon/contract';
import { shrunk, sizeWithin } from './shrink';

it('has its longer side within what there may be, in its own shape, and is never made larger', () => {
  expect(sizeWithin(4000, 3000, 1000)).toEqual({ widePx: 1000, highPx: 750 });
  expect(sizeWithin(3000, 4000, 1000)).toEqual({ widePx: 750, highPx: 1000 });
  expect(sizeWithin(640, 480, 1000)).toEqual({ widePx: 640, highPx: 480 });
  expect(sizeWithin(9000, 3, 1000)).toEqual({ widePx: 1000, highPx: 1 });
});

describe('made small', () => {
  /** Drawn on a canvas whose JPEG has so many bytes at its first try, at its second and so on. */
  function drawing(bytes: readonly number[]) {
    const tried: (readonly [wide: number, high: number, quality: number | undefined])[] = [];
    const closed = jest.fn();
    const side = 2 * PICTURE_LIMITS.sidePx;
    Object.assign(globalThis, {
      createImageBitmap: (file: Blob) =>
        file.size > 0
          ? Promise.resolve({ width: side, height: side / 2, close: closed })
          : Promise.reject(new Error('no picture')),
    });
    jest.spyOn(HTMLCanvasElement.prototype, 'getContext').mockReturnValue({
      drawImage: () => undefined,
    } as never);
    jest.spyOn(HTMLCanvasElement.prototype, 'toBlob').mockImplementation(function (
      this: HTMLCanvasElement,
      done,
      _type,
      quality,
    ) {
      tried.push([this.width, this.height, quality]);
      done(new Blob([new Uint8Array(bytes[tried.length - 1]!)]));
    });
    return { tried, closed };
  }
  afterEach(() => {
    jest.restoreAllMocks();
    Reflect.deleteProperty(globalThis, 'createImageBitmap');
  });
  const picture = new Blob(['a picture']);
  const { sidePx, bytes: most } = PICTURE_LIMITS;

  it('is kept as it came out first, where that is small enough', async () => {
    const { tried, closed } = drawing([3]);
    expect(await shrunk(picture)).toEqual({
      // Three bytes of nothing in base64.
      jpeg: 'AAAA',
      widePx: sidePx,
      highPx: sidePx / 2,
    });
    expect(tried).toEqual([[sidePx, sidePx / 2, 0.8]]);
    expect(closed).toHaveBeenCalledTimes(1);
  });

  it('loses of its quality first, then of its size', async () => {
    const { tried } = drawing([most + 1, most + 1, most]);
    expect(await shrunk(picture)).toMatchObject({ widePx: 0.75 * sidePx, highPx: 0.375 * sidePx });
    expect(tried.map(([, , quality]) => quality)).toEqual([0.8, 0.6, 0.6]);
  });

  it('is none where it stays too large, or where it cannot be read', async () => {
    const { tried, closed } = drawing(Array<number>(4).fill(most + 1));
    expect(await shrunk(picture)).toBeUndefined();
    expect(tried).toHaveLength(4);
    expect(closed).toHaveBeenCalledTimes(1);
    expect(await shrunk(new Blob([]))).toBeUndefined();
    expect(tried).toHaveLength(4);
  });
});
