/**
 * Takes the keyboard to an element by its test id once the next picture is drawn, so that whoever works without a mouse
 * stays where something has just happened. What takes no focus of its own (a heading, a verdict) is given it for once.
 */
export function focusOn(testID: string): void {
  requestAnimationFrame(() => {
    const found = document.querySelector<HTMLElement>(`[data-testid="${testID}"]`);
    if (!found) return;
    if (found.tabIndex < 0 && !found.hasAttribute('tabindex')) found.setAttribute('tabindex', '-1');
    found.focus();
  });
}
