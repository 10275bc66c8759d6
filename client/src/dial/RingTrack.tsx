import { say } from '@hollow-moon/words';
import { area, line } from 'd3-shape';
import { memo, useId } from 'react';
import { ClipPath, Defs, G, Path, Rect } from 'react-native-svg';
import { colours } from '../design';
import { DONENESS, Textures, type MoonState } from '../moon';
import { EdgeNames, type DialScale } from './Dial';

/** The moon at a time, s. */
export type Phase = readonly [atS: number, state: MoonState];

const within = (share: number): number => Math.min(1, Math.max(0, share));

/**
 * The moon rolled out over the minutes: its rim along the top and its middle along the bottom, so that the set ring is
 * seen to grow inwards, and at any minute the height is the moon's radius.
 */
export const RingTrack = memo(function RingTrack({
  phases,
  x,
  heightPx,
}: {
  readonly phases: readonly Phase[];
  readonly x: DialScale;
  readonly heightPx: number;
}) {
  const id = useId();
  const [from, to] = [x(phases[0]?.[0] ?? 0), x(phases.at(-1)?.[0] ?? 0)];
  const y = (share: number) => heightPx * (1 - within(share));
  const inside = (edge: (state: MoonState) => number) =>
    area<Phase>()
      .x(([s]) => x(s))
      .y0(heightPx)
      .y1(([, state]) => y(edge(state)))(phases as Phase[]) ?? '';
  const outside =
    area<Phase>()
      .x(([s]) => x(s))
      .y0(0)
      .y1(([, state]) => y(state.curdledFrom))(phases as Phase[]) ?? '';
  const edge = (of: (state: MoonState) => number) =>
    line<Phase>()
      .x(([s]) => x(s))
      .y(([, state]) => y(of(state)))(phases as Phase[]) ?? '';
  const [moving, liquid] = [inside((state) => state.moving), inside((state) => state.liquid)];
  return (
    <G>
      <Textures id={id} fine />
      <Defs>
        <ClipPath id={`track${id}`}>
          <Rect x={from} y={0} width={Math.max(0, to - from)} height={heightPx} />
        </ClipPath>
      </Defs>
      <G clipPath={`url(#track${id})`}>
        <Rect x={from} y={0} width={Math.max(0, to - from)} height={heightPx} fill={DONENESS.set} />
        <Path d={outside} fill={`url(#grain${id})`} />
        <Path d={moving} fill={DONENESS.thick} />
        <Path d={moving} fill={`url(#dots${id})`} />
        <Path d={liquid} fill={DONENESS.liquid} />
        <Path d={liquid} fill={`url(#waves${id})`} />
        <Path
          d={edge((state) => state.moving)}
          fill="none"
          stroke={DONENESS.line}
          strokeWidth={1}
        />
      </G>
      <Rect
        x={from}
        y={0}
        width={Math.max(0, to - from)}
        height={heightPx}
        fill="none"
        stroke={colours.inkSoft}
        strokeWidth={1}
      />
      <EdgeNames top={say('dial.rim')} bottom={say('dial.middle')} heightPx={heightPx} />
    </G>
  );
});
