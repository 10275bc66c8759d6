import { say } from '@hollow-moon/words';

/** Hands a text to the browser to be kept as a file. */
export function keepAsFile(name: string, type: string, text: string): void {
  const address = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  URL.revokeObjectURL(address);
}

/** A name that every file system takes. */
export const fileName = (title: string, ending: string): string => {
  const plain = title
    .normalize('NFKD')
    // Letters stay letters: "Crème brûlée" is Creme-brulee.
    .replaceAll(/\p{M}+/gu, '')
    .replaceAll(/[^\p{L}\p{N}]+/gu, '-')
    .replaceAll(/^-+|-+$/g, '')
    .slice(0, 60);
  return `${plain || say('design.file-name')}.${ending}`;
};

/** Opens a file of the server's beside what is on the screen. */
export const openFile = (address: string): void => {
  globalThis.open(address, '_blank', 'noopener');
};
