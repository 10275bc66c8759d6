/** What is done to an oven, told in a line. */
import { PLAIN_BUILD, type OvenUse } from '@hollow-moon/contract';
import { METRIC, wordsIn } from '@hollow-moon/words';
import { ovenUseInWords } from './ovenUseInWords';

const told = (change: Partial<OvenUse>) =>
  ovenUseInWords({ ...PLAIN_BUILD.ovenUse, ...change }, 150, wordsIn(METRIC)).replaceAll(
    '\u00a0',
    ' ',
  );

it('tells what is left at one heat, and each thing that is done otherwise', () => {
  expect(told({})).toBe('150 °C throughout, on a rack');
  expect(told({ steps: [{ atMin: 20, to: 130 }] })).toBe('130 °C from 20 min');
  const off = (to: 'off-shut' | 'off-ajar') => told({ steps: [{ atMin: 40, to }] });
  expect(off('off-shut')).toBe('off from 40 min, door closed');
  expect(off('off-ajar')).toBe('off from 40 min, door ajar');
  expect(told({ foil: true, wrapped: true })).toBe('under foil, wrapped for the bath');
});
