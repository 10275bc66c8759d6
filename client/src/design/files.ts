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
    .replaceAll(/[^\p{L}\p{N}]+/gu, '-')
    .replaceAll(/^-+|-+$/g, '')
    .slice(0, 60);
  return `${plain || say('design.file-name')}.${ending}`;
};

/** Opens a file of the server's beside what is on the screen. */
export const openFile = (address: string): void => {
  globalThis.open(address, '_blank', 'noopener');
};

/**
 * The text of a file, whatever it was written with: UTF-16 or UTF-8 by its mark, UTF-8 where all of it is, else
 * Windows-1252, which every byte is something in. Source: WHATWG Encoding Standard.
 */
export function textOfBytes(bytes: ArrayBuffer): string {
  const [a, b, c] = new Uint8Array(bytes.slice(0, 3));
  if (a === 0xff && b === 0xfe) return new TextDecoder('utf-16le').decode(bytes);
  if (a === 0xfe && b === 0xff) return new TextDecoder('utf-16be').decode(bytes);
  if (a === 0xef && b === 0xbb && c === 0xbf) return new TextDecoder('utf-8').decode(bytes);
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder('windows-1252').decode(bytes);
  }
}
