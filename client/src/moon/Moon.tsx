import { say } from '@hollow-moon/words';
import { memo, useId } from 'react';
import Svg, { Circle, G, Rect, Text as SvgText } from 'react-native-svg';
import { colours } from '../design';
import { DONENESS, Textures } from './doneness';

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
        stroke={DONENESS.curdled}
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
          <Circle cx={CENTRE} cy={CENTRE} r={radius(state.moving)} fill={DONENESS.thick} />
          <Circle cx={CENTRE} cy={CENTRE} r={radius(state.moving)} fill={`url(#dots${id})`} />
          <Circle
            cx={CENTRE}
            cy={CENTRE}
            r={radius(state.moving)}
            fill="none"
            stroke={DONENESS.line}
            strokeWidth={fine ? 0.6 : 2}
          />
        </G>
      ) : null}
      {state.liquid > 0 ? (
        <G>
          <Circle cx={CENTRE} cy={CENTRE} r={radius(state.liquid)} fill={DONENESS.liquid} />
          <Circle cx={CENTRE} cy={CENTRE} r={radius(state.liquid)} fill={`url(#waves${id})`} />
        </G>
      ) : null}
    </>
  );
}

/** What is written across the middle. */
function Caption({ text }: { readonly text: string }) {
  // Every sign of the figures' font is six tenths of its size wide: "7 7/8 in" is longer than "12 cm".
  const width = Math.max(30, 0.6 * 8 * text.length + 4);
  return (
    <G>
      <Rect
        x={CENTRE - width / 2}
        y={CENTRE - 6}
        width={width}
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
          <Circle cx={CENTRE} cy={CENTRE} r={FILLING} fill={DONENESS.set} />
          <CurdledRing from={state.curdledFrom} fine={fine} grain={`grain${id}`} />
          <MovingCentre state={state} fine={fine} id={id} />
          {caption && fine ? <Caption text={caption} /> : null}
        </G>
      ) : null}
    </Svg>
  );
});
