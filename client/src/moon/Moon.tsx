import { say } from '@hollow-moon/words';
import { memo, useId } from 'react';
import Svg, { Circle, Defs, G, Line, Path, Pattern, Rect, Text as SvgText } from 'react-native-svg';
import { colours } from '../design';

/** A filled bake from above. Every edge is a share of the filling's radius, 0 at the middle. */
export interface MoonState {
  /** Inside this it is liquid. */
  readonly liquid: number;
  /** Inside this it still moves. */
  readonly moving: number;
  /** Outside this it has curdled. */
  readonly curdledFrom: number;
}

interface MoonProps {
  readonly state: MoonState | undefined;
  readonly shell: boolean;
  /** Colour of the shell's rim, where it is known. */
  readonly rim?: string;
  readonly size: number;
  /** What is written across the middle: the width of the wobble. */
  readonly caption?: string;
  /** The whole picture in words. */
  readonly label: string;
}

const CENTRE = 50;
const RIM = 48;
const FILLING = 43;

/** A state in words, for those who listen. */
export function moonInWords(state: MoonState | undefined, caption?: string): string {
  if (!state) return say('moon.not-judged');
  if (state.moving <= 0)
    return state.curdledFrom < 0.98 ? say('moon.set-curdled-at-the-rim') : say('moon.set-through');
  const kind = state.liquid > state.moving * 0.6 ? 'liquid' : 'wobbling';
  return caption
    ? say('moon.set-ring-centre-wide', { kind, caption })
    : say('moon.set-ring-centre', { kind });
}

/** Waves, dots and grain: always the same, so not drawn again while the rings move. */
const Textures = memo(function Textures({
  id,
  fine,
}: {
  readonly id: string;
  readonly fine: boolean;
}) {
  return (
    <Defs>
      <Pattern
        id={`waves${id}`}
        width={fine ? 10 : 24}
        height={fine ? 6 : 14}
        patternUnits="userSpaceOnUse"
      >
        <Path
          d={fine ? 'M0 3 Q2.5 0.5 5 3 T10 3' : 'M0 7 Q6 1 12 7 T24 7'}
          stroke={colours.water}
          strokeWidth={fine ? 0.8 : 3}
          fill="none"
        />
      </Pattern>
      <Pattern
        id={`dots${id}`}
        width={fine ? 5 : 14}
        height={fine ? 5 : 14}
        patternUnits="userSpaceOnUse"
      >
        <Circle
          cx={fine ? 2.5 : 7}
          cy={fine ? 2.5 : 7}
          r={fine ? 0.7 : 2.2}
          fill={colours.yolkText}
        />
      </Pattern>
      <Pattern id={`grain${id}`} width={4} height={4} patternUnits="userSpaceOnUse">
        <Line x1={0} y1={4} x2={4} y2={0} stroke={colours.scorch} strokeWidth={1.4} />
      </Pattern>
    </Defs>
  );
});

const radius = (share: number): number => FILLING * Math.min(1, Math.max(0, share));

/** Grain from where it has curdled on, with a line at its edge. */
function CurdledRing({
  from,
  fine,
  grain,
}: {
  readonly from: number;
  readonly fine: boolean;
  readonly grain: string;
}) {
  if (from >= (fine ? 0.985 : 0.95)) return null;
  return (
    <G>
      <Circle
        cx={CENTRE}
        cy={CENTRE}
        r={(FILLING + radius(from)) / 2}
        fill="none"
        stroke={`url(#${grain})`}
        strokeWidth={FILLING - radius(from)}
      />
      <Circle
        cx={CENTRE}
        cy={CENTRE}
        r={radius(from)}
        fill="none"
        stroke={colours.scorch}
        strokeWidth={fine ? 0.8 : 2}
      />
    </G>
  );
}

/** Dots for what thickens, and waves inside them for what is liquid. */
function MovingCentre({
  state,
  fine,
  id,
}: {
  readonly state: MoonState;
  readonly fine: boolean;
  readonly id: string;
}) {
  return (
    <>
      {state.moving > 0 ? (
        <G>
          <Circle cx={CENTRE} cy={CENTRE} r={radius(state.moving)} fill="#F4E7B4" />
          <Circle cx={CENTRE} cy={CENTRE} r={radius(state.moving)} fill={`url(#dots${id})`} />
          <Circle
            cx={CENTRE}
            cy={CENTRE}
            r={radius(state.moving)}
            fill="none"
            stroke="#141A2E"
            strokeWidth={fine ? 0.6 : 2}
          />
        </G>
      ) : null}
      {state.liquid > 0 ? (
        <G>
          <Circle cx={CENTRE} cy={CENTRE} r={radius(state.liquid)} fill="#D6E6F2" />
          <Circle cx={CENTRE} cy={CENTRE} r={radius(state.liquid)} fill={`url(#waves${id})`} />
        </G>
      ) : null}
    </>
  );
}

/** What is written across the middle. */
function Caption({ text }: { readonly text: string }) {
  return (
    <G>
      <Rect
        x={CENTRE - 15}
        y={CENTRE - 6}
        width={30}
        height={12}
        rx={3}
        fill="#FFFFFF"
        opacity={0.88}
      />
      <SvgText
        x={CENTRE}
        y={CENTRE + 3}
        textAnchor="middle"
        fontSize={8}
        fontFamily="AtkinsonMono-SemiBold"
        fill="#141A2E"
      >
        {text}
      </SvgText>
    </G>
  );
}

/**
 * The moon: shell rim, set ring, moving centre. Waves for liquid, dots for thickening, plain yolk
 * for set, grain for curdled, so that no state is told by colour alone.
 */
export const Moon = memo(function Moon({ state, shell, rim, size, caption, label }: MoonProps) {
  const id = useId();
  const fine = size >= 64;
  return (
    <Svg width={size} height={size} viewBox="0 0 100 100" role="img" aria-label={label}>
      <Textures id={id} fine={fine} />
      <Circle
        cx={CENTRE}
        cy={CENTRE}
        r={RIM}
        fill={state ? (rim ?? colours.sheet) : 'none'}
        stroke={colours.ink}
        strokeWidth={fine ? 2 : 4}
        {...(shell ? {} : { strokeDasharray: fine ? '4 3' : '9 6' })}
      />
      {state ? (
        <G>
          <Circle cx={CENTRE} cy={CENTRE} r={FILLING} fill={colours.yolk} />
          <CurdledRing from={state.curdledFrom} fine={fine} grain={`grain${id}`} />
          <MovingCentre state={state} fine={fine} id={id} />
          {caption && fine ? <Caption text={caption} /> : null}
        </G>
      ) : null}
    </Svg>
  );
});
