import type { Forecast } from '@hollow-moon/core';
import { memo, useDeferredValue, useMemo, useState } from 'react';
import { Sheet } from '../design';
import { Curves } from './Curves';
import { Instrument } from './Instrument';

const curveOf = (forecast: Forecast, probe: 'rim' | 'halfRadius' | 'centre') =>
  forecast.frames.map((frame) => [frame.timeS, frame.probeC[probe]] as const);

/** What a forecast draws, worked out once for it and not again as the scrubber moves. */
function curvesOf(forecast: Forecast) {
  const { verdict } = forecast;
  return {
    rim: curveOf(forecast, 'rim'),
    halfRadius: curveOf(forecast, 'halfRadius'),
    centre: curveOf(forecast, 'centre'),
    water: forecast.frames.flatMap((frame) =>
      frame.waterC === undefined ? [] : [[frame.timeS, frame.waterC] as const],
    ),
    window:
      verdict.kind === 'window'
        ? ([verdict.earliest.timeS, verdict.best.timeS, verdict.latest.timeS] as const)
        : undefined,
  };
}

/** A forecast's history: instrument and curves over one time. */
export const History = memo(function History({
  forecast,
  shell,
  setUncertaintyK,
}: {
  readonly forecast: Forecast;
  readonly shell: boolean;
  readonly setUncertaintyK: number;
}) {
  const [scrubbed, setScrubbed] = useState<number | undefined>(undefined);
  // Moon and section follow a slider first; the curves come in the frame after.
  const drawn = useDeferredValue(forecast);
  const curves = useMemo(() => curvesOf(drawn), [drawn]);
  const timeS = scrubbed ?? forecast.pullS;
  return (
    <>
      <Sheet>
        <Instrument forecast={forecast} shell={shell} timeS={timeS} onTime={setScrubbed} />
      </Sheet>
      <Sheet title="Temperatures">
        <Curves
          {...curves}
          setC={drawn.setC}
          setUncertaintyK={setUncertaintyK}
          curdleC={drawn.curdleC}
          pullS={drawn.pullS}
          nowS={timeS}
          label="Temperatures at centre, half-way out and rim over time, with the setting and curdling bands"
        />
      </Sheet>
    </>
  );
});
