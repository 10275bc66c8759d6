import {
  celsiusSpanToFahrenheit,
  celsiusToFahrenheit,
  fahrenheitToCelsius,
} from '@hollow-moon/core';
import { NumberField, type NumberFieldProps } from './NumberField';
import { useWords } from './useWords';

/** Rounds what conversions leave over, so that a figure comes back as it was typed. */
const rounded = (value: number, digits: number): number => Number(value.toFixed(digits));

/** What is typed, by the degrees of the cook: how it is shown, and what is kept of it. */
const AT = {
  shown: celsiusToFahrenheit,
  kept: fahrenheitToCelsius,
};
const APART = {
  shown: celsiusSpanToFahrenheit,
  kept: (fahrenheit: number) => fahrenheit / celsiusSpanToFahrenheit(1),
};

/**
 * A temperature, or a `difference` of two, typed in the degrees of the cook. Given and told in °C (a
 * difference in K), whatever is typed; NaN while it is no number.
 */
export function DegreesField({
  value,
  onChange,
  difference = false,
  ...field
}: Omit<NumberFieldProps, 'unit'> & { readonly difference?: boolean }) {
  const { unit } = useWords();
  const { shown, kept } = difference ? APART : AT;
  if (unit === '°C')
    return (
      <NumberField
        {...field}
        difference={difference}
        unit={unit}
        value={value}
        onChange={onChange}
      />
    );
  return (
    <NumberField
      {...field}
      difference={difference}
      unit={unit}
      value={rounded(shown(value), 3)}
      onChange={(typed) => onChange(rounded(kept(typed), 6))}
    />
  );
}
