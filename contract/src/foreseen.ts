import type { Forecast, Pull } from '@hollow-moon/core';
import type { Foreseen } from './bake';
import type { OvenUse } from './baking';

const shortPull = ({ timeS, probeC, peakC, wobble }: Pull) => ({
  timeS,
  probeC,
  peakC,
  wobbleMm: wobble.diameterM * 1000,
});

/** What is kept of a forecast with the bake it was made for: its window, its curve, and what is to be done. */
export function foreseenFrom(
  forecast: Forecast,
  use: Pick<OvenUse, 'steps' | 'out'> = { steps: [], out: [] },
): Foreseen {
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
    ...(use.steps.length > 0
      ? { steps: use.steps.map(({ atMin, to }) => ({ atS: atMin * 60, to })) }
      : {}),
    ...(use.out.length > 0
      ? { out: use.out.map(({ atMin, place }) => ({ atS: atMin * 60, place })) }
      : {}),
  };
}
