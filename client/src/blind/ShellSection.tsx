import type { BlindFrame } from '@hollow-moon/core';
import { memo } from 'react';
import Svg, { Circle, G, Path, Rect } from 'react-native-svg';
import { colours, swatchOf } from '../design';

const WIDTH = 300;
const HEIGHT = 104;
/** Drawn far thicker than it is, or it would be a line. */
const THICK = 18;
const RIM = 22;

/**
 * The cut shell in its tin: base, wall and rim in the colour they have, weights while they are in, waves
 * of steam while the base still boils.
 */
export const ShellSection = memo(function ShellSection({
  frame,
  weights,
  inTin,
  label,
}: {
  readonly frame: BlindFrame;
  readonly weights: boolean;
  readonly inTin: boolean;
  readonly label: string;
}) {
  const { base, wall, rim } = frame.places;
  const floor = HEIGHT - 14;
  const left = 14;
  const right = WIDTH - 14;
  const top = 12;
  const steams = base.outsideC > 95 && base.activity > 0.6;
  const wallAt = (x: number) => (
    <G key={x}>
      <Rect
        x={x}
        y={top + RIM}
        width={THICK}
        height={floor - top - RIM}
        fill={swatchOf(wall.lightness)}
      />
      <Rect x={x} y={top} width={THICK} height={RIM} fill={swatchOf(rim.lightness)} rx={4} />
    </G>
  );
  const inside = right - left - 2 * THICK;
  const beads = Array.from({ length: 3 }, (_, row) =>
    Array.from({ length: 16 }, (_, column) => ({
      x: left + THICK + 8 + ((inside - 16) * (column + (row % 2) * 0.5)) / 15.5,
      y: floor - THICK - 8 - row * 14,
    })),
  ).flat();
  return (
    <Svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      width="100%"
      height={HEIGHT}
      role="img"
      aria-label={label}
    >
      {inTin ? (
        <Path
          d={`M${left - 4} ${top + 4}V${floor + 4}H${right + 4}V${top + 4}`}
          fill="none"
          stroke={colours.inkSoft}
          strokeWidth={2.5}
        />
      ) : (
        <Path
          d={`M${left - 8} ${floor + 4}H${right + 8}`}
          stroke={colours.inkSoft}
          strokeWidth={2.5}
        />
      )}
      <Rect
        x={left}
        y={floor - THICK}
        width={right - left}
        height={THICK}
        fill={swatchOf(base.lightness)}
      />
      {wallAt(left)}
      {wallAt(right - THICK)}
      <Path
        d={`M${left} ${top}V${floor}H${right}V${top}h${-THICK}V${floor - THICK}H${left + THICK}V${top}Z`}
        fill="none"
        stroke={colours.ink}
        strokeWidth={1.2}
      />
      {weights
        ? beads.map(({ x, y }) => (
            <Circle
              key={`${x}/${y}`}
              cx={x}
              cy={y}
              r={6.5}
              fill={colours.sheet}
              stroke={colours.inkSoft}
            />
          ))
        : steams
          ? [0.3, 0.5, 0.7].map((share) => (
              <Path
                key={share}
                d={`M${left + share * (right - left)} ${floor - THICK - 8}q6 -7 0 -14t0 -14`}
                fill="none"
                stroke={colours.water}
                strokeWidth={2}
              />
            ))
          : null}
    </Svg>
  );
});
