import type { Forecast, Pull } from '@hollow-moon/core';
import type { Foreseen } from './bake';

const shortPull = ({ timeS, probeC, peakC, wobble }: Pull) => ({
  timeS,
  probeC,
  peakC,
  wobbleMm: wobble.diameterM * 1000,
});

/** What is kept of a forecast with the bake it was made for: its window and its curve. */
export function foreseenFrom(forecast: Forecast): Foreseen {
  const { verdict, pullS, setC, curdleC, frames } = forecast;
  return {
    window:
      verdict.kind === 'window'
        ? {
            earliest: shortPull(verdict.earliest),
            best: shortPull(verdict.best),
            latest: shortPull(verdict.latest),
          }
        : null,
    pullS,
    setC,
    curdleC: curdleC ?? null,
    curve: frames.map(({ timeS, probeC, wobble }) => [
      timeS,
      probeC.rim,
      probeC.halfRadius,
      probeC.centre,
      wobble.share,
    ]),
  };
}
