import { say } from '@hollow-moon/words';
import { memo } from 'react';
import { Text, View } from 'react-native';
import { ticksTo, useWords } from '../design';
import { minuteStep } from '../dial';

/** One history: seconds and °C. */
export type Points = readonly (readonly [number, number])[];

/** A history at a time, straight between its points; as at its ends beyond them. */
function at(points: Points, timeS: number): number | undefined {
  const next = points.findIndex(([s]) => s >= timeS);
  const [b, a] = next < 0 ? [points.at(-1), undefined] : [points[next], points[next - 1]];
  if (!b) return undefined;
  return a ? a[1] + ((timeS - a[0]) / (b[0] - a[0])) * (b[1] - a[1]) : b[1];
}

/** The curves as figures, for those who listen: their temperatures every ten minutes or so, and what was read. */
export const CurveFigures = memo(function CurveFigures({
  rim,
  halfRadius,
  centre,
  endS,
}: {
  readonly rim: Points;
  readonly halfRadius: Points;
  readonly centre: Points;
  readonly endS: number;
}) {
  const { quantity } = useWords();
  const figure = (points: Points, timeS: number) => {
    const celsius = at(points, timeS);
    return celsius === undefined ? '–' : quantity({ celsius });
  };
  return (
    <View role="list" aria-label={say('curves.figures')} className="sr-only" testID="curve-figures">
      {ticksTo(endS / 60, minuteStep(endS) / 2).map((min) => (
        <Text key={min} role="listitem">
          {say('curves.at', {
            min,
            centre: figure(centre, min * 60),
            halfRadius: figure(halfRadius, min * 60),
            rim: figure(rim, min * 60),
          })}
        </Text>
      ))}
    </View>
  );
});
