/** Points of a curve in the order of time: seconds, then one temperature or more, °C. */
type Points<P extends readonly number[]> = readonly (readonly [timeS: number, ...celsius: P])[];

/**
 * First time a falling curve is at a level and stays there, straight between its points, s; half a degree of coming back up
 * is let pass. `column` says which of its temperatures is meant; `undefined` where it never falls so far.
 */
export function fallsUnder(
  points: Points<readonly [number, number]>,
  column: 1 | 2,
  levelC: number,
): number | undefined {
  const first = points.findIndex(
    (point, index) =>
      point[column] <= levelC && points.slice(index).every((each) => each[column] <= levelC + 0.5),
  );
  if (first < 0) return undefined;
  if (first === 0) return points[0]![0];
  // The one before is above, or it would be the first.
  const [before, after] = [points[first - 1]!, points[first]!];
  const share = (before[column] - levelC) / (before[column] - after[column]);
  return before[0] + share * (after[0] - before[0]);
}

/** First time a curve is under a level at all, straight between its points, s; `undefined` where it never is. */
export function firstUnder(points: Points<readonly [number]>, levelC: number): number | undefined {
  const first = points.findIndex(([, celsius]) => celsius < levelC);
  if (first < 0) return undefined;
  if (first === 0) return points[0]![0];
  const [[fromS, fromC], [toS, toC]] = [points[first - 1]!, points[first]!];
  return fromS + ((fromC - levelC) / (fromC - toC)) * (toS - fromS);
}
