import { Controller, type Control, type FieldPath, type FieldValues } from 'react-hook-form';
import { View } from 'react-native';
import { Button, Choice, Notice, NumberField, Picker, TextField } from '../design';

/** A field of a form: where it stands in it, and what it is called. */
interface Field<T extends FieldValues> {
  readonly control: Control<T>;
  readonly name: FieldPath<T>;
  readonly label: string;
  readonly testID?: string;
}

interface Options {
  readonly options: readonly { readonly value: string; readonly label: string }[];
  /** Told after the form itself. */
  readonly onChosen?: (value: string) => void;
}

/** A line of text of a form; `as` puts what is typed into its usual shape. */
export const FormText = <T extends FieldValues>({
  control,
  name,
  label,
  testID,
  as = (text) => text,
}: Field<T> & { readonly as?: (text: string) => string }) => (
  <Controller
    control={control}
    name={name}
    render={({ field, fieldState }) => (
      <TextField
        label={label}
        value={field.value}
        onChange={(text) => field.onChange(as(text))}
        problem={fieldState.error?.message}
        {...(testID ? { testID } : {})}
      />
    )}
  />
);

/** A number of a form, shown in a unit `scale` times the stored one. */
export const FormNumber = <T extends FieldValues>({
  control,
  name,
  label,
  unit,
  scale = 1,
  testID = name,
}: Field<T> & { readonly unit?: string; readonly scale?: number }) => (
  <Controller
    control={control}
    name={name}
    render={({ field, fieldState }) => (
      <NumberField
        label={label}
        {...(unit ? { unit } : {})}
        value={field.value / scale}
        onChange={(value) => field.onChange(Number((value * scale).toFixed(6)))}
        problem={fieldState.error?.message}
        className="w-32"
        testID={testID}
      />
    )}
  />
);

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

/** How a form of one thing ends: why it was refused, and keeping it or not. */
export const FormEnding = ({
  refused,
  busy,
  onKeep,
  onClose,
  testID,
}: {
  readonly refused: string | undefined;
  readonly busy: boolean;
  readonly onKeep: () => void;
  readonly onClose: () => void;
  readonly testID: string;
}) => (
  <>
    {refused ? <Notice kind="danger">{refused}</Notice> : null}
    <View className="flex-row gap-2">
      <Button label="Keep" weight="main" onPress={onKeep} disabled={busy} testID={testID} />
      <Button label="Leave it" onPress={onClose} />
    </View>
  </>
);
