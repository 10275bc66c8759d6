import type { Forecast } from '@hollow-moon/core';
import { useCallback, useMemo, type ReactNode } from 'react';
import { Dial, type DialScale, type DialWindow } from './Dial';
import { RingTrack, type Phase } from './RingTrack';

/** The moons of a forecast over time. */
export const phasesOf = ({ frames }: Forecast): Phase[] =>
  frames.map((frame) => [frame.timeS, frame.rings]);

/** Its window; `undefined` where it has none. */
export const windowOf = ({ verdict }: Forecast): DialWindow | undefined =>
  verdict.kind === 'window'
    ? [verdict.earliest.timeS, verdict.best.timeS, verdict.latest.timeS]
    : undefined;

/** A forecast on the dial, with a hand to move or without. */
export function ForecastDial({
  forecast,
  untilS,
  label,
  hand,
  trackPx,
}: {
  readonly forecast: Forecast;
  /** Where the dial ends at the least, s. */
  readonly untilS: number;
  readonly label: string;
  readonly hand?: Parameters<typeof Dial>[0]['hand'];
  readonly trackPx?: number;
}) {
  const { frames, pullS, verdict } = forecast;
  const phases = useMemo(() => phasesOf(forecast), [forecast]);
  const window = useMemo(() => windowOf(forecast), [forecast]);
  const track = useCallback(
    (x: DialScale, heightPx: number): ReactNode => (
      <RingTrack phases={phases} x={x} heightPx={heightPx} />
    ),
    [phases],
  );
  return (
    <Dial
      track={track}
      {...(trackPx === undefined ? {} : { trackPx })}
      endS={Math.max(untilS, frames.at(-1)!.timeS)}
      window={window}
      closes={verdict.kind !== 'window' || verdict.latestIsLimit}
      pullS={pullS}
      label={label}
      hand={hand}
    />
  );
}
