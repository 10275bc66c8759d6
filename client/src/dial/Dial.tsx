import { say, minutes } from '@hollow-moon/words';
import { scaleLinear } from 'd3-scale';
import { createElement, memo, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { CHART_TEXT, colours, ticksTo, TimeTicks } from '../design';

/** Kept free beside the plot, px; curves over the same minutes keep the same, so that they share one axis. */
export const DIAL_MARGIN = { left: 34, right: 14 } as const;

/** Above the ring: the notch of the window and its line at the best pull, px. */
const NOTCH = 18;
/** Under the ring: room for half the thumb, then the minutes, px. */
const THUMB = 28;
const FOOT = 34;

/** A time on the dial, s, to px. */
export type DialScale = (seconds: number) => number;

export const dialScale = (endS: number, width: number): DialScale =>
  scaleLinear()
    .domain([0, endS])
    .range([DIAL_MARGIN.left, width - DIAL_MARGIN.right]);

/** Minutes between the figures of an axis, by how long it is. */
export const minuteStep = (endS: number): number => (endS > 5400 ? 30 : endS > 2400 ? 20 : 10);

/** Earliest, best and latest, s. */
export type DialWindow = readonly [earliestS: number, bestS: number, latestS: number];

/** Something that happened at a time: a reading, a nudge. */
export interface DialMark {
  readonly atS: number;
  readonly kind: 'reading' | 'nudge';
}

interface DialProps {
  /** What is drawn along the minutes, between its top and its height: the ring, or the bands of a shell. */
  readonly track: (x: DialScale, heightPx: number) => ReactNode;
  readonly trackPx?: number;
  readonly endS: number;
  readonly window?: DialWindow | undefined;
  /** False where nothing was found to go wrong after the latest: its end of the notch stays open. */
  readonly closes?: boolean;
  /** Whether the minutes after the latest pull are marked as too late. */
  readonly late?: boolean;
  /** Where it leaves the oven on this dial, and when it really did. */
  readonly pullS?: number | undefined;
  readonly pulledS?: number | undefined;
  /** The clock. */
  readonly nowS?: number | undefined;
  readonly marks?: readonly DialMark[];
  /** The dial in words. */
  readonly label: string;
  /** Where there is a hand to move: the minute it is on, what that says, and what moving it does. */
  readonly hand?:
    | {
        readonly atS: number;
        readonly says: string;
        readonly onTime: (timeS: number) => void;
        readonly testID?: string;
      }
    | undefined;
}

const NO_MARKS: readonly DialMark[] = [];

/** From the earliest to the latest pull: a notch over the ring, with a line down at the best. */
function WindowNotch({
  window: [earliest, best, latest],
  closes,
  x,
  bottom,
}: {
  readonly window: DialWindow;
  readonly closes: boolean;
  readonly x: DialScale;
  readonly bottom: number;
}) {
  const [from, to] = [x(earliest), Math.max(x(earliest) + 3, x(latest))];
  return (
    <G testID="dial-window">
      <Rect x={from} y={NOTCH - 9} width={to - from} height={7} fill={colours.yolk} />
      <Path
        d={`M${from} ${NOTCH - 2}V${NOTCH - 13}M${from} ${NOTCH - 9}H${to}${closes ? `M${to} ${NOTCH - 13}V${NOTCH - 2}` : ''}`}
        fill="none"
        stroke={colours.ink}
        strokeWidth={1.5}
      />
      <Line
        x1={x(best)}
        x2={x(best)}
        y1={NOTCH - 13}
        y2={bottom}
        stroke="#141A2E"
        strokeWidth={1.5}
      />
      <Line
        x1={x(best)}
        x2={x(best)}
        y1={NOTCH - 13}
        y2={NOTCH}
        stroke={colours.ink}
        strokeWidth={2.5}
      />
    </G>
  );
}

/** The minutes after the latest pull. */
const TooLate = ({ from, to }: { readonly from: number; readonly to: number }) => (
  <G testID="dial-late">
    <Rect
      x={from}
      y={NOTCH - 9}
      width={to - from}
      height={7}
      fill={colours.scorch}
      opacity={0.35}
    />
    <SvgText {...CHART_TEXT} x={to} y={NOTCH - 11} textAnchor="end" fill={colours.scorch}>
      {say('dial.too-late')}
    </SvgText>
  </G>
);

/** When it was really pulled. */
const PulledAt = ({ at, bottom }: { readonly at: number; readonly bottom: number }) => (
  <G testID="dial-pulled">
    <Line x1={at} x2={at} y1={NOTCH - 13} y2={bottom + 8} stroke={colours.ink} strokeWidth={3} />
    <Path d={`M${at - 6} ${bottom + 14}l6 -8l6 8z`} fill={colours.ink} />
  </G>
);

/** What was read, as circles, and nudged, as tents, at the foot of the ring. */
const Marks = ({
  marks,
  x,
  bottom,
}: {
  readonly marks: readonly DialMark[];
  readonly x: DialScale;
  readonly bottom: number;
}) => (
  <>
    {marks.map(({ atS, kind }) => {
      const look = { fill: colours.sheet, stroke: colours.ink, strokeWidth: 2 };
      return kind === 'reading' ? (
        <Circle key={`${kind}/${atS}`} cx={x(atS)} cy={bottom} r={5} {...look} />
      ) : (
        <Path key={`${kind}/${atS}`} d={`M${x(atS) - 5} ${bottom + 5}l5 -9l5 9z`} {...look} />
      );
    })}
  </>
);

/** All of the dial that does not move with the hand or the clock. */
const Face = memo(function Face({
  track,
  trackPx,
  width,
  endS,
  window,
  closes,
  pullS,
  pulledS,
  marks,
  label,
  late,
  silent,
}: Omit<DialProps, 'hand' | 'nowS' | 'trackPx' | 'marks' | 'closes'> & {
  readonly trackPx: number;
  readonly width: number;
  readonly closes: boolean;
  readonly marks: readonly DialMark[];
  /** Said by its hand already. */
  readonly silent: boolean;
}) {
  const x = dialScale(endS, width);
  const bottom = NOTCH + trackPx;
  return (
    <Svg
      width={width}
      height={bottom + FOOT}
      {...(silent ? { 'aria-hidden': true } : { role: 'img', 'aria-label': label })}
    >
      <G x={0} y={NOTCH}>
        {track(x, trackPx)}
      </G>
      {window ? <WindowNotch window={window} closes={closes} x={x} bottom={bottom} /> : null}
      {late && window && window[2] < endS ? <TooLate from={x(window[2])} to={x(endS)} /> : null}
      {pullS === undefined || (window && pullS === window[1]) ? null : (
        <Line
          x1={x(pullS)}
          x2={x(pullS)}
          y1={NOTCH - 2}
          y2={bottom}
          stroke="#141A2E"
          strokeWidth={1.5}
          strokeDasharray="4 3"
        />
      )}
      {pulledS === undefined ? null : <PulledAt at={x(Math.min(pulledS, endS))} bottom={bottom} />}
      <Marks marks={marks} x={x} bottom={bottom} />
      <TimeTicks
        ticks={ticksTo(endS / 60, minuteStep(endS))}
        x={(min) => x(min * 60)}
        y={bottom + FOOT - 5}
        unit="min"
      />
    </Svg>
  );
});

/** The step of the hand, s. */
const HAND_STEP_S = 15;

/**
 * The dial: a ruler of minutes with the state of what is baked along it, the window as a notch over it, the best pull
 * as a line, and what was read as marks. With a hand it is also the scrubber, by thumb, by keyboard and for a screen
 * reader; with the clock it is where the bake stands.
 */
export function Dial({
  trackPx = 52,
  closes = true,
  marks = NO_MARKS,
  nowS,
  hand,
  ...face
}: DialProps) {
  const [width, setWidth] = useState(340);
  const { endS, label } = face;
  const x = dialScale(endS, width);
  const atS = hand?.atS ?? nowS;
  const left = atS === undefined ? undefined : x(Math.min(endS, Math.max(0, atS)));
  return (
    <View
      className="relative"
      testID="dial"
      onLayout={({ nativeEvent }) => setWidth(Math.max(200, nativeEvent.layout.width))}
    >
      <Face
        {...face}
        trackPx={trackPx}
        closes={closes}
        marks={marks}
        width={width}
        silent={hand !== undefined}
      />
      {left === undefined ? null : (
        <View
          pointerEvents="none"
          className="absolute w-1 -translate-x-0.5 border-x border-sheet bg-ink"
          style={{ left, top: NOTCH - 4, height: trackPx + (hand ? 4 : 12) }}
          testID="dial-line"
        />
      )}
      {hand
        ? createElement('input', {
            type: 'range',
            className: 'dial-hand',
            'aria-label': label,
            'aria-valuetext': hand.says,
            'data-testid': hand.testID,
            min: 0,
            max: Math.round(endS),
            step: HAND_STEP_S,
            value: Math.round(hand.atS),
            style: {
              left: DIAL_MARGIN.left - THUMB / 2,
              width: width - DIAL_MARGIN.left - DIAL_MARGIN.right + THUMB,
              top: NOTCH,
              height: trackPx + THUMB / 2,
              '--dial-thumb': `${trackPx - THUMB / 2}px`,
            },
            onChange: (event: { target: { value: string } }) =>
              hand.onTime(Number(event.target.value)),
          })
        : null}
    </View>
  );
}

/** A few words beside the ring: what its two edges are. */
export const EdgeNames = ({
  top,
  bottom,
  heightPx,
}: {
  readonly top: string;
  readonly bottom: string;
  readonly heightPx: number;
}) => (
  <>
    <SvgText {...CHART_TEXT} x={DIAL_MARGIN.left - 5} y={10} textAnchor="end">
      {top}
    </SvgText>
    <SvgText {...CHART_TEXT} x={DIAL_MARGIN.left - 5} y={heightPx - 2} textAnchor="end">
      {bottom}
    </SvgText>
  </>
);

/** The window of a dial in words, for its label. */
export const windowInWords = (window: DialWindow | undefined): string =>
  window
    ? say('dial.window', {
        earliest: minutes(window[0]),
        best: minutes(window[1]),
        latest: minutes(window[2]),
      })
    : say('dial.no-window');
