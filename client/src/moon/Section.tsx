import type { FieldShape, SectionGrid } from '@hollow-moon/core';
import { contours } from 'd3-contour';
import { scaleLinear } from 'd3-scale';
import { memo, useId } from 'react';
import Svg, { ClipPath, Defs, G, Line, Path, Text as SvgText } from 'react-native-svg';
import { colours } from '../design';

type Extent = Pick<SectionGrid, 'widthM' | 'bottomM' | 'topM'>;

interface SectionProps {
  readonly shape: FieldShape;
  readonly grid: SectionGrid;
  /** What the picture is made to hold; more than the grid while not all of the filling is in. */
  readonly whole?: Extent;
  /** Width there is to draw in, px. */
  readonly room: number;
  readonly setC: number;
  readonly curdleC: number | undefined;
  readonly label: string;
  /** How far up the water of a bath stands, mm; drawn beside the wall in {@link WATER_PX} of its own. */
  readonly waterMm?: number;
  /** Writes a temperature in the cook's unit. */
  readonly degrees: (celsius: number) => string;
}

/** Depth is drawn up to this much larger than width, or a tart would be a line; a pot is drawn true. */
const MOST_LIFT = 2.2;
const WANTED_HEIGHT = 0.5;
/** Past this height, px, the picture is made narrower instead. */
const MOST_HEIGHT = 220;

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

/** Cold water to yolk at the setting temperature to scorch where it curdles: one scale, always named. */
const fillScale = (setC: number, curdleC: number) =>
  scaleLinear<string>()
    .domain([20, setC - 12, setC, curdleC, curdleC + 15])
    .range(['#CFE3F2', '#F7EDC9', '#F5B800', '#DB6A3B', '#A3302A'])
    .clamp(true);

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
}

function placesIn(
  { fill, shellThicknessM }: FieldShape,
  grid: SectionGrid,
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
    inner: `M0 ${y(insideBottomM)}L${inside(insideBottomM)} ${y(insideBottomM)}L${inside(grid.topM)} ${y(grid.topM)}`,
  };
}

/** The isotherms to be drawn: their temperatures, how far apart they are, and the path of any one. */
function isothermsIn(grid: SectionGrid, { x, y }: Places) {
  const place = (column: number, row: number): [number, number] => [
    x(((column - 0.5) / (grid.across - 1)) * grid.widthM),
    y(grid.topM - ((row - 0.5) / (grid.down - 1)) * (grid.topM - grid.bottomM)),
  ];
  const values = Array.from(grid.values);
  const [coldest, hottest] = [Math.min(...values), Math.max(...values)];
  const stepC = STEPS_C.find((step) => (hottest - coldest) / step <= MOST_LEVELS) ?? 10;
  const least = Math.floor(coldest / stepC) * stepC;
  const levels = Array.from(
    { length: Math.ceil((hottest - least) / stepC) - 1 },
    (_, index) => least + (index + 1) * stepC,
  );
  const draw = contours().size([grid.across, grid.down]);
  const pathAt = (level: number) =>
    pathOf(draw.contour(values, level).coordinates as Ring[][], place);
  return { levels, stepC, least, pathAt };
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
          stroke="#141A2E"
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

/** Each line with the colour of what is hotter than it. */
function Isotherms({
  levels,
  pathAt,
  fillAt,
}: {
  readonly levels: readonly number[];
  readonly pathAt: (level: number) => string;
  readonly fillAt: (level: number) => string;
}) {
  return (
    <>
      {levels.map((level) => (
        <Path
          key={level}
          d={pathAt(level)}
          fill={fillAt(level)}
          stroke="#141A2E"
          strokeOpacity={0.25}
          strokeWidth={0.7}
        />
      ))}
    </>
  );
}

/**
 * The cut tart, half of it: middle at the left, rim at the right, with its temperatures. Thin lines
 * every 5 or 10 °C; the setting line is heavy and whole, the curdling line heavy and broken.
 */
export const Section = memo(function Section({
  shape,
  grid,
  whole = grid,
  room,
  setC,
  curdleC,
  label,
  waterMm,
  degrees,
}: SectionProps) {
  const clip = `clip${useId()}`;
  const at = placesIn(shape, grid, whole, room);
  const { y, width, height, outline, inner } = at;
  const { levels, stepC, least, pathAt } = isothermsIn(grid, at);
  const marks = marksOn(levels, shape, grid, at);
  const layers = layersIn(shape);
  const colour = fillScale(setC, curdleC ?? setC + 10);
  return (
    <Svg
      width={width + (waterMm === undefined ? 0 : WATER_PX)}
      height={height + TOP_PX + 6}
      role="img"
      aria-label={label}
    >
      <Defs>
        <ClipPath id={clip}>
          <Path d={outline} />
        </ClipPath>
      </Defs>
      <G clipPath={`url(#${clip})`}>
        <Path d={outline} fill={colour(least + stepC / 2)} />
        <Isotherms levels={levels} pathAt={pathAt} fillAt={(level) => colour(level + stepC / 2)} />
        <Path d={pathAt(setC)} fill="none" stroke="#141A2E" strokeWidth={2.4} />
        {curdleC === undefined ? null : (
          <Path
            d={pathAt(curdleC)}
            fill="none"
            stroke="#141A2E"
            strokeWidth={2.4}
            strokeDasharray="5 4"
          />
        )}
        {shape.shellThicknessM > 0 ? (
          <Path d={inner} fill="none" stroke="#141A2E" strokeWidth={1.2} />
        ) : null}
        <Layers layers={layers} at={at} />
        {marks.map(({ level, at: markX }) => (
          <Haloed
            key={level}
            x={markX}
            y={y(shape.fill.depthM / 2) + 4}
            anchor="middle"
            says={degrees(level)}
          />
        ))}
      </G>
      {waterMm === undefined ? null : (
        <BathWater waterMm={waterMm} whole={whole} bottomM={grid.bottomM} at={at} />
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
