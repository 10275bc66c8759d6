import { readProbeRecord, type ProbeRecord } from '@hollow-moon/contract';
import { probeAtTime, type Forecast } from '@hollow-moon/core';
import { memo, useState } from 'react';
import { View } from 'react-native';
import { Button, FileButton, Fold, Notice, NumberField, Read, Soft, useWords } from '../design';

export interface ProbeOverlay {
  readonly record: ProbeRecord;
  /** When its first reading was taken, s after the bake went in. */
  readonly startS: number;
}

/** The record's readings on the clock of the bake. */
export const pointsOf = ({ record, startS }: ProbeOverlay) =>
  record.points.map(([timeS, celsius]) => [timeS + startS, celsius] as const);

/** How far forecast and record lie apart over the time they share: mean and largest, K. */
export function apartK(
  forecast: Forecast,
  laid: ProbeOverlay,
): { mean: number; most: number } | undefined {
  const endS = forecast.frames[forecast.frames.length - 1]!.timeS;
  const shared = pointsOf(laid).filter(([timeS]) => timeS >= 0 && timeS <= endS);
  if (shared.length === 0) return undefined;
  const gaps = shared.map(([timeS, celsius]) =>
    Math.abs(celsius - probeAtTime(forecast, 'centre', timeS)),
  );
  return {
    mean: gaps.reduce((sum, gap) => sum + gap, 0) / gaps.length,
    most: Math.max(...gaps),
  };
}

/** A probe's own record laid over the forecast. */
export const ProbeFold = memo(function ProbeFold({
  forecast,
  laid,
  onLaid,
}: {
  readonly forecast: Forecast;
  readonly laid: ProbeOverlay | undefined;
  readonly onLaid: (laid: ProbeOverlay | undefined) => void;
}) {
  const { span, unit, tell } = useWords();
  const [problem, setProblem] = useState('');
  const apart = laid && apartK(forecast, laid);
  return (
    <Fold
      title="Lay a probe’s record over it"
      summary={laid ? `${laid.record.points.length} readings` : 'a CSV of times and temperatures'}
      testID="probe-record"
    >
      {() => (
        <>
          <View className="flex-row flex-wrap gap-2">
            <FileButton
              label="Open a record"
              accept=".csv,.txt,.tsv,text/csv,text/plain"
              testID="probe-file"
              onText={(text) => {
                const read = readProbeRecord(text);
                setProblem(read.ok ? '' : tell(read.problem));
                if (read.ok) onLaid({ record: read.value, startS: 0 });
              }}
            />
            {laid ? (
              <Button label="Take it off" weight="quiet" onPress={() => onLaid(undefined)} />
            ) : null}
          </View>
          {problem ? (
            <Notice kind="danger" testID="probe-problem">
              {problem}
            </Notice>
          ) : null}
          {laid ? (
            <>
              <Soft testID="probe-understood">
                {`Read as ${laid.record.understood.time} in “${laid.record.understood.columns[0]}” and ${laid.record.understood.unit} in “${laid.record.understood.columns[1]}”: ${laid.record.points.length} readings${laid.record.understood.skipped > 0 ? `, ${laid.record.understood.skipped} lines not understood` : ''}.`}
              </Soft>
              <NumberField
                label="First reading"
                unit="min in"
                value={laid.startS / 60}
                onChange={(min) => Number.isFinite(min) && onLaid({ ...laid, startS: min * 60 })}
                className="w-40"
                testID="probe-start"
              />
              {apart ? (
                <Read testID="probe-apart">
                  {`The forecast is off by ${span(apart.mean)} ${unit} on the mean, ${span(apart.most)} at most.`}
                </Read>
              ) : (
                <Read>None of it lies within the time of the forecast: set when it began.</Read>
              )}
            </>
          ) : (
            <Soft>
              Two columns are enough; semicolons, decimal commas, °F and clock times are understood.
            </Soft>
          )}
        </>
      )}
    </Fold>
  );
});
