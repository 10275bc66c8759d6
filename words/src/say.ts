import type { Quantity } from '@hollow-moon/core';
import { IntlMessageFormat } from 'intl-messageformat';
import { EN } from './en';

/** The one language there is a catalogue for so far. */
const LOCALE = 'en-GB';

/** The id of a message, named for what it means. */
export type MessageId = keyof typeof EN;

const MESSAGES: Readonly<Record<string, string>> = EN;

/**
 * A message made ready, with the quantities that stand in it for every cook: `{c71}` is 71 °C, `{k5}` a difference of 5 K,
 * `{mm5}` a depth of 5 mm, `{wide80}` a width of 80 mm and `{g100}` 100 g.
 */
export interface Ready {
  readonly format: IntlMessageFormat;
  readonly fixed: readonly (readonly [name: string, quantity: Quantity])[];
}

const ready = new Map<string, Ready>();
/** The space between a temperature and its unit, which never part at the end of a line. */
const BEFORE_UNIT = /(?<=[}\d]) (?=°C|°F|\{unit\d*\})/g;
const FIXED = /\{(c|k|mm|wide|g)(\d+)\}/g;
const FIXED_QUANTITY: Readonly<Record<string, (figure: number) => Quantity>> = {
  c: (celsius) => ({ celsius }),
  k: (kelvin) => ({ kelvin }),
  mm: (millimetres) => ({ millimetres }),
  wide: (widthMm) => ({ widthMm }),
  g: (grams) => ({ grams }),
};

/** Whether there is a message of that id. */
export const isMessage = (id: string): id is MessageId => Object.hasOwn(MESSAGES, id);

/** Throws where there is none: an id that does not exist must not pass. */
export function readied(id: string): Ready {
  const known = ready.get(id);
  if (known) return known;
  const message = MESSAGES[id];
  if (message === undefined) throw new RangeError(`There is no message '${id}'.`);
  const made: Ready = {
    format: new IntlMessageFormat(message.replace(BEFORE_UNIT, '\u00a0'), LOCALE, undefined, {
      ignoreTag: true,
    }),
    fixed: [...message.matchAll(FIXED)].map(([, kind, figure]) => [
      `${kind}${figure}`,
      FIXED_QUANTITY[kind!]!(Number(figure)),
    ]),
  };
  ready.set(id, made);
  return made;
}

/** Two figures of one unit say it once: "65 to 71 °C", "16 of 27 mm". */
export const withRanges = (text: string): string =>
  text.replace(
    /(\d)\u00a0(°[CF]|%|mm|cm|in|g|oz) (to|of) (?=[\d.\u00a0/]+\u00a0\2(?![a-z]))/g,
    '$1 $3 ',
  );

/** A message with its figures and names put in. What is a quantity has to be told by {@link wordsIn}, in the cook's units. */
export const say = (id: MessageId, values?: Readonly<Record<string, string | number>>): string =>
  withRanges(String(readied(id).format.format(values)));

/** Made once: to make one takes a hundred times as long as to use it. */
const LISTING = new Intl.ListFormat(LOCALE, { type: 'conjunction' });

/** Several names or things as a list: "a, b and c". */
export const listed = (items: readonly string[]): string => LISTING.format(items);

/** Several things in their order: "a, then b, then c". */
export const inOrder = (items: readonly string[]): string =>
  items.reduce((before, next) => (before === '' ? next : say('list.then', { before, next })), '');
