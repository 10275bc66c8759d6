import type { Finding, Quantity, Value } from '@hollow-moon/core';
import {
  measuredIn,
  quantityIn,
  temperatureFormat,
  type Measurable,
  type Measured,
  type TemperatureFormat,
  type Units,
} from './quantities';
import { listed, readied, withRanges, type MessageId } from './say';

/** How a cook is spoken to: in their units. */
export interface Words extends TemperatureFormat {
  readonly units: Units;
  /** What was found, as a sentence. */
  readonly tell: (of: Finding) => string;
  /** A message with its quantities put in. */
  readonly put: (id: MessageId, values: Readonly<Record<string, Value>>) => string;
  /** A quantity with its unit. */
  readonly quantity: (of: Quantity) => string;
  /** A length, weight or volume, its figure and its unit apart. */
  readonly measured: (of: Measurable) => Measured;
}

const isFinding = (value: object): value is Finding => 'code' in value;

export function wordsIn(units: Units): Words {
  const quantity = (of: Quantity): string => quantityIn(of, units);
  const shown = (value: Value): string | number => {
    if (typeof value !== 'object') return value;
    if (Array.isArray(value)) return listed(value.map((each) => String(shown(each as Value))));
    return isFinding(value) ? tell(value) : quantity(value as Quantity);
  };
  const tell = ({ code, values = {} }: Finding): string => {
    const { format: message, fixed } = readied(code);
    const put = [...fixed, ...Object.entries(values)].map(
      ([name, value]): [name: string, shown: string | number] => [name, shown(value)],
    );
    return withRanges(String(message.format(Object.fromEntries(put))));
  };
  return {
    ...temperatureFormat(units.degrees),
    units,
    tell,
    put: (code, values) => tell({ code, values }),
    quantity,
    measured: (of) => measuredIn(of, units),
  };
}
