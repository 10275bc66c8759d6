import type { BakeData, Noted } from '@hollow-moon/contract';
import { clock, say } from '@hollow-moon/words';
import { useCallback, useMemo } from 'react';
import { Dial, RingTrack, windowInWords, type DialMark, type DialScale } from '../dial';
import { foreseenPhases } from './progress';

/** Round the end of a dial up to whole steps of this, s, so that it does not creep with the clock. */
const END_STEP_S = 600;

/** Minutes shown after the latest pull, s. */
const AFTER_S = 600;

/**
 * A bake on the dial: the ring as it was foreseen, the window, the clock while it runs, and what was read and nudged at
 * its minutes.
 */
export function BakeDial({
  data,
  noted,
  behindS = 0,
  nowS,
  pulledS,
}: {
  readonly data: BakeData;
  readonly noted: Noted;
  /** How far what was read has put the window back. */
  readonly behindS?: number;
  readonly nowS?: number | undefined;
  readonly pulledS?: number | undefined;
}) {
  const { window, pullS } = data.foreseen;
  const shifted = useMemo(
    () =>
      window
        ? ([window.earliest, window.best, window.latest].map(
            ({ timeS }) => timeS + behindS,
          ) as unknown as readonly [number, number, number])
        : undefined,
    [window, behindS],
  );
  const last = Math.max(
    (shifted?.[2] ?? pullS) + AFTER_S,
    pulledS ?? 0,
    nowS ?? 0,
    ...noted.readings.map(({ atS }) => atS),
    ...noted.wobbles.map(({ atS }) => atS),
  );
  const endS = Math.ceil(last / END_STEP_S) * END_STEP_S;
  const phases = useMemo(() => foreseenPhases(data, endS), [data, endS]);
  const track = useCallback(
    (x: DialScale, heightPx: number) => <RingTrack phases={phases} x={x} heightPx={heightPx} />,
    [phases],
  );
  const marks = useMemo(
    (): DialMark[] => [
      ...noted.readings.map(({ atS }) => ({ atS, kind: 'reading' as const })),
      ...noted.wobbles.map(({ atS }) => ({ atS, kind: 'nudge' as const })),
    ],
    [noted],
  );
  const at = pulledS ?? nowS;
  return (
    <Dial
      track={track}
      endS={endS}
      window={shifted}
      late
      marks={marks}
      nowS={pulledS === undefined ? nowS : undefined}
      pulledS={pulledS}
      label={say('bake.dial', {
        window: windowInWords(shifted),
        at:
          at === undefined
            ? ''
            : say(pulledS === undefined ? 'bake.dial-now' : 'bake.dial-pulled', { at: clock(at) }),
        marks: marks.length,
      })}
    />
  );
}
