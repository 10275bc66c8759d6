import { captionOf, say } from '@hollow-moon/words';
import { useRef, useState, type ComponentProps } from 'react';
import { View } from 'react-native';
import { Soft, useWords } from '../design';
import { Moon, moonInWords } from '../moon';

const SIZE_PX = 168;
/** The filling's share of the moon's picture: the rest is rim. */
const FILLING = 0.86;
/** Widths are told to half a centimetre: a nudge says no more. */
const STEP_MM = 5;

/**
 * What moves, drawn with a finger: a drag on the moon widens or narrows its moving middle. The same is typed in the
 * field beside it.
 */
export function NudgeMoon({
  surfaceMm,
  widthMm,
  shell,
  onWidth,
}: {
  readonly surfaceMm: number;
  readonly widthMm: number | undefined;
  readonly shell: boolean;
  readonly onWidth: (widthMm: number) => void;
}) {
  const words = useWords();
  const box = useRef<View>(null);
  const [drawing, setDrawing] = useState(false);
  const measure = (event: { readonly clientX: number; readonly clientY: number }) => {
    const found = (box.current as unknown as HTMLElement | null)?.getBoundingClientRect();
    if (!found) return;
    const away = Math.hypot(
      event.clientX - found.left - found.width / 2,
      event.clientY - found.top - found.height / 2,
    );
    const share = Math.min(1, away / ((found.width / 2) * FILLING));
    onWidth(Math.round((share * surfaceMm) / STEP_MM) * STEP_MM);
  };
  const moving = widthMm === undefined ? 0 : Math.min(1, widthMm / surfaceMm);
  const caption = widthMm === undefined ? undefined : captionOf(widthMm / 1000, words);
  const state = { liquid: 0, moving, curdledFrom: 1 };
  // The pointer's events are the browser's own; React Native has no types for them.
  const pointer = {
    onPointerDown: (event: PointerEvent) => {
      (event.currentTarget as HTMLElement | null)?.setPointerCapture?.(event.pointerId);
      setDrawing(true);
      measure(event);
    },
    onPointerMove: (event: PointerEvent) => {
      if (drawing) measure(event);
    },
    onPointerUp: () => setDrawing(false),
    onPointerCancel: () => setDrawing(false),
  } as unknown as ComponentProps<typeof View>;
  return (
    <View className="w-44 items-center gap-1">
      <View
        ref={box}
        testID="nudge-moon"
        className="cursor-crosshair touch-none select-none"
        {...pointer}
      >
        <Moon
          state={state}
          shell={shell}
          size={SIZE_PX}
          {...(caption ? { caption } : {})}
          label={moonInWords(state, caption)}
        />
      </View>
      <Soft className="text-center">{say('bake.draw-what-moves')}</Soft>
    </View>
  );
}
