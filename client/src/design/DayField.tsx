import { createElement } from 'react';
import { View } from 'react-native';
import { Soft } from './Text';

/** The browser's own field for an hour or a day: its keyboard, its wheel, its voice. */
function Native({
  type,
  label,
  value,
  onChange,
  testID,
}: {
  readonly type: 'time' | 'date';
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly testID?: string | undefined;
}) {
  return (
    <View className="gap-1">
      <Soft>{label}</Soft>
      {createElement('input', {
        type,
        className: 'moon-moment',
        'aria-label': label,
        'data-testid': testID,
        value,
        onChange: (event: { target: { value: string } }) => onChange(event.target.value),
      })}
    </View>
  );
}

const two = (figure: number): string => String(figure).padStart(2, '0');

/** An hour of the day, in minutes after midnight; what is not an hour yet changes nothing. */
export const HourField = ({
  label,
  minutes,
  onChange,
  testID,
}: {
  readonly label: string;
  /** 0 to 1439. */
  readonly minutes: number;
  readonly onChange: (minutes: number) => void;
  readonly testID?: string;
}) => (
  <Native
    type="time"
    label={label}
    value={`${two(Math.floor(minutes / 60))}:${two(minutes % 60)}`}
    onChange={(text) => {
      const found = /^(\d{2}):(\d{2})/.exec(text);
      if (found) onChange(Number(found[1]) * 60 + Number(found[2]));
    }}
    testID={testID}
  />
);

/** A day of the calendar, as 2026-12-24; what is not a day yet changes nothing. */
export const DateField = ({
  label,
  date,
  onChange,
  testID,
}: {
  readonly label: string;
  readonly date: string;
  readonly onChange: (date: string) => void;
  readonly testID?: string;
}) => (
  <Native
    type="date"
    label={label}
    value={date}
    onChange={(text) => {
      if (/^\d{4}-\d{2}-\d{2}$/.test(text)) onChange(text);
    }}
    testID={testID}
  />
);
