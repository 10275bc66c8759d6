import type { Forecast, Frame, Pull } from '@hollow-moon/core';
import type { Foreseen } from './bake';
import type { OvenUse } from './ovenUse';

const shortPull = ({ timeS, probeC, peakC, wobble }: Pull) => ({
  timeS,
  probeC,
  peakC,
  wobbleMm: wobble.diameterM * 1000,
});

const pointOf = ({
  timeS,
  probeC,
  wobble,
}: Pick<Frame, 'timeS' | 'probeC' | 'wobble'>): Foreseen['curve'][number] => [
  timeS,
  probeC.rim,
  probeC.halfRadius,
  probeC.centre,
  wobble.share,
];

/** What is kept of a forecast with the bake it was made for: its window, its curve, and what is to be done. */
export function foreseenFrom(
  forecast: Forecast,
  use: Pick<OvenUse, 'topUp' | 'out'> = { topUp: null, out: [] },
): Foreseen {
  const { verdict, pullS, setC, curdleC, frames, stays, steps } = forecast;
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
    curve: frames.map(pointOf),
    stays: stays.map(pointOf),
    ...(steps.length > 0
      ? {
          steps: steps.map(({ atMin, on, to }) => ({ atS: atMin * 60, to, ...(on ? { on } : {}) })),
        }
      : {}),
    ...(use.topUp ? { topUpS: use.topUp.atMin * 60 } : {}),
    ...(use.out.length > 0
      ? { out: use.out.map(({ atMin, place }) => ({ atS: atMin * 60, place })) }
      : {}),
  };
}
