/** The next thing to do with a formula. */
import { render, screen } from '@testing-library/react';
import { OutlookBar } from './OutlookBar';

const bar = {
  ...{ says: 'It will not set: add egg or use less liquid.', shell: true, mayBake: true },
  ...{ bakes: undefined, forecast: undefined },
  onBake: () => undefined,
  onMake: () => undefined,
};

it('is to make what no oven sets', () => {
  render(<OutlookBar {...bar} toTheList={false} />);
  expect(screen.getByTestId('make-it').textContent).toBe('Make it');
  expect(screen.getByTestId('make-it').className).toContain('bg-yolk');
});

it('is not pressed on a cook who has something to do to the list, and who may still make it', () => {
  render(<OutlookBar {...bar} toTheList />);
  expect(screen.getByTestId('make-it').className).not.toContain('bg-yolk');
});
