import { EDGES, extentOf, type FieldShape, type SectionGrid } from '@hollow-moon/core';
import { memo, useId } from 'react';
import Svg, { ClipPath, Defs, G, Line, Path, Text as SvgText } from 'react-native-svg';
import { colours } from '../design';
import {
  layersIn,
  levelsIn,
  marksOn,
  placesIn,
  regionsOf,
  TOP_PX,
  WATER_PX,
  type Extent,
  type Places,
} from './cut';
import { DONENESS, Textures } from './doneness';

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

/** A layer lower than this has no room for its name, px. */
const NAME_HEIGHT = 15;

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
