import { say } from '@hollow-moon/words';
import type { Forecast, OutStep, Spread } from '@hollow-moon/core';
import { memo, useDeferredValue, useMemo, useState } from 'react';
import { View } from 'react-native';
import { Sheet } from '../design';
import { Curves, type CurvesProps, type Points } from '../curves/Curves';
import { Instrument } from './Instrument';
import type { Live } from './live';

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
  live,
  forecast,
  shell,
  setUncertaintyK,
  out,
  waterMm,
  spread,
  others,
  recorded,
  wide = false,
}: {
  readonly live: Live;
  readonly forecast: Forecast;
  readonly shell: boolean;
  readonly setUncertaintyK: number;
  readonly out: readonly OutStep[];
  readonly waterMm?: number | undefined;
  /** Many runs of it, once they were asked for. */
  readonly spread?: Spread | undefined;
  readonly others?: NonNullable<CurvesProps['others']>;
  /** A probe's record to hold against it: s and °C. */
  readonly recorded?: Points | undefined;
  /** Side by side instead of one over the other. */
  readonly wide?: boolean;
}) {
  const [scrubbed, setScrubbed] = useState<number | undefined>(undefined);
  // Moon and section follow the scrubber first; the line in the curves comes in the frame after.
  const nowS = useDeferredValue(scrubbed) ?? forecast.pullS;
  const curves = useMemo(() => curvesOf(forecast), [forecast]);
  return (
    <View className={wide ? 'flex-row items-start gap-4' : 'gap-4'}>
      <Sheet className={wide ? 'min-w-0 flex-1' : ''}>
        <Instrument
          live={live}
          forecast={forecast}
          shell={shell}
          out={out}
          waterMm={waterMm}
          scrubbedS={scrubbed}
          onTime={setScrubbed}
        />
      </Sheet>
      <Sheet title={say('forecast.temperatures')} className={wide ? 'min-w-0 flex-1' : ''}>
        <Curves
          {...curves}
          setC={forecast.setC}
          setUncertaintyK={setUncertaintyK}
          curdleC={forecast.curdleC}
          spoils={forecast.spoils}
          band={spread?.band}
          {...(others ? { others } : {})}
          {...(recorded ? { readings: recorded } : {})}
          pullS={forecast.pullS}
          nowS={nowS}
          label={say('forecast.temperatures-at-centre-half-way-out')}
        />
      </Sheet>
    </View>
  );
});
