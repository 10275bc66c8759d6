import { fireEvent, screen } from '@testing-library/react';

/** Opens whatever is folded away on the screen, as a cook who wants to see it all. */
export function openFolds(): void {
  for (const fold of document.querySelectorAll('[role="heading"] [aria-expanded="false"]')) {
    fireEvent.click(fold);
  }
}

/** Opens a line of a list, by its place from 1, to be worked on. */
export function openLine(line: number): void {
  const row = screen.getByTestId(`open-line-${line - 1}`);
  if (row.getAttribute('aria-expanded') === 'false') fireEvent.click(row);
}
