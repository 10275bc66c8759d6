import { setRatePerS, type DoughMix } from '../dough';
import type { Frame } from '../forecast';
import { browningRatePerS, lightnessAfter, shadeOf, type Shade } from '../browning';

/** What became of a base that went in raw under its filling. */
export interface RawBase {
  /** 0 to 1, at its face under the filling and at the tin. */
  readonly setInside: number;
  readonly setOutside: number;
  /** Of the underside. */
  readonly shade: Shade;
  readonly verdict: 'raw' | 'pale' | 'baked';
}

/** Between metal and filling a base stays damp, whatever it loses: its water activity. From memory. */
const UNDER_FILLING = 0.93;
const browns = (celsius: number): number => browningRatePerS(celsius, UNDER_FILLING);

/** Set so far it is cooked. From memory. */
const COOKED = 0.9;

/**
 * The fate of a raw base, from the frames of a filled bake up to the pull at `pullS`: whether it sets
 * through, and how its underside colours. Under a wet filling its inside stays near the filling's heat
 * and never dries; what is said of it is that it is cooked, not that it is crisp. `undefined` where
 * the frames have no shell.
 */
export function rawBaseOf(
  frames: readonly Frame[],
  pullS: number,
  mix: DoughMix,
): RawBase | undefined {
  const rate = setRatePerS(mix);
  let [inside, outside, brown] = [0, 0, 0];
  for (let index = 1; index < frames.length; index += 1) {
    const [a, b] = [frames[index - 1]!, frames[index]!];
    if (!a.baseC || !b.baseC) return undefined;
    if (b.timeS > pullS + 1) break;
    const seconds = b.timeS - a.timeS;
    inside += (seconds * (rate(a.baseC[0]) + rate(b.baseC[0]))) / 2;
    outside += (seconds * (rate(a.baseC[1]) + rate(b.baseC[1]))) / 2;
    brown += (seconds * (browns(a.baseC[1]) + browns(b.baseC[1]))) / 2;
  }
  const [setInside, setOutside] = [1 - Math.exp(-inside), 1 - Math.exp(-outside)];
  const shade = shadeOf(lightnessAfter(brown));
  const verdict =
    Math.min(setInside, setOutside) < COOKED
      ? 'raw'
      : shade === 'raw' || shade === 'pale'
        ? 'pale'
        : 'baked';
  return { setInside, setOutside, shade, verdict };
}
