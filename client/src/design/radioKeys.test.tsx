/** What the keyboard does in a group of radios and on a tick. Source: WAI-ARIA Authoring Practices, radio group and checkbox. */
import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { Choice } from './Choice';
import { Tick } from './Tick';

const OPTIONS = ['still', 'fan', 'deck'].map((value) => ({ value, label: value }));

function Oven({ begin }: { readonly begin: string | undefined }) {
  const [value, setValue] = useState(begin);
  return <Choice label="Oven" options={OPTIONS} value={value} onChange={setValue} />;
}
const radio = (name: string) => screen.getByRole('radio', { name });
const press = (name: string, key: string) => fireEvent.keyDown(radio(name), { key });
const checked = () => screen.getByRole('radio', { checked: true }).textContent;
const stops = () =>
  screen.getAllByRole('radio').map((each) => Number(each.getAttribute('tabindex')));

it('is one stop of the tab key: the one that is chosen, or the first', () => {
  const { unmount } = render(<Oven begin="fan" />);
  expect(stops()).toEqual([-1, 0, -1]);
  unmount();
  render(<Oven begin={undefined} />);
  expect(stops()).toEqual([0, -1, -1]);
});

it.each([
  ['ArrowRight', 'deck'],
  ['ArrowDown', 'deck'],
  ['ArrowLeft', 'still'],
  ['ArrowUp', 'still'],
  ['Home', 'still'],
  ['End', 'deck'],
])('%s goes from fan to %s, and chooses it', (key, name) => {
  render(<Oven begin="fan" />);
  press('fan', key);
  expect(checked()).toBe(name);
  expect(document.activeElement).toBe(radio(name));
});

it('goes round at its ends, and leaves other keys alone', () => {
  render(<Oven begin="deck" />);
  press('deck', 'ArrowRight');
  expect(checked()).toBe('still');
  press('still', 'ArrowLeft');
  expect(checked()).toBe('deck');
  press('deck', 'x');
  expect(checked()).toBe('deck');
});

it('chooses what it is on with the space bar', () => {
  render(<Oven begin={undefined} />);
  press('still', ' ');
  expect(checked()).toBe('still');
});

it('ticks with the space bar', () => {
  const onChange = jest.fn();
  render(<Tick label="Docked" ticked={false} onChange={onChange} />);
  fireEvent.keyDown(screen.getByRole('checkbox'), { key: ' ' });
  expect(onChange).toHaveBeenCalledTimes(1);
  expect(onChange).toHaveBeenCalledWith(true);
});
