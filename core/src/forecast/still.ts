import type { Forecast, Frame, ProbeName } from './outcome';

/** A moment between two frames of a forecast, with its fields: °C by cell, and extents by cell of the filling. */
export interface Still {
  readonly frame: Frame;
  readonly temperatureC: ArrayLike<number>;
  readonly setExtent: ArrayLike<number>;
  /** `undefined` where nothing curdles. */
  readonly curdledExtent: ArrayLike<number> | undefined;
}

/**
 * A forecast at any time, linear between its frames and clamped at its ends: the steps of the solver
 * are longer than those of a thumb on a scrubber.
 */
export function stillAt(of: Forecast, timeS: number): Still {
  const { frames, temperatureC, setExtent, curdledExtent } = of;
  const found = frames.findIndex((frame) => frame.timeS >= timeS);
  const after = found < 0 ? frames.length - 1 : found;
  const b = frames[after]!;
  if (after === 0 || b.timeS <= timeS) {
    return {
      frame: b,
      temperatureC: temperatureC[after]!,
      setExtent: setExtent[after]!,
      curdledExtent: curdledExtent[after],
    };
  }
  const a = frames[after - 1]!;
  const weight = (timeS - a.timeS) / (b.timeS - a.timeS);
  const between = (from: number, to: number) => from + weight * (to - from);
  const probe = (name: ProbeName) => between(a.probeC[name], b.probeC[name]);
  const field = (fields: readonly Float32Array[]) =>
    fields[after - 1]?.map((value, cell) => between(value, fields[after]![cell]!));
  return {
    frame: {
      timeS,
      inOven: b.inOven,
      airC: between(a.airC, b.airC),
      ...(a.baseC && b.baseC
        ? { baseC: [between(a.baseC[0], b.baseC[0]), between(a.baseC[1], b.baseC[1])] as const }
        : {}),
      ...(a.levelM === undefined ? {} : { levelM: a.levelM }),
      ...(a.rimLightness !== undefined && b.rimLightness !== undefined
        ? { rimLightness: between(a.rimLightness, b.rimLightness) }
        : {}),
      ...(a.waterC !== undefined && b.waterC !== undefined
        ? { waterC: between(a.waterC, b.waterC) }
        : {}),
      probeC: { rim: probe('rim'), halfRadius: probe('halfRadius'), centre: probe('centre') },
      wobble: {
        diameterM: between(a.wobble.diameterM, b.wobble.diameterM),
        share: between(a.wobble.share, b.wobble.share),
        // How it moves is a word: that of the nearer frame.
        motion: (weight < 0.5 ? a : b).wobble.motion,
      },
      rings: {
        liquid: between(a.rings.liquid, b.rings.liquid),
        moving: between(a.rings.moving, b.rings.moving),
        curdledFrom: between(a.rings.curdledFrom, b.rings.curdledFrom),
      },
    },
    temperatureC: field(temperatureC)!,
    setExtent: field(setExtent)!,
    curdledExtent: field(curdledExtent),
  };
}

/** Temperature of a named probe at a time of a forecast, °C; as {@link stillAt}. */
export const probeAtTime = (of: Forecast, name: ProbeName, timeS: number): number =>
  stillAt(of, timeS).frame.probeC[name];
