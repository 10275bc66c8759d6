import { say } from '@hollow-moon/words';
import { stillAt, type Forecast, type OutStep, type Spread } from '@hollow-moon/core';
import { memo, useDeferredValue, useMemo, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { Fold, Sheet, Tick, useWords } from '../design';
import { isothermsChosen } from '../state/settings';
import { useAppDispatch, useAppSelector } from '../state/state';
import type { Points } from '../curves/CurveFigures';
import { Curves, type CurvesProps } from '../curves/Curves';
import { Instrument } from './Instrument';
import type { Live } from './live';

const curveOf = (forecast: Forecast, probe: 'rim' | 'halfRadius' | 'centre') =>
  forecast.frames.map((frame) => [frame.timeS, frame.probeC[probe]] as const);

const probesAt = (forecast: Forecast) => stillAt(forecast, forecast.pullS).frame.probeC;

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

interface HistoryProps {
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
  /** What is turned to see what it does, right under the dial. */
  readonly controls: ReactNode;
  /** The forecast in words, and what stands in its way. */
  readonly says: ReactNode;
  /** The curves on the dial's own axis, instead of in a fold. */
  readonly wide?: boolean;
}

/** The curves, and whether the cut has its isotherms. */
function DrawnCurves({
  forecast,
  setUncertaintyK,
  spread,
  others,
  recorded,
  nowS,
  height,
}: Pick<HistoryProps, 'forecast' | 'setUncertaintyK' | 'spread' | 'others' | 'recorded'> & {
  readonly nowS: number;
  readonly height: number;
}) {
  const dispatch = useAppDispatch();
  const isotherms = useAppSelector((state) => state.settings.isotherms);
  const curves = useMemo(() => curvesOf(forecast), [forecast]);
  return (
    <View>
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
        height={height}
        label={say('forecast.temperatures-at-centre-half-way-out')}
      />
      <Tick
        label={say('forecast.isotherms')}
        ticked={isotherms}
        onChange={(on) => dispatch(isothermsChosen(on))}
        testID="show-isotherms"
      />
    </View>
  );
}

/** A forecast's history: the instrument with what is turned under it, and the curves over the same minutes. */
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
  controls,
  says,
  wide = false,
}: HistoryProps) {
  const [scrubbed, setScrubbed] = useState<number | undefined>(undefined);
  // Moon and section follow the scrubber first; the line in the curves comes in the frame after.
  const nowS = useDeferredValue(scrubbed) ?? forecast.pullS;
  const { degrees, unit } = useWords();
  // What is held against it may last longer: dial and curves then go on as far, on one axis.
  const untilS = Math.max(
    0,
    ...(others ?? []).map(({ points }) => points.at(-1)?.[0] ?? 0),
    recorded?.at(-1)?.[0] ?? 0,
  );
  const drawn = (
    <DrawnCurves
      forecast={forecast}
      setUncertaintyK={setUncertaintyK}
      spread={spread}
      others={others}
      recorded={recorded}
      nowS={nowS}
      height={wide ? 170 : 240}
    />
  );
  const atPull = probesAt(forecast);
  return (
    <>
      <Sheet className="py-2">
        <Instrument
          live={live}
          forecast={forecast}
          shell={shell}
          out={out}
          waterMm={waterMm}
          scrubbedS={scrubbed}
          untilS={untilS}
          onTime={setScrubbed}
        />
        {controls}
        {wide ? drawn : null}
      </Sheet>
      {says}
      {wide ? null : (
        <Fold
          id="temperatures"
          title={say('forecast.temperatures')}
          summary={say('forecast.at-the-pull', {
            centre: degrees(atPull.centre),
            rim: degrees(atPull.rim),
            unit,
          })}
        >
          {() => drawn}
        </Fold>
      )}
    </>
  );
});
