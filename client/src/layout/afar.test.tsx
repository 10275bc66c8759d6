/** What is read from across the kitchen: its size, and how it is shut. */
import { fireEvent, renderHook } from '@testing-library/react';
import { useAfarSize, useWholeScreen } from './afar';

describe('the figures of a clock', () => {
  const sizeOf = (figures: string, width: number, height: number) => {
    for (const [side, value] of [
      ['clientWidth', width],
      ['clientHeight', height],
    ] as const)
      Object.defineProperty(document.documentElement, side, { value, configurable: true });
    window.dispatchEvent(new Event('resize'));
    return renderHook(() => useAfarSize(figures)).result.current;
  };

  // By hand: 0.27 of the width for up to five figures, and less as there are more; at most 0.42 of the height.
  it.each([
    ['12:05', 1000, 2000, 270],
    ['5', 1000, 2000, 270],
    ['1:12:05 h', 1000, 2000, 150],
    ['12:05', 1000, 500, 210],
  ])('%s on %d by %d are %d px high', (figures, width, height, px) => {
    expect(sizeOf(figures, width, height)).toBeCloseTo(px, 9);
  });
});

describe('the whole screen', () => {
  const press = (key: string, taken = false) => {
    if (taken) document.body.addEventListener('keydown', (e) => e.preventDefault(), { once: true });
    fireEvent.keyDown(document.body, { key });
  };

  it('is asked for, shut by Escape and no other key, and given back', () => {
    const asked: string[] = [];
    Object.assign(document.documentElement, {
      requestFullscreen: () => {
        asked.push('all');
        return Promise.resolve();
      },
    });
    Object.assign(document, {
      exitFullscreen: () => {
        asked.push('back');
        return Promise.resolve();
      },
    });
    const close = jest.fn();
    const { unmount } = renderHook(() => useWholeScreen(close));
    expect(asked).toEqual(['all']);
    press('Enter');
    // A dialog over it that shuts itself by this key has taken it.
    press('Escape', true);
    expect(close).not.toHaveBeenCalled();
    press('Escape');
    expect(close).toHaveBeenCalledTimes(1);
    Object.defineProperty(document, 'fullscreenElement', {
      value: document.body,
      configurable: true,
    });
    unmount();
    expect(asked).toEqual(['all', 'back']);
    press('Escape');
    expect(close).toHaveBeenCalledTimes(1);
  });

  it('is done without where the browser does not let a page have it', () => {
    Object.assign(document.documentElement, { requestFullscreen: undefined });
    Object.defineProperty(document, 'fullscreenElement', { value: null, configurable: true });
    const exit = jest.fn();
    Object.assign(document, { exitFullscreen: exit });
    renderHook(() => useWholeScreen(() => undefined)).unmount();
    expect(exit).not.toHaveBeenCalled();
  });
});
