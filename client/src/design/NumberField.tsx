import { METRIC, say, unitFor, wordsIn } from '@hollow-moon/words';
import { inUnit, OTHER_UNIT, parseEntry } from '@hollow-moon/core';
import { memo, useId, useState } from 'react';
import { Pressable, Text, TextInput, View } from 'react-native';
import { Keypad, struck } from './Keypad';
import { FieldProblem } from './Notice';
import { Soft } from './Text';
import { useWords } from './useWords';

export interface NumberFieldProps {
  readonly label: string;
  readonly value: number;
  /** Called with what was typed; NaN while it is no number, so that nothing is computed from it. */
  readonly onChange: (value: number) => void;
  readonly unit?: string;
  /** What is meant is how far two temperatures are apart. */
  readonly difference?: boolean;
  /** Called as well with the unit that was typed along, in a field that has none of its own: "6 oz". */
  readonly onUnit?: (unit: string, value: number) => void;
  /** What else is wrong with the value, from whoever knows. */
  readonly problem?: string | undefined;
  readonly hideLabel?: boolean;
  /** Whether nothing entered is nothing wrong, as in a form that waits to be filled in. */
  readonly mayBeEmpty?: boolean;
  readonly decimals?: number;
  readonly className?: string;
  readonly testID?: string;
  readonly onSubmit?: () => void;
  /** Keys of the application's own under the field, instead of the phone's, and the whole width for them. */
  readonly keypad?: 'plain' | 'fractions' | undefined;
}

/** What is wrong with a number as it is typed holds no temperature, so that it is said alike to every cook. */
const { tell } = wordsIn(METRIC);

/** Rounds what conversions leave over, so that a figure comes back as it was typed. */
const rounded = (value: number): number => Number(value.toFixed(6));

const shown = (value: number, decimals: number): string =>
  Number.isFinite(value) ? String(Number(value.toFixed(decimals))) : '';

/** The unit of a field, which a tap changes for the other habit's: the keys of a phone have no letters. */
function Unit({
  label,
  typedIn,
  next,
  onNext,
}: {
  readonly label: string;
  readonly typedIn: string;
  readonly next: string;
  readonly onNext: () => void;
}) {
  return (
    <Pressable
      role="button"
      aria-label={say('design.type-in', { typedIn, label, next })}
      onPress={onNext}
      className="min-h-12 min-w-8 items-end justify-center pl-1"
    >
      <Text className="font-read text-small text-ink-soft underline">{typedIn}</Text>
    </Pressable>
  );
}

/** What is typed in a field, in the cook's unit or, after a tap, the other habit's; and what it comes to in the field's own. */
function useTyped({
  value,
  onChange,
  unit,
  difference = false,
  onUnit,
  mayBeEmpty = false,
  decimals = 2,
}: Omit<NumberFieldProps, 'label'>) {
  const { units } = useWords();
  const [other, setOther] = useState(false);
  const habit = unit === undefined ? undefined : unitFor(unit, units);
  const alternative = unit === undefined ? undefined : habit === unit ? OTHER_UNIT[unit] : unit;
  const typedIn = other && alternative !== undefined ? alternative : habit;
  const converted = (of: number, from: string | undefined, to: string | undefined) =>
    from === undefined || to === undefined ? of : inUnit(of, from, to, { difference });
  const shownNow = () =>
    shown(converted(value, unit, typedIn), typedIn === unit ? decimals : Math.max(decimals, 2));
  const [text, setText] = useState(shownNow);
  const [told, setTold] = useState({ value, typedIn });
  // Adjusted while rendering, not in an effect: the field never shows a value, or a unit, that is no longer so.
  if (!Object.is(told.value, value) || told.typedIn !== typedIn) {
    setTold({ value, typedIn });
    setText(shownNow());
  }
  const parsed = parseEntry(text, typedIn, { difference });
  const waiting = mayBeEmpty && text.trim() === '';
  const change = (next: string) => {
    setText(next);
    const result = parseEntry(next, typedIn, { difference });
    const number = !result.ok
      ? Number.NaN
      : typedIn === unit
        ? result.value.value
        : rounded(converted(result.value.value, typedIn, unit));
    setTold({ value: number, typedIn });
    const typed = result.ok && unit === undefined ? result.value.typedUnit : undefined;
    if (typed !== undefined && onUnit) onUnit(typed, number);
    else onChange(number);
  };
  return {
    text,
    change,
    unreadable: parsed.ok || waiting ? undefined : tell(parsed.problem),
    typedIn,
    /** The unit that a tap goes on to. */
    next: alternative === undefined ? undefined : other ? habit : alternative,
    goOn: () => setOther(!other),
  };
}

/**
 * A number as the cook types it: decimal point or comma, a fraction, or in another unit of its kind ("9 in", "6 oz",
 * "350F", "gas 3"). `value` is given and told in `unit`, and typed in the cook's own. What was typed stays as typed until
 * the value changes from elsewhere (undo, scaling); a text that is no number is kept and named.
 */
export const NumberField = memo(function NumberField({
  label,
  problem,
  hideLabel = false,
  className = '',
  testID,
  onSubmit,
  keypad,
  ...field
}: NumberFieldProps) {
  const id = useId();
  const { text, change, unreadable, typedIn, next, goOn } = useTyped(field);
  const message = unreadable ?? problem;
  return (
    <View className={`gap-1 ${className}`}>
      {hideLabel ? null : <Soft>{label}</Soft>}
      <View
        className={`field-box min-h-12 flex-row items-center rounded border bg-sheet px-2 ${message ? 'border-scorch' : 'border-ink-soft'}`}
      >
        <TextInput
          testID={testID}
          aria-label={typedIn ? `${label}, ${typedIn}` : label}
          aria-describedby={message ? id : undefined}
          aria-invalid={message !== undefined}
          inputMode={keypad ? 'none' : 'decimal'}
          value={text}
          onChangeText={change}
          onSubmitEditing={onSubmit}
          className="min-h-12 w-full min-w-0 flex-1 bg-transparent font-figures text-lead text-ink"
        />
        {typedIn === undefined ? null : next === undefined ? (
          <Soft className="pl-1">{typedIn}</Soft>
        ) : (
          <Unit label={label} typedIn={typedIn} next={next} onNext={goOn} />
        )}
      </View>
      {message ? <FieldProblem id={id}>{message}</FieldProblem> : null}
      {keypad ? (
        <Keypad
          fractions={keypad === 'fractions'}
          onKey={(key) => change(struck(text, key))}
          {...(testID ? { testID: `keys-${testID}` } : {})}
        />
      ) : null}
    </View>
  );
});
