import { say, wordsIn } from '@hollow-moon/words';
import { inUnit, OTHER_UNIT, parseEntry } from '@hollow-moon/core';
import { memo, useId, useState } from 'react';
import { Pressable, Text, TextInput, View } from 'react-native';
import { FieldProblem } from './Notice';
import { Soft } from './Text';

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
}

/** What is wrong with a number as it is typed holds no temperature, so that it is said alike to every cook. */
const { tell } = wordsIn('C');

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

/**
 * A number as the cook types it: decimal point or comma, a fraction, or in another unit of its kind ("9 in", "6 oz",
 * "350F", "gas 3"). What was typed stays as typed until the
 * value changes from elsewhere (undo, scaling); a text that is no number is kept and named.
 */
export const NumberField = memo(function NumberField({
  label,
  value,
  onChange,
  unit,
  difference = false,
  onUnit,
  problem,
  hideLabel = false,
  mayBeEmpty = false,
  decimals = 2,
  className = '',
  testID,
  onSubmit,
}: NumberFieldProps) {
  const id = useId();
  const [other, setOther] = useState(false);
  const alternative = unit === undefined ? undefined : OTHER_UNIT[unit];
  const typedIn = other && alternative !== undefined ? alternative : unit;
  const converted = (of: number, from: string | undefined, to: string | undefined) =>
    from === undefined || to === undefined ? of : inUnit(of, from, to, { difference });
  const shownIn = (to: string | undefined) =>
    shown(converted(value, unit, to), to === unit ? decimals : Math.max(decimals, 2));
  const [text, setText] = useState(() => shownIn(typedIn));
  const [told, setTold] = useState(value);
  // Adjusted while rendering, not in an effect: the field never shows a value that is no longer so.
  if (!Object.is(told, value)) {
    setTold(value);
    setText(shownIn(typedIn));
  }
  const parsed = parseEntry(text, typedIn, { difference });
  const waiting = mayBeEmpty && text.trim() === '';
  const unreadable = parsed.ok || waiting ? undefined : tell(parsed.problem);
  const message = unreadable ?? problem;
  const change = (next: string) => {
    setText(next);
    const result = parseEntry(next, typedIn, { difference });
    const number = result.ok ? converted(result.value.value, typedIn, unit) : Number.NaN;
    setTold(number);
    const typed = result.ok && unit === undefined ? result.value.typedUnit : undefined;
    if (typed !== undefined && onUnit) onUnit(typed, number);
    else onChange(number);
  };
  return (
    <View className={`gap-1 ${className}`}>
      {hideLabel ? null : <Soft>{label}</Soft>}
      <View
        className={`min-h-12 flex-row items-center rounded border bg-sheet px-2 ${message ? 'border-scorch' : 'border-ink-soft'}`}
      >
        <TextInput
          testID={testID}
          aria-label={typedIn ? `${label}, ${typedIn}` : label}
          aria-describedby={message ? id : undefined}
          aria-invalid={message !== undefined}
          inputMode="decimal"
          value={text}
          onChangeText={change}
          onSubmitEditing={onSubmit}
          className="min-h-12 w-full min-w-0 flex-1 bg-transparent font-figures text-lead text-ink"
        />
        {alternative === undefined ? (
          unit ? (
            <Soft className="pl-1">{unit}</Soft>
          ) : null
        ) : (
          <Unit
            label={label}
            typedIn={typedIn!}
            next={other ? unit! : alternative}
            onNext={() => {
              setOther(!other);
              setText(shownIn(other ? unit : alternative));
            }}
          />
        )}
      </View>
      {message ? <FieldProblem id={id}>{message}</FieldProblem> : null}
    </View>
  );
});
