import { useRef } from 'react';

/** What a key does to an option of so many: which one it goes to. */
const STEPS: Readonly<Record<string, (at: number, count: number) => number>> = {
  ArrowRight: (at, count) => (at + 1) % count,
  ArrowDown: (at, count) => (at + 1) % count,
  ArrowLeft: (at, count) => (at + count - 1) % count,
  ArrowUp: (at, count) => (at + count - 1) % count,
  Home: () => 0,
  End: (_, count) => count - 1,
  ' ': (at) => at,
};

interface KeyPress {
  readonly key: string;
  readonly preventDefault: () => void;
}

/** The part of an element that is given the keyboard's attention. */
interface Focusable {
  readonly focus?: () => void;
}

/**
 * The keyboard of radios side by side: one stop of the tab key for all of them, arrows (and Home and End) go to another and
 * choose it, the space bar chooses the one it is on. Returns what each option is given. Source: WAI-ARIA Authoring
 * Practices, radio group.
 */
export function useRadioKeys<T>(
  options: readonly T[],
  chosen: T | undefined,
  onChoose: (option: T) => void,
): (option: T) => object {
  const elements = useRef(new Map<T, Focusable | null>());
  const stop = chosen !== undefined && options.includes(chosen) ? chosen : options[0];
  return (option) => ({
    ref: (element: Focusable | null) => {
      elements.current.set(option, element);
    },
    tabIndex: option === stop ? 0 : -1,
    onKeyDown: (press: KeyPress) => {
      const step = STEPS[press.key];
      if (!step) return;
      press.preventDefault();
      const next = options[step(options.indexOf(option), options.length)];
      if (next === undefined) return;
      onChoose(next);
      elements.current.get(next)?.focus?.();
    },
  });
}

/** The keyboard of something that is ticked: the space bar, as for any check box. */
export const tickKeys = (onTick: () => void): object => ({
  onKeyDown: (press: KeyPress) => {
    if (press.key !== ' ') return;
    press.preventDefault();
    onTick();
  },
});
