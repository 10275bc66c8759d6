/** So long a screen may take to show what the keyboard is to be taken to, ms. */
const MOST_MS = 2000;

/**
 * Takes the keyboard to an element by its test id as soon as it can be seen, so that whoever works without a mouse stays
 * where something has just happened. What takes no focus of its own (a heading, a verdict) is given it for once.
 */
export function focusOn(testID: string): void {
  const until = performance.now() + MOST_MS;
  const seek = () => {
    const found = document.querySelector<HTMLElement>(`[data-testid="${testID}"]`);
    if (!found) {
      if (performance.now() < until) requestAnimationFrame(seek);
      return;
    }
    if (found.tabIndex < 0 && !found.hasAttribute('tabindex')) found.setAttribute('tabindex', '-1');
    found.focus();
  };
  requestAnimationFrame(seek);
}
