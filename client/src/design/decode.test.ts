import { textOfBytes } from './decode';

/** Bytes as a file has them; the world of these tests has ArrayBuffers of its own. */
const bytes = (...values: number[]): ArrayBuffer => Uint8Array.from(values).buffer;

/** A text in an encoding of single bytes: what each byte is decoded to, the other way round. */
function written(text: string, encoding: string): ArrayBuffer {
  const decoder = new TextDecoder(encoding);
  const byteOf = new Map(
    Array.from({ length: 256 }, (_, byte) => [decoder.decode(Uint8Array.of(byte)), byte]),
  );
  return bytes(
    ...[...text].map((sign) => {
      const byte = byteOf.get(sign);
      if (byte === undefined) throw new RangeError(`${encoding} has no ${sign}`);
      return byte;
    }),
  );
}

// Source: WHATWG Encoding Standard; the bytes of "½ é" in each.
it.each([
  ['UTF-8', bytes(0xc2, 0xbd, 0x20, 0xc3, 0xa9)],
  ['UTF-8 with its mark', bytes(0xef, 0xbb, 0xbf, 0xc2, 0xbd, 0x20, 0xc3, 0xa9)],
  ['Windows-1252', bytes(0xbd, 0x20, 0xe9)],
  ['UTF-16, low byte first', bytes(0xff, 0xfe, 0xbd, 0x00, 0x20, 0x00, 0xe9, 0x00)],
  ['UTF-16, high byte first', bytes(0xfe, 0xff, 0x00, 0xbd, 0x00, 0x20, 0x00, 0xe9)],
  ['UTF-16 without its mark, low byte first', bytes(0xbd, 0x00, 0x20, 0x00, 0xe9, 0x00)],
  ['UTF-16 without its mark, high byte first', bytes(0x00, 0xbd, 0x00, 0x20, 0x00, 0xe9)],
])('reads a file in %s', (_, file) => {
  expect(textOfBytes(file)).toBe('½ é');
});

// The four languages that are read here, and three from elsewhere, each as its own machines wrote it.
it.each([
  [
    'windows-1252',
    'Quark tart, serves 8\n500 g double cream\n½ tsp salt\nBake at 150 °C, then leave it be.',
  ],
  [
    'windows-1252',
    'Tarte à la crème\n500 g de crème fraîche\n6 jaunes et 1 zeste râpé\nVerser, cuire à 150 °C.',
  ],
  [
    'windows-1252',
    'Pudim de leite\n500 ml de leite\n200 g de açúcar\n1 limão\nLeve ao forno em banho-maria.',
  ],
  [
    'windows-1252',
    'Flan de la huerta\n500 ml de leche\n3 huevos pequeños\n1 limón\nHornear a baño maría.',
  ],
  [
    'windows-1250',
    'Tvarohový koláč\n500 g tvarohu\n3 vejce\n1 lžička vanilkového cukru\nkůra z jednoho citronu\nTroubu předehřejte na 160 °C a pečte čtyřicet minut.',
  ],
  [
    'windows-1251',
    'Заварной крем\n500 г сливок\n6 желтков\n120 г сахара\nВзбейте желтки с сахаром и выпекайте при 140 градусах сорок минут.',
  ],
  [
    'windows-1254',
    'Muhallebi\n500 g süt\n120 g şeker\n40 g pirinç unu\nSütü ocakta karıştırarak pişirin, soğutun ve buzdolabında bekletin. Üzerine tarçın serpin.',
  ],
])('reads a recipe in %s: %s', (encoding, text) => {
  expect(textOfBytes(written(text, encoding))).toBe(text);
});

// Basque has many signs of a text from Central Europe: by trial the package takes it for one, by a hair.
it('is no other encoding where that is only just the likelier', () => {
  const text =
    'Gazta tarta etxekoa\n500 g gazta\n3 arrautza\n200 g azukre\nLabean 160 °C-tan berrogeita hamar minutuz erre eta hozten utzi zerbitzatu aurretik, piñoi.';
  expect(textOfBytes(written(text, 'windows-1252'))).toBe(text);
});
