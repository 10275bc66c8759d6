/** A fold: opened by a tap or by itself, and left as it was left. */
import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { Provider } from 'react-redux';
import { createStore } from '../root/store';
import { Fold } from './Fold';

function Named({ begins }: { readonly begins: (name: string) => boolean }) {
  const [name, setName] = useState('');
  return (
    <Fold id="named" title="Name" summary={`called ${name}`} begin={begins(name)}>
      {() => (
        <input aria-label="name" value={name} onChange={({ target }) => setName(target.value)} />
      )}
    </Fold>
  );
}

const show = (begins: (name: string) => boolean, store = createStore()) => {
  render(
    <Provider store={store}>
      <Named begins={begins} />
    </Provider>,
  );
  return store;
};

it('does not shut under whoever is typing in it', () => {
  // Open while there is no name: the first letter must not take the field away.
  show((name) => name === '');
  fireEvent.change(screen.getByLabelText('name'), { target: { value: 'F' } });
  expect(screen.getByLabelText<HTMLInputElement>('name').value).toBe('F');
});

it('says its result while it is shut, and stays as it was left', () => {
  const store = show(() => true);
  fireEvent.click(screen.getByTestId('named'));
  expect(screen.queryByLabelText('name')).toBeNull();
  expect(screen.getByTestId('named').textContent).toContain('called');
  document.body.innerHTML = '';
  show(() => true, store);
  expect(screen.queryByLabelText('name')).toBeNull();
  expect(screen.getByTestId('named').getAttribute('aria-expanded')).toBe('false');
});
