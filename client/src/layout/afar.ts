import { useEffect } from 'react';
import { useWindowDimensions } from 'react-native';

/** The clock takes so much of the screen's width, and at the most so much of its height: read at three metres. */
const CLOCK = { ofWidth: 0.27, ofHeight: 0.42 } as const;

/** Takes the whole screen while it is open, where the browser lets it; Escape shuts it. */
export function useWholeScreen(onClose: () => void): void {
  useEffect(() => {
    // Not every browser lets a page do so; then it has the page.
    void document.documentElement.requestFullscreen?.().catch(() => undefined);
    const onKey = ({ key, defaultPrevented }: KeyboardEvent) => {
      if (key === 'Escape' && !defaultPrevented) onClose();
    };
    document.addEventListener('keydown', onKey);
    return () => {
      document.removeEventListener('keydown', onKey);
      if (document.fullscreenElement) void document.exitFullscreen().catch(() => undefined);
    };
  }, [onClose]);
}

/** How large the figures of a clock are drawn to be read at three metres, px. */
export function useAfarSize(figures: string): number {
  const { width, height } = useWindowDimensions();
  return Math.min(
    (width * CLOCK.ofWidth * 5) / Math.max(5, figures.length),
    height * CLOCK.ofHeight,
  );
}
