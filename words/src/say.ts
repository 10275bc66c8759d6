import type { Finding, Quantity, Value } from '@hollow-moon/core';
import { IntlMessageFormat } from 'intl-messageformat';
import { EN } from './en';
import { quantityIn, temperatureFormat, type Degrees, type TemperatureFormat } from './quantities';

/** The one language there is a catalogue for so far. */
const LOCALE = 'en-GB';

/** The id of a message, named for what it means. */
export type MessageId = keyof typeof EN;

const MESSAGES: Readonly<Record<string, string>> = EN;

/** A message made ready, with the temperatures that stand in it for every cook: `{c71}` is 71 °C, `{k5}` a difference of 5 K. */
interface Ready {
  readonly format: IntlMessageFormat;
  readonly fixed: readonly (readonly [name: string, quantity: Quantity])[];
}

const ready = new Map<string, Ready>();
/** The space between a temperature and its unit, which never part at the end of a line. */
const BEFORE_UNIT = /(?<=[}\d]) (?=°C|°F|\{unit\d*\})/g;
const FIXED = /\{([ck])(\d+)\}/g;

/** Whether there is a message of that id. */
export const isMessage = (id: string): id is MessageId => Object.hasOwn(MESSAGES, id);

/** Throws where there is none: an id that does not exist must not pass. */
function readied(id: string): Ready {
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
      kind === 'c' ? { celsius: Number(figure) } : { kelvin: Number(figure) },
    ]),
  };
  ready.set(id, made);
  return made;
}

/** A range says its unit once: "65 to 71 °C". */
const withRanges = (text: string): string =>
  text.replace(/(\d)\u00a0(°[CF]|%|mm|g) to (?=[\d.]+\u00a0\2)/g, '$1 to ');

/** A message with its figures and names put in. What is a quantity has to be told by {@link wordsIn}, in the cook's units. */
export const say = (id: MessageId, values?: Readonly<Record<string, string | number>>): string =>
  withRanges(String(readied(id).format.format(values)));

/** Several names or things as a list: "a, b and c". */
export const listed = (items: readonly string[]): string =>
  new Intl.ListFormat(LOCALE, { type: 'conjunction' }).format(items);

/** Several things in their order: "a, then b, then c". */
export const inOrder = (items: readonly string[]): string =>
  items.reduce((before, next) => (before === '' ? next : say('list.then', { before, next })), '');

/** How a cook is spoken to: in their degrees. */
export interface Words extends TemperatureFormat {
  /** What was found, as a sentence. */
  readonly tell: (of: Finding) => string;
  /** A quantity with its unit. */
  readonly quantity: (of: Quantity) => string;
}

const isFinding = (value: object): value is Finding => 'code' in value;

export function wordsIn(degrees: Degrees): Words {
  const format = temperatureFormat(degrees);
  const shown = (value: Value): string | number => {
    if (typeof value !== 'object') return value;
    if (Array.isArray(value)) return listed(value.map((each) => String(shown(each as Value))));
    return isFinding(value) ? tell(value) : quantityIn(value as Quantity, format);
  };
  const tell = ({ code, values = {} }: Finding): string => {
    const { format: message, fixed } = readied(code);
    const put = [...fixed, ...Object.entries(values)].map(
      ([name, value]): [name: string, shown: string | number] => [name, shown(value)],
    );
    return withRanges(String(message.format(Object.fromEntries(put))));
  };
  return { ...format, tell, quantity: (of) => quantityIn(of, format) };
}
