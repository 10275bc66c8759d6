/** A way of baking a shell, taken over at settings that the cook's own dial has. */
import { PLAIN_SHELL_BAKE, type ShellBake } from '@hollow-moon/contract';
import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { Provider } from 'react-redux';
import { createStore } from '../root/store';
import { unitsChosen } from '../state/settings';
import { HowBaked } from './HowBaked';

function open(degrees: 'C' | 'F', begun: ShellBake): () => ShellBake {
  const store = createStore();
  store.dispatch(unitsChosen({ degrees }));
  let shown = begun;
  function Held() {
    const [shellBake, setShellBake] = useState(begun);
    shown = shellBake;
    return (
      <HowBaked
        shellBake={shellBake}
        pours
        problem={undefined}
        onShell={(change) => setShellBake({ ...shellBake, ...change })}
      />
    );
  }
  render(
    <Provider store={store}>
      <Held />
    </Provider>,
  );
  return () => shown;
}
const school = () => screen.getByTestId<HTMLSelectElement>('blind-school');
const inF = (fahrenheit: number) => ((fahrenheit - 32) * 5) / 9;

it.each([
  ['C', [230, 175]],
  // 446 and 347 °F by the formula: 445 and 345 are the fives nearest to them.
  ['F', [inF(445), inF(345)]],
] as const)('a hot bake is set on a dial in °%s', (degrees, settings) => {
  const shown = open(degrees, PLAIN_SHELL_BAKE);
  // What is written down at 190 °C is that way of baking, whatever dial it is read on.
  expect(school().value).toBe('weights-then-bare');
  fireEvent.change(school(), { target: { value: 'very-hot' } });
  expect(shown().stages.map(({ setC }) => setC)).toEqual(
    settings.map((setC) => expect.closeTo(setC, 9) as number),
  );
  expect(school().value).toBe('very-hot');
});

it('stages that are of no way of baking are the cook’s own', () => {
  const [first, ...rest] = PLAIN_SHELL_BAKE.stages;
  open('C', { ...PLAIN_SHELL_BAKE, stages: [{ ...first!, minutes: 21 }, ...rest] });
  expect(school().value).toBe('');
});
