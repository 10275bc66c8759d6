import { EDGES, extentOf, type FieldShape, type SectionGrid } from '@hollow-moon/core';
import { contours } from 'd3-contour';
import { memo, useId } from 'react';
import Svg, { ClipPath, Defs, G, Line, Path, Text as SvgText } from 'react-native-svg';
import { colours } from '../design';
import { DONENESS, Textures } from './doneness';

type Extent = Pick<SectionGrid, 'widthM' | 'bottomM' | 'topM'>;

interface SectionProps {
  readonly shape: FieldShape;
  /** How far the filling has set, over it alone; and how far it has curdled, where it can. */
  readonly set: SectionGrid;
  readonly curdled: SectionGrid | undefined;
  /** Colour of the shell. */
  readonly crust?: string | undefined;
  /** Temperatures over all of it, to be drawn as isotherms over the picture; none unless they are asked for. */
  readonly temperatures?: SectionGrid | undefined;
  /** What the picture is made to hold; more than the grid while not all of the filling is in. */
  readonly whole: Extent;
  /** Width there is to draw in, px. */
  readonly room: number;
  readonly label: string;
  /** How far up the water of a bath stands, mm; drawn beside the wall in {@link WATER_PX} of its own. */
  readonly waterMm?: number;
  /** Writes a temperature in the cook's unit. */
  readonly degrees: (celsius: number) => string;
}

/** A shell whose colour is not followed. */
const CRUST = '#C99A5B';
/** Whatever lies under or over the filling. */
const LAYER = '#E4DCCF';

/** Depth is drawn up to this much larger than width, or a tart would be a line; a pot is drawn true. */
const MOST_LIFT = 2.2;
const WANTED_HEIGHT = 0.29;
/** Past this height, px, the picture is made narrower instead. */
const MOST_HEIGHT = 170;

/** Width of the water drawn beside the wall, px. */
export const WATER_PX = 30;

/** How large a section is drawn in the room given to it. */
export function sectionSize(grid: Extent, roomPx: number): { width: number; lift: number } {
  const slimness = (grid.topM - grid.bottomM) / grid.widthM;
  const lift = Math.min(MOST_LIFT, Math.max(1, WANTED_HEIGHT / slimness));
  return { width: Math.min(roomPx, MOST_HEIGHT / (slimness * lift)), lift };
}
/** Isotherms stand 5 °C apart, and 10 where that would make too many lines to tell apart or to draw in time. */
const STEPS_C = [5, 10] as const;
const MOST_LEVELS = 8;
/** Width kept free for the figure of an isotherm, px. */
const MARK_ROOM = 28;

type Ring = [number, number][];

const pathOf = (rings: Ring[][], place: (x: number, y: number) => [number, number]): string =>
  rings
    .flatMap((polygon) =>
      polygon.map(
        (ring) =>
          `${ring
            .map(([x, y], index) => {
              const [px, py] = place(x, y);
              return `${index === 0 ? 'M' : 'L'}${Math.round(px * 10) / 10} ${Math.round(py * 10) / 10}`;
            })
            .join('')}Z`,
      ),
    )
    .join('');

/** Words on the picture: a pale copy below keeps them legible on every colour of the scale. */
function Haloed({
  x,
  y,
  anchor,
  says,
}: {
  readonly x: number;
  readonly y: number;
  readonly anchor: 'start' | 'middle';
  readonly says: string;
}) {
  const mark = {
    x,
    y,
    textAnchor: anchor,
    fontSize: 12,
    fontFamily: 'AtkinsonMono-SemiBold',
  } as const;
  return (
    <G>
      <SvgText {...mark} stroke="#FFFFFF" strokeWidth={3} fill="#FFFFFF">
        {says}
      </SvgText>
      <SvgText {...mark} fill="#141A2E">
        {says}
      </SvgText>
    </G>
  );
}

/** What lies under and over the filling: where each begins, seen from the filling, and its middle, m. */
const layersIn = ({ fill, under, over }: FieldShape) =>
  [
    { from: 0, way: -1, layers: under },
    { from: fill.depthM, way: 1, layers: over },
  ].flatMap(({ from, way, layers }) =>
    layers.map(({ name, thicknessM }, index) => {
      const before = layers.slice(0, index).reduce((sum, each) => sum + each.thicknessM, 0);
      return {
        name,
        thicknessM,
        meetsM: from + way * before,
        middleM: from + way * (before + thicknessM / 2),
      };
    }),
  );

/** A layer lower than this has no room for its name, px. */
const NAME_HEIGHT = 15;

/** Above the picture, px. */
const TOP_PX = 4;

/** Where everything of a cut lies on the picture, px. */
interface Places {
  readonly width: number;
  readonly height: number;
  /** Height is drawn so much larger than width. */
  readonly lift: number;
  readonly scale: number;
  readonly x: (radiusM: number) => number;
  readonly y: (heightM: number) => number;
  /** The inner and the outer face of the wall at a height over the filling's bottom. */
  readonly inside: (heightM: number) => number;
  readonly outside: (heightM: number) => number;
  readonly insideBottomM: number;
  readonly outline: string;
  readonly inner: string;
  /** All that the shell or the vessel holds, and the filling alone. */
  readonly room: string;
  readonly filling: string;
}

function placesIn(
  { fill, shellThicknessM }: FieldShape,
  grid: Extent,
  whole: Extent,
  room: number,
): Places {
  const { width, lift } = sectionSize(whole, room);
  const scale = width / whole.widthM;
  const x = (radiusM: number) => radiusM * scale;
  const y = (heightM: number) => TOP_PX + (whole.topM - heightM) * scale * lift;
  const slope = (fill.topRadiusM - fill.bottomRadiusM) / fill.depthM;
  const shellWide = shellThicknessM * Math.hypot(1, slope);
  const insideBottomM = grid.bottomM + shellThicknessM;
  const inside = (heightM: number) => x(fill.bottomRadiusM + slope * heightM);
  const outside = (heightM: number) => inside(heightM) + x(shellWide);
  return {
    width,
    height: (whole.topM - whole.bottomM) * scale * lift,
    lift,
    scale,
    x,
    y,
    inside,
    outside,
    insideBottomM,
    outline:
      `M0 ${y(grid.topM)}L${outside(grid.topM)} ${y(grid.topM)}` +
      `L${outside(insideBottomM)} ${y(insideBottomM)}L${outside(insideBottomM)} ${y(grid.bottomM)}L0 ${y(grid.bottomM)}Z`,
    room: `M0 ${y(grid.topM)}L${inside(grid.topM)} ${y(grid.topM)}L${inside(insideBottomM)} ${y(insideBottomM)}L0 ${y(insideBottomM)}Z`,
    filling: `M0 ${y(fill.depthM)}L${inside(fill.depthM)} ${y(fill.depthM)}L${inside(0)} ${y(0)}L0 ${y(0)}Z`,
    inner: `M0 ${y(insideBottomM)}L${inside(insideBottomM)} ${y(insideBottomM)}L${inside(grid.topM)} ${y(grid.topM)}`,
  };
}

/** Draws the region of a grid that is at a level or over it. */
function regionsOf(grid: SectionGrid, { x, y }: Places): (level: number) => string {
  const place = (column: number, row: number): [number, number] => [
    x(((column - 0.5) / (grid.across - 1)) * grid.widthM),
    y(grid.topM - ((row - 0.5) / (grid.down - 1)) * (grid.topM - grid.bottomM)),
  ];
  const values = Array.from(grid.values);
  const draw = contours().size([grid.across, grid.down]);
  return (level) => pathOf(draw.contour(values, level).coordinates as Ring[][], place);
}

/** The temperatures at which isotherms are drawn. */
function levelsIn({ values }: SectionGrid): number[] {
  const [coldest, hottest] = [Math.min(...values), Math.max(...values)];
  const stepC = STEPS_C.find((step) => (hottest - coldest) / step <= MOST_LEVELS) ?? 10;
  const least = Math.floor(coldest / stepC) * stepC;
  return Array.from(
    { length: Math.max(0, Math.ceil((hottest - least) / stepC) - 1) },
    (_, index) => least + (index + 1) * stepC,
  );
}

interface Mark {
  readonly level: number;
  readonly at: number;
}

/** Two or three isotherms to be named half-way up the filling, where there is room for the figure inside it. */
function marksOn(
  levels: readonly number[],
  { fill }: FieldShape,
  grid: SectionGrid,
  { x }: Places,
): Mark[] {
  const midRow = Math.round(
    ((grid.topM - fill.depthM / 2) / (grid.topM - grid.bottomM)) * (grid.down - 1),
  );
  const mid = midRow * grid.across;
  const crosses = (level: number): number | undefined => {
    for (let column = 1; column < grid.across; column += 1) {
      const [a, b] = [grid.values[mid + column - 1]!, grid.values[mid + column]!];
      if ((a - level) * (b - level) <= 0 && a !== b)
        return x((column / (grid.across - 1)) * grid.widthM);
    }
    return undefined;
  };
  const midRadiusM = (fill.bottomRadiusM + fill.topRadiusM) / 2;
  const marks: Mark[] = [];
  for (const level of levels) {
    const at = level % 10 === 0 ? crosses(level) : undefined;
    const previous = marks.at(-1)?.at ?? -MARK_ROOM;
    const fits = at !== undefined && at >= MARK_ROOM / 2 && at <= x(midRadiusM) - MARK_ROOM / 2;
    if (fits && at - previous >= MARK_ROOM) marks.push({ level, at });
  }
  return marks;
}

/** Where the layers under and over the filling meet, and their names where there is room. */
function Layers({
  layers,
  at,
}: {
  readonly layers: ReturnType<typeof layersIn>;
  readonly at: Places;
}) {
  const { inside, y, scale, lift } = at;
  return (
    <>
      {layers.map(({ name, meetsM }) => (
        <Line
          key={name}
          x1={0}
          x2={inside(meetsM)}
          y1={y(meetsM)}
          y2={y(meetsM)}
          stroke={DONENESS.line}
          strokeWidth={1.2}
          strokeDasharray="1 3"
        />
      ))}
      {layers.map(({ name, middleM, thicknessM }) =>
        thicknessM * scale * lift < NAME_HEIGHT ? null : (
          <Haloed key={name} x={8} y={y(middleM) + 4} anchor="start" says={name} />
        ),
      )}
    </>
  );
}

/** The water of a bath beside the wall. */
function BathWater({
  waterMm,
  whole,
  bottomM,
  at,
}: {
  readonly waterMm: number;
  readonly whole: Extent;
  readonly bottomM: number;
  readonly at: Places;
}) {
  const { width, height, y, outside, insideBottomM } = at;
  const waterTop = y(Math.min(whole.topM, whole.bottomM + waterMm / 1000));
  // The wall leans out: the water meets it between its foot and its height at the level.
  const wallAt = (heightPx: number): number => {
    const [foot, rim] = [outside(insideBottomM), outside(whole.topM)];
    return foot + ((rim - foot) * (y(whole.bottomM) - heightPx)) / height;
  };
  return (
    <G testID="bath-in-section">
      <Path
        d={`M${wallAt(waterTop)} ${waterTop}L${width + WATER_PX} ${waterTop}L${width + WATER_PX} ${y(bottomM)}L${wallAt(y(bottomM))} ${y(bottomM)}Z`}
        fill={colours.water}
        opacity={0.25}
      />
      <Path
        d={`M${wallAt(waterTop)} ${waterTop}q4 -3 8 0t8 0t8 0t8 0`}
        fill="none"
        stroke={colours.water}
        strokeWidth={2}
      />
    </G>
  );
}

/** Lines of equal temperature, two or three of them with their figure. */
function Isotherms({
  grid,
  shape,
  at,
  degrees,
}: {
  readonly grid: SectionGrid;
  readonly shape: FieldShape;
  readonly at: Places;
  readonly degrees: (celsius: number) => string;
}) {
  const levels = levelsIn(grid);
  const pathAt = regionsOf(grid, at);
  return (
    <G testID="isotherms">
      {levels.map((level) => (
        <Path
          key={level}
          d={pathAt(level)}
          fill="none"
          stroke={DONENESS.line}
          strokeOpacity={0.6}
          strokeWidth={level % 10 === 0 ? 1.2 : 0.6}
        />
      ))}
      {marksOn(levels, shape, grid, at).map(({ level, at: markX }) => (
        <Haloed
          key={level}
          x={markX}
          y={at.y(shape.fill.depthM / 2) + 4}
          anchor="middle"
          says={degrees(level)}
        />
      ))}
    </G>
  );
}

/** The filling by how far it has come: liquid, thickening, set, curdled, as on the moon. */
function Filling({
  set,
  curdled,
  at,
  id,
}: {
  readonly set: SectionGrid;
  readonly curdled: SectionGrid | undefined;
  readonly at: Places;
  readonly id: string;
}) {
  const setFrom = regionsOf(set, at);
  const [thick, holds] = [setFrom(EDGES.thickens), setFrom(EDGES.holds)];
  return (
    <G clipPath={`url(#filling${id})`} testID="filling-in-section">
      <Path d={at.filling} fill={DONENESS.liquid} />
      <Path d={at.filling} fill={`url(#waves${id})`} />
      <Path d={thick} fill={DONENESS.thick} />
      <Path d={thick} fill={`url(#dots${id})`} />
      <Path d={holds} fill={DONENESS.set} stroke={DONENESS.line} strokeWidth={1.2} />
      {curdled ? (
        <Path d={regionsOf(curdled, at)(EDGES.curdled)} fill={`url(#grain${id})`} />
      ) : null}
    </G>
  );
}

/**
 * The cut bake, half of it: middle at the left, rim at the right, by how far its filling has come, in the colours and
 * textures of the moon. Isotherms are laid over it where they are asked for.
 */
export const Section = memo(function Section({
  shape,
  set,
  curdled,
  crust = CRUST,
  temperatures,
  whole,
  room,
  label,
  waterMm,
  degrees,
}: SectionProps) {
  const id = useId();
  // While not all of the filling is in, its surface is lower than the picture is high.
  const extent = extentOf(shape);
  const at = placesIn(shape, extent, whole, room);
  const { width, height, outline, inner } = at;
  return (
    <Svg
      width={width + (waterMm === undefined ? 0 : WATER_PX)}
      height={height + TOP_PX + 6}
      role="img"
      aria-label={label}
    >
      <Textures id={id} fine />
      <Defs>
        <ClipPath id={`cut${id}`}>
          <Path d={outline} />
        </ClipPath>
        <ClipPath id={`filling${id}`}>
          <Path d={at.filling} />
        </ClipPath>
      </Defs>
      <G clipPath={`url(#cut${id})`}>
        <Path d={outline} fill={shape.shellThicknessM > 0 ? crust : LAYER} />
        <Path d={at.room} fill={LAYER} />
        <Filling set={set} curdled={curdled} at={at} id={id} />
        {shape.shellThicknessM > 0 ? (
          <Path d={inner} fill="none" stroke={DONENESS.line} strokeWidth={1.2} />
        ) : null}
        <Layers layers={layersIn(shape)} at={at} />
        {temperatures ? (
          <Isotherms grid={temperatures} shape={shape} at={at} degrees={degrees} />
        ) : null}
      </G>
      {waterMm === undefined ? null : (
        <BathWater waterMm={waterMm} whole={whole} bottomM={extent.bottomM} at={at} />
      )}
      <Path d={outline} fill="none" stroke={colours.ink} strokeWidth={1.5} />
      <Line
        x1={0.75}
        y1={0}
        x2={0.75}
        y2={height + TOP_PX + 6}
        stroke={colours.ink}
        strokeWidth={1.5}
        strokeDasharray="2 3"
      />
    </Svg>
  );
});
