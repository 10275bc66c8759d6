import { say } from '@hollow-moon/words';
import {
  probeRecord,
  probeTable,
  type ProbeReading,
  type ProbeRecord,
  type ProbeTable,
} from '@hollow-moon/contract';
import { probeAtTime, type Forecast } from '@hollow-moon/core';
import { memo, useState } from 'react';
import { View } from 'react-native';
import { ReadingFields } from './ReadingFields';
import { Button, FileButton, Fold, Notice, NumberField, Read, Soft, useWords } from '../design';

export interface ProbeOverlay {
  readonly table: ProbeTable;
  /** How it is read: as it seemed to be meant, or as the cook says. */
  readonly reading: ProbeReading;
  readonly record: ProbeRecord;
  /** When its first reading was taken, s after the bake went in. */
  readonly startS: number;
}

/** The record's readings on the clock of the bake. */
export const pointsOf = ({ record, startS }: Pick<ProbeOverlay, 'record' | 'startS'>) =>
  record.points.map(([timeS, celsius]) => [timeS + startS, celsius] as const);

/** How far forecast and record lie apart over the time they share: mean and largest, K. */
export function apartK(
  forecast: Forecast,
  laid: Pick<ProbeOverlay, 'record' | 'startS'>,
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

/** How the record is read, when it began, and how far off the forecast was. */
function Laid({
  forecast,
  laid,
  onLaid,
}: {
  readonly forecast: Forecast;
  readonly laid: ProbeOverlay;
  readonly onLaid: (laid: ProbeOverlay) => void;
}) {
  const { put, tell } = useWords();
  const { table, reading, record } = laid;
  const read = probeRecord(table, reading);
  const apart = apartK(forecast, laid);
  return (
    <>
      <ReadingFields
        table={table}
        reading={reading}
        onReading={(next) => {
          const again = probeRecord(table, next);
          onLaid({ ...laid, reading: next, record: again.ok ? again.value : record });
        }}
      />
      {read.ok ? (
        <Soft testID="probe-understood">
          {put('probe.understood', {
            readings: record.readings,
            over: { seconds: record.points.at(-1)![0] },
            skipped: record.skipped,
          })}
        </Soft>
      ) : (
        <Notice kind="danger" testID="probe-problem">
          {tell(read.problem)}
        </Notice>
      )}
      <NumberField
        label={say('probe.first-reading')}
        unit={say('probe.min-in')}
        value={laid.startS / 60}
        onChange={(min) => Number.isFinite(min) && onLaid({ ...laid, startS: min * 60 })}
        className="w-40"
        testID="probe-start"
      />
      {apart ? (
        <Read testID="probe-apart">
          {put('probe.the-forecast-is-off-by', {
            mean: { kelvin: apart.mean },
            most: { kelvin: apart.most },
          })}
        </Read>
      ) : (
        <Read>{say('probe.none-of-it-lies-within-the')}</Read>
      )}
    </>
  );
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
  const { tell } = useWords();
  const [problem, setProblem] = useState('');
  return (
    <Fold
      title={say('probe.lay-a-probes-record-over-it')}
      summary={
        laid
          ? say('probe.readings', { length: laid.record.readings })
          : say('probe.a-csv-of-times-and-temperatures')
      }
      id="probe-record"
    >
      {() => (
        <>
          <View className="flex-row flex-wrap gap-2">
            <FileButton
              label={say('probe.open-a-record')}
              accept=".csv,.txt,.tsv,text/csv,text/plain"
              testID="probe-file"
              onText={(text) => {
                const table = probeTable(text);
                const read = table.ok ? probeRecord(table.value, table.value.reading) : table;
                setProblem(read.ok ? '' : tell(read.problem));
                if (table.ok && read.ok) {
                  const { reading } = table.value;
                  onLaid({ table: table.value, reading, record: read.value, startS: 0 });
                }
              }}
            />
            {laid ? (
              <Button
                label={say('probe.take-it-off')}
                weight="quiet"
                onPress={() => onLaid(undefined)}
              />
            ) : null}
          </View>
          {problem ? (
            <Notice kind="danger" testID="probe-problem">
              {problem}
            </Notice>
          ) : null}
          {laid ? (
            <Laid forecast={forecast} laid={laid} onLaid={onLaid} />
          ) : (
            <Soft>{say('probe.two-columns-are-enough-semicolons-decimal')}</Soft>
          )}
        </>
      )}
    </Fold>
  );
});
