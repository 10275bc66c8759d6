import type { BlindFrame } from '@hollow-moon/core';
import { memo } from 'react';
import Svg, { Circle, G, Path, Rect } from 'react-native-svg';
import { colours, swatchOf } from '../design';

const WIDTH = 300;
const HEIGHT = 104;
/** Drawn far thicker than it is, or it would be a line. */
const THICK = 18;
const RIM = 22;

const FLOOR = HEIGHT - 14;
const LEFT = 14;
const RIGHT = WIDTH - 14;
const TOP = 12;

/** Where the beads of the weights lie: three rows, each moved by half a bead. */
const BEADS = Array.from({ length: 3 }, (_, row) =>
  Array.from({ length: 16 }, (_, column) => ({
    x: LEFT + THICK + 8 + ((RIGHT - LEFT - 2 * THICK - 16) * (column + (row % 2) * 0.5)) / 15.5,
    y: FLOOR - THICK - 8 - row * 14,
  })),
).flat();

/** One wall with its rim, from `x` on. */
function Wall({ x, places: { wall, rim } }: { readonly x: number } & Pick<BlindFrame, 'places'>) {
  return (
    <G>
      <Rect
        x={x}
        y={TOP + RIM}
        width={THICK}
        height={FLOOR - TOP - RIM}
        fill={swatchOf(wall.lightness)}
      />
      <Rect x={x} y={TOP} width={THICK} height={RIM} fill={swatchOf(rim.lightness)} rx={4} />
    </G>
  );
}

const Beads = () =>
  BEADS.map(({ x, y }) => (
    <Circle key={`${x}/${y}`} cx={x} cy={y} r={6.5} fill={colours.sheet} stroke={colours.inkSoft} />
  ));

const Steam = () =>
  [0.3, 0.5, 0.7].map((share) => (
    <Path
      key={share}
      d={`M${LEFT + share * (RIGHT - LEFT)} ${FLOOR - THICK - 8}q6 -7 0 -14t0 -14`}
      fill="none"
      stroke={colours.water}
      strokeWidth={2}
    />
  ));

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
  const { base } = frame.places;
  const steams = base.outsideC > 95 && base.activity > 0.6;
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
          d={`M${LEFT - 4} ${TOP + 4}V${FLOOR + 4}H${RIGHT + 4}V${TOP + 4}`}
          fill="none"
          stroke={colours.inkSoft}
          strokeWidth={2.5}
        />
      ) : (
        <Path
          d={`M${LEFT - 8} ${FLOOR + 4}H${RIGHT + 8}`}
          stroke={colours.inkSoft}
          strokeWidth={2.5}
        />
      )}
      <Rect
        x={LEFT}
        y={FLOOR - THICK}
        width={RIGHT - LEFT}
        height={THICK}
        fill={swatchOf(base.lightness)}
      />
      <Wall x={LEFT} places={frame.places} />
      <Wall x={RIGHT - THICK} places={frame.places} />
      <Path
        d={`M${LEFT} ${TOP}V${FLOOR}H${RIGHT}V${TOP}h${-THICK}V${FLOOR - THICK}H${LEFT + THICK}V${TOP}Z`}
        fill="none"
        stroke={colours.ink}
        strokeWidth={1.2}
      />
      {weights ? <Beads /> : steams ? <Steam /> : null}
    </Svg>
  );
});
