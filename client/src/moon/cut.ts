// Where everything of a cut through a filled shell lies on its picture: no drawing here, so that it can be read and checked alone.
import type { FieldShape, SectionGrid } from '@hollow-moon/core';
import { contours } from 'd3-contour';

export type Extent = Pick<SectionGrid, 'widthM' | 'bottomM' | 'topM'>;

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

/** What lies under and over the filling: where each begins, seen from the filling, and its middle, m. */
export const layersIn = ({ fill, under, over }: FieldShape) =>
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

/** Above the picture, px. */
export const TOP_PX = 4;

/** Where everything of a cut lies on the picture, px. */
export interface Places {
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

export function placesIn(
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
export function regionsOf(grid: SectionGrid, { x, y }: Places): (level: number) => string {
  const place = (column: number, row: number): [number, number] => [
    x(((column - 0.5) / (grid.across - 1)) * grid.widthM),
    y(grid.topM - ((row - 0.5) / (grid.down - 1)) * (grid.topM - grid.bottomM)),
  ];
  const values = Array.from(grid.values);
  const draw = contours().size([grid.across, grid.down]);
  return (level) => pathOf(draw.contour(values, level).coordinates as Ring[][], place);
}

/** The temperatures at which isotherms are drawn. */
export function levelsIn({ values }: SectionGrid): number[] {
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
export function marksOn(
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
