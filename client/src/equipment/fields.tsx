import { say } from '@hollow-moon/words';
import { Controller, type Control, type FieldPath, type FieldValues } from 'react-hook-form';
import { View } from 'react-native';
import { findingIn } from '@hollow-moon/contract';
import { Button, Choice, NumberField, Picker, TextField, useWords } from '../design';

/** A field of a form: where it stands in it, and what it is called. */
interface Field<T extends FieldValues> {
  // What the form is made into when it is kept is no concern of a field.
  // eslint-disable-next-line @typescript-eslint/no-explicit-any
  readonly control: Control<T, unknown, any>;
  readonly name: FieldPath<T>;
  readonly label: string;
  readonly testID?: string;
}

interface Options {
  readonly options: readonly { readonly value: string; readonly label: string }[];
  /** Told after the form itself. */
  readonly onChosen?: (value: string) => void;
}

/** What a schema found wrong with a field, in words. */
export function useProblemOf(): (message: string | undefined) => string | undefined {
  const { tell } = useWords();
  return (message) => (message === undefined ? undefined : tell(findingIn(message)));
}

/** A line of text of a form; `as` puts what is typed into its usual shape. */
export const FormText = <T extends FieldValues>({
  control,
  name,
  label,
  testID,
  as = (text) => text,
}: Field<T> & { readonly as?: (text: string) => string }) => {
  const problemOf = useProblemOf();
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState }) => (
        <TextField
          label={label}
          value={field.value}
          onChange={(text) => field.onChange(as(text))}
          problem={problemOf(fieldState.error?.message)}
          {...(testID ? { testID } : {})}
        />
      )}
    />
  );
};

/** A number of a form, shown in a unit `scale` times the stored one. */
export const FormNumber = <T extends FieldValues>({
  control,
  name,
  label,
  unit,
  scale = 1,
  difference = false,
  mayBeEmpty = false,
  testID = name,
}: Field<T> & {
  readonly unit?: string;
  readonly scale?: number;
  /** It is how far two temperatures are apart. */
  readonly difference?: boolean;
  /** Nothing entered is nothing known: null. */
  readonly mayBeEmpty?: boolean;
}) => {
  const problemOf = useProblemOf();
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState }) => (
        <NumberField
          label={label}
          {...(unit ? { unit } : {})}
          difference={difference}
          mayBeEmpty={mayBeEmpty}
          value={field.value === null ? NaN : field.value / scale}
          onChange={(value) =>
            field.onChange(
              mayBeEmpty && Number.isNaN(value) ? null : Number((value * scale).toFixed(6)),
            )
          }
          problem={problemOf(fieldState.error?.message)}
          className="w-32"
          testID={testID}
        />
      )}
    />
  );
};

/** One of a list. */
export const FormPicker = <T extends FieldValues>({
  control,
  name,
  label,
  testID,
  options,
  onChosen,
}: Field<T> & Options) => (
  <Controller
    control={control}
    name={name}
    render={({ field }) => (
      <Picker
        label={label}
        value={field.value}
        onChange={(value) => {
          field.onChange(value);
          onChosen?.(value);
        }}
        options={options}
        {...(testID ? { testID } : {})}
      />
    )}
  />
);

/** One of a few, side by side. */
export const FormChoice = <T extends FieldValues>({
  control,
  name,
  label,
  options,
}: Field<T> & Options) => (
  <Controller
    control={control}
    name={name}
    render={({ field }) => (
      <Choice label={label} value={field.value} onChange={field.onChange} options={options} />
    )}
  />
);

/** Shows what was put away, or hides it again; nothing where nothing is. */
export const ShowAway = ({
  away,
  shown,
  onShow,
}: {
  readonly away: number;
  readonly shown: boolean;
  readonly onShow: (shown: boolean) => void;
}) =>
  away === 0 ? null : (
    <View className="self-start">
      <Button
        label={
          shown ? say('kitchen.hide-what-is-put-away') : say('kitchen.show-put-away', { away })
        }
        weight="quiet"
        pressed={shown}
        onPress={() => onShow(!shown)}
      />
    </View>
  );

/** How a form of one thing ends: keeping it or not, putting it away or bringing it back. */
export const FormEnding = ({
  onKeep,
  onClose,
  away,
  onAway,
  testID,
}: {
  readonly onKeep: () => void;
  readonly onClose: () => void;
  /** Whether it is put away; `undefined` for what is not in the book yet. */
  readonly away: boolean | undefined;
  readonly onAway: (away: boolean) => void;
  readonly testID: string;
}) => (
  <View className="flex-row flex-wrap gap-2">
    <Button label={say('kitchen.keep')} weight="main" onPress={onKeep} testID={testID} />
    <Button label={say('kitchen.leave-it')} onPress={onClose} />
    {away === undefined ? null : (
      <Button
        label={away ? say('kitchen.bring-it-back') : say('kitchen.put-it-away')}
        weight="quiet"
        onPress={() => onAway(!away)}

        testID={`${testID}-away`}
      />
    )}
  </View>
);
