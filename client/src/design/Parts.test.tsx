/** What holds for every part of the design system, in every state that its page shows. */
import { render, screen, within } from '@testing-library/react';
import { Provider } from 'react-redux';
import { createStore } from '../root/store';
import { Parts } from './testing/Parts';

jest.mock('expo-router', () => ({
  Link: ({ children }: { readonly children: React.ReactNode }) => children,
  router: { navigate: jest.fn() },
}));

beforeEach(() => {
  render(
    <Provider store={createStore()}>
      <Parts />
    </Provider>,
  );
});

it('shows the same parts in both themes', () => {
  const names = (theme: string) =>
    within(screen.getByTestId(`parts-${theme}`))
      .getAllByRole('button')
      .map((button) => button.getAttribute('aria-label') ?? button.textContent);
  expect(names('light').length).toBeGreaterThanOrEqual(15);
  expect(names('dark')).toEqual(names('light'));
});

it.each(['button', 'textbox', 'radio', 'checkbox', 'slider', 'combobox', 'img'])(
  'names each %s for those who listen',
  (role) => {
    const all = screen.getAllByRole(role);
    expect(all.length).toBeGreaterThan(0);
    expect(screen.getAllByRole(role, { name: /\S/ })).toHaveLength(all.length);
  },
);

// A state that is told by its colour alone is not told: source, WCAG 2.2, 1.4.1.
it('tells a pressed button by its edge, a tick by its mark, and a wrong field by a sentence', () => {
  const light = within(screen.getByTestId('parts-light'));
  const edge = (name: string) =>
    light.getByRole('button', { name }).className.match(/border-2|border(?= )/)?.[0];
  expect([edge('Pressed'), edge('Plain')]).toEqual(['border-2', 'border']);
  expect(light.getByRole('button', { name: 'Pressed' }).getAttribute('aria-pressed')).toBe('true');
  expect(light.getByRole('checkbox', { name: 'Ticked or not' }).textContent).toMatch(/^✓/);
  expect(light.getByRole('checkbox', { name: 'Not ticked' }).textContent).toBe('Not ticked');
  for (const field of light.getAllByRole('textbox', { name: /^Wrong/ })) {
    const says = field.getAttribute('aria-describedby');
    expect(document.getElementById(says ?? '')?.textContent).toMatch(/\.$/);
  }
});
