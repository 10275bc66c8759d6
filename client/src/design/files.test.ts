/** A text handed to the browser to be kept, and the name it is kept under. */
import { fileName, keepAsFile, openFile } from './files';

it.each([
  ['Bay-leaf set custard tart', 'json', 'Bay-leaf-set-custard-tart.json'],
  ['Crème brûlée, 6 pots!', 'csv', 'Creme-brulee-6-pots.csv'],
  ['  ../etc/passwd ', 'json', 'etc-passwd.json'],
  ['…', 'ics', 'formula.ics'],
  ['x'.repeat(90), 'csv', `${'x'.repeat(60)}.csv`],
])('%j as %s is %j', (title, ending, name) => {
  expect(fileName(title, ending)).toBe(name);
});

it('is kept by the browser under its name, and let go of', () => {
  const texts: Blob[] = [];
  const gone: string[] = [];
  Object.assign(URL, {
    createObjectURL: (blob: Blob) => `blob:${texts.push(blob)}`,
    revokeObjectURL: (address: string) => gone.push(address),
  });
  const clicked: string[] = [];
  jest.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(function (
    this: HTMLAnchorElement,
  ) {
    clicked.push(`${this.download} from ${this.href}`);
  });
  keepAsFile('tart.csv', 'text/csv', 'a,b');
  expect(clicked).toEqual(['tart.csv from blob:1']);
  expect([texts[0]!.type, texts[0]!.size]).toEqual(['text/csv', 3]);
  expect(gone).toEqual(['blob:1']);
});

it('of the server’s is opened beside, and cannot reach back', () => {
  const open = jest.spyOn(globalThis, 'open').mockReturnValue(null);
  openFile('/card.pdf');
  expect(open).toHaveBeenCalledWith('/card.pdf', '_blank', 'noopener');
});
