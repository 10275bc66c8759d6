/** What a cook is told of a refusal. */
import { METRIC, wordsIn } from '@hollow-moon/words';
import { refusalFrom, refusalInWords } from './resources';

const says = (refused: Parameters<typeof refusalInWords>[1]) =>
  refusalInWords(wordsIn(METRIC), refused);

it('is what the server said, in its one shape; else that the book is away', () => {
  const error = { code: 'conflict', message: 'Somebody else has changed it.' };
  expect(refusalFrom({ data: { error } })).toMatchObject(error);
  for (const other of [{}, { data: undefined }, { data: 'Bad gateway' }, { data: { error: 7 } }])
    expect(refusalFrom(other).code).toBe('away');
});

it('is in our words where we have them for its code, else as the server says it', () => {
  expect(says({ code: 'away', message: 'x' })).toBe(
    'The kitchen’s book cannot be reached. Try again when it can.',
  );
  expect(says({ code: 'setting.empty', message: 'x' })).toBe(
    'There is nothing on the list to judge yet.',
  );
  expect(says({ code: 'moonlight', message: 'The moon is full.' })).toBe('The moon is full.');
});

it('is the first of several things that are wrong', () => {
  const issues = [
    { code: 'setting.empty', message: 'x', path: 'lines' },
    { code: 'moonlight', message: 'The moon is full.', path: 'moon' },
  ] as const;
  expect(says({ code: 'invalid', message: 'x', issues: [...issues] })).toBe(
    'There is nothing on the list to judge yet.',
  );
});
