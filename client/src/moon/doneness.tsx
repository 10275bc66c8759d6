import { memo } from 'react';
import { Circle, Defs, Line, Path, Pattern } from 'react-native-svg';

/** How far a filling has come, in colour; each has a texture of its own too. The same by day and by night. */
export const DONENESS = {
  liquid: '#D6E6F2',
  waves: '#1F5F8B',
  thick: '#F4E7B4',
  dots: '#8A5A00',
  set: '#F5B800',
  line: '#141A2E',
  curdled: '#A3302A',
} as const;

/**
 * Waves for liquid, dots for what thickens, grain for what has curdled, as patterns `waves`, `dots` and `grain` with
 * an id behind their names. Always the same, so not drawn again while a picture moves.
 */
export const Textures = memo(function Textures({
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
          stroke={DONENESS.waves}
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
        <Circle cx={fine ? 2.5 : 7} cy={fine ? 2.5 : 7} r={fine ? 0.7 : 2.2} fill={DONENESS.dots} />
      </Pattern>
      <Pattern id={`grain${id}`} width={4} height={4} patternUnits="userSpaceOnUse">
        <Line x1={0} y1={4} x2={4} y2={0} stroke={DONENESS.curdled} strokeWidth={1.4} />
      </Pattern>
    </Defs>
  );
});
