/** A table of times, s, and what is read then. */
type Points = readonly (readonly number[])[];
export function randomFrom(seed: number): () => number;
export function between(points: Points, timeS: number): number;
export function probeOf(
  truth: (timeS: number) => number,
  options: Readonly<
    Record<'lagS' | 'noiseK' | 'driftKPerH' | 'gapShare' | 'gapS' | 'seed', number>
  >,
): (timeS: number) => number | undefined;
export function cyclingOven(
  options: Readonly<Record<'setC' | 'swingK' | 'everyS', number>>,
): (timeS: number) => number;
