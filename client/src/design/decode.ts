import { analyse } from 'chardet';

/** UTF-16 by its mark, or by every second byte being nought where it has none, as Latin letters have it. */
function utf16Of(bytes: Uint8Array): 'utf-16le' | 'utf-16be' | undefined {
  const [a, b] = bytes;
  if (a === 0xff && b === 0xfe) return 'utf-16le';
  if (a === 0xfe && b === 0xff) return 'utf-16be';
  const noughtsFrom = (first: 0 | 1) =>
    bytes.filter((byte, at) => at % 2 === first && byte === 0).length / (bytes.length / 2);
  if (noughtsFrom(1) > 0.8) return 'utf-16le';
  return noughtsFrom(0) > 0.8 ? 'utf-16be' : undefined;
}

/** How far ahead of the Western reading, and of how long a text, another encoding is believed: a short text is like many. From trial. */
const BELIEVED = { ahead: 5, bytes: 100 };

/**
 * The encoding of a text of single bytes that is no UTF-8: Windows-1252, in which the languages that are read here are
 * written, unless what stands there is clearly another one.
 */
function singleByteOf(bytes: Uint8Array): string {
  const guesses = analyse(bytes);
  const western = guesses.find(({ name }) => /^(?:ISO-8859-1|windows-1252)$/.test(name));
  const [best] = guesses;
  const sure =
    best !== undefined &&
    bytes.length >= BELIEVED.bytes &&
    best.confidence >= (western?.confidence ?? 0) + BELIEVED.ahead;
  return sure ? best.name : 'windows-1252';
}

/**
 * The text of a file, whatever it was written with: UTF-16, UTF-8 where all of it is, else what the `chardet` package
 * takes it for. Source: WHATWG Encoding Standard for what decodes it.
 */
export function textOfBytes(file: ArrayBuffer): string {
  const bytes = new Uint8Array(file);
  const utf16 = utf16Of(bytes);
  if (utf16) return new TextDecoder(utf16).decode(bytes);
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    const encoding = singleByteOf(bytes);
    try {
      return new TextDecoder(encoding).decode(bytes);
    } catch {
      // A name that the decoder does not have.
      return new TextDecoder('windows-1252').decode(bytes);
    }
  }
}
