/** How a bake differed from its forecast, in one sentence. */
import { METRIC, wordsIn } from '@hollow-moon/words';
import { begunBake } from '../testing/bake';
import { differenceInWords } from './difference';

const inWords = (done: Parameters<typeof differenceInWords>[1], units = METRIC) =>
  differenceInWords(begunBake, done, wordsIn(units))?.replaceAll('\u00a0', ' ');

// Foreseen to be pulled between 30 and 36 min, best at 33, at 75 °C.
it.each([
  [1980, undefined, 'At its best minute.'],
  [1980, 76, 'At its best minute, probe as forecast.'],
  [1860, 72, 'In the window, 2 min before the best, probe 3 °C under the forecast.'],
  [2100, 79, 'In the window, 2 min after the best, probe 4 °C over the forecast.'],
  [1770, undefined, 'In the window, 4 min before the best.'],
  [1769, undefined, '1 min before the window.'],
  [2190, undefined, 'In the window, 4 min after the best.'],
  [2191, undefined, '1 min past the window.'],
  [1500, 60, '5 min before the window, probe 15 °C under the forecast.'],
  [2280, 75, '2 min past the window, probe as forecast.'],
  // Half a minute is nobody's fault.
  [2180, 75, 'In the window, 3 min after the best, probe as forecast.'],
])('pulled at %d s with the probe at %s: %s', (pulledS, probeC, says) => {
  expect(inWords({ pulledS, probeC })).toBe(says);
});

it('is told in the cook’s degrees, and not at all while it is in the oven', () => {
  expect(inWords({ pulledS: 1980, probeC: 70 }, { ...METRIC, degrees: 'F' })).toBe(
    'At its best minute, probe 9 °F under the forecast.',
  );
  expect(inWords({ pulledS: undefined, probeC: 70 })).toBeUndefined();
});

it('holds a bake without a window against none', () => {
  const without = { foreseen: { ...begunBake.foreseen, window: null } };
  expect(differenceInWords(without, { pulledS: 1980, probeC: 70 }, wordsIn(METRIC))).toBe(
    'No window was forecast.',
  );
});
