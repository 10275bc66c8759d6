import { textOfBytes } from './files';

/** Bytes as a file has them; the world of these tests has ArrayBuffers of its own. */
const bytes = (...values: number[]): ArrayBuffer => Uint8Array.from(values).buffer;

// Source: WHATWG Encoding Standard; the bytes of "½ é" in each.
it.each([
  ['UTF-8', bytes(0xc2, 0xbd, 0x20, 0xc3, 0xa9)],
  ['UTF-8 with its mark', bytes(0xef, 0xbb, 0xbf, 0xc2, 0xbd, 0x20, 0xc3, 0xa9)],
  ['Windows-1252', bytes(0xbd, 0x20, 0xe9)],
  ['UTF-16, low byte first', bytes(0xff, 0xfe, 0xbd, 0x00, 0x20, 0x00, 0xe9, 0x00)],
  ['UTF-16, high byte first', bytes(0xfe, 0xff, 0x00, 0xbd, 0x00, 0x20, 0x00, 0xe9)],
])('reads a file in %s', (_, file) => {
  expect(textOfBytes(file)).toBe('½ é');
});
