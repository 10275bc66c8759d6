import { say, withUnit } from '@hollow-moon/words';
import {
  PROBE_UNITS,
  TIME_KINDS,
  type ProbeReading,
  type ProbeTable,
  type ProbeUnit,
  type TimeKind,
} from '@hollow-moon/contract';
import { View } from 'react-native';
import { Picker, Read, Soft } from '../design';

/** A column by its heading, or by where it stands. */
const columnName = (names: readonly string[], column: number): string =>
  names[column] || say('probe.column', { position: column + 1 });

const TIMES = TIME_KINDS.map((value) => ({ value, label: say(`probe.time.${value}`) }));

/** So many rows are shown of a file: its beginning, where a cook sees at once what is what. */
const SHOWN_ROWS = 3;

/** The beginning of the file, with what was taken for time and temperature. */
function Beginning({
  table,
  reading,
}: {
  readonly table: ProbeTable;
  readonly reading: ProbeReading;
}) {
  const { timeColumn, heatColumn, unit } = reading;
  return (
    <View role="table" aria-label={say('probe.how-the-file-begins')} testID="probe-beginning">
      <View role="row" className="flex-row gap-3 border-b border-line py-1">
        {[timeColumn, heatColumn].map((column) => (
          <View key={column} role="columnheader" className="min-w-24">
            <Soft>{columnName(table.names, column)}</Soft>
          </View>
        ))}
      </View>
      {table.rows.slice(0, SHOWN_ROWS).map((row, index) => (
        <View key={index} role="row" className="flex-row gap-3">
          <View role="cell" className="min-w-24">
            <Read className="font-figures">{row[timeColumn] ?? ''}</Read>
          </View>
          <View role="cell" className="min-w-24">
            <Read className="font-figures">{withUnit(row[heatColumn] ?? '', unit)}</Read>
          </View>
        </View>
      ))}
    </View>
  );
}

/** How a record is read: what was understood, what only the cook can know, and each part to be changed. */
export function ReadingFields({
  table,
  reading,
  onReading,
}: {
  readonly table: ProbeTable;
  readonly reading: ProbeReading;
  readonly onReading: (reading: ProbeReading) => void;
}) {
  const { names, channels, doubts } = table;
  const labelled = (label: string, doubted: boolean) =>
    doubted ? say('probe.please-check', { label }) : label;
  const columns = names.map((_, column) => ({
    value: String(column),
    label: columnName(names, column),
  }));
  return (
    <>
      <Beginning table={table} reading={reading} />
      <View className="flex-row flex-wrap gap-3">
        {names.length > 2 ? (
          <View className="min-w-36 flex-1">
            <Picker
              label={say('probe.times-in')}
              value={String(reading.timeColumn)}
              options={columns}
              onChange={(column) => onReading({ ...reading, timeColumn: Number(column) })}
              testID="probe-time-column"
            />
          </View>
        ) : null}
        <View className="min-w-36 flex-1">
          <Picker
            label={labelled(say('probe.they-are'), doubts.includes('time'))}
            value={reading.time}
            options={TIMES}
            onChange={(time) => onReading({ ...reading, time: time as TimeKind })}
            testID="probe-time"
          />
        </View>
        {channels.length > 1 ? (
          <View className="min-w-36 flex-1">
            <Picker
              label={labelled(say('probe.temperatures-in'), doubts.includes('heatColumn'))}
              value={String(reading.heatColumn)}
              options={columns}
              onChange={(column) => onReading({ ...reading, heatColumn: Number(column) })}
              testID="probe-heat-column"
            />
          </View>
        ) : null}
        <View className="min-w-28">
          <Picker
            label={labelled(say('probe.written-in'), doubts.includes('unit'))}
            value={reading.unit}
            options={PROBE_UNITS.map((value) => ({ value, label: value }))}
            onChange={(unit) => onReading({ ...reading, unit: unit as ProbeUnit })}
            testID="probe-unit"
          />
        </View>
      </View>
    </>
  );
}
