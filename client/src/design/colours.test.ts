/** The colours of charts are those of the screens. */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { colours } from './colours';

const css = readFileSync(join(__dirname, '../global.css'), 'utf8');

it.each(Object.entries(colours))('%s is a token of the screens', (_, colour) => {
  const [, token] = /^rgb\(var\((--[a-z-]+)\)\)$/.exec(colour)!;
  expect(css).toContain(`  ${token}: `);
});

it('no two of them are one', () => {
  expect(new Set(Object.values(colours)).size).toBe(Object.keys(colours).length);
});
