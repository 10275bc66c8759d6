import { inOrder, say } from '@hollow-moon/words';
import type { FormulaData } from '@hollow-moon/contract';
import {
  areaAtMm2,
  insideOf,
  type Build,
  type Fit,
  type PartKind,
  type Vessel,
} from '@hollow-moon/core';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { colours } from '../design';

/** Fill and hatching of what a layer is made of: told by its label, not by colour alone. */
const LOOKS: Partial<Record<PartKind, string>> = {
  caramel: '#B5651D',
  praline: '#B5651D',
  'meringue-raw': '#FFFFFF',
  'meringue-swiss': '#FFFFFF',
  'meringue-italian': '#FFFFFF',
  'whipped-cream': '#FBF6EA',
  glaze: '#E9A23B',
  seal: '#8A5A2B',
  'fruit-and-nuts': '#7B4B7F',
  syrup: '#D9C58B',
  curd: '#F2C230',
  'cold-set': '#F2A65A',
};
const CRUST = '#C98F4B';
const CREAM = '#F5D77A';
const EDGE = '#141A2E';

/** A layer of the cut tart, from the bottom up. */
interface Layer {
  readonly key: string;
  readonly label: string;
  readonly fill: string;
  /** mm. */
  readonly high: number;
  /** How many of the vessels have it, where not all. */
  readonly some: string;
}

/** A film is drawn at least so thick, or it could not be seen, px. */
const THINNEST_PX = 5;
const LABEL_GAP_PX = 17;

/** Layers from the base up; what is made apart is not among them. */
function layersOf(data: FormulaData, build: Build, fit: Fit, vessel: Vessel): Layer[] {
  const inside = insideOf(vessel);
  const areaMm2 = Math.max(1, areaAtMm2(inside, inside.heightMm / 2));
  const some = (vessels: number) =>
    vessels < data.vesselCount
      ? ` ${say('bench.of', { vessels, vesselCount: data.vesselCount })}`
      : '';
  const layer = ({ part, wantedG, vessels, eachMl, analysis }: Build['parts'][number]): Layer => ({
    key: part.id,
    label: part.name,
    fill: LOOKS[part.kind] ?? CREAM,
    high:
      ((eachMl > 0 ? eachMl : wantedG / Math.max(1, vessels) / analysis.whole.densityGMl) * 1000) /
      areaMm2,
    some: some(vessels),
  });
  const at = (place: 'under' | 'over') =>
    build.parts.filter(({ part }) => part.place === place).map(layer);
  return [
    ...at('under'),
    {
      key: 'filling',
      label: say(`part.${data.family}`),
      fill: LOOKS[data.family] ?? CREAM,
      high: Math.max(2, fit.wanted.depthMm - (build.takenMl * 1000) / areaMm2),
      some: '',
    },
    ...at('over'),
  ];
}

/** Layers one on the other from `base` up, px. */
function stacked<T>(layers: readonly T[], thick: readonly number[], base: number) {
  return layers.map((layer, index) => {
    const below = thick.slice(0, index).reduce((sum, each) => sum + each, 0);
    const high = thick[index]!;
    return { ...layer, high, bottom: base - below, top: base - below - high };
  });
}

/** Labels beside what they name, in their order, pushed apart from `base` up so that none overlap. */
function labelled<T extends { readonly y: number }>(
  texts: readonly T[],
  base: number,
): (T & { readonly at: number })[] {
  return texts.reduce<(T & { readonly at: number })[]>((placed, text) => {
    const free = placed.length === 0 ? base : placed[placed.length - 1]!.at - LABEL_GAP_PX;
    return [...placed, { ...text, at: Math.min(text.y + 4, free) }];
  }, []);
}

/** The cut shell, or the vessel alone where there is none. */
function Crust({
  shelled,
  wallTop,
  wall,
  crust,
  cut,
  base,
}: {
  readonly shelled: boolean;
  readonly wallTop: number;
  readonly wall: number;
  readonly crust: number;
  readonly cut: number;
  readonly base: number;
}) {
  return shelled ? (
    <Path
      d={`M1 ${wallTop}H${1 + wall}V${base - crust}H${cut}V${base}H1Z`}
      fill={CRUST}
      stroke={EDGE}
      strokeWidth={1}
    />
  ) : (
    <Path d={`M1 ${wallTop}V${base}H${cut}`} fill="none" stroke={colours.ink} strokeWidth={2} />
  );
}

interface Drawn {
  readonly key: string;
  readonly fill: string;
  readonly top: number;
  readonly high: number;
}

/** Its layers, one on the other. */
function Layers({
  drawn,
  wall,
  cut,
}: {
  readonly drawn: readonly Drawn[];
  readonly wall: number;
  readonly cut: number;
}) {
  return (
    <>
      {drawn.map(({ key, fill, top, high }) => (
        <G key={key}>
          <Rect
            x={1 + wall}
            y={top}
            width={cut - wall - 1}
            height={high}
            fill={fill}
            stroke={EDGE}
            strokeWidth={0.8}
          />
        </G>
      ))}
    </>
  );
}

/** What each layer is, beside it. */
function Labels({
  texts,
  cut,
}: {
  readonly texts: readonly {
    readonly key: string;
    readonly label: string;
    readonly some: string;
    readonly y: number;
    readonly at: number;
  }[];
  readonly cut: number;
}) {
  return (
    <>
      {texts.map(({ key, label, some, y, at }) => (
        <G key={key}>
          <Line
            x1={cut - 8}
            x2={cut + 14}
            y1={y}
            y2={at - 4}
            stroke={colours.inkSoft}
            strokeWidth={1}
          />
          <SvgText
            x={cut + 18}
            y={at}
            fontSize={14}
            fontFamily="AtkinsonNext-Regular"
            fill={colours.ink}
          >
            {`${label.length > 26 ? `${label.slice(0, 25)}…` : label}${some}`}
          </SvgText>
        </G>
      ))}
    </>
  );
}

/** The build as the tart would be cut: shell, what lies under, the filling, what lies over. */
export function BuildDrawing({
  data,
  build,
  fit,
  vessel,
}: {
  readonly data: FormulaData;
  readonly build: Build;
  readonly fit: Fit;
  readonly vessel: Vessel;
}) {
  const [width, setWidth] = useState(320);
  const layers = layersOf(data, build, fit, vessel);
  const shelled = data.shell !== 'none';
  const shellName =
    build.parts.find(({ part }) => part.place === 'shell')?.part.name ?? say('bench.shell');
  const tall = layers.reduce((sum, each) => sum + each.high, 0);
  const scale = Math.min(4, 110 / Math.max(10, tall));
  const thick = layers.map(({ high }) => Math.max(THINNEST_PX, high * scale));
  const body = thick.reduce((sum, each) => sum + each, 0);
  const crust = shelled ? Math.max(4, data.shellThicknessMm * scale) : 0;
  const cut = width * 0.5;
  const labels = layers.length + (shelled ? 1 : 0);
  const height = Math.max(body + crust + 14, labels * LABEL_GAP_PX + 8);
  const base = height - 6;
  const drawn = stacked(layers, thick, base - crust);
  const fillTop = drawn.find((each) => each.key === 'filling')!.top;
  const wallTop = Math.max(4, fillTop - Math.max(2, fit.wanted.gapMm * scale * 0.5));
  const wall = crust * 1.3;
  const texts = labelled(
    [
      ...(shelled ? [{ key: 'shell', label: shellName, some: '', y: base - crust / 2 }] : []),
      ...drawn.map((each) => ({ ...each, y: (each.top + each.bottom) / 2 })),
    ],
    base,
  );
  const words = inOrder(texts.map(({ label, some }) => `${label}${some}`));
  return (
    <View onLayout={({ nativeEvent }) => setWidth(Math.max(240, nativeEvent.layout.width))}>
      <Svg
        width={width}
        height={height}
        role="img"
        aria-label={say('bench.cut-through-from-the-base', { words })}
      >
        <Crust
          shelled={shelled}
          wallTop={wallTop}
          wall={wall}
          crust={crust}
          cut={cut}
          base={base}
        />
        <Layers drawn={drawn} wall={wall} cut={cut} />
        <Line
          x1={cut}
          x2={cut}
          y1={2}
          y2={height}
          stroke={colours.ink}
          strokeWidth={1}
          strokeDasharray="2 3"
        />
        <Labels texts={texts} cut={cut} />
      </Svg>
    </View>
  );
}
